import { format } from "../quantity";
import type { Sheet } from "../model";
import { changesTheSet, type Settled } from "../kinds";
import type { PointRow } from "../readings";
import { setupsOf, type SetupPayload } from "./passes";
import { pointRows, takenIn, type ReadingPayload, type Taken } from "./readings-table";

export type Outcome = "mended" | "good" | "still-out" | "worse" | "better" | "no-baseline" | "to-measure" | "unjudged";

export const OUTCOME_WORDS: Record<Outcome, string> = {
  mended: "mended",
  good: "good as before",
  "still-out": "still out",
  worse: "was good, is out now",
  better: "closer, still out",
  "no-baseline": "no baseline to compare with",
  "to-measure": "not measured again",
  unjudged: "no expected value",
};

export type Comparison = PointRow & { before?: Taken; after?: Taken; outcome: Outcome; setup: string[] };

/** A line this much apart, as a fraction, is another set-up. Shop rule. */
const LINE_APART = 0.02;

const SETUP_WORDS = [
  ["load", "load"],
  ["signal", "signal"],
  ["controls", "controls"],
] as const;

/** Where two written set-ups differ in what is not said with each reading. */
function writtenDifferences(before?: SetupPayload, after?: SetupPayload): string[] {
  if (!before || !after) return [];
  const text = (value?: string) => value?.trim() || "not noted";
  return SETUP_WORDS.filter(([key]) => text(before[key]) !== text(after[key])).map(
    ([key, word]) => `${word} “${text(before[key])}” before, “${text(after[key])}” now`,
  );
}

/** Where the set-up of two readings differs: like is not compared with like, and the screen says so. */
export function setupDifferences(
  before: ReadingPayload,
  after: ReadingPayload,
  setups: ReadonlyMap<string, SetupPayload> = new Map(),
): string[] {
  const found: string[] = [];
  const volts = (value?: number) => (value === undefined ? "not noted" : format(value, "voltage"));
  const [a, b] = [before.lineVolts, after.lineVolts];
  if (a === undefined ? b !== undefined : b === undefined || Math.abs(b / a - 1) > LINE_APART)
    found.push(`line ${volts(a)} before, ${volts(b)} now`);
  if ((before.meter ?? "") !== (after.meter ?? ""))
    found.push(`meter ${before.meter ?? "not noted"} before, ${after.meter ?? "not noted"} now`);
  if (before.quantity === "resistance" && Boolean(before.inCircuit) !== Boolean(after.inCircuit))
    found.push(before.inCircuit ? "in circuit before, lifted now" : "lifted before, in circuit now");
  if ((before.tapVolts ?? after.tapVolts) !== (after.tapVolts ?? before.tapVolts))
    found.push(`tap ${volts(before.tapVolts)} before, ${volts(after.tapVolts)} now`);
  return [...found, ...writtenDifferences(setups.get(before.setup ?? ""), setups.get(after.setup ?? ""))];
}

const isOut = (taken: Taken) => taken.judgement.verdict === "high" || taken.judgement.verdict === "low";
const distance = (taken: Taken) => Math.abs((taken.judgement.ratio ?? 1) - 1);

function outcomeOf(before: Taken | undefined, after: Taken | undefined): Outcome {
  if (!after) return "to-measure";
  if (!before) return "no-baseline";
  if (after.judgement.verdict === "none") return "unjudged";
  if (!isOut(after)) return isOut(before) ? "mended" : "good";
  if (!isOut(before)) return "worse";
  return distance(after) < distance(before) - 0.01 ? "better" : "still-out";
}

/** When the set was changed last in this visit; what was proved before it says nothing of the set as it is now. */
export const lastWorkAt = (settled: readonly Settled[], visitId: string): string | undefined =>
  settled.findLast(({ entry, content }) => entry.visitId === visitId && content !== null && changesTheSet(content))?.at;

/** The baseline and the proof side by side, point by point. A proof older than the last work does not count. */
export function compareVisit(
  sheet: Sheet,
  year: number | null,
  settled: readonly Settled[],
  visitId: string,
): Comparison[] {
  const baseline = takenIn(settled, visitId, "baseline");
  const proof = takenIn(settled, visitId, "prove");
  const worked = lastWorkAt(settled, visitId);
  const setups = new Map(setupsOf(settled, visitId).map(({ id, payload }) => [id, payload]));
  const fresh = (taken?: Taken) =>
    taken && (!worked || Date.parse(taken.at) >= Date.parse(worked)) ? taken : undefined;
  return (
    pointRows(sheet, year, settled, visitId)
      // A part that was measured is answered by work on it, not by measuring it again.
      .filter(({ designator }) => designator === undefined)
      .filter(({ point }) => baseline.has(point) || proof.has(point) || sheet.points.some((p) => p.point === point))
      .map((row) => {
        const before = baseline.get(row.point);
        const after = fresh(proof.get(row.point));
        const setup = before && after ? setupDifferences(before.payload, after.payload, setups) : [];
        return {
          ...row,
          ...(before ? { before } : {}),
          ...(after ? { after } : {}),
          outcome: outcomeOf(before, after),
          setup,
        };
      })
  );
}
