import { kindOf, ofKind, type Content, type Settled } from "../kinds";

type Wanted = { id: string; visitId: string; at: string } & Content;

const day = (at: string) => at.slice(0, 10);

/**
 * What speaks against an entry by the set's comings and goings: a visit is handed back once, nothing is done to a set
 * that has gone, and a set that is here is not taken in. Corrections are never asked: they change what was said.
 *
 * @param settled the set's take-ins and hand-backs after their amendments; other entries may be among them
 * @returns a sentence, or undefined when nothing speaks against it
 */
export function barredByStays(entry: Wanted, settled: readonly Settled[]): string | undefined {
  const others = settled.filter((item) => item.entry.id !== entry.id);
  const out = ofKind(others, "hand-back");
  const gone = out.find((item) => item.entry.visitId === entry.visitId);
  if (gone && entry.kind === "hand-back")
    return `This visit was handed back on ${day(gone.at)}: correct that entry instead of writing a second one.`;
  if (gone && kindOf(entry).afterHandBack === "refused" && Date.parse(entry.at) > Date.parse(gone.at))
    return `This visit was handed back on ${day(gone.at)}: take the set in again, or give the day on which this was done.`;
  if (entry.kind !== "take-in") return undefined;
  // Said again in the same visit, the later one counts: that is how a take-in is completed by the line.
  const here = ofKind(others, "take-in").find(
    (item) => item.entry.visitId !== entry.visitId && !out.some((one) => one.entry.visitId === item.entry.visitId),
  );
  return here
    ? `This set is in the shop: it was taken in on ${day(here.at)}. Open that job, or hand it back first.`
    : undefined;
}
