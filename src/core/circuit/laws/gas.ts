import { sigmoid, softplus, twoEnds, type Law } from "./law";

/** A gas regulator or a neon lamp that has struck: its burning volts, and what it rises with current. */
export type GasModel = { volts: number; ohms: number };

/** How sharply it begins, V. */
const ROUND = 0.5;
/** An ordinary regulator rises some two volts over its range, Ω. */
export const GAS_OHMS = 80;

/** @param v volts across it @returns A and S */
export function gasAt({ volts, ohms }: GasModel, v: number): { amps: number; slope: number } {
  const x = (v - volts) / ROUND;
  return { amps: (ROUND * softplus(x)) / ohms, slope: sigmoid(x) / ohms };
}

export const gasLaw = (nodes: readonly number[], model: GasModel): Law => ({
  nodes,
  at: (v, i, g) => {
    const { amps, slope } = gasAt(model, (v[0] as number) - (v[1] as number));
    twoEnds(i, g, amps, slope);
  },
});
