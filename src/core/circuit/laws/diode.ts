import { sigmoid, softplus, twoEnds, type Law } from "./law";

/** A vacuum diode by its perveance, or a junction by its saturation current. */
export type DiodeModel =
  /** I = K·V^1.5 (Child and Langmuir); `ohms` in series: the winding, a surge resistor */
  | { law: "vacuum"; perveance: number }
  /** I = Is·(e^(V/n·Vt) − 1); `knee` is n·Vt */
  | { law: "junction"; saturation: number; knee: number };

/** Thermal voltage at 27 °C, V (k·T/q). */
export const THERMAL = 0.0258649;
/** A silicon rectifier and a germanium signal diode, as ordinary data sheets show them. */
export const SILICON: DiodeModel = { law: "junction", saturation: 7e-10, knee: 1.6 * THERMAL };
export const GERMANIUM: DiodeModel = { law: "junction", saturation: 2e-6, knee: 1.7 * THERMAL };

/** A vacuum diode does not begin at a corner: electrons have some tenths of a volt of their own, V. */
const ROUND = 0.15;

/** Perveance from a drop of the data sheet. @param volts drop, V @param amps at this current, A @returns A/V^1.5 */
export const perveanceOf = (volts: number, amps: number): number => amps / volts ** 1.5;

/** Current of a diode and its slope. @param v volts across it @returns A and S */
export function diodeAt(model: DiodeModel, v: number): { amps: number; slope: number } {
  if (model.law === "vacuum") {
    const x = ROUND * softplus(v / ROUND);
    return { amps: model.perveance * x ** 1.5, slope: 1.5 * model.perveance * Math.sqrt(x) * sigmoid(v / ROUND) };
  }
  const { saturation, knee } = model;
  // Far above the knee the exponential goes on as its tangent, so that a bad guess overflows nothing.
  const x = v / knee;
  if (x > 60) {
    const at = saturation * Math.exp(60);
    return { amps: at * (1 + x - 60), slope: at / knee };
  }
  const e = Math.exp(x);
  return { amps: saturation * (e - 1), slope: (saturation * e) / knee };
}

/** A junction may climb only so far in one step (L. Nagel, SPICE2, 1975). @returns the volts to go on with */
export function limitJunction(v: number, before: number, knee: number, saturation: number): number {
  const critical = knee * Math.log(knee / (Math.SQRT2 * saturation));
  if (v <= critical || Math.abs(v - before) <= 2 * knee) return v;
  if (before > 0) {
    const step = 1 + (v - before) / knee;
    return step > 0 ? before + knee * Math.log(step) : critical;
  }
  return knee * Math.log(v / knee);
}

export function diodeLaw(nodes: readonly number[], model: DiodeModel): Law {
  const at: Law["at"] = (v, i, g) => {
    const { amps, slope } = diodeAt(model, (v[0] as number) - (v[1] as number));
    twoEnds(i, g, amps, slope);
  };
  if (model.law === "vacuum") return { nodes, at };
  return {
    nodes,
    at,
    limit: (v, before) => {
      const was = (before[0] as number) - (before[1] as number);
      v[0] = (v[1] as number) + limitJunction((v[0] as number) - (v[1] as number), was, model.knee, model.saturation);
    },
  };
}
