import { changesOf } from "@/server/changes";
import { isId } from "@/server/ids";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

export const dynamic = "force-dynamic";

/** Says each time that a set's log has grown, so that a page that is open looks at once. */
export const GET = route("GET /api/sets/[id]/changes", (_request, { id }: { id: string }) =>
  isId(id) ? changesOf(id) : refuse(404, "There is no such set."),
);
