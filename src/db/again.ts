/** Codes of PostgreSQL for two that waited for one another: one of them was ended, and may simply try again. */
const CROSSED = new Set(["40001", "40P01"]);
const MOST_TRIES = 4;

const codeOf = (error: unknown): unknown => (((error as Error).cause ?? error) as { code?: unknown }).code;

/** Does a transaction again that was ended because another one was in its way. */
export async function again<T>(work: () => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries += 1) {
    try {
      return await work();
    } catch (error) {
      if (tries === MOST_TRIES || !CROSSED.has(String(codeOf(error)))) throw error;
      await new Promise((resolve) => setTimeout(resolve, 20 * tries + Math.random() * 30));
    }
  }
}
