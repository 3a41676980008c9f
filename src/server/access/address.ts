/**
 * Where a request comes from. The application listens on loopback, so whatever comes from elsewhere came through the
 * shop's own proxy: what that wrote last is true, what stands before it may be anybody's.
 */
export const addressOf = (headers: Headers): string =>
  (headers.get("x-forwarded-for") ?? "").split(",").at(-1)?.trim().slice(0, 60) || "this machine";
