import { database } from "@/db/client";
import { stockItems } from "@/db/stock";
import { isId } from "@/server/ids";
import { route } from "@/server/route";

/** The stock as it stands, for a page that stays open; with a visit, its own reservations told apart. */
export const GET = route("GET /api/stock", async (request) => {
  const visit = new URL(request.url).searchParams.get("visit") ?? "";
  return Response.json({ stock: await stockItems(database(), isId(visit) ? visit : undefined) });
});
