/** A cookie of a request. */
export const cookie = (request: Request, name: string): string | undefined =>
  (request.headers.get("cookie") ?? "")
    .split(/;\s*/)
    .map((pair) => pair.split("="))
    .find(([key]) => key === name)?.[1];

/** Browsers send their origin with a post: one from another site is refused. */
export function foreign(request: Request): boolean {
  const origin = request.headers.get("origin");
  if (origin === null) return false;
  return !URL.canParse(origin) || new URL(origin).host !== request.headers.get("host");
}

export const refuse = (status: number, message: string) =>
  Response.json({ problems: [{ path: "", message }] }, { status });
