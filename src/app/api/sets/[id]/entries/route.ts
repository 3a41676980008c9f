import { attachmentsOf } from "@/db/attachments";
import { database } from "@/db/client";
import { entriesSince } from "@/db/entries";
import { isId } from "@/server/ids";
import { logText } from "@/server/logs";
import { route } from "@/server/route";

const HEADERS = { "content-type": "application/json" };

/**
 * The set's entries and their files, for a page that stays open while others write. With `since`, the moment at which the
 * server took the last entry that the page has, those after it alone.
 */
export const GET = route("GET /api/sets/[id]/entries", async (request, { id }: { id: string }) => {
  if (!isId(id)) return Response.json({ entries: [] }, { status: 404 });
  const since = new URL(request.url).searchParams.get("since") ?? "";
  const [entries, attachments] = await Promise.all([
    Number.isNaN(Date.parse(since)) ? logText(id) : entriesSince(database(), id, since).then(JSON.stringify),
    attachmentsOf(database(), id),
  ]);
  return new Response(`{"entries":${entries},"attachments":${JSON.stringify(attachments)}}`, { headers: HEADERS });
});
