import { settle } from "@/core/kinds";
import { sheetRuns } from "@/core/visit";
import { database } from "@/db/client";
import { setsOfModel } from "@/db/sets";
import { isId } from "@/server/ids";
import { route } from "@/server/route";

/** Sets whose runs are looked through, and runs that are given out: the latest. */
const MOST_SETS = 40;
const MOST_RUNS = 12;

/** Runs of a test sheet on other sets of a model, to be held beside one's own. */
export const GET = route("GET /api/models/[id]/runs", async (request, { id }: { id: string }) => {
  const asked = new URL(request.url).searchParams;
  const [sheet, not] = [asked.get("sheet") ?? "", asked.get("not") ?? ""];
  if (!isId(id)) return Response.json([], { status: 404 });
  const files = await setsOfModel(database(), id, MOST_SETS);
  const runs = files
    .filter((file) => file.id !== not)
    .flatMap((file) =>
      sheetRuns(settle(file.entries).settled)
        .filter((run) => run.sheet.key === sheet)
        .map((run) => ({ name: `No. ${file.serial || "unknown"}`, run })),
    )
    .sort((a, b) => (a.run.at < b.run.at ? 1 : -1))
    .slice(0, MOST_RUNS);
  return Response.json(runs);
});
