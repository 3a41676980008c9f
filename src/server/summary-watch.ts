import { database } from "@/db/client";
import { refreshSummaries, staleCount } from "@/db/summaries";

/** How often it is looked whether many sets wait, ms. */
const EVERY_MS = 5000;
/** So few are made anew by the page that reads them. */
const FEW = 100;
/** Sets that are folded in one go, so that pages come between. */
const GO = 25;

const global = globalThis as typeof globalThis & { jumelleSummaryWatch?: NodeJS.Timeout };

/** After a restore, or a change of a model that many sets have, their summaries are worked off beside the pages. */
export function watchSummaries(): void {
  let busy = false;
  global.jumelleSummaryWatch ??= setInterval(() => {
    if (busy) return;
    busy = true;
    staleCount(database())
      .then(async (count) => {
        for (let left = count > FEW ? count : 0; left > 0; left -= GO) await refreshSummaries(database(), GO);
      })
      // A database that is away is somebody else's news.
      .catch(() => undefined)
      .finally(() => {
        busy = false;
      });
  }, EVERY_MS).unref();
}
