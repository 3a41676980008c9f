import { checkId, faultName } from "../diagnosis";
import { format } from "../quantity";
import { stateOf, wasExchanged, type Done } from "./done";
import { dangersIn, evidenceIn } from "./bench";
import type { WayStep } from "./best-way";
import type { Told } from "./complaint";
import { chanceOf, evidenceOf, kindOfFault, type KindOfFault } from "./draw";
import type { PracticeSet } from "./set";
import type { Hidden, PracticeWorld } from "./world";

/** The end of a practice: what it was, and what the way to it was worth. */
export type Review = {
  ended: "found" | "given up";
  /** what it was, in words */
  was: string;
  kind: KindOfFault;
  mine: WayStep[];
  best: WayStep[];
  minutes: { mine: number; best: number };
  /** what was measured or tested again with nothing changed in between */
  twice: string[];
  dangers: { text: string; times: number }[];
  advised: number;
  /** sound parts that were exchanged */
  wrong: string[];
  points: number;
};

/** Points that are lost. Shop rules. @example a probe by hand at 600 V and one sound part: 18 points */
export const COSTS = { danger: 10, twice: 2, advice: 3, wrong: 8 } as const;
/** What is found counts for so much at the least, however long it took. */
const FOUND_AT_LEAST = 20;

/** What was done again with nothing exchanged in between; power that is switched is no measurement. */
export function doneTwice(run: readonly Done[]): string[] {
  let seen = new Set<string>();
  const twice: string[] = [];
  for (const one of run) {
    const { act, what } = one;
    if (wasExchanged(one)) seen = new Set();
    if (act.do !== "volts" && act.do !== "ohms" && act.do !== "test") continue;
    const key = act.do === "test" ? act.test : `${act.do} ${act.point}`;
    if (seen.has(key)) twice.push(what);
    seen.add(key);
  }
  return twice;
}

/** The way that was taken: what each thing told of the culprit. */
export function wayTaken(
  set: PracticeSet,
  world: PracticeWorld,
  told: readonly Told[],
  run: readonly Done[],
): WayStep[] {
  const culprit = checkId(world.fault);
  let before = chanceOf(set, culprit, evidenceOf(told));
  return run.flatMap(({ what, said, minutes, test, cured, act, read }, at): WayStep[] => {
    if (act.do === "advice" || act.do === "give-up") return [];
    const tells = test !== undefined || cured === false;
    const after = cured ? 1 : tells ? chanceOf(set, culprit, evidenceIn(set, told, run.slice(0, at + 1))) : before;
    const bits = Math.log2(Math.max(1e-9, after) / Math.max(1e-9, before));
    before = after;
    const verdict = read?.verdict ? `, ${read.verdict}` : "";
    return [{ what, said: `${said}${verdict}`, minutes, bits, chance: after }];
  });
}

/** What it was: the part, how it failed, and how badly. */
export function wordsOf({ fault }: PracticeWorld, set: PracticeSet, { severity }: Hidden): string {
  const candidate = fault.net === undefined ? undefined : set.hot.get(fault.net);
  const much =
    candidate?.unit === "Ω"
      ? ` (${candidate.way === "high" || candidate.way === "low" ? "" : "leaks through "}${format(Number(severity.toPrecision(2)), "resistance")})`
      : candidate?.unit === "share"
        ? ` (${Math.round(severity * 100)} % of its current)`
        : "";
  return `${faultName(fault)}${much}`;
}

/** The end of a practice. @param best the way of whoever follows the first advice each time */
export function reviewOf(
  {
    set,
    world,
    hidden,
    told,
    run,
  }: { set: PracticeSet; world: PracticeWorld; hidden: Hidden; told: readonly Told[]; run: readonly Done[] },
  best: WayStep[],
): Review {
  const state = stateOf(run);
  const ended = state.ended ?? "given up";
  const twice = doneTwice(run);
  const dangers = dangersIn(run);
  const wrong = run.flatMap(({ cured, what }) => (cured === false ? [what] : []));
  const bestMinutes = best.reduce((sum, { minutes }) => sum + minutes, 0);
  const lost =
    COSTS.danger * dangers.reduce((sum, { times }) => sum + times, 0) +
    COSTS.twice * twice.length +
    COSTS.advice * state.advised +
    COSTS.wrong * wrong.length;
  const pace = state.minutes > 0 ? Math.min(1, bestMinutes / state.minutes) : 1;
  const base = ended === "found" ? FOUND_AT_LEAST + (100 - FOUND_AT_LEAST) * pace : 0;
  return {
    ended,
    was: wordsOf(world, set, hidden),
    kind: kindOfFault(world.fault),
    mine: wayTaken(set, world, told, run),
    best,
    minutes: { mine: state.minutes, best: bestMinutes },
    twice,
    dangers: dangers.map(({ text, times }) => ({ text, times })),
    advised: state.advised,
    wrong,
    points: Math.max(0, Math.round(base - lost)),
  };
}
