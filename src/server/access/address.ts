const LOOPBACK = ["127.0.0.1", "::1", "::ffff:127.0.0.1"];

/**
 * Where a request comes from. The application listens on loopback, so whatever comes from elsewhere came through the
 * shop's own proxy: what that wrote last is true, what stands before it may be anybody's.
 */
export function addressOf(headers: Headers): string {
  const last = (headers.get("x-forwarded-for") ?? "").split(",").at(-1)?.trim().slice(0, 60) ?? "";
  return last === "" || LOOPBACK.includes(last) ? "this machine" : last;
}
