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

/** A resistor to discharge with gives off no more than this in the first moment, W. Shop rule: it spares the contacts. */
export const FIRST_WATTS = 40;
/** Handy values for a discharge stick, Ω: 1, 2.2, 4.7 a decade (E3, IEC 60063). */
const STICKS = [1e3, 1e4, 1e5, 1e6, 1e7].flatMap((decade) => [1, 2.2, 4.7].map((step) => step * decade));
/** Wire-wound resistors that are to be had, W. */
const WATTAGES = [10, 25, 50, 100];
/** A wire-wound resistor bears four times its wattage for a moment, and its wattage for 25 s as one pulse. Data sheets: five times for 5 s. */
const OVERLOAD = 4;
const PULSE_SECONDS = 25;
/** One resistor of a stick stands this, V; more of them go in series. Shop rule, from data sheets of 10 W types. */
export const VOLTS_A_RESISTOR = 500;
/** Held on half as long again as the sum says, at least ten seconds, in steps of five. Shop rule. */
const HOLD_MARGIN = 1.5;
const LEAST_HOLD = 10;
const HOLD_STEP = 5;

/** The smallest handy resistor that discharges a voltage without burning itself or the contacts, Ω. */
export const dischargeResistor = (volts: number): number =>
  STICKS.find((ohms) => (volts * volts) / ohms <= FIRST_WATTS) ?? 47e6;

export type DischargeStick = {
  /** Ω, all of it */
  ohms: number;
  /** so many equal resistors in series bear the volts */
  inSeries: number;
  /** W, all of it */
  watts: number;
  /** dissipation in the first moment, W */
  firstWatts: number;
  /** to the touch limit, s */
  seconds: number;
  /** so long it is held on, s */
  holdSeconds: number;
};

/**
 * What to discharge a set with, and for how long: R so that the first moment stays below 40 W, the wattage from that
 * moment and from the energy, the time from R·C·ln(V/60 V) with half as much again.
 * @param volts above 0 V @param farads above 0 F
 * @example dischargeStick(1000, 100e-6) // 47 kΩ in 2, 10 W; 13.2 s to 60 V, held on for 20 s
 * @throws RangeError outside these ranges
 */
export function dischargeStick(volts: number, farads: number): DischargeStick {
  if (!(volts > 0)) throw new RangeError("a voltage above zero is needed");
  const ohms = dischargeResistor(volts);
  const { seconds = 0, joules, watts: firstWatts = 0 } = discharge({ ohms, farads, volts });
  const pulse = Math.min(joules / PULSE_SECONDS, firstWatts);
  const least = Math.max(firstWatts / OVERLOAD, pulse);
  return {
    ohms,
    inSeries: Math.ceil(volts / VOLTS_A_RESISTOR),
    watts: WATTAGES.find((one) => one >= least) ?? 100,
    firstWatts,
    seconds,
    holdSeconds: Math.max(LEAST_HOLD, Math.ceil((seconds * HOLD_MARGIN) / HOLD_STEP) * HOLD_STEP),
  };
}
