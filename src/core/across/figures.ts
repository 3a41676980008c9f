import { STEPS, type Step } from "../model";
import type { SetClass } from "../plan";
import { LEAST_CASES, type PicturedSet } from "./pictures";

/** What was estimated and what it came to, over visits that are over and had an estimate. */
export type AgainstEstimate = {
  setClass: SetClass;
  visits: number;
  /** minutes, all together */
  estimated: number;
  spent: number;
  /** visits that took longer than they were estimated at */
  over: number;
  /** the same by step, where the estimate said so */
  steps: { step: Step; estimated: number; spent: number; visits: number }[];
};

/** Hours against estimate by kind of set, the kind with the most visits first. */
export function againstEstimate(sets: readonly PicturedSet[]): AgainstEstimate[] {
  const byClass = new Map<SetClass, AgainstEstimate>();
  for (const { setClass, stays } of sets)
    for (const { closedAt, labour, estimated } of stays) {
      if (!closedAt || !estimated || estimated.minutes <= 0) continue;
      const one = byClass.get(setClass) ?? { setClass, visits: 0, estimated: 0, spent: 0, over: 0, steps: [] };
      const spent = Object.values(labour).reduce((sum, minutes) => sum + minutes, 0);
      one.visits += 1;
      one.estimated += estimated.minutes;
      one.spent += spent;
      if (spent > estimated.minutes) one.over += 1;
      for (const [step, minutes] of Object.entries(estimated.steps) as [Step, number][]) {
        let of = one.steps.find((had) => had.step === step);
        if (!of) one.steps.push((of = { step, estimated: 0, spent: 0, visits: 0 }));
        of.visits += 1;
        of.estimated += minutes;
        of.spent += labour[step] ?? 0;
      }
      byClass.set(setClass, one);
    }
  for (const { steps } of byClass.values()) steps.sort((a, b) => STEPS.indexOf(a.step) - STEPS.indexOf(b.step));
  return [...byClass.values()].sort((a, b) => b.visits - a.visits || a.setClass.localeCompare(b.setClass));
}

/** How long sets have been here, weeks; the last has no end. Shop rule. @example here since ten weeks: 6 to 13 */
export const WEEKS_HERE = [0, 2, 6, 13, 26] as const;

/** A set in the shop, with the labour that stands in it. */
export type OpenWork = { job: number; name: string; openedAt: string; minutes: number };
export type AgeOfWork = { from: number; sets: OpenWork[]; minutes: number };

const WEEK_MS = 7 * 86_400_000;

/** The age of the work in the shop: sets by how long they have been here. @param now ISO */
export function ageOfWork(open: readonly OpenWork[], now: string): AgeOfWork[] {
  const weeks = (one: OpenWork) => Math.max(0, (Date.parse(now) - Date.parse(one.openedAt)) / WEEK_MS);
  return WEEKS_HERE.map((from, index) => {
    const to = WEEKS_HERE[index + 1] ?? Infinity;
    const sets = open
      .filter((one) => weeks(one) >= from && weeks(one) < to)
      .sort((a, b) => a.openedAt.localeCompare(b.openedAt));
    return { from, sets, minutes: sets.reduce((sum, { minutes }) => sum + minutes, 0) };
  });
}

/** A share of visits, where they are enough. */
export const overShare = ({ visits, over }: AgainstEstimate): number | undefined =>
  visits >= LEAST_CASES ? over / visits : undefined;
