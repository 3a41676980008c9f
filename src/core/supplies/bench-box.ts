import { FILAMENT_LAW, HEATER_TOLERANCE } from "../thumb";

/** A filament: V and A at its rating. */
export type BoxTube = { name: string; volts: number; amps: number };

/** What the others get when one tube is out. */
export type OneOut = { out: string; volts: { name: string; volts: number; over: boolean }[] };

/** Current of a filament away from its rating: I = I_n·(V/V_n)^0.6. @param volts from 0 */
export const filamentCurrent = (tube: Pick<BoxTube, "volts" | "amps">, volts: number): number =>
  volts <= 0 ? 0 : tube.amps * (volts / tube.volts) ** FILAMENT_LAW;

/** Filaments stand this much above their rating. Data sheets: receiving tubes, ten per cent. */
const MOST = 1 + HEATER_TOLERANCE.receiving;

const over = (tube: BoxTube, volts: number) => volts > tube.volts * MOST * (1 + 1e-9);

/** Where a falling function passes zero, between two ends. */
function zeroOf(f: (x: number) => number, from: number, to: number): number {
  let [a, b] = [from, to];
  for (let n = 0; n < 80; n += 1) {
    const middle = (a + b) / 2;
    if (f(middle) > 0) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}

/**
 * Filaments in parallel behind one resistor: its value, and what the others get with one tube out.
 * @param supply V, above the filaments' rating @param tubes of one filament voltage
 * @returns undefined where the voltages differ, or the supply is below them
 * @example 2 V, four tubes of 1.4 V 25 mA: 6 Ω; with one out the others get 1.51 V
 */
export function parallelBox(
  supply: number,
  tubes: readonly BoxTube[],
): { ohms: number; watts: number; amps: number; out: OneOut[] } | undefined {
  const [first] = tubes;
  if (!first || tubes.some(({ volts }) => Math.abs(volts / first.volts - 1) > 0.03) || supply < first.volts)
    return undefined;
  const amps = tubes.reduce((sum, one) => sum + one.amps, 0);
  const ohms = (supply - first.volts) / amps;
  const across = (left: readonly BoxTube[]) =>
    zeroOf(
      (volts) => supply - volts - ohms * left.reduce((sum, one) => sum + filamentCurrent(one, volts), 0),
      0,
      supply,
    );
  return {
    ohms,
    watts: amps * amps * ohms,
    amps,
    out: tubes.map((gone) => {
      const left = tubes.filter((one) => one !== gone);
      const volts = left.length > 0 ? across(left) : supply;
      return { out: gone.name, volts: left.map((one) => ({ name: one.name, volts, over: over(one, volts) })) };
    }),
  };
}

/**
 * Filaments in series behind one resistor, each with a shunt where it has one: with one tube out nothing flows, and all
 * others are dark; a shunt across its place carries the string's current instead and takes what it takes.
 * @param supply V @param tubes in the order of the string, all of one current
 * @returns undefined where the currents differ by more than five per cent, or the supply is below the string
 */
export function seriesBox(
  supply: number,
  tubes: readonly BoxTube[],
): { ohms: number; watts: number; amps: number; volts: number } | undefined {
  const [first] = tubes;
  const volts = tubes.reduce((sum, one) => sum + one.volts, 0);
  if (!first || tubes.some(({ amps }) => Math.abs(amps / first.amps - 1) > 0.05) || supply < volts) return undefined;
  const ohms = (supply - volts) / first.amps;
  return { ohms, watts: first.amps * first.amps * ohms, amps: first.amps, volts };
}

/**
 * The bias that a resistor in B− makes, and the B voltage that must be there for a plate supply.
 * @param amps total B current, A @param ohms of the resistor in B−
 * @example 11 mA through 680 Ω: 7.5 V of bias; 90 V at the plates want 97.5 V of B
 */
export const minusBias = (amps: number, ohms: number, plate: number): { bias: number; supply: number } => ({
  bias: amps * ohms,
  supply: plate + amps * ohms,
});
