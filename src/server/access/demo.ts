import { database } from "@/db/client";
import { shopIsDemo } from "@/db/shop";

/**
 * Is this the demo, which signs everybody in? Both must say so: how it was started, and its data, which are made up. A
 * real shop's database is never open by a setting alone.
 */
export const isDemo = async (): Promise<boolean> =>
  process.env.JUMELLE_DEMO === "yes" && (await shopIsDemo(database()));
