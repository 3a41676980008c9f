import { picturesOf } from "@/core/across";
import { fromAllSets } from "./from-all-sets";
import { setsWithStays } from "./summaries";

/**
 * The pictures over all the sets that were ever here.
 * @param months so soon after its hand-back a visit is a comeback @param day YYYY-MM-DD
 */
export const picturesAcross = fromAllSets(async (db, months: number, day: string) =>
  picturesOf(await setsWithStays(db), months, day),
);
