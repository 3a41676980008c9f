import { ofKind, type ContentOf, type Settled } from "../kinds";
import { unitName } from "../quantity";
import type { Phase, Sense, TestVerdict } from "../readings";
import { outcomeOf, type Outcome } from "./compare";
import { powerRecords } from "./power-run";
import { markOf } from "./since";

type Test = ContentOf<"test-result">["payload"];
type TakenTest = { id: string; at: string; payload: Test; verdict: TestVerdict; reasons: string[] };

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
  /** what was changed after it was made: `before K1 was cleaned` */
  mark?: string;
  /** how far the last result misses its limit, in words */
  against?: string;
  /** where the set-up differs */
  setup: string[];
};

/** Tests that show what the set does now; those while searching are neither before nor after. */
const BEFORE: readonly Phase[] = ["baseline", "check"];

/** How far a result is off its limit, the smaller the better; a limit is a floor or a ceiling. */
const sideOf = ({ verdict, payload }: TakenTest) => ({
  verdict: verdict === "none" ? ("none" as const) : verdict === "bad" ? ("out" as const) : ("good" as const),
  closeness: payload.nominal ? Math.abs(payload.measured.value / payload.nominal.value - 1) : 0,
});

function differences(before: TakenTest, after: TakenTest): string[] {
  const [a, b] = [before.payload, after.payload];
  const said = (text: string | undefined) => text?.trim() || "not noted";
  const found: string[] = [];
  if (said(a.setup).toLowerCase() !== said(b.setup).toLowerCase())
    found.push(`set-up “${said(a.setup)}” before, “${said(b.setup)}” now`);
  if (unitName(a.unit ?? "") !== unitName(b.unit ?? ""))
    found.push(`in ${a.unit ?? "no unit"} before, in ${b.unit ?? "no unit"} now`);
  if (a.nominal && b.nominal && a.nominal.value !== b.nominal.value)
    found.push(`limit ${a.nominal.text} before, ${b.nominal.text} now`);
  return found;
}

const keyOf = ({ test, condition = "" }: Test) => `${test.trim().toLowerCase()} @ ${condition.trim().toLowerCase()}`;

/**
 * Tests of the whole set, before and after, one row for each test and condition. Before is the first of the baseline
 * (or of the search, where the baseline has none); after is the last that was taken to prove. A result stays when work
 * comes after it, and says so.
 */
export function testRows(settled: readonly Settled[], visitId: string): TestRow[] {
  const changedSince = markOf(settled, visitId);
  const tests = ofKind(settled, "test-result")
    .filter(({ entry, content }) => entry.visitId === visitId && content.payload.designator === undefined)
    .map(({ entry, at, judged, content: { payload } }): TakenTest => ({
      id: entry.id,
      at,
      payload,
      verdict: judged.verdict,
      reasons: judged.reasons,
    }));
  const keys = [...new Set(tests.map(({ payload }) => keyOf(payload)))];
  return keys.map((key): TestRow => {
    const mine = tests.filter(({ payload }) => keyOf(payload) === key);
    const before =
      mine.find(({ payload }) => payload.phase === "baseline") ??
      mine.find(({ payload }) => BEFORE.includes(payload.phase));
    const after = mine.findLast(({ payload }) => payload.phase === "prove");
    const mark = after ? changedSince(after) : undefined;
    const { payload } = after ?? before ?? (mine[0] as TakenTest);
    const change =
      before && after && before.payload.measured.value !== 0
        ? after.payload.measured.value / before.payload.measured.value - 1
        : undefined;
    return {
      key,
      test: payload.test,
      ...(payload.condition ? { condition: payload.condition } : {}),
      ...(payload.unit ? { unit: unitName(payload.unit) } : {}),
      ...(payload.nominal
        ? { limit: { value: payload.nominal.value, text: payload.nominal.text, sense: payload.sense } }
        : {}),
      ...(before ? { before } : {}),
      ...(after ? { after } : {}),
      ...(change === undefined ? {} : { change }),
      outcome: outcomeOf(before && sideOf(before), after && sideOf(after)),
      ...(mark ? { mark } : {}),
      ...(after?.verdict === "bad" ? { against: after.reasons.join(" ").replace(/\.$/, "") } : {}),
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
