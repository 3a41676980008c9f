import { database } from "@/db/client";
import { attachmentsOf } from "@/db/attachments";
import { entriesOfSet } from "@/db/entries";
import { isId } from "@/server/ids";

/** The set's entries and their files, for a page that stays open while others write. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return Response.json({ entries: [] }, { status: 404 });
  const [entries, attachments] = await Promise.all([entriesOfSet(database(), id), attachmentsOf(database(), id)]);
  return Response.json({ entries, attachments });
}
