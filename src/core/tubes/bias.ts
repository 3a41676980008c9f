import { nearestPreferred } from "../quantity";
import { MARGINS, type Margins } from "../thumb";

/** Lowest frequency that a stage should still pass unweakened where nobody says otherwise, Hz. Shop rule. */
export const LOW_HZ = 50;

export type BiasInput = {
  /** bias wanted: grid against cathode, 0 V or below */
  grid: number;
  /** plate and screen current at that point, A */
  amps: number;
  screenAmps?: number | undefined;
  /** S, where known */
  gm?: number | undefined;
  /** lowest frequency to be passed, Hz */
  lowHz?: number | undefined;
};

export type Bias = {
  /** resistor that gives the bias exactly, Ω, and what it dissipates, W */
  ohms: number;
  watts: number;
  /** the nearest preferred value, and what the stage settles at with it */
  preferred: { ohms: number; watts: number; volts: number; amps: number };
  /** smallest wattage to fit, W */
  rated: number;
  /** smallest bypass, F, and its smallest rating, V */
  bypass: { farads: number; volts: number };
};

/**
 * What a stage settles at with another cathode resistor. To first order the current moves by gm times the change of
 * bias: I = (I₀ + gm·V₀)/(1 + gm·R), all of the cathode current with it.
 */
function settledWith(ohms: number, volts: number, amps: number, gm: number): { volts: number; amps: number } {
  const settled = (amps + gm * volts) / (1 + gm * ohms);
  return { volts: settled * ohms, amps: settled };
}

/**
 * Cathode bias: R_k = |V_g1|/(I_a + I_g2), P = V·I, and the bypass C ≥ 1/(2π·f·(R_k ∥ 1/g_m)).
 *
 * @param input bias below zero, currents above zero @param margins the shop's, on watts and volts
 * @throws RangeError when there is no bias or no current to make it with
 * @example cathodeBias({ grid: -12.5, amps: 0.045, screenAmps: 0.0045, gm: 0.0041 }).ohms // 252.5 Ω: 6V6 at 250 V
 */
export function cathodeBias(
  { grid, amps, screenAmps = 0, gm = 0, lowHz = LOW_HZ }: BiasInput,
  margins: Margins = MARGINS,
): Bias {
  const volts = -grid;
  const current = amps + screenAmps;
  if (!(volts > 0) || !(current > 0) || !(lowHz > 0) || !(gm >= 0) || !(screenAmps >= 0))
    throw new RangeError("cathode bias needs a negative grid, a current and a frequency above zero");
  const ohms = volts / current;
  const preferred = nearestPreferred(ohms, "E24").value;
  // gm is of the plate current; the screen's part rises with it.
  const settled = settledWith(preferred, volts, current, gm * (current / amps));
  const parallel = gm > 0 ? 1 / (1 / ohms + gm) : ohms;
  return {
    ohms,
    watts: volts * current,
    preferred: { ohms: preferred, watts: settled.volts * settled.amps, ...settled },
    rated: margins.watts * volts * current,
    bypass: {
      farads: 1 / (2 * Math.PI * lowHz * parallel),
      volts: Math.max(margins.bypass.factor * volts, margins.bypass.least),
    },
  };
}

export type ScreenInput = { supply: number; screen: number; screenAmps: number };

/**
 * Resistor that feeds a screen grid: R = (V_supply − V_g2)/I_g2. The screen current is taken as constant.
 * @throws RangeError unless the supply is above the screen and the current above zero
 */
export function screenResistor({ supply, screen, screenAmps }: ScreenInput, margins: Margins = MARGINS) {
  if (!(supply > screen) || !(screen > 0) || !(screenAmps > 0))
    throw new RangeError("the supply is above the screen, and the screen takes current");
  const drop = supply - screen;
  const ohms = drop / screenAmps;
  const preferred = nearestPreferred(ohms, "E12").value;
  return {
    ohms,
    watts: drop * screenAmps,
    rated: margins.watts * drop * screenAmps,
    preferred: {
      ohms: preferred,
      screen: supply - preferred * screenAmps,
      watts: preferred * screenAmps * screenAmps,
    },
  };
}

/** Current through a cathode resistor from the volts across it. @throws RangeError for a resistor of nothing */
export function cathodeCurrent(volts: number, ohms: number): number {
  if (!(ohms > 0)) throw new RangeError("a resistor is above zero");
  return volts / ohms;
}
