import { logFailure } from "./server/log";

/** Every failure of a page or a route becomes one JSON line; the digest is the reference on the error page. */
export function onRequestError(error: unknown, request: { path: string }): void {
  const digest = (error as { digest?: string }).digest;
  logFailure(`${request.path}${digest ? ` (reference ${digest})` : ""}`, error);
}
