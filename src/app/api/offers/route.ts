import { database } from "@/db/client";
import { offers } from "@/db/offers";
import { route } from "@/server/route";

/** What the suppliers offer, by their last price lists. */
export const GET = route("GET /api/offers", async () => Response.json({ offers: await offers(database()) }));
