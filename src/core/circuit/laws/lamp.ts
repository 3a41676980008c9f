import { FILAMENT_LAW } from "../../thumb";
import { twoEnds, type Law } from "./law";

/** A filament: what it is rated for. */
export type LampModel = { volts: number; amps: number };

/** Below a tenth of its volts a filament is a cold wire, which follows Ohm’s law. */
const COLD = 0.1;

/** @param v volts across it @returns A and S */
export function lampAt({ volts, amps }: LampModel, v: number): { amps: number; slope: number } {
  const x = Math.abs(v) / volts;
  const cold = COLD ** FILAMENT_LAW / COLD;
  if (x < COLD) return { amps: (amps * cold * v) / volts, slope: (amps * cold) / volts };
  return {
    amps: Math.sign(v) * amps * x ** FILAMENT_LAW,
    slope: (amps * FILAMENT_LAW * x ** (FILAMENT_LAW - 1)) / volts,
  };
}

export const lampLaw = (nodes: readonly number[], model: LampModel): Law => ({
  nodes,
  at: (v, i, g) => {
    const { amps, slope } = lampAt(model, (v[0] as number) - (v[1] as number));
    twoEnds(i, g, amps, slope);
  },
});
