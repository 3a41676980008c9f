import { databaseError } from "./error";

/** Codes of PostgreSQL for two that waited for one another: one of them was ended, and may simply try again. */
const CROSSED = new Set(["40001", "40P01"]);
const MOST_TRIES = 4;

/** Does a transaction again that was ended because another one was in its way. */
export async function again<T>(work: () => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries += 1) {
    try {
      return await work();
    } catch (error) {
      if (tries === MOST_TRIES || !CROSSED.has(databaseError(error).code ?? "")) throw error;
      await new Promise((resolve) => setTimeout(resolve, 20 * tries + Math.random() * 30));
    }
  }
}
