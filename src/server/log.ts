import { inSource } from "./frames";

/** Errors of the database say which rule was broken; their messages and details repeat what somebody wrote. */
type FromDatabase = { code?: unknown; constraint_name?: unknown; table_name?: unknown; routine?: unknown };

const frames = (error: Error): string[] =>
  (error.stack ?? "")
    .split("\n")
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 10)
    .map((line) => inSource(line.trim()));

/** What may be said of a failure: where it was and of which sort, never what an entry, a list or a letter says. */
function detailOf(error: unknown): object {
  if (!(error instanceof Error)) return { error: typeof error };
  const cause = error.cause instanceof Error ? error.cause : error;
  const { code, constraint_name, table_name, routine } = cause as FromDatabase;
  const [query = ""] = /^Failed query: ([^]*?)(?:\nparams:|$)/.exec(error.message)?.slice(1) ?? [];
  // Programs of our own say what they mean; messages about somebody's text have it in them.
  const plain = query === "" && code === undefined && !(error instanceof SyntaxError) && error.name !== "ZodError";
  return {
    error: cause.name,
    ...(plain ? { message: error.message.slice(0, 500) } : {}),
    ...(query ? { query: query.slice(0, 500) } : {}),
    ...Object.fromEntries(
      Object.entries({ code, constraint: constraint_name, table: table_name, routine }).filter(
        ([, value]) => typeof value === "string",
      ),
    ),
    frames: frames(error),
  };
}

/** Logs an unexpected failure as one JSON line and returns the short reference that the person at the bench sees. */
export function logFailure(where: string, error: unknown): string {
  const reference = crypto.randomUUID().slice(0, 8);
  console.error(JSON.stringify({ level: "error", at: new Date().toISOString(), reference, where, ...detailOf(error) }));
  return reference;
}
