import { isHeard } from "./data/heard";
import { canBeMade, type Bench } from "./outlook";
import type { Evidence, System, Test } from "./types";

/** It is heard or seen from outside, without opening the set. */
const fromOutside = (test: Test) => isHeard(test.id) && !test.needs.includes("open");

/**
 * What is still to be heard and seen of the whole set before it may go home: all that somebody could complain of and that
 * nobody has looked at since the last repair.
 * @param done tests that were made since the last repair
 */
export const unheard = (system: System, done: ReadonlySet<string>, bench: Bench): Test[] =>
  system.tests.filter((test) => fromOutside(test) && !done.has(test.id) && canBeMade(test, bench));

/** What was heard and seen of the whole set as it is now, since the last repair. */
function heardNow(system: System, evidence: readonly Evidence[], mended: number): Map<string, string[]> {
  const heard = new Map<string, string[]>();
  for (const { test: id, outcome, mended: before } of evidence) {
    const test = system.testById.get(id);
    if (test && fromOutside(test) && (before?.length ?? 0) >= mended)
      heard.set(id, [...(heard.get(id) ?? []), outcome]);
  }
  return heard;
}

const isGood = (system: System, id: string, outcome: string) => system.testById.get(id)?.outcomes[0]?.key === outcome;

/**
 * What is to be heard a second time, for one hearing in ten errs: what sounds bad, and what was bad and sounds well now.
 * @param mended how many faults were mended so far
 */
export function toHearAgain(system: System, evidence: readonly Evidence[], mended: number, bench: Bench): Test[] {
  const wasBad = new Set(evidence.flatMap(({ test, outcome }) => (isGood(system, test, outcome) ? [] : [test])));
  return [...heardNow(system, evidence, mended)].flatMap(([id, outcomes]) => {
    const test = system.testById.get(id);
    const once = outcomes.length === 1 && wasBad.has(id);
    return test && once && canBeMade(test, bench) ? [test] : [];
  });
}

/** Is something of the whole set still bad, as it was heard last? */
export const standsStill = (system: System, evidence: readonly Evidence[], mended: number): boolean =>
  [...heardNow(system, evidence, mended)].some(([id, outcomes]) => !isGood(system, id, outcomes.at(-1) ?? ""));
