/**
 * Gaussian elimination with row pivoting on a dense matrix, in place. A set has some thirty nodes: nothing sparser pays.
 * @param m the matrix, n × n, row by row; it is destroyed @param b the right side; the solution on return
 * @returns -1 when solved, else the column that nothing determines
 */
export function solveInPlace(m: Float64Array, b: Float64Array, n: number): number {
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
    for (let row = k + 1; row < n; row += 1) {
      const factor = (m[row * n + k] as number) * inverse;
      if (factor === 0) continue;
      for (let column = k + 1; column < n; column += 1)
        m[row * n + column] = (m[row * n + column] as number) - factor * (m[k * n + column] as number);
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
