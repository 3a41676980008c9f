/** Solves A·x = b by elimination with the largest pivot; undefined where A has no inverse. */
export function solve(a: readonly (readonly number[])[], b: readonly number[]): number[] | undefined {
  const rows = a.map((row, n) => [...row, b[n] ?? 0]);
  const size = rows.length;
  for (let n = 0; n < size; n += 1) {
    const pivot = rows
      .slice(n)
      .reduce((best, row, at) => (Math.abs(row[n] ?? 0) > Math.abs(rows[best]?.[n] ?? 0) ? at + n : best), n);
    const lead = rows[pivot] ?? [];
    if (!(Math.abs(lead[n] ?? 0) > 1e-12)) return undefined;
    rows[pivot] = rows[n] ?? [];
    rows[n] = lead;
    for (let m = 0; m < size; m += 1) {
      if (m === n) continue;
      const share = (rows[m]?.[n] ?? 0) / (lead[n] ?? 1);
      rows[m] = (rows[m] ?? []).map((value, k) => value - share * (lead[k] ?? 0));
    }
  }
  return rows.map((row, n) => (row[size] ?? 0) / (row[n] ?? 1));
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
const squares = (residuals: readonly number[]) => sum(residuals.map((r) => r * r));

export type Least = {
  at: number[];
  residuals: number[];
  /** standard deviation of each unknown where the residuals have a deviation of one; Infinity where nothing holds it */
  spread: number[];
};

/** Width of the step by which a slope is taken: unknowns are natural logarithms of ratios. */
const STEP = 1e-5;
const ROUNDS = 60;

/**
 * Least squares with damping (Levenberg and Marquardt): unknowns that make the residuals small.
 * @param residuals each divided by its own uncertainty; not finite where the unknowns make no sense
 * @param from where to begin
 */
export function leastSquares(residuals: (unknowns: readonly number[]) => number[], from: readonly number[]): Least {
  let at = [...from];
  let now = residuals(at);
  let damping = 1e-3;
  const slopes = (point: readonly number[], base: readonly number[]) =>
    point.map((_, n) => {
      const moved = residuals(point.map((value, m) => (m === n ? value + STEP : value)));
      return moved.map((value, k) => (value - (base[k] ?? 0)) / STEP);
    });
  const normal = (columns: readonly (readonly number[])[]) =>
    columns.map((one) => columns.map((other) => sum(one.map((value, k) => value * (other[k] ?? 0)))));
  for (let round = 0; round < ROUNDS; round += 1) {
    const columns = slopes(at, now);
    const matrix = normal(columns);
    const right = columns.map((column) => -sum(column.map((value, k) => value * (now[k] ?? 0))));
    const damped = matrix.map((row, n) => row.map((value, m) => (n === m ? value * (1 + damping) + 1e-12 : value)));
    const step = solve(damped, right);
    if (!step) break;
    const next = at.map((value, n) => value + (step[n] ?? 0));
    const then = residuals(next);
    if (then.every(Number.isFinite) && squares(then) <= squares(now)) {
      const small = Math.max(...step.map(Math.abs)) < 1e-9;
      [at, now] = [next, then];
      damping /= 5;
      if (small) break;
    } else if (damping > 1e9) break;
    else damping *= 4;
  }
  const matrix = normal(slopes(at, now));
  const spread = at.map((_, n) => {
    const column = solve(
      matrix,
      at.map((__, m) => (m === n ? 1 : 0)),
    );
    const variance = column?.[n] ?? Number.POSITIVE_INFINITY;
    return variance >= 0 ? Math.sqrt(variance) : Number.POSITIVE_INFINITY;
  });
  return { at, residuals: now, spread };
}
