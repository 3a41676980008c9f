/** Columns of the pivot's row that hold something; kept from one call to the next, for it is called some thousand times. */
let filled = new Int32Array(64);

/**
 * Gaussian elimination with row pivoting, in place. The matrix is stored whole, for a set has some thirty nodes; but each of
 * them has few neighbours, so that only what a pivot's row holds is taken from the rows below.
 * @param m the matrix, n × n, row by row; it is destroyed @param b the right side; the solution on return
 * @returns -1 when solved, else the column that nothing determines
 */
export function solveInPlace(m: Float64Array, b: Float64Array, n: number): number {
  if (filled.length < n) filled = new Int32Array(2 * n);
  for (let k = 0; k < n; k += 1) {
    let pivot = k;
    let most = Math.abs(m[k * n + k] as number);
    for (let row = k + 1; row < n; row += 1) {
      const size = Math.abs(m[row * n + k] as number);
      if (size > most) {
        most = size;
        pivot = row;
      }
    }
    if (!(most > 1e-18)) return k;
    if (pivot !== k) {
      for (let column = k; column < n; column += 1) {
        const kept = m[k * n + column] as number;
        m[k * n + column] = m[pivot * n + column] as number;
        m[pivot * n + column] = kept;
      }
      const kept = b[k] as number;
      b[k] = b[pivot] as number;
      b[pivot] = kept;
    }
    const inverse = 1 / (m[k * n + k] as number);
    let count = 0;
    for (let column = k + 1; column < n; column += 1)
      if (m[k * n + column] !== 0) {
        filled[count] = column;
        count += 1;
      }
    for (let row = k + 1; row < n; row += 1) {
      const below = m[row * n + k] as number;
      if (below === 0) continue;
      const factor = below * inverse;
      for (let at = 0; at < count; at += 1) {
        const column = filled[at] as number;
        m[row * n + column] = (m[row * n + column] as number) - factor * (m[k * n + column] as number);
      }
      b[row] = (b[row] as number) - factor * (b[k] as number);
    }
  }
  for (let row = n - 1; row >= 0; row -= 1) {
    let sum = b[row] as number;
    for (let column = row + 1; column < n; column += 1) sum -= (m[row * n + column] as number) * (b[column] as number);
    b[row] = sum / (m[row * n + row] as number);
  }
  return -1;
}
