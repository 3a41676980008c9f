import { TOUCH_LIMIT_VOLTS } from "./hazards";

export type Charge = {
  /** resistance that the charge runs off through, Ω; undefined when there is none */
  ohms?: number | undefined;
  /** F */
  farads: number;
  /** V at the start */
  volts: number;
  /** V to come down to */
  safeVolts?: number | undefined;
};

export type Discharge = {
  /** s; undefined without a resistance: then it stays charged */
  seconds?: number;
  /** energy at the start, J */
  joules: number;
  /** dissipation of the resistor in the first moment, W */
  watts?: number;
  /** always said with it */
  warning: string;
};

/** Said beside every computed time. */
export const DISCHARGE_WARNING =
  "A calculated time is never permission to touch: a bleeder may be open. Discharge through a resistor and measure.";

/**
 * How long stored charge takes to run off: t = R·C·ln(V₀/V_safe); energy ½·C·V².
 * @param charge C above 0 F, V₀ from 0 V, R above 0 Ω where there is one; V_safe above 0 V, the touch limit by default
 * @throws RangeError outside these ranges
 * @example discharge({ ohms: 220e3, farads: 16e-6, volts: 400 }).seconds // 6.68 s to 60 V
 */
export function discharge({ ohms, farads, volts, safeVolts = TOUCH_LIMIT_VOLTS }: Charge): Discharge {
  if (!(farads > 0) || !(volts >= 0) || !(safeVolts > 0) || (ohms !== undefined && !(ohms > 0)))
    throw new RangeError("capacitance, voltages and resistance above zero are needed");
  const joules = 0.5 * farads * volts * volts;
  if (ohms === undefined) return { joules, warning: DISCHARGE_WARNING };
  const seconds = volts <= safeVolts ? 0 : ohms * farads * Math.log(volts / safeVolts);
  return { seconds, joules, watts: (volts * volts) / ohms, warning: DISCHARGE_WARNING };
}

/** A resistor to discharge with gives off no more than this in the first moment, W. Shop rule: a 10 W wire-wound stands it. */
const FIRST_WATTS = 40;
/** Handy values for a discharge stick, Ω. */
const STICKS = [1e3, 2.2e3, 4.7e3, 10e3, 22e3, 47e3, 100e3];

/** The smallest handy resistor that discharges a voltage without burning itself or the contacts, Ω. Shop rule. */
export const dischargeResistor = (volts: number): number =>
  STICKS.find((ohms) => (volts * volts) / ohms <= FIRST_WATTS) ?? 100e3;
