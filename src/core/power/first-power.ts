/** Share of the nameplate's watts that is taken as real power at the line: the trade's rule of thumb. Shop rule. */
export const POWER_FACTOR = 0.9;
/** Above this multiple of the full-line current, power comes off at once. Shop rule. */
export const STOP_AT_FULL_LINE = 1.25;
/** Above this multiple of what a step should draw, power comes off at once. Shop rule. */
export const STOP_AT_STEP = 1.5;

/**
 * The line current to expect at a fraction of the line, and where to stop.
 * @param watts nameplate, W @param lineVolts nominal line, V @param fraction of the line, above 0 to 1
 * @returns amperes
 * @throws RangeError outside these ranges
 */
export function lineCurrent(watts: number, lineVolts: number, fraction = 1): { expected: number; stop: number } {
  if (!(watts > 0) || !(lineVolts > 0) || !(fraction > 0 && fraction <= 1))
    throw new RangeError("watts, volts and a fraction of the line are needed");
  const full = watts / (lineVolts * POWER_FACTOR);
  return { expected: full * fraction, stop: Math.min(full * fraction * STOP_AT_STEP, full * STOP_AT_FULL_LINE) };
}
