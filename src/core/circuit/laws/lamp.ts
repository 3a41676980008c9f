import { twoEnds, type Law } from "./law";

/** A filament: what it is rated for. */
export type LampModel = { volts: number; amps: number };

/**
 * Current of a lamp or heater goes with the 0.6th power of its volts (as core/tubes has it for strings). Below a tenth of
 * its volts it is a cold wire.
 */
const POWER = 0.6;
const COLD = 0.1;

/** @param v volts across it @returns A and S */
export function lampAt({ volts, amps }: LampModel, v: number): { amps: number; slope: number } {
  const x = Math.abs(v) / volts;
  const cold = COLD ** POWER / COLD;
  if (x < COLD) return { amps: (amps * cold * v) / volts, slope: (amps * cold) / volts };
  return { amps: Math.sign(v) * amps * x ** POWER, slope: (amps * POWER * x ** (POWER - 1)) / volts };
}

export const lampLaw = (nodes: readonly number[], model: LampModel): Law => ({
  nodes,
  at: (v, i, g) => {
    const { amps, slope } = lampAt(model, (v[0] as number) - (v[1] as number));
    twoEnds(i, g, amps, slope);
  },
});
