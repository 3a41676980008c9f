import type { Posterior } from "./infer";
import { checkId } from "./tests";
import type { Evidence, System } from "./types";

/**
 * A part that its check has shown bad, and that is this likely to be so, needs no more looking for. Shop rule.
 * @example a tube that tests bad and has 60 of 100 is exchanged
 */
const AS_GOOD_AS_SURE = 0.6;
/**
 * So likely, that it is mended without a check of its own. Shop rule.
 * @example 93 of 100 point at C14: it is exchanged although nobody measured it
 */
const SURE = 0.93;
/**
 * What has less of the suspicion than this is not exchanged on trial. Shop rule.
 * @example with every test made, a part with 12 of 100 is exchanged on trial
 */
export const TRIAL = 0.12;
/**
 * With this much of the suspicion a part is exchanged on trial as soon as no test tells much. Shop rule.
 * @example a part with 30 of 100 is exchanged before twenty more readings that hardly tell anything
 */
export const WORTH_A_TRIAL = 0.3;
/**
 * A test that tells less than this, in bits, does not tell much. Shop rule.
 * @example a reading that is as it should be nine times of ten, whatever is wrong, tells less than 0.1 bit
 */
export const TELLS_MUCH = 0.1;

/** Why a part is to be mended now: its own check showed it, all the rest points at it, or nothing else is left to do. */
export type Shown = "check" | "rest" | "trial";

/** Faults that are made sure of together, by their check. */
function groupsOf(system: System, mended: ReadonlySet<number>): Map<string, number[]> {
  const groups = new Map<string, number[]>();
  system.faults.forEach((fault, index) => {
    if (!mended.has(index)) groups.set(checkId(fault), [...(groups.get(checkId(fault)) ?? []), index]);
  });
  return groups;
}

/** Faults whose own check has shown their part bad, as far as that is believed, and those that all the rest points at. */
export function toBeMended(
  system: System,
  shown: ReadonlySet<string>,
  found: Posterior,
  mended: ReadonlySet<number>,
): Map<number, Shown> {
  const why = new Map<number, Shown>();
  for (const [id, behind] of groupsOf(system, mended)) {
    const together = behind.reduce((sum, index) => sum + (found.fault[index] ?? 0), 0);
    const by = shown.has(id) && together > AS_GOOD_AS_SURE ? "check" : together > SURE ? "rest" : undefined;
    if (by) for (const index of behind) why.set(index, by);
  }
  return why;
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

/** Tests that are not asked for once more: what showed a part bad, the last one made, and what was made twice. */
export function closedTests(evidence: readonly Evidence[], believed: ReadonlySet<string>): Set<string> {
  const times = new Map<string, number>();
  for (const { test } of evidence) times.set(test, (times.get(test) ?? 0) + 1);
  const last = evidence.at(-1)?.test;
  return new Set([...believed, ...(last ? [last] : []), ...[...times].flatMap(([test, n]) => (n > 1 ? [test] : []))]);
}
