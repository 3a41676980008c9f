import { inArray } from "drizzle-orm";
import { settle } from "@/core/kinds";
import { foundIn, type FoundOnce } from "@/core/visit";
import type { Tx } from "./client";
import { logEntry } from "./schema";
import { setFiles } from "./sets";

/** Every fault that the shop has found, mended and shown gone. */
export async function foundFaults(db: Tx): Promise<FoundOnce[]> {
  const sets = await db
    .selectDistinct({ id: logEntry.setId })
    .from(logEntry)
    .where(inArray(logEntry.kind, ["finding"]));
  const files = await setFiles(
    db,
    sets.map(({ id }) => id),
  );
  return files.flatMap(({ model, visits, entries }) => foundIn({ model, visits, settled: settle(entries).settled }));
}
