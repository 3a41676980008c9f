import type { Supply } from "../model";
import { format } from "../quantity";
import { heatersAlone, POWER_FACTOR, STOP_AT_FULL_LINE, STOP_AT_STEP } from "./first-power";
import type { PowerExpectation, Stage } from "./expectation";

/**
 * What no set of a kind draws on its first power, idle and without a signal, W. It stands for the nameplate where the
 * sheet has none. Shop rule.
 */
const UNKNOWN_WATTS: Record<Supply, number> = {
  transformer: 300,
  "live-chassis": 120,
  battery: 5,
  "low-voltage": 60,
  "high-voltage": 1000,
};
/**
 * A low-voltage set up to so many volts runs from dry cells, and draws no more than this, V and W. Shop rule.
 * @example 9 V and no watts: 5 W / 9 V = 0.56 A is the end
 */
const PORTABLE_VOLTS = 10;
const PORTABLE_WATTS = 5;
/** A receiver with a transformer draws less than so many times its heaters. Shop rule: two to three times is usual. */
const TIMES_HEATERS = 4;

/**
 * The end of the current for a set whose watts are not known, A at full supply.
 * @param heaterWatts all heaters, W; 0 where they are not known
 */
export function unknownAmps(supply: Supply, fullVolts: number, heaterWatts: number): number {
  const kind = UNKNOWN_WATTS[supply];
  const portable = supply === "low-voltage" && fullVolts <= PORTABLE_VOLTS;
  const most = portable ? PORTABLE_WATTS : kind;
  const watts = supply === "transformer" && heaterWatts > 0 ? Math.min(most, TIMES_HEATERS * heaterWatts) : most;
  return watts / fullVolts;
}

/** The end of the current where no watts are known: what was kept with the step, else that of the largest set. */
export const assumedAmps = ({ assumedAmps: kept, fullVolts }: PowerExpectation): number =>
  kept ?? UNKNOWN_WATTS["high-voltage"] / fullVolts;

/** With the rectifier out, more than so many times the heaters' current is a stop. Shop rule: the sum is a coarse one. */
const STOP_AT_HEATERS = 2;

export type CurrentLimit = { amps: number; rule: "over-step" | "over-full"; why: string };

/** Every limit of the current at a step, the one that says most first: full line, its share, the heaters alone. */
export function currentLimits(expected: PowerExpectation, stage: Stage, fraction: number): CurrentLimit[] {
  const { fullAmps, fullVolts, heaterWatts } = expected;
  const show = (amps: number) => format(amps, "current", 3);
  if (!fullAmps) {
    const end = assumedAmps(expected);
    const amps = Math.min(end, end * fraction * STOP_AT_STEP);
    return [{ amps, rule: "over-full", why: `the ${show(amps)} that a set of this kind draws at most here` }];
  }
  const limits: CurrentLimit[] = [
    {
      amps: fullAmps * STOP_AT_FULL_LINE,
      rule: "over-full",
      why: `${STOP_AT_FULL_LINE} times the full current of ${show(fullAmps)}`,
    },
    {
      amps: fullAmps * fraction * STOP_AT_STEP,
      rule: "over-step",
      why: `${STOP_AT_STEP} times the ${show(fullAmps * fraction)} that this step should draw`,
    },
  ];
  if (stage !== "rectifier-out" || !heaterWatts) return limits;
  const alone = heatersAlone(heaterWatts, fullAmps * fullVolts * POWER_FACTOR, fullVolts, fraction);
  return [
    ...limits,
    {
      amps: alone * STOP_AT_HEATERS,
      rule: "over-step",
      why: `${STOP_AT_HEATERS} times the ${show(alone)} that the heaters alone should draw`,
    },
  ];
}

/** The current at which a step ends, A: the lowest of its limits. */
export const currentLimit = (expected: PowerExpectation, stage: Stage, fraction: number): number =>
  Math.min(...currentLimits(expected, stage, fraction).map(({ amps }) => amps));
