import { findIn } from "@/core/orders";
import { database } from "@/db/client";
import { offers } from "@/db/offers";
import { route } from "@/server/route";

const LONGEST = 80;
/** So many are shown of those that are found. */
const MOST_FOUND = 12;

/** What the suppliers' last price lists have of something that somebody looks for. */
export const GET = route("GET /api/offers", async (request) => {
  const text = new URL(request.url).searchParams.get("q") ?? "";
  return Response.json({ offers: findIn(await offers(database()), text.slice(0, LONGEST), MOST_FOUND) });
});
