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

/** Reads a body up to a size; undefined when it is larger. Nothing beyond the limit is kept. */
export async function bodyUpTo(request: Request, limit: number): Promise<Uint8Array | undefined> {
  if (Number(request.headers.get("content-length") ?? 0) > limit) return undefined;
  const reader = request.body?.getReader();
  if (!reader) return new Uint8Array();
  const pieces: Uint8Array[] = [];
  let size = 0;
  for (let read = await reader.read(); !read.done; read = await reader.read()) {
    size += read.value.length;
    if (size > limit) {
      await reader.cancel();
      return undefined;
    }
    pieces.push(read.value);
  }
  return Buffer.concat(pieces);
}
