import { database } from "@/db/client";
import { entriesOfSet } from "@/db/entries";
import { isId } from "@/server/ids";

/** The set's entries, for a page that stays open while others write. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return Response.json({ entries: [] }, { status: 404 });
  return Response.json({ entries: await entriesOfSet(database(), id) });
}
