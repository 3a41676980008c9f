import { cache } from "react";
import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { PAGES, type PageName } from "@/core/access";
import { backTo } from "./back-to";
import { demand } from "./demand";
import { isDemo } from "./demo";
import { PATH_HEADER } from "./path-header";
import { standing, type Here, type Standing } from "./standing";

/** Who asks for a page: looked up once for all that makes the page. */
export const visitor = cache(async (): Promise<Standing> => standing(await headers()));

/**
 * Lets somebody on to a page, or leads them to where they sign in. Every page begins with it.
 * @param page as it stands in the table of core/access
 */
export async function enter(page: Exclude<PageName, "/sign-in" | "/owner/[token]">): Promise<Here> {
  const who = await visitor();
  const { here, denied } = demand(who, PAGES[page]);
  if (here && !denied) return here;
  const to = backTo((await headers()).get(PATH_HEADER));
  if (who.kind === "nobody" && (await isDemo())) redirect(`/api/demo?to=${encodeURIComponent(to)}`);
  if (who.kind !== "here") redirect(`/sign-in?to=${encodeURIComponent(to)}`);
  if (who.mustChange || who.lacksCode) redirect("/me");
  redirect(`/refused?page=${encodeURIComponent(page)}`);
}
