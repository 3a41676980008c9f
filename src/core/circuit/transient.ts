import { addConductance, conductance, LEAST_OHMS, type Compiled } from "./compile";
import { solveInPlace } from "./lu";
import type { ElementOf } from "./net";
import { stamperOf } from "./stamp";

/**
 * Time. The trapezoidal rule with steps that follow the error (difference to what the last two steps foretold); for
 * supplies: reservoir, doubler, choke, rectifier, inrush.
 */
export type Wave = { seconds: Float64Array; volts: ReadonlyMap<string, Float64Array> };

export type TransientQuestion = {
  seconds: number;
  /** largest step, s: a fiftieth of a period or less */
  step: number;
  /** nodes that are kept */
  nodes: readonly string[];
  /** volts across capacitors and amps through coils at the beginning are zero unless an operating point is given */
  start?: Float64Array;
};

/** Error that a step may make: volts, and as a share. */
const ABSOLUTE = 1e-3;
const RELATIVE = 1e-3;
/** Newton is done when nothing moves by more than this: volts or amps, and as a share. */
const SETTLED = 1e-6;
const NEWTON_STEPS = 40;
const SMALLEST = 1e-9;

type Coil = { a: number; b: number; henries: number; ohms: number; amps: number; across: number };
type Coupled = { windings: Coil[]; k: number };

