import { ofKind, type ContentOf, type Settled } from "../kinds";
import type { Phase, Sense, TestVerdict } from "../readings";
import type { Outcome } from "./compare";
import { powerRecords } from "./power-run";

type Test = ContentOf<"test-result">["payload"];
type TakenTest = { id: string; at: string; payload: Test; verdict: TestVerdict };

/** A test of the whole set before and after, under one condition. */
export type TestRow = {
  key: string;
  test: string;
  condition?: string;
  unit?: string;
  limit?: { value: number; text: string; sense: Sense };
  before?: TakenTest;
  after?: TakenTest;
  /** after against before, as a share */
  change?: number;
  outcome: Outcome;
  /** where the set-up differs */
  setup: string[];
};

/** Tests that show what the set does now; those while searching are neither before nor after. */
const BEFORE: readonly Phase[] = ["baseline", "check"];

function outcomeOf(before: TakenTest | undefined, after: TakenTest | undefined): Outcome {
  if (!after) return "to-measure";
  if (!before) return "no-baseline";
  if (after.verdict === "none") return "unjudged";
  if (after.verdict !== "bad") return before.verdict === "bad" ? "mended" : "good";
  if (before.verdict !== "bad") return "worse";
  const better =
    after.payload.sense === "at-most"
      ? after.payload.measured.value < before.payload.measured.value
      : after.payload.measured.value > before.payload.measured.value;
  return better ? "better" : "still-out";
}

function differences(before: TakenTest, after: TakenTest): string[] {
  const [a, b] = [before.payload, after.payload];
  const said = (text: string | undefined) => text?.trim() || "not noted";
  const found: string[] = [];
  if (said(a.setup).toLowerCase() !== said(b.setup).toLowerCase())
    found.push(`set-up “${said(a.setup)}” before, “${said(b.setup)}” now`);
  if ((a.unit ?? "") !== (b.unit ?? "")) found.push(`in ${a.unit ?? "no unit"} before, in ${b.unit ?? "no unit"} now`);
  if (a.nominal && b.nominal && a.nominal.value !== b.nominal.value)
    found.push(`limit ${a.nominal.text} before, ${b.nominal.text} now`);
  return found;
}

const keyOf = ({ test, condition = "" }: Test) => `${test.trim().toLowerCase()} @ ${condition.trim().toLowerCase()}`;

/**
 * Tests of the whole set, before and after, one row for each test and condition. Before is the first of the baseline
 * (or of the search, where the baseline has none); after is the last that was taken to prove, unless work came later.
 * @param worked when the last work on a part was done: an older proof proves nothing
 */
export function testRows(settled: readonly Settled[], visitId: string, worked?: string): TestRow[] {
  const tests = ofKind(settled, "test-result")
    .filter(({ entry, content }) => entry.visitId === visitId && content.payload.designator === undefined)
    .map(({ entry, at, judged, content: { payload } }): TakenTest => ({
      id: entry.id,
      at,
      payload,
      verdict: judged.verdict,
    }));
  const keys = [...new Set(tests.map(({ payload }) => keyOf(payload)))];
  return keys.map((key): TestRow => {
    const mine = tests.filter(({ payload }) => keyOf(payload) === key);
    const before =
      mine.find(({ payload }) => payload.phase === "baseline") ??
      mine.find(({ payload }) => BEFORE.includes(payload.phase));
    const after = mine.findLast(
      ({ payload, at }) => payload.phase === "prove" && (!worked || Date.parse(at) >= Date.parse(worked)),
    );
    const { payload } = after ?? before ?? (mine[0] as TakenTest);
    const change =
      before && after && before.payload.measured.value !== 0
        ? after.payload.measured.value / before.payload.measured.value - 1
        : undefined;
    return {
      key,
      test: payload.test,
      ...(payload.condition ? { condition: payload.condition } : {}),
      ...(payload.unit ? { unit: payload.unit } : {}),
      ...(payload.nominal
        ? { limit: { value: payload.nominal.value, text: payload.nominal.text, sense: payload.sense } }
        : {}),
      ...(before ? { before } : {}),
      ...(after ? { after } : {}),
      ...(change === undefined ? {} : { change }),
      outcome: outcomeOf(before, after),
      setup: before && after ? differences(before, after) : [],
    };
  });
}

/** A tube's tests of a visit: the first and, where there are more, the last. */
export type TubeRow = { designator: string; before: TubeTaken; after?: TubeTaken; replaced: boolean };
export type TubeTaken = { id: string; at: string; ratio?: number; verdict: TestVerdict; text: string };

export function tubeRows(settled: readonly Settled[], visitId: string): TubeRow[] {
  const tests = ofKind(settled, "tube-test").filter(({ entry }) => entry.visitId === visitId);
  const taken = ({ entry, at, judged }: (typeof tests)[number]): TubeTaken => {
    const { ratio, verdict, reasons } = judged;
    return { id: entry.id, at, ...(ratio === undefined ? {} : { ratio }), verdict, text: reasons.join(" ") };
  };
  return [...new Set(tests.map(({ content }) => content.payload.designator))].flatMap((designator): TubeRow[] => {
    const mine = tests.filter(({ content }) => content.payload.designator === designator);
    const [first] = mine;
    const last = mine.at(-1);
    if (!first || !last) return [];
    const replaced = ofKind(settled, "part-work").some(
      ({ entry, content, at }) =>
        entry.visitId === visitId &&
        content.payload.action === "replaced" &&
        content.payload.designators.includes(designator) &&
        Date.parse(at) >= Date.parse(first.at),
    );
    return [{ designator, before: taken(first), ...(last === first ? {} : { after: taken(last) }), replaced }];
  });
}

/** Line current at full line: at the first power-up of the visit and at its last. */
export type CurrentRow = { before?: number; after?: number; expected?: number; change?: number };

const FULL = 0.97;

export function currentRow(settled: readonly Settled[], visitId: string): CurrentRow | undefined {
  const full = powerRecords(settled, visitId).filter(
    ({ payload }) => payload.fraction >= FULL && payload.amps && payload.lamp === undefined,
  );
  const [first] = full;
  if (!first?.payload.amps) return undefined;
  const amps = ({ payload }: (typeof full)[number]) => payload.endAmps?.value ?? payload.amps?.value ?? 0;
  const last = full.length > 1 ? full.at(-1) : undefined;
  const expected = first.payload.expected.fullAmps;
  const before = amps(first);
  return {
    before,
    ...(last ? { after: amps(last), change: amps(last) / before - 1 } : {}),
    ...(expected ? { expected } : {}),
  };
}
