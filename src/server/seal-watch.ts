import { database } from "@/db/client";
import { checkNextSet } from "@/db/verify";
import { logFailure } from "./log";

/** A set in so many ms: a few in a minute, so that nobody feels it. */
const EVERY_MS = 15_000;

// The development server loads modules again on every change; one watch is enough.
const global = globalThis as typeof globalThis & { jumelleSealWatch?: NodeJS.Timeout };

/** Checks the seals of one set after the other, as long as the application runs. The Shop page shows what it found. */
export function watchSeals(): void {
  let busy = false;
  global.jumelleSealWatch ??= setInterval(() => {
    if (busy) return;
    busy = true;
    checkNextSet(database())
      // A database that is away is somebody else's news.
      .catch(() => undefined)
      .then((name) => {
        if (name) logFailure("seals", new Error("the seals of a set do not hold: see the Shop page"));
      })
      .finally(() => {
        busy = false;
      });
  }, EVERY_MS).unref();
}
