/** Logs an unexpected failure as one JSON line and returns the short reference that the person at the bench sees. */
export function logFailure(where: string, error: unknown): string {
  const reference = crypto.randomUUID().slice(0, 8);
  const detail =
    error instanceof Error
      ? { message: error.message, cause: String(error.cause ?? ""), stack: error.stack }
      : { message: String(error) };
  console.error(JSON.stringify({ level: "error", at: new Date().toISOString(), reference, where, ...detail }));
  return reference;
}
