import { database } from "@/db/client";
import { offers } from "@/db/offers";

/** What the suppliers offer, by their last price lists. */
export async function GET(): Promise<Response> {
  return Response.json({ offers: await offers(database()) });
}
