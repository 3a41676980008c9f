import { isAway } from "./db/error";
import { callFails } from "./server/call";
import { logFailure } from "./server/log";

/** Every failure of a page or a route becomes one JSON line; the digest is the reference on the error page. */
export function onRequestError(error: unknown, request: { path: string }, context: { routeType: string }): void {
  // Actions of ours answer in sentences, whatever happens: what fails before one runs is a call that no page makes.
  if (context.routeType === "action") return callFails(400);
  if (isAway(error)) callFails(503);
  const digest = (error as { digest?: string }).digest;
  logFailure(`${request.path}${digest ? ` (reference ${digest})` : ""}`, error);
}

/** What runs beside the pages, once the server has started. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs" || !process.env.DATABASE_URL) return;
  const { watchSeals } = await import("./server/seal-watch");
  watchSeals();
  const { watchSummaries } = await import("./server/summary-watch");
  watchSummaries();
}
