import { format } from "../quantity";
import type { Sheet } from "../model";
import { ofKind, type Settled } from "../kinds";
import { markOf } from "./since";
import { setupsOf, type SetupPayload } from "./passes";
import { takenIn, type ReadingPayload, type Taken } from "./taken";

export type Outcome =
  | "mended"
  | "good"
  | "still-out"
  | "worse"
  | "better"
  | "good-alone"
  | "out-alone"
  | "no-baseline"
  | "to-measure"
  | "unjudged";

/** The verdict of the last result comes first, what it was before comes second. */
export const OUTCOME_WORDS: Record<Outcome, string> = {
  mended: "mended",
  good: "good as before",
  "still-out": "still out",
  worse: "was good, is out now",
  better: "closer, still out",
  "good-alone": "good; no baseline to compare with",
  "out-alone": "out; no baseline to compare with",
  "no-baseline": "no baseline to compare with",
  "to-measure": "not measured again",
  unjudged: "no expected value",
};

/** Outcomes in which something is still out. */
export const OUT: readonly Outcome[] = ["still-out", "better", "worse", "out-alone"];

/** Verdicts of a reading or a test, as far as an outcome is made of them. */
type Side = { verdict: "good" | "out" | "none"; closeness?: number };

/**
 * What a repair did to a result: its own verdict first, the comparison second.
 * @param closeness how far it is off, where the two sides can be compared: smaller is better
 */
export function outcomeOf(before: Side | undefined, after: Side | undefined): Outcome {
  if (!after) return "to-measure";
  if (!before) return after.verdict === "none" ? "no-baseline" : after.verdict === "out" ? "out-alone" : "good-alone";
  if (after.verdict === "none") return "unjudged";
  if (after.verdict === "good") return before.verdict === "out" ? "mended" : "good";
  if (before.verdict !== "out") return "worse";
  return (after.closeness ?? 0) < (before.closeness ?? 0) - 0.01 ? "better" : "still-out";
}

/** A point with what it read before and after the work. */
export type ComparedPoint = {
  point: string;
  before?: Taken;
  after?: Taken;
  /** what was changed after it was proved: `before K1 was cleaned` */
  mark?: string;
  outcome: Outcome;
  setup: string[];
};

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

const sideOf = ({ judgement: { verdict, ratio } }: Taken): Side => ({
  verdict: verdict === "none" ? "none" : verdict === "high" || verdict === "low" ? "out" : "good",
  closeness: Math.abs((ratio ?? 1) - 1),
});

/** Points of the chart, then those that this visit measured beyond it. A part is answered by work on it, not by a figure. */
function pointsOf(sheet: Pick<Sheet, "points">, settled: readonly Settled[], visitId: string): Set<string> {
  const points = new Set(sheet.points.map(({ point }) => point));
  for (const { content, entry } of ofKind(settled, "reading")) {
    const { point, phase, designator } = content.payload;
    if (entry.visitId === visitId && phase !== "cold" && designator === undefined) points.add(point);
  }
  return points;
}

/** The baseline and the proof side by side, point by point. A result stays when work comes after it, and says so. */
export function comparePoints(
  sheet: Pick<Sheet, "points">,
  settled: readonly Settled[],
  visitId: string,
): ComparedPoint[] {
  const baseline = takenIn(settled, visitId, "baseline");
  const proof = takenIn(settled, visitId, "prove");
  const charted = new Set(sheet.points.map(({ point }) => point));
  const changedSince = markOf(settled, visitId);
  const setups = new Map(setupsOf(settled, visitId).map(({ id, payload }) => [id, payload]));
  return [...pointsOf(sheet, settled, visitId)]
    .filter((point) => baseline.has(point) || proof.has(point) || charted.has(point))
    .map((point) => {
      const before = baseline.get(point);
      const after = proof.get(point);
      const mark = after ? changedSince(after) : undefined;
      return {
        point,
        ...(before ? { before } : {}),
        ...(after ? { after } : {}),
        ...(mark ? { mark } : {}),
        outcome: outcomeOf(before && sideOf(before), after && sideOf(after)),
        setup: before && after ? setupDifferences(before.payload, after.payload, setups) : [],
      };
    });
}
