/** What PostgreSQL says of a failure: its five-letter code, and the constraint that was broken. */
export type DatabaseError = { code?: string; constraint?: string };

/** The database's own part of an error, from the driver's or from the one that wraps it. */
export function databaseError(error: unknown): DatabaseError {
  const cause = error instanceof Error && error.cause ? error.cause : error;
  const { code, constraint_name: constraint } = (cause ?? {}) as { code?: unknown; constraint_name?: unknown };
  return {
    ...(typeof code === "string" ? { code } : {}),
    ...(typeof constraint === "string" ? { constraint } : {}),
  };
}

/** Does the database refuse the value itself: a letter that is none, a number without measure, a broken check? */
export const refusesValue = (error: unknown): boolean => /^22|^23514$/.test(databaseError(error).code ?? "");

/** Is there no room where the database writes (SQLSTATE 53100), or does its disk fail (58030)? */
export const isFull = (error: unknown): boolean => /^(53100|58030)$/.test(databaseError(error).code ?? "");

/** Codes of the driver, of Node and of PostgreSQL (SQLSTATE classes 08 and 57P) for a database that does not answer. */
const AWAY =
  /^(CONNECT_TIMEOUT|CONNECTION_(CLOSED|ENDED|DESTROYED)|ECONNREFUSED|ECONNRESET|EPIPE|ENOENT|08...|57P0[1-3])$/;

/** Is the database away: not started, stopping, or cut off? It may well answer a moment later. */
export const isAway = (error: unknown): boolean => AWAY.test(databaseError(error).code ?? "");
