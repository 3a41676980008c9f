import { checkId, consider, type Evidence, type Picture, type Test, type TestNeed } from "../diagnosis";
import { chanceOf, evidenceOf } from "./draw";
import { faultsBehind, MINUTES } from "./bench";
import type { Told } from "./complaint";
import type { PracticeSet } from "./set";
import type { PracticeWorld } from "./world";

/** A step of a way to the fault: what was done, what came of it, what it took, and what it told. */
export type WayStep = {
  what: string;
  said: string;
  minutes: number;
  /** bits towards the culprit; below zero: away from it */
  bits: number;
  /** the chance that the culprit had after it, 0 to 1 */
  chance: number;
};

/** A way that is longer than this is given up. */
const MOST = 30;

const bitsBetween = (before: number, after: number): number =>
  Math.log2(Math.max(1e-9, after) / Math.max(1e-9, before));

/** What the search would say now. */
export function pictureOf(
  set: PracticeSet,
  evidence: readonly Evidence[],
  { done, mended, met }: { done: readonly string[]; mended: readonly string[]; met: readonly TestNeed[] },
): Picture {
  return consider({
    facts: set.facts,
    evidence,
    done: [...done],
    mended: [...mended],
    confirmed: [],
    lacking: [],
    met: [...met],
  });
}

/**
 * The way of whoever follows the first advice each time, and thinks no further. A step at a time: each takes about a tenth
 * of a second, and others want to work meanwhile.
 */
export function* bestWay(set: PracticeSet, world: PracticeWorld, told: readonly Told[]): Generator<WayStep> {
  const evidence = evidenceOf(told);
  const done = new Set(evidence.map(({ test }) => test));
  const mended: string[] = [];
  let opened = false;
  const culprit = checkId(world.fault);
  let chance = chanceOf(set, culprit, evidence);
  const see = (test: Test, at: number): string => {
    const outcome = world.outcome(test);
    evidence.push({ id: `best-${at}`, test: test.id, outcome, ...(mended.length > 0 ? { mended: [...mended] } : {}) });
    done.add(test.id);
    return test.outcomes.find(({ key }) => key === outcome)?.says ?? outcome;
  };
  for (let at = 0; at < MOST; at += 1) {
    const picture = pictureOf(set, evidence, {
      done: [...done],
      mended,
      met: [...(opened ? (["open"] as const) : []), "power"],
    });
    const shown = picture.causes.find((cause) => cause.shown);
    const next = picture.next[0];
    if (shown) {
      const right = shown.check === culprit;
      mended.push(...faultsBehind(set, shown.check));
      yield {
        what: `Put right: ${shown.name}`,
        said: right ? "The fault is gone." : "It is as it was.",
        minutes: MINUTES.exchange,
        bits: right ? bitsBetween(chance, 1) : 0,
        chance: right ? 1 : chance,
      };
      if (right) return;
      evidence.push(...evidenceOf(told).map((one) => ({ ...one, id: `again-${at}-${one.id}`, mended: [...mended] })));
      continue;
    }
    const test = next && set.system.testById.get(next.id);
    if (!next || !test) return;
    const before = chance;
    const said = see(test, at);
    if (test.needs.includes("open")) opened = true;
    chance = chanceOf(set, culprit, evidence);
    yield { what: next.name, said, minutes: next.minutes, bits: bitsBetween(before, chance), chance };
  }
}
