import { parseSetCookieHeader, toCookieOptions } from "better-auth/cookies";
import { cookies } from "next/headers";

/** Gives the cookies that the library made to the browser. */
export async function giveCookies(made: Headers): Promise<void> {
  const given = made.get("set-cookie");
  if (!given) return;
  const jar = await cookies();
  for (const [name, { value, ...attributes }] of parseSetCookieHeader(given))
    if (name) jar.set(name, value, toCookieOptions({ value, ...attributes }));
}
