/** Shapes of an alternating voltage whose r.m.s. follows from its height. */
export type Shape = "sine" | "sawtooth";

/** R.m.s. of a height of one volt from peak to peak: the root of the mean of its square over a period. */
const OF_ONE: Record<Shape, number> = { sine: 1 / (2 * Math.SQRT2), sawtooth: 1 / (2 * Math.sqrt(3)) };

/**
 * R.m.s. volts of what a scope shows from peak to peak. Ripple on a reservoir capacitor is nearly a sawtooth.
 * @param peakToPeak volts, above 0
 * @example rmsOfPeakToPeak(2.83, "sine") // 1.0
 */
export const rmsOfPeakToPeak = (peakToPeak: number, shape: Shape): number => peakToPeak * OF_ONE[shape];
