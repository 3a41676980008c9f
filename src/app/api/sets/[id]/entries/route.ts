import { database } from "@/db/client";
import { attachmentsOf } from "@/db/attachments";
import { entriesOfSet } from "@/db/entries";
import { isId } from "@/server/ids";
import { route } from "@/server/route";

/** The set's entries and their files, for a page that stays open while others write. */
export const GET = route("GET /api/sets/[id]/entries", async (_request, { id }: { id: string }) => {
  if (!isId(id)) return Response.json({ entries: [] }, { status: 404 });
  const [entries, attachments] = await Promise.all([entriesOfSet(database(), id), attachmentsOf(database(), id)]);
  return Response.json({ entries, attachments });
});
