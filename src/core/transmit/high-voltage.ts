import { electrolyticLeakage } from "../thumb";

/** Ways to rectify a high voltage, and the no-load voltage over the secondary's rms. */
const NO_LOAD = {
  "half-wave": Math.SQRT2,
  "full-wave": Math.SQRT2,
  bridge: Math.SQRT2,
  doubler: 2 * Math.SQRT2,
} as const;
export type HvRectifier = keyof typeof NO_LOAD;

/** What the capacitors stand at without a load: √2·V_rms, twice that doubled. @param rms of the secondary (each half of a centre tap), V */
export const noLoadVolts = (rms: number, rectifier: HvRectifier): number => NO_LOAD[rectifier] * rms;

/** Unequal leakage of capacitors in series: equalising resistors carry so many times what it may be. Shop rule. */
const OVER_LEAKAGE = 10;
/** Watts of a resistor over what it dissipates where it sits beside capacitors. Shop rule. @example 1.6 W want a resistor of 5 W */
const WATTS_MARGIN = 3;

/**
 * Equalising resistors across capacitors in series.
 * @param volts across the whole string @param farads of each @param each its rating, V
 * @returns how many capacitors it takes within nine tenths of their rating, Ω across each, and the watts of each
 */
export function equalising(volts: number, farads: number, each: number) {
  const count = Math.max(1, Math.ceil(volts / (0.9 * each)));
  const share = volts / count;
  const ohms = share / (OVER_LEAKAGE * electrolyticLeakage(farads, share));
  const dissipated = (share * share) / ohms;
  return { count, share, ohms, dissipated, watts: dissipated * WATTS_MARGIN };
}

/**
 * A bleeder that brings a supply to a voltage in a time: R = t/(C·ln(V₀/V)), what it dissipates, and the time it takes.
 * A calculated time is never permission to touch: a bleeder may be open.
 * @param volts V₀, above `down` @param farads of the whole string, above 0 @param seconds above 0
 */
export function bleeder(volts: number, farads: number, seconds: number, down = 50) {
  const ohms = seconds / (farads * Math.log(volts / down));
  const dissipated = (volts * volts) / ohms;
  return { ohms, dissipated, watts: dissipated * WATTS_MARGIN };
}
