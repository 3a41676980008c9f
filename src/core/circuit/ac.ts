import { conductance, LEAST_OHMS, type Compiled } from "./compile";
import type { ElementOf } from "./net";

/** A complex number as a pair. */
export type Phasor = { re: number; im: number };
export const sizeOf = ({ re, im }: Phasor): number => Math.hypot(re, im);
export const degreesOf = ({ re, im }: Phasor): number => (Math.atan2(im, re) * 180) / Math.PI;

/** Elimination with row pivoting on complex numbers, in place. @returns false where the matrix is singular */
function solveComplex(mr: Float64Array, mi: Float64Array, br: Float64Array, bi: Float64Array, n: number): boolean {
  const at = (list: Float64Array, index: number) => list[index] as number;
  const swap = (list: Float64Array, a: number, b: number) => {
    const kept = at(list, a);
    list[a] = at(list, b);
    list[b] = kept;
  };
  for (let k = 0; k < n; k += 1) {
    let pivot = k;
    let most = 0;
    for (let row = k; row < n; row += 1) {
      const size = Math.abs(at(mr, row * n + k)) + Math.abs(at(mi, row * n + k));
      if (size > most) [most, pivot] = [size, row];
    }
    if (!(most > 1e-30)) return false;
    if (pivot !== k) {
      for (let column = k; column < n; column += 1) {
        swap(mr, k * n + column, pivot * n + column);
        swap(mi, k * n + column, pivot * n + column);
      }
      swap(br, k, pivot);
      swap(bi, k, pivot);
    }
    const [pr, pi] = [at(mr, k * n + k), at(mi, k * n + k)];
    const square = pr * pr + pi * pi;
    for (let row = k + 1; row < n; row += 1) {
      const [ar, ai] = [at(mr, row * n + k), at(mi, row * n + k)];
      if (ar === 0 && ai === 0) continue;
      const fr = (ar * pr + ai * pi) / square;
      const fi = (ai * pr - ar * pi) / square;
      for (let column = k + 1; column < n; column += 1) {
        const [ur, ui] = [at(mr, k * n + column), at(mi, k * n + column)];
        mr[row * n + column] = at(mr, row * n + column) - (fr * ur - fi * ui);
        mi[row * n + column] = at(mi, row * n + column) - (fr * ui + fi * ur);
      }
      br[row] = at(br, row) - (fr * at(br, k) - fi * at(bi, k));
      bi[row] = at(bi, row) - (fr * at(bi, k) + fi * at(br, k));
    }
  }
  for (let row = n - 1; row >= 0; row -= 1) {
    let [sr, si] = [at(br, row), at(bi, row)];
    for (let column = row + 1; column < n; column += 1) {
      const [ur, ui] = [at(mr, row * n + column), at(mi, row * n + column)];
      sr -= ur * at(br, column) - ui * at(bi, column);
      si -= ur * at(bi, column) + ui * at(br, column);
    }
    const [pr, pi] = [at(mr, row * n + row), at(mi, row * n + row)];
    const square = pr * pr + pi * pi;
    br[row] = (sr * pr + si * pi) / square;
    bi[row] = (si * pr - sr * pi) / square;
  }
  return true;
}

/** Impedances of the windings of one transformer: own and mutual inductance. */
const mutual = ({ k, windings }: ElementOf<"transformer">, a: number, b: number): number => {
  const [one, other] = [windings[a]?.henries ?? 0, windings[b]?.henries ?? 0];
  return a === b ? one : k * Math.sqrt(one * other);
};

/**
 * Small-signal volts of every node at one frequency, about an operating point.
 * @param x the operating point @param hertz
 * @returns undefined where the equations have no solution
 */
export function acAt(compiled: Compiled, x: Float64Array, hertz: number): ((node: string) => Phasor) | undefined {
  const { net, index, laws, nodes } = compiled;
  const n = nodes.length;
  const sources = net.filter((one) => one.kind === "volts");
  const windings = net.flatMap((one) => (one.kind === "transformer" ? one.windings.map((_, w) => ({ one, w })) : []));
  const size = n + sources.length + windings.length;
  const mr = new Float64Array(size * size);
  const mi = new Float64Array(size * size);
  const br = new Float64Array(size);
  const bi = new Float64Array(size);
  const omega = 2 * Math.PI * hertz;
  const at = (node: string) => index.get(node) ?? -1;
  const put = (list: Float64Array, row: number, column: number, value: number) => {
    if (row >= 0 && column >= 0) list[row * size + column] = (list[row * size + column] as number) + value;
  };
  const admit = (a: number, b: number, re: number, im: number) => {
    for (const [row, column, sign] of [
      [a, a, 1],
      [b, b, 1],
      [a, b, -1],
      [b, a, -1],
    ] as const) {
      put(mr, row, column, sign * re);
      put(mi, row, column, sign * im);
    }
  };
  for (let k = 0; k < n; k += 1) put(mr, k, k, 1e-12);
  let row = n;
  const branch = (a: number, b: number): number => {
    const here = row;
    row += 1;
    put(mr, a, here, 1);
    put(mr, here, a, 1);
    put(mr, b, here, -1);
    put(mr, here, b, -1);
    return here;
  };
  for (const element of net)
    switch (element.kind) {
      case "resistor":
        admit(at(element.a), at(element.b), conductance(element.ohms), 0);
        break;
      case "capacitor":
        admit(at(element.a), at(element.b), element.leakOhms ? 1 / element.leakOhms : 0, omega * element.farads);
        break;
      case "inductor": {
        const ohms = Math.max(element.ohms, LEAST_OHMS);
        const square = ohms * ohms + (omega * element.henries) ** 2;
        admit(at(element.a), at(element.b), ohms / square, (-omega * element.henries) / square);
        break;
      }
      case "volts":
        br[branch(at(element.a), at(element.b))] = element.ac ?? 0;
        break;
      case "amps": {
        const [from, to] = [at(element.a), at(element.b)];
        if (from >= 0) br[from] = (br[from] as number) - (element.ac ?? 0);
        if (to >= 0) br[to] = (br[to] as number) + (element.ac ?? 0);
        break;
      }
      case "transformer": {
        const first = row;
        for (const { a, b } of element.windings) branch(at(a), at(b));
        element.windings.forEach(({ ohms }, one) => {
          put(mr, first + one, first + one, -Math.max(ohms, LEAST_OHMS));
          element.windings.forEach((_, other) =>
            put(mi, first + one, first + other, -omega * mutual(element, one, other)),
          );
        });
        break;
      }
      default:
    }
  const v = new Float64Array(4);
  const amps = new Float64Array(4);
  const slope = new Float64Array(16);
  for (const law of laws) {
    law.nodes.forEach((node, end) => {
      v[end] = node < 0 ? 0 : (x[node] as number);
    });
    law.at(v, amps, slope);
    law.nodes.forEach((node, one) =>
      law.nodes.forEach((other, two) => put(mr, node, other, slope[one * law.nodes.length + two] as number)),
    );
  }
  if (!solveComplex(mr, mi, br, bi, size)) return undefined;
  return (node) => {
    const k = at(node);
    return k < 0 ? { re: 0, im: 0 } : { re: br[k] as number, im: bi[k] as number };
  };
}
