import type { Posterior } from "./infer";
import { checkId } from "./tests";
import type { System } from "./types";

/**
 * A part that its check has shown bad, and that is this likely to be so, needs no more looking for. Shop rule.
 * @example a tube that tests bad and has 60 of 100 is exchanged
 */
const AS_GOOD_AS_SURE = 0.6;
/**
 * So likely, that one bad check is enough; below, it is made sure of before the part is changed. Shop rule.
 * @example a tube that tested bad once and has 80 of 100 is tested once more, or its stage is measured
 */
const SURE_BY_ONE = 0.97;
/**
 * So likely, that it is mended without a check of its own. Shop rule.
 * @example 93 of 100 point at C14: it is exchanged although nobody measured it
 */
const SURE = 0.93;
/**
 * The same, where its own check was made and shows nothing: it can say no more. Shop rule.
 * @example 70 of 100 point at a winding that measures well: it is exchanged
 */
const SURE_IN_SPITE = 0.65;
/**
 * What has less of the suspicion than this is not exchanged on trial. Shop rule.
 * @example with every test made, a part with 20 of 100 is exchanged on trial
 */
export const TRIAL = 0.2;
/**
 * With this much of the suspicion a part is exchanged on trial as soon as no test tells much. Shop rule.
 * @example a part with 30 of 100 is exchanged before twenty more readings that hardly tell anything
 */
export const WORTH_A_TRIAL = 0.3;
/**
 * A test that tells less than this, in bits, does not tell much. Shop rule.
 * @example a reading that is as it should be nine times of ten, whatever is wrong, tells less than 0.03 bits
 */
export const TELLS_MUCH = 0.03;

/**
 * Why a part is to be mended now: its own check showed it, all the rest points at it, most does in spite of its own check,
 * or nothing else is left to do.
 */
export type Shown = "check" | "rest" | "in-spite" | "trial";

/** Faults that are made sure of together, by their check. */
function groupsOf(system: System, mended: ReadonlySet<number>): Map<string, number[]> {
  const groups = new Map<string, number[]>();
  system.faults.forEach((fault, index) => {
    if (!mended.has(index)) groups.set(checkId(fault), [...(groups.get(checkId(fault)) ?? []), index]);
  });
  return groups;
}

/** How likely a part has to be bad to be mended, by what its own check has shown, and what it is mended for then. */
function barOf(timesBad: number, checked: boolean): [Shown, number] {
  if (timesBad > 0) return ["check", timesBad > 1 ? AS_GOOD_AS_SURE : SURE_BY_ONE];
  return checked ? ["in-spite", SURE_IN_SPITE] : ["rest", SURE];
}

export type ToMend = {
  /** faults that are to be mended now, and why */
  why: Map<number, Shown>;
  /** parts that their check has shown bad once, and that are not sure enough: the check, its faults, how likely */
  doubted: { check: string; faults: number[]; p: number }[];
};

/**
 * Faults whose own check has shown their part bad, as far as that is believed, and those that all the rest points at.
 * @param shown how many times each check has shown its part bad
 * @param checked tests that were made
 */
export function toBeMended(
  system: System,
  shown: ReadonlyMap<string, number>,
  checked: ReadonlySet<string>,
  found: Posterior,
  mended: ReadonlySet<number>,
): ToMend {
  const why: ToMend["why"] = new Map();
  const doubted: ToMend["doubted"] = [];
  for (const [check, faults] of groupsOf(system, mended)) {
    const p = faults.reduce((sum, index) => sum + (found.fault[index] ?? 0), 0);
    const times = shown.get(check) ?? 0;
    const [by, enough] = barOf(times, checked.has(check));
    if (p > enough) for (const index of faults) why.set(index, by);
    else if (times === 1 && p > AS_GOOD_AS_SURE) doubted.push({ check, faults, p });
  }
  return { why, doubted: doubted.sort((a, b) => b.p - a.p) };
}

/** What most points at, where every test is made and the complaint stands: it is exchanged on trial. */
export function onTrial(system: System, share: Float64Array, mended: ReadonlySet<number>, least: number): number[] {
  let most = least;
  let best: number[] = [];
  for (const behind of groupsOf(system, mended).values()) {
    const together = behind.reduce((sum, index) => sum + (share[index] ?? 0), 0);
    if (together > most) [most, best] = [together, behind];
  }
  return best;
}
