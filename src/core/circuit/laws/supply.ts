import { diodeAt, type DiodeModel } from "./diode";
import { LEAST_SLOPE, type Law } from "./law";

/**
 * A rectifier with its winding and a reservoir behind it, as one device at DC: what current it gives at what voltage. The
 * reservoir is taken as large, so that its voltage stands still over a period; its ripple is the transient’s work.
 */
export type SupplyModel = {
  rectifier: "half-wave" | "full-wave" | "bridge" | "doubler";
  /** volts of the winding, each half where it has a centre tap, V rms */
  rms: number;
  /** in series with each conduction: the winding, what the primary adds, a surge resistor, Ω */
  ohms: number;
  diode: DiodeModel;
};

/** Diodes in the way of the current. */
const IN_SERIES: Record<SupplyModel["rectifier"], number> = { "half-wave": 1, "full-wave": 1, bridge: 2, doubler: 1 };
/** Conductions in one period, as a share of two. */
const BOTH_HALVES: Record<SupplyModel["rectifier"], number> = {
  "half-wave": 0.5,
  "full-wave": 1,
  bridge: 1,
  doubler: 0.5,
};

/** Current through diodes and ohms in series with `v` across all of them: A and S. */
export function throughAll({ diode, ohms }: SupplyModel, diodes: number, v: number): { amps: number; slope: number } {
  // The drop of the diodes alone, found by Newton from below, where the current is small.
  let drop = Math.min(v / diodes, diode.law === "junction" ? 0.8 : v / diodes);
  for (let step = 0; step < 60; step += 1) {
    const one = diodeAt(diode, drop);
    const miss = drop * diodes + one.amps * ohms - v;
    const change = miss / (diodes + one.slope * ohms);
    drop -= change;
    if (Math.abs(change) < 1e-9) break;
  }
  const one = diodeAt(diode, drop);
  return { amps: one.amps, slope: one.slope / (diodes + one.slope * ohms) };
}

const ANGLES = 96;
const POINTS = 72;

type Curve = { step: number; amps: Float64Array; slope: Float64Array; top: number };
const curves = new WeakMap<SupplyModel, Curve>();

/** No-load voltage: the peak, of a doubler twice that, V. */
export const peakOf = ({ rectifier, rms }: SupplyModel): number => Math.SQRT2 * rms * (rectifier === "doubler" ? 2 : 1);

/** Mean current over a period at each of many output voltages, with its slope. */
function curveOf(model: SupplyModel): Curve {
  const known = curves.get(model);
  if (known) return known;
  const top = peakOf(model);
  const stacked = model.rectifier === "doubler" ? 2 : 1;
  const step = top / (POINTS - 1);
  const amps = new Float64Array(POINTS);
  const slope = new Float64Array(POINTS);
  const peak = Math.SQRT2 * model.rms;
  for (let point = 0; point < POINTS; point += 1) {
    const out = (point * step) / stacked;
    let sum = 0;
    let sumSlope = 0;
    // Midpoints over a quarter of a period: the other quarter is its mirror.
    for (let angle = 0; angle < ANGLES; angle += 1) {
      const v = peak * Math.sin(((angle + 0.5) / ANGLES) * (Math.PI / 2)) - out;
      if (v <= 0) continue;
      const one = throughAll(model, IN_SERIES[model.rectifier], v);
      sum += one.amps;
      sumSlope += one.slope;
    }
    amps[point] = (BOTH_HALVES[model.rectifier] * sum) / ANGLES;
    slope[point] = -(BOTH_HALVES[model.rectifier] * sumSlope) / ANGLES / stacked;
  }
  const made = { step, amps, slope, top };
  curves.set(model, made);
  return made;
}

/** Current that a supply gives at an output voltage, and its slope. @param v output, V @returns A and S (negative) */
export function supplyAt(model: SupplyModel, v: number): { amps: number; slope: number } {
  const { step, amps, slope, top } = curveOf(model);
  if (v >= top) return { amps: 0, slope: 0 };
  const at = (list: Float64Array, index: number) => list[index] as number;
  if (v <= 0) return { amps: at(amps, 0) + at(slope, 0) * v, slope: at(slope, 0) };
  // Hermite between two points: value and slope are those that were computed.
  const index = Math.min(POINTS - 2, Math.floor(v / step));
  const t = v / step - index;
  const [a, b] = [at(amps, index), at(amps, index + 1)];
  const [da, db] = [at(slope, index) * step, at(slope, index + 1) * step];
  const value = a + t * (da + t * (3 * (b - a) - 2 * da - db + t * (2 * (a - b) + da + db)));
  const rise = da + t * (2 * (3 * (b - a) - 2 * da - db) + 3 * t * (2 * (a - b) + da + db));
  return { amps: Math.max(0, value), slope: Math.min(0, rise / step) };
}

/** Ends: plus, minus. */
export const supplyLaw = (nodes: readonly number[], model: SupplyModel): Law => ({
  nodes,
  at: (v, i, g) => {
    const { amps, slope } = supplyAt(model, (v[0] as number) - (v[1] as number));
    const s = LEAST_SLOPE - slope;
    i[0] = -amps;
    i[1] = amps;
    g[0] = s;
    g[1] = -s;
    g[2] = -s;
    g[3] = s;
  },
});
