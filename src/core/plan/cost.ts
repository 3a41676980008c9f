import type { Compiled } from "./compile";
import type { Laid } from "./lay";
import { DAY } from "./task";

/** A day after a promise counts as many days in the shop. Shop rule. @example one day late weighs as ten days of another set */
export const LATE = 10;
/** Every time that somebody goes on with another's set counts as so many days in the shop. Shop rule. @example a set stays with whoever has it, unless it is done a day sooner */
export const HANDS = 1;
/** A set that cannot be finished within the time that the plan looks ahead counts as so many days. Shop rule. @example a year */
export const NEVER = 365;

/** When each set is through, minutes of the plan; 0 for a set with nothing left to do. */
export function finished(
  { job, jobs, count }: Pick<Compiled, "job" | "jobs" | "count">,
  end: Float64Array,
): Float64Array {
  const through = new Float64Array(jobs.length);
  for (let index = 0; index < count; index += 1) {
    const mine = job[index] ?? -1;
    if (mine >= 0 && (end[index] ?? 0) > (through[mine] ?? 0)) through[mine] = end[index] ?? 0;
  }
  return through;
}

const inDays = (minute: number): number => (Number.isFinite(minute) ? minute / DAY : NEVER);

/**
 * What a plan costs, in days: of every set the days until it is through, one more for each change of hands, and ten
 * for each day after a promise. Whether a promise is kept is looked at with times that three of four cases stay below: a plan
 * that keeps it only if all goes well does not keep it.
 * @param slow the plan with those times; none where nothing is promised
 */
export function costOf(compiled: Compiled, laid: Laid, slow: Laid | undefined): number {
  let cost = laid.changes * HANDS;
  for (const through of finished(compiled, laid.end)) cost += inDays(through);
  if (!slow) return cost;
  for (const [index, through] of finished(compiled, slow.end).entries()) {
    const due = compiled.jobs[index]?.due;
    if (due !== undefined) cost += LATE * Math.max(0, inDays(through) - due / DAY);
  }
  return cost;
}
