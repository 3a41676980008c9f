/**
 * How likely readings are, when something is so and the parts are as good as parts are: a normal distribution on a scale
 * that is a logarithm for large volts and straight for small ones, with one reading that may be a slip.
 */

/**
 * This share of readings are slips: another point, another range. Shop's estimate.
 * @example of thirty readings one was taken at the wrong pin
 */
const SLIP = 0.03;
/** How sure a slip is of its figure: hardly at all, on the scale of the readings. */
const SLIP_WIDE = 3;
/** Below this, volts are told apart in volts and not in shares, V. */
export const STRAIGHT = 0.5;

/** Volts on the scale of the readings. */
export const scale = (volts: number): number => Math.asinh(volts / STRAIGHT);

/** Square matrices by rows. */
export type Matrix = Float64Array[];
const at = (m: readonly Float64Array[], i: number, j: number): number => (m[i] as Float64Array)[j] as number;

/** Cholesky’s lower triangle of a symmetric matrix. */
export function cholesky(m: Matrix): Matrix {
  const n = m.length;
  const l = m.map(() => new Float64Array(n));
  for (let i = 0; i < n; i += 1)
    for (let j = 0; j <= i; j += 1) {
      let sum = at(m, i, j);
      for (let k = 0; k < j; k += 1) sum -= at(l, i, k) * at(l, j, k);
      (l[i] as Float64Array)[j] = i === j ? Math.sqrt(Math.max(sum, 1e-12)) : sum / at(l, j, j);
    }
  return l;
}

/** The square of a difference, measured by a covariance that is given by its triangle. */
export function distance(l: Matrix, difference: ArrayLike<number>): number {
  const y = new Float64Array(l.length);
  let sum = 0;
  for (let i = 0; i < l.length; i += 1) {
    let rest = difference[i] as number;
    for (let k = 0; k < i; k += 1) rest -= at(l, i, k) * (y[k] as number);
    const one = rest / at(l, i, i);
    y[i] = one;
    sum += one * one;
  }
  return sum;
}

/** Logarithm of the density of a difference. */
const density = (l: Matrix, logRoot: number, difference: ArrayLike<number>): number =>
  -distance(l, difference) / 2 - logRoot - (l.length * Math.log(2 * Math.PI)) / 2;
const logRootOf = (l: Matrix): number => l.reduce((sum, _, i) => sum + Math.log(at(l, i, i)), 0);

/** Logarithm of a sum, from the logarithms of its parts. */
export function logSum(logs: readonly number[]): number {
  const most = Math.max(...logs);
  return most === Number.NEGATIVE_INFINITY
    ? most
    : most + Math.log(logs.reduce((sum, one) => sum + Math.exp(one - most), 0));
}

const withoutOne = (m: Matrix, skip: number): Matrix =>
  m.filter((_, i) => i !== skip).map((row) => row.filter((_, j) => j !== skip));

/**
 * Logarithm of the likelihood of readings, as a function of what would be read: all of them right, or one a slip.
 * @param read on the scale of the readings @param covariance of what good sets read
 */
export function likelihoodOf(read: Float64Array, covariance: Matrix): (volts: ArrayLike<number>) => number {
  const n = read.length;
  const whole = cholesky(covariance);
  const wholeRoot = logRootOf(whole);
  const rests = [...read].map((_, skip) => {
    const l = cholesky(withoutOne(covariance, skip));
    return { l, root: logRootOf(l) };
  });
  const right = Math.log(1 - SLIP);
  const slipped = Math.log(SLIP / (2 * SLIP_WIDE));
  return (volts) => {
    const d = read.map((one, k) => one - scale(volts[k] as number));
    return logSum([
      right * n + density(whole, wholeRoot, d),
      ...rests.map(
        ({ l, root }, skip) =>
          slipped +
          right * (n - 1) +
          density(
            l,
            root,
            d.filter((_, k) => k !== skip),
          ),
      ),
    ]);
  };
}
