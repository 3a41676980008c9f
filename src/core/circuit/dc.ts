import { addConductance, linearPart, type Compiled } from "./compile";
import { solveInPlace } from "./lu";
import { GROUND } from "./net";
import { stamperOf } from "./stamp";

/** A conductance that is put between two nodes for one solution: a leak, a short, a part drifted or open (negative). */
export type Shunt = { a: number; b: number; siemens: number };

/** What is different from the net for one solution. */
export type Change = {
  shunts?: readonly Shunt[];
  /** currents of devices, by their place among the laws: a weak tube, a dead one */
  strength?: ReadonlyMap<number, number>;
  /** a current from one node to another through an instrument, A */
  inject?: readonly { from: number; to: number; amps: number }[];
};

export type DcSolution = {
  ok: true;
  /** volts of the nodes, then amps of the ideal sources */
  x: Float64Array;
  steps: number;
};
export type DcFailure = {
  ok: false;
  /** what would not settle, or is not determined; undefined where sources lie in a loop */
  node?: string;
  why: "singular" | "no operating point";
};

/** A leak from each node to chassis, so that one that nothing feeds stands at zero, S. */
const TO_CHASSIS = 1e-12;
const MOST_STEPS = 100;
/** A part that is taken out is taken out over so many decades of what it passes. */
const OUT_DECADES = 9;
/**
 * Newton is done when no voltage moves by more than this: volts, and as a share. Its error goes by the square of its last
 * move, so what is left is far below any digit that is shown.
 */
const ABSOLUTE = 2e-5;
const RELATIVE = 1e-9;

/** The equations of a net, ready to be solved again and again: the linear part is made once. */
export type Solver = {
  compiled: Compiled;
  solve: (change?: Change, start?: Float64Array) => DcSolution | DcFailure;
  /** What each node is fed through at an operating point: small-signal resistance to chassis, Ω. */
  sourceOhms: (change: Change, x: Float64Array, nodes: readonly number[]) => number[];
};

/**
 * Makes a solver for operating points: modified nodal analysis (C. Ho, A. Ruehli, P. Brennan, 1975), Newton–Raphson with
 * limited junctions, then stepping down a leak from every node, then stepping up the sources, then taking out what is open
 * little by little.
 */
export function solverOf(compiled: Compiled): Solver {
  const { size, nodes, laws } = compiled;
  const stamp = stamperOf(laws);
  const n = nodes.length;
  const linear = linearPart(compiled);
  const m = new Float64Array(size * size);
  const base = new Float64Array(size * size);
  const right = new Float64Array(size);
  const injected = new Float64Array(size);
  let heldBack = false;

  /** Writes the equations, straightened about x, into `m` and `right`. */
  const assemble = (x: Float64Array, leak: number, sources: number, strength: Change["strength"], first: boolean) => {
    m.set(base);
    for (let k = 0; k < size; k += 1) right[k] = sources * ((linear.b[k] as number) + (injected[k] as number));
    for (let k = 0; k < n; k += 1) m[k * size + k] = (m[k * size + k] as number) + TO_CHASSIS + leak;
    heldBack = stamp(x, m, right, size, first, strength);
  };
  /** One Newton step from x: the next x in `right`; the column that nothing determines, or -1. */
  const step = (...about: Parameters<typeof assemble>) => {
    assemble(...about);
    return solveInPlace(m, right, size);
  };

  /** Newton from x, in place. @returns steps taken when it settled; else what would not */
  const newton = (x: Float64Array, leak: number, sources: number, strength: Change["strength"]) => {
    let worst = 0;
    for (let count = 1; count <= MOST_STEPS; count += 1) {
      const column = step(x, leak, sources, strength, count === 1);
      if (column >= 0) return { singular: column };
      let settled = true;
      let most = 0;
      for (let k = 0; k < size; k += 1) {
        const next = right[k] as number;
        if (!Number.isFinite(next)) return { worst: k };
        const change = Math.abs(next - (x[k] as number));
        if (change > ABSOLUTE + RELATIVE * Math.abs(next)) settled = false;
        if (k < n && change > most) {
          most = change;
          worst = k;
        }
        x[k] = next;
      }
      // Where a junction was held back, what was solved is not yet what was asked.
      if (settled && !heldBack && count > 1) return { steps: count };
    }
    return { worst };
  };

  const named = (at: number) => {
    const node = nodes[at];
    return node === undefined ? {} : { node };
  };
  const solve = ({ shunts = [], strength, inject = [] }: Change = {}, start?: Float64Array): DcSolution | DcFailure => {
    base.set(linear.m);
    injected.fill(0);
    for (const { from, to, amps: flow } of inject) {
      if (from >= 0) injected[from] = (injected[from] as number) - flow;
      if (to >= 0) injected[to] = (injected[to] as number) + flow;
    }
    for (const { a, b, siemens } of shunts) addConductance(base, size, a, b, siemens);
    const from = () => (start ? Float64Array.from(start) : new Float64Array(size));
    let x = from();
    let result = newton(x, 0, 1, strength);
    if (result.singular !== undefined) return { ok: false, ...named(result.singular), why: "singular" };
    let steps = result.steps ?? MOST_STEPS;
    if (result.steps === undefined) {
      x = new Float64Array(size);
      for (let decade = 2; decade <= 13; decade += 0.5) {
        result = newton(x, decade > 12.5 ? 0 : 10 ** -decade, 1, strength);
        steps += result.steps ?? MOST_STEPS;
        if (result.steps === undefined) break;
      }
    }
    if (result.steps === undefined) {
      x = new Float64Array(size);
      for (let share = 1; share <= 20; share += 1) {
        result = newton(x, 0, share / 20, strength);
        steps += result.steps ?? MOST_STEPS;
        if (result.steps === undefined) break;
      }
    }
    // A plate whose feed is open comes to rest on the slope of its knee: the part is taken out little by little.
    if (result.steps === undefined && shunts.some(({ siemens }) => siemens < 0)) {
      x = from();
      for (let left = 0.5; left <= OUT_DECADES; left += 0.5) {
        base.set(linear.m);
        const share = left < OUT_DECADES ? 10 ** -left : 0;
        for (const { a, b, siemens } of shunts)
          addConductance(base, size, a, b, siemens < 0 ? siemens * (1 - share) : siemens);
        result = newton(x, 0, 1, strength);
        steps += result.steps ?? MOST_STEPS;
        if (result.steps === undefined) break;
      }
    }
    if (result.steps === undefined) return { ok: false, ...named(result.worst ?? 0), why: "no operating point" };
    return { ok: true, x, steps };
  };
  const sourceOhms = ({ shunts = [], strength }: Change, x: Float64Array, at: readonly number[]): number[] => {
    base.set(linear.m);
    for (const { a, b, siemens } of shunts) addConductance(base, size, a, b, siemens);
    assemble(x, 0, 1, strength, true);
    const kept = Float64Array.from(m);
    return at.map((node) => {
      m.set(kept);
      right.fill(0);
      right[node] = 1;
      return solveInPlace(m, right, size) < 0 ? (right[node] as number) : 0;
    });
  };
  return { compiled, solve, sourceOhms };
}

/** Volts of a node in a solution; chassis is 0. */
export const voltsAt = ({ index }: Compiled, x: Float64Array, node: string): number | undefined => {
  const at = index.get(node);
  return node === GROUND ? 0 : at === undefined ? undefined : (x[at] as number);
};
