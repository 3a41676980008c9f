import { diodeAt, limitJunction, THERMAL, type DiodeModel } from "./diode";
import { LEAST_SLOPE, type Law } from "./law";

/** A bipolar transistor (J. Ebers, J. Moll, 1954) with Early’s slope (1952), and the leakage of germanium. */
export type TransistorModel = {
  polarity: "npn" | "pnp";
  /** saturation current, A */
  saturation: number;
  /** current gain forward and backward */
  beta: number;
  reverseBeta: number;
  /** Early voltage, V */
  early: number;
  /** collector to base leakage with the emitter open (ICBO), A */
  leakage: number;
};

/** Ordinary small types, from what their data sheets have in common. */
export const GERMANIUM_PNP: TransistorModel = {
  polarity: "pnp",
  saturation: 1e-6,
  beta: 80,
  reverseBeta: 10,
  early: 60,
  leakage: 4e-6,
};
export const SILICON_NPN: TransistorModel = {
  polarity: "npn",
  saturation: 1e-14,
  beta: 150,
  reverseBeta: 4,
  early: 80,
  leakage: 0,
};

/** Ends: collector, base, emitter. */
export function transistorLaw(nodes: readonly number[], model: TransistorModel): Law {
  const sign = model.polarity === "npn" ? 1 : -1;
  const junction: DiodeModel = { law: "junction", saturation: model.saturation, knee: THERMAL };
  const leak: DiodeModel = { law: "junction", saturation: model.leakage, knee: THERMAL };
  return {
    nodes,
    at: (v, i, g) => {
      const be = sign * ((v[1] as number) - (v[2] as number));
      const bc = sign * ((v[1] as number) - (v[0] as number));
      const forward = diodeAt(junction, be);
      const backward = diodeAt(junction, bc);
      const leaks = diodeAt(leak, bc);
      const rise = 1 - bc / model.early;
      const through = (forward.amps - backward.amps) * rise;
      const throughBe = forward.slope * rise;
      const throughBc = -backward.slope * rise - (forward.amps - backward.amps) / model.early;
      const ic = through - backward.amps / model.reverseBeta - leaks.amps;
      const ib = forward.amps / model.beta + backward.amps / model.reverseBeta + leaks.amps;
      const cBe = throughBe;
      const cBc = throughBc - backward.slope / model.reverseBeta - leaks.slope;
      const bBe = forward.slope / model.beta + LEAST_SLOPE;
      const bBc = backward.slope / model.reverseBeta + leaks.slope + LEAST_SLOPE;
      i[0] = sign * ic;
      i[1] = sign * ib;
      i[2] = -sign * (ic + ib);
      // By collector, base, emitter: bc falls with the collector, be with the emitter. The signs cancel.
      g[0] = -cBc;
      g[1] = cBe + cBc;
      g[2] = -cBe;
      g[3] = -bBc;
      g[4] = bBe + bBc;
      g[5] = -bBe;
      g[6] = cBc + bBc;
      g[7] = -(cBe + cBc + bBe + bBc);
      g[8] = cBe + bBe;
    },
    limit: (v, before) => {
      const was = (a: number, b: number) => sign * ((before[a] as number) - (before[b] as number));
      const is = (a: number, b: number) => sign * ((v[a] as number) - (v[b] as number));
      v[2] = (v[1] as number) - sign * limitJunction(is(1, 2), was(1, 2), THERMAL, model.saturation);
      v[0] = (v[1] as number) - sign * limitJunction(is(1, 0), was(1, 0), THERMAL, model.saturation);
    },
  };
}
