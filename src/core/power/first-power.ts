import { FILAMENT_LAW } from "../thumb";

/** Share of the nameplate's watts that is taken as real power at the line: the trade's rule of thumb. Shop rule. */
export const POWER_FACTOR = 0.9;
/** Above this multiple of the full-line current, power comes off at once. Shop rule. */
export const STOP_AT_FULL_LINE = 1.25;
/** Above this multiple of what a step should draw, power comes off at once. Shop rule. */
export const STOP_AT_STEP = 1.5;

/**
 * The current to expect at a fraction of the supply, and where to stop.
 * @param watts nameplate, W @param volts full supply, V @param fraction of it, above 0 to 1
 * @param factor power factor: 0.9 on the mains, 1 on direct current
 * @returns amperes
 * @throws RangeError outside these ranges
 */
export function lineCurrent(
  watts: number,
  volts: number,
  fraction = 1,
  factor = POWER_FACTOR,
): { expected: number; stop: number; full: number } {
  if (!(watts > 0) || !(volts > 0) || !(fraction > 0 && fraction <= 1))
    throw new RangeError("watts, volts and a fraction of the line are needed");
  const full = watts / (volts * factor);
  return { expected: full * fraction, stop: stopCurrent(full, fraction), full };
}

/** The current at which a step ends: 1.5 × its share, and never more than 1.25 × full line. Amperes. */
export const stopCurrent = (full: number, fraction: number): number =>
  Math.min(full * fraction * STOP_AT_STEP, full * STOP_AT_FULL_LINE);

/** Losses of a transformer at full line, as a share of the nameplate. Shop rule, for the heaters-only step alone. */
const IRON_SHARE = 0.1;

/**
 * The line current with the heaters alone, the rectifier out. For information: the limit is that of the step.
 * @param heaterWatts all heaters but the rectifier's, W @param watts nameplate, W @param volts full line, V
 * @param fraction of the line, above 0 to 1 @returns amperes
 */
export function heatersAlone(heaterWatts: number, watts: number, volts: number, fraction: number): number {
  const heaters = (heaterWatts / volts) * fraction ** FILAMENT_LAW;
  const iron = ((watts * IRON_SHARE) / volts) * fraction;
  return heaters + iron;
}

/** B+ appears only from about this fraction of the line where a tube rectifies. Trade rule. */
export const BPLUS_FROM = 0.5;
/** How far B+ may lie below its share on the way up, as a fraction. Shop rule. */
const BPLUS_SLACK = 0.25;

/**
 * The band in which B+ is expected on the way up.
 * @param fraction of the line @param full B+ of the chart at full line, V @param ceiling highest voltage inside, V
 * @param warm whether a tube rectifies: then there is none below half line
 */
export function bplusBand(fraction: number, full: number, ceiling: number, warm: boolean): [number, number] {
  const share = warm ? Math.max(0, (fraction - BPLUS_FROM) / (1 - BPLUS_FROM)) : fraction;
  const low = full * (1 - BPLUS_SLACK) * Math.min(share, fraction);
  return [low, Math.max(full, ceiling) * fraction];
}
