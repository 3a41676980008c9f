import type { Arrangement } from "./arrange";
import { finished } from "./cost";
import { lay } from "./lay";
import { normalFrom, randomFrom } from "./random";
import { deviationOf } from "./spread";

/** How sure the end of a set's work is, minutes of the plan. Infinity where it lies beyond what the plan looks ahead. */
export type Sure = {
  visit: string;
  p50: number;
  p90: number;
  /** share of the runs that kept the promise */ kept?: number;
};

const quantile = (sorted: Float64Array, share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.max(0, Math.ceil(share * sorted.length) - 1))] ?? 0;

/** Runs through a plan with times as they may come. Shop rule. @example of 2000 runs the 1800th is the day to promise */
export const RUNS = 2000;

/**
 * When each set will be through: the plan is run with durations as they may come, the order and the people as planned.
 * @param runs how often @param seed the same seed gives the same days
 */
export function sureness({ compiled, order, laid }: Arrangement, runs = RUNS, seed = 7): Sure[] {
  const { problem, jobs } = compiled;
  const random = randomFrom(seed);
  const minutes = new Float64Array(compiled.count);
  const median = Float64Array.from(problem.tasks, ({ takes }) => Math.max(0, takes.median));
  const deviation = Float64Array.from(problem.tasks, ({ takes }) => deviationOf(takes));
  // Whoever has a set goes on with it; at the desk anybody who is free hands it over.
  const people = laid.person.map((one, index) => (problem.tasks[index]?.bench ? one : -1));
  const ends = jobs.map(() => new Float64Array(runs));
  for (let run = 0; run < runs; run += 1) {
    for (let index = 0; index < minutes.length; index += 1)
      minutes[index] = (median[index] ?? 0) * Math.exp((deviation[index] ?? 0) * normalFrom(random));
    const { end } = lay(compiled, order, people, minutes);
    finished(compiled, end).forEach((through, index) => {
      const list = ends[index];
      if (list) list[run] = through;
    });
  }
  return jobs.map(({ visit, due }, index): Sure => {
    const sorted = (ends[index] ?? new Float64Array(0)).sort();
    return {
      visit,
      p50: quantile(sorted, 0.5),
      p90: quantile(sorted, 0.9),
      ...(due === undefined ? {} : { kept: sorted.filter((end) => end <= due).length / Math.max(1, sorted.length) }),
    };
  });
}
