import { asc, sql } from "drizzle-orm";
import type { FoundOnce } from "@/core/visit";
import { fromAllSets } from "./from-all-sets";
import { setSummary } from "./summary-schema";

/** Every fault that the shop has found, mended and shown gone. */
export const foundFaults = fromAllSets(async (db): Promise<FoundOnce[]> => {
  const rows = await db
    .select({ findings: setSummary.findings })
    .from(setSummary)
    .where(sql`jsonb_array_length(${setSummary.findings}) > 0`)
    .orderBy(asc(setSummary.setId));
  return rows.flatMap(({ findings }) => findings);
});
