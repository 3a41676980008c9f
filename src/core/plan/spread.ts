import type { Spread } from "./task";

/** The 90 % point of the normal distribution, in deviations. */
const Z90 = 1.2815515655446004;

/** Nobody is surer than this about how long work takes: the 90 % time is at least so much above the median. Shop rule. @example 60 min, so 63 min in nine of ten cases */
export const LEAST_SPREAD = 1.05;

/** A time by a log-normal distribution with this median and 90 % point. */
export function drawn({ median, p90 }: Spread, normal: number): number {
  if (median <= 0) return 0;
  const ratio = Math.max(LEAST_SPREAD, p90 / median);
  return median * Math.exp((Math.log(ratio) / Z90) * normal);
}

/** The 75 % point of the normal distribution, in deviations. */
const Z75 = 0.6744897501960817;

/** A time that three of four cases stay below. */
export const slowTime = (takes: Spread): number => drawn(takes, Z75);
