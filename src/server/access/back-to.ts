/** Any address: what is resolved against it and leaves it was none of this shop. */
const HERE = "http://here.invalid";
/** Nobody goes back to a door, or to what is no page. */
const NO_PAGE = /^\/(sign-in|api)(\/|$)/;

/**
 * The page of this shop that an address names, read as a browser reads it (a browser drops tabs, and takes `\` for `/`);
 * for any other address the Board.
 */
export function backTo(address: string | null | undefined): string {
  if (!address?.startsWith("/") || !URL.canParse(address, HERE)) return "/";
  const { origin, pathname, search } = new URL(address, HERE);
  return origin === HERE && !pathname.startsWith("//") && !NO_PAGE.test(pathname) ? `${pathname}${search}` : "/";
}
