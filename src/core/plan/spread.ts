import type { Spread } from "./task";

/** The 90 % point of the normal distribution, in deviations. */
const Z90 = 1.2815515655446004;

/** Nobody is surer than this about how long work takes: the 90 % time is at least so much above the median. Shop rule. @example 60 min, so 63 min in nine of ten cases */
export const LEAST_SPREAD = 1.05;

/** How wide a log-normal distribution with this median and 90 % point is: the deviation of its logarithm. */
export const deviationOf = ({ median, p90 }: Spread): number =>
  median <= 0 ? 0 : Math.log(Math.max(LEAST_SPREAD, p90 / median)) / Z90;

/** A time by a log-normal distribution with this median and 90 % point. */
export const drawn = (takes: Spread, normal: number): number =>
  Math.max(0, takes.median) * Math.exp(deviationOf(takes) * normal);

/** The 75 % point of the normal distribution, in deviations. */
const Z75 = 0.6744897501960817;

/** A time that three of four cases stay below. */
export const slowTime = (takes: Spread): number => drawn(takes, Z75);
