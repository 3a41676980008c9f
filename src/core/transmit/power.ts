/** What a final stage takes and gives: V, A, W. */
export type PlatePower = { volts: number; amps: number; drive?: number | undefined; output: number };

/**
 * Efficiency of the plate circuit: output over V·I.
 * @returns a fraction; NaN where nothing is taken
 * @example efficiency({ volts: 750, amps: 0.18, output: 62 }) // 0.459
 */
export const efficiency = ({ volts, amps, output }: PlatePower): number =>
  volts > 0 && amps > 0 ? output / (volts * amps) : Number.NaN;

/**
 * Heat in each plate: V·I + drive − output, over the tubes that share it. What is lost in the tank counts as heat of the
 * plates too, so the figure is on the safe side. A calculated value is no measurement.
 * @param tubes that share it, from 1 @returns W; below zero where a figure cannot be true
 * @example dissipation({ volts: 1500, amps: 0.5, drive: 60, output: 450 }, 4) // 90 W
 */
export const dissipation = ({ volts, amps, drive = 0, output }: PlatePower, tubes: number): number =>
  (volts * amps + drive - output) / tubes;

/**
 * Standing wave ratio from forward and reflected power: (1+√(r/f))/(1−√(r/f)).
 * @returns from 1; Infinity where all comes back; NaN where nothing goes forward or more comes back
 * @example standingWave(100, 4) // 1.5
 */
export function standingWave(forward: number, reflected: number): number {
  if (!(forward > 0) || reflected < 0 || reflected > forward) return Number.NaN;
  const share = Math.sqrt(reflected / forward);
  return share === 1 ? Infinity : (1 + share) / (1 - share);
}

/**
 * Depth of amplitude modulation from the envelope's crest and trough: (max − min)/(max + min).
 * @param most and least of the envelope, in one unit (V, or divisions of the screen), most above 0 @returns a fraction
 * @example envelopeDepth(3, 1) // 0.5
 */
export const envelopeDepth = (most: number, least: number): number =>
  most > 0 && least >= 0 && most >= least ? (most - least) / (most + least) : Number.NaN;

/** Depth from the two upright sides of the trapezoid: the same sum, the longer side for the crest. @example trapezoidDepth(4, 1) // 0.6 */
export const trapezoidDepth = (one: number, other: number): number =>
  envelopeDepth(Math.max(one, other), Math.min(one, other));

/** Peak envelope power from the crest of the RF voltage across a load: V²/2R, W. @example envelopePower(100, 50) // 100 */
export const envelopePower = (peakVolts: number, ohms: number): number => (peakVolts * peakVolts) / (2 * ohms);
