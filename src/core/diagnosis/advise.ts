import { toMakeSure } from "./confirm";
import type { Posterior } from "./infer";
import { onTrial, TELLS_MUCH, toBeMended, TRIAL, WORTH_A_TRIAL, type Shown } from "./mend";
import { canBeMade, culprits, minutesOf, shareOf, type Bench } from "./outlook";
import { standsStill, toHearAgain, unheard } from "./proof";
import { rankTests, TELLS, type Ranked } from "./rank";
import { BEFORE_IT_GOES_HOME, HEARD_ONCE, makesSure, reasonFor } from "./reason";
import { checkId } from "./tests";
import type { Evidence, Fault, System, Test } from "./types";

/** What is known when a next step is chosen. */
export type Known = {
  evidence: readonly Evidence[];
  /** tests that were made since the last repair */
  done: ReadonlySet<string>;
  /** faults that were mended, and those that are confirmed as well */
  mended: ReadonlySet<number>;
  confirmed: ReadonlySet<number>;
  bench: Bench;
  found: Posterior;
  /** how likely it is that a test shows something bad, over all hypotheses */
  badIn: (test: Test) => number;
};

export type Advised = Ranked & { reason: string };

/** What to do next, the best first, and what is to be mended now. */
export type Advice = { why: ReadonlyMap<number, Shown>; next: Advised[]; minutes: number };

/** How often each test was made. */
function timesOf(evidence: readonly Evidence[]): Map<string, number> {
  const times = new Map<string, number>();
  for (const { test } of evidence) times.set(test, (times.get(test) ?? 0) + 1);
  return times;
}

/** Tests that are not asked for once more: what showed a part bad, the last one made, and what was made twice. */
function closedTests(evidence: readonly Evidence[], believed: ReadonlySet<string>): Set<string> {
  const times = timesOf(evidence);
  const last = evidence.at(-1)?.test;
  return new Set([...believed, ...(last ? [last] : []), ...[...times].flatMap(([test, n]) => (n > 1 ? [test] : []))]);
}

/**
 * What is done next. First a part that its check called bad is made sure of, or mended; then comes the test with the
 * shortest way to the culprit. Where none tells anything, all of the set is heard once more, and what matters twice; what
 * is still bad then is looked for with what was measured once.
 */
export function advise(system: System, known: Known): Advice {
  const { evidence, done, mended, bench, found } = known;
  const settled = new Set([...mended, ...known.confirmed]);
  const { why, doubted } = toBeMended(
    system,
    timesOf(evidence.filter(({ outcome }) => outcome === "bad")),
    new Set(evidence.map(({ test }) => test)),
    found,
    mended,
  );
  // What its own check has shown is to be mended, not looked for: the search is for what is left.
  const share = culprits(system, found.fault, new Set([...settled, ...why.keys()]));
  const closed = closedTests(evidence, new Set([...why.keys()].map((at) => checkId(system.faults[at] as Fault))));
  const ranked = rankTests(system, share, bench, done, closed);
  const telling = ranked
    .filter(({ bits }) => bits > TELLS)
    .map((one): Advised => ({ ...one, reason: reasonFor(one.test, system, share) }));
  const minutes = ranked[0]?.toFind ?? 0;
  const [doubt] = why.size === 0 ? doubted : [];
  if (doubt) {
    const sure = sureOf(system, known, doubt, settled, closed);
    if (sure) return { why, minutes, next: [sure, ...telling.filter(({ test }) => test !== sure.test)] };
    if (telling.length === 0) for (const index of doubt.faults) why.set(index, "check");
  }
  if (why.size === 0 && !telling.some(({ bits }) => bits > TELLS_MUCH))
    for (const index of onTrial(system, share, settled, telling.length === 0 ? TRIAL : WORTH_A_TRIAL))
      why.set(index, "trial");
  const stuck = telling.length === 0 && why.size === 0 && evidence.length > 0;
  return { why, minutes, next: stuck ? beforeItGoesHome(system, known, settled, closed) : telling };
}

/** A test that makes sure of a part which its check called bad once; the same check only when another test came between. */
function sureOf(
  system: System,
  { done, bench, found }: Known,
  { check, faults, p }: { check: string; faults: readonly number[]; p: number },
  settled: ReadonlySet<number>,
  closed: ReadonlySet<string>,
): Advised | undefined {
  const possible = system.tests.filter(
    (test) => !closed.has(test.id) && (test.id === check || !done.has(test.id)) && canBeMade(test, bench),
  );
  const own = new Map(faults.map((index) => [index, (found.fault[index] ?? 0) / p]));
  const others = culprits(system, found.fault, new Set([...settled, ...faults]));
  const best = toMakeSure(possible, bench, own, others, p);
  return best && { ...best, toFind: 0, reason: makesSure(p) };
}

/** No test tells who the culprit is: what is to be heard of the whole set, and what is left when it is still bad. */
function beforeItGoesHome(
  system: System,
  { evidence, done, mended, bench, found, badIn }: Known,
  settled: ReadonlySet<number>,
  closed: ReadonlySet<string>,
): Advised[] {
  const listen = (tests: readonly Test[], reason: string) =>
    tests.map((test): Advised => ({ test, minutes: minutesOf(test, bench), toFind: 0, bits: 0, reason }));
  const worth = (test: Test) => badIn(test) / minutesOf(test, bench);
  const first = unheard(system, done, bench)
    .map((test) => ({ test, worth: worth(test) }))
    .sort((a, b) => b.worth - a.worth)
    .map(({ test }) => test);
  if (first.length > 0) return listen(first, BEFORE_IT_GOES_HOME);
  const again = toHearAgain(system, evidence, mended.size, bench);
  if (again.length > 0) return listen(again, HEARD_ONCE);
  if (!standsStill(system, evidence, mended.size)) return [];
  const share = shareOf(system.faults.map((_, index) => (settled.has(index) ? 0 : (found.fault[index] ?? 0))));
  return rankTests(system, share, bench, closed, closed)
    .filter(({ bits }) => bits > TELLS)
    .map((one) => ({ ...one, reason: reasonFor(one.test, system, share) }));
}
