import { picturesOf, type Pictures } from "@/core/across";
import type { Db } from "./client";
import { setsWithStays, stateOfSummaries } from "./summaries";

/** The pictures as they were made last: they change with a summary and with the day. */
let kept: { of: string; pictures: Pictures } | undefined;

/**
 * The pictures over all the sets that were ever here.
 * @param months so soon after its hand-back a visit is a comeback @param now ISO
 */
export async function picturesAcross(db: Db, months: number, now: string): Promise<Pictures> {
  const of = `${await stateOfSummaries(db)} ${months} ${now.slice(0, 10)}`;
  if (kept?.of !== of) kept = { of, pictures: picturesOf(await setsWithStays(db), months, now) };
  return kept.pictures;
}