export function transient(
  compiled: Compiled,
  { seconds, step, nodes: kept, start }: TransientQuestion,
): Wave | { failed: string } {
  const { net, index, nodes, laws } = compiled;
  const n = nodes.length;
  const sources = net.filter((one): one is ElementOf<"volts"> => one.kind === "volts");
  const at = (node: string) => index.get(node) ?? -1;
  const coil = (a: string, b: string, henries: number, ohms: number): Coil => ({
    a: at(a),
    b: at(b),
    henries,
    ohms: Math.max(ohms, LEAST_OHMS),
    amps: 0,
    across: 0,
  });
  const cores: Coupled[] = net.flatMap((one): Coupled[] =>
    one.kind === "inductor"
      ? [{ k: 0, windings: [coil(one.a, one.b, one.henries, one.ohms)] }]
      : one.kind === "transformer"
        ? [{ k: one.k, windings: one.windings.map(({ a, b, henries, ohms }) => coil(a, b, henries, ohms)) }]
        : [],
  );
  const coils = cores.reduce((sum, { windings }) => sum + windings.length, 0);
  const size = n + sources.length + coils;
  const capacitors = net
    .filter((one) => one.kind === "capacitor")
    .map(({ a, b, farads }) => ({ a: at(a), b: at(b), farads, volts: 0, amps: 0 }));

  const fixed = new Float64Array(size * size);
  for (let k = 0; k < n; k += 1) fixed[k * size + k] = 1e-12;
  for (const one of net) {
    if (one.kind === "resistor") addConductance(fixed, size, at(one.a), at(one.b), conductance(one.ohms));
    if (one.kind === "capacitor" && one.leakOhms) addConductance(fixed, size, at(one.a), at(one.b), 1 / one.leakOhms);
  }
  const join = (row: number, a: number, b: number) => {
    if (a >= 0) fixed[a * size + row] = fixed[row * size + a] = 1;
    if (b >= 0) fixed[b * size + row] = fixed[row * size + b] = -1;
  };
  sources.forEach(({ a, b }, k) => join(n + k, at(a), at(b)));
  let row = n + sources.length;
  for (const { windings } of cores)
    for (const { a, b } of windings) {
      join(row, a, b);
      row += 1;
    }

  const m = new Float64Array(size * size);
  const right = new Float64Array(size);
  const stamp = stamperOf(laws);
  /** the node that moved most in the last step */
  let restless = 0;

  const sourceAt = ({ volts, sine }: ElementOf<"volts">, time: number) =>
    sine ? volts + sine.peak * Math.sin(2 * Math.PI * sine.hz * time + ((sine.degrees ?? 0) * Math.PI) / 180) : volts;

  /** One step of h to a time, from the state of capacitors and coils; backward Euler where `euler`. */
  const advance = (x: Float64Array, time: number, h: number, euler: boolean): boolean => {
    const share = euler ? 1 : 0.5;
    for (let count = 0; count < NEWTON_STEPS; count += 1) {
      m.set(fixed);
      right.fill(0);
      for (const { a, b, farads, volts, amps: flow } of capacitors) {
        const g = farads / (share * h);
        addConductance(m, size, a, b, g);
        const constant = g * volts + (euler ? 0 : flow);
        if (a >= 0) right[a] = (right[a] as number) + constant;
        if (b >= 0) right[b] = (right[b] as number) - constant;
      }
      sources.forEach((one, k) => (right[n + k] = sourceAt(one, time)));
      let base = n + sources.length;
      for (const { k, windings } of cores) {
        windings.forEach((one, first) => {
          const line = base + first;
          m[line * size + line] = (m[line * size + line] as number) - one.ohms;
          let flux = 0;
          windings.forEach((other, second) => {
            const henries = first === second ? one.henries : k * Math.sqrt(one.henries * other.henries);
            const z = henries / (share * h);
            m[line * size + base + second] = (m[line * size + base + second] as number) - z;
            flux += z * other.amps;
          });
          // v − R·i = L·di/dt, half of it from the last step.
          right[line] = -flux - (euler ? 0 : one.across - one.ohms * one.amps);
        });
        base += windings.length;
      }
      for (const one of net)
        if (one.kind === "amps") {
          const [from, to] = [at(one.a), at(one.b)];
          if (from >= 0) right[from] = (right[from] as number) - one.amps;
          if (to >= 0) right[to] = (right[to] as number) + one.amps;
        }
      const heldBack = stamp(x, m, right, size, false);
      const undetermined = solveInPlace(m, right, size);
      if (undetermined >= 0) {
        restless = undetermined;
        return false;
      }
      let settled = true;
      let most = 0;
      for (let k = 0; k < size; k += 1) {
        const next = right[k] as number;
        if (!Number.isFinite(next)) {
          restless = k;
          return false;
        }
        const moved = Math.abs(next - (x[k] as number));
        if (moved > SETTLED + SETTLED * Math.abs(next)) settled = false;
        if (k < n && moved > most) [most, restless] = [moved, k];
        x[k] = next;
      }
      if (settled && !heldBack && count > 0) return true;
    }
    return false;
  };

  const settle = (x: Float64Array, h: number, euler: boolean) => {
    const across = (a: number, b: number) => (a < 0 ? 0 : (x[a] as number)) - (b < 0 ? 0 : (x[b] as number));
    for (const one of capacitors) {
      const now = across(one.a, one.b);
      one.amps = euler ? (one.farads / h) * (now - one.volts) : ((2 * one.farads) / h) * (now - one.volts) - one.amps;
      one.volts = now;
    }
    let line = n + sources.length;
    for (const { windings } of cores)
      for (const one of windings) {
        one.amps = x[line] as number;
        one.across = across(one.a, one.b);
        line += 1;
      }
  };

  let x = new Float64Array(size);
  if (start) {
    x.set(start.subarray(0, n));
    for (const one of capacitors)
      one.volts = (one.a < 0 ? 0 : (x[one.a] as number)) - (one.b < 0 ? 0 : (x[one.b] as number));
    for (const { windings } of cores)
      for (const one of windings)
        one.amps = ((one.a < 0 ? 0 : (x[one.a] as number)) - (one.b < 0 ? 0 : (x[one.b] as number))) / one.ohms;
  }
  const times: number[] = [0];
  const columns = kept.map((node) => [at(node) < 0 ? 0 : (x[at(node)] as number)]);
  let time = 0;
  let h = step / 100;
  let older: Float64Array | undefined;
  let olderStep = 0;
  let first = true;
  while (time < seconds - 1e-15) {
    h = Math.min(h, step, seconds - time);
    const tried = Float64Array.from(x);
    // The first step has no past that the trapezoidal rule could lean on.
    const ok = advance(tried, time + h, h, first);
    let error = 0;
    if (ok && older)
      for (let k = 0; k < n; k += 1) {
        const foretold = (x[k] as number) + (((x[k] as number) - (older[k] as number)) * h) / olderStep;
        const allowed = ABSOLUTE + RELATIVE * Math.max(Math.abs(tried[k] as number), Math.abs(x[k] as number));
        error = Math.max(error, Math.abs((tried[k] as number) - foretold) / (allowed * 8));
      }
    if (!ok || (error > 1 && h > step / 2000)) {
      h /= ok ? Math.min(4, Math.max(1.4, Math.sqrt(error))) : 8;
      if (h < SMALLEST * step) return { failed: nodes[restless] ?? "a source" };
      continue;
    }
    settle(tried, h, first);
    older = x;
    olderStep = h;
    x = tried;
    time += h;
    first = false;
    times.push(time);
    kept.forEach((node, k) => columns[k]?.push(at(node) < 0 ? 0 : (x[at(node)] as number)));
    h *= error < 0.25 ? 1.6 : error < 0.7 ? 1.1 : 0.9;
  }
  return {
    seconds: Float64Array.from(times),
    volts: new Map(kept.map((node, k) => [node, Float64Array.from(columns[k] ?? [])])),
  };
}

/** Mean, lowest and highest volts of a wave from a time on; unequal steps are weighed by their length. */
export function steadyOf({ seconds, volts }: Wave, node: string, from: number) {
  const wave = volts.get(node) ?? new Float64Array();
  let [low, high, area, length] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY, 0, 0];
  for (let k = 1; k < wave.length; k += 1) {
    if ((seconds[k] as number) < from) continue;
    const [a, b] = [wave[k - 1] as number, wave[k] as number];
    const h = (seconds[k] as number) - (seconds[k - 1] as number);
    low = Math.min(low, b);
    high = Math.max(high, b);
    area += (h * (a + b)) / 2;
    length += h;
  }
  return { mean: area / length, low, high, ripple: high - low };
}
