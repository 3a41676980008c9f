/**
 * What a device does at DC: the currents into its ends as a function of their volts, with the slopes. The solver knows no
 * more of any device than this.
 */
export type Law = {
  /** indices of its nodes; -1 is chassis */
  readonly nodes: readonly number[];
  /**
   * @param v volts of its ends against chassis
   * @param i currents into its ends, A @param g slopes dI/dV, S, row by row
   */
  readonly at: (v: Float64Array, i: Float64Array, g: Float64Array) => void;
  /** Moves the volts that Newton proposes to where the device can be trusted. `before` are those of the last step. */
  readonly limit?: (v: Float64Array, before: Float64Array) => void;
};

/** A slope that every device has, so that no node is ever cut off in the middle of a search, S. */
export const LEAST_SLOPE = 1e-12;

/** ln(1 + e^x) and its slope, without overflow. */
export const softplus = (x: number): number => (x > 30 ? x : x < -30 ? Math.exp(x) : Math.log1p(Math.exp(x)));
export const sigmoid = (x: number): number => (x >= 0 ? 1 / (1 + Math.exp(-x)) : Math.exp(x) / (1 + Math.exp(x)));

/** Writes a device with two ends: the current from the first to the second, and its slope. */
export function twoEnds(i: Float64Array, g: Float64Array, amps: number, slope: number): void {
  const s = slope + LEAST_SLOPE;
  i[0] = amps;
  i[1] = -amps;
  g[0] = s;
  g[1] = -s;
  g[2] = -s;
  g[3] = s;
}
