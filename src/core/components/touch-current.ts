import { tapsOf, type Sheet } from "../model";

/**
 * What a capacitor between the line and the chassis lets through a person who touches the chassis. The figures are
 * those of the household and equipment standards for touch current (IEC 60335-1, IEC 62368-1); the local code decides.
 */

/**
 * Above this it is worth a warning, A. IEC 60335-1: class II and 0 I appliances, 0.5 mA.
 * @example 10 nF at 230 V 50 Hz: 0.72 mA, a warning; 4.7 nF: 0.34 mA, none
 */
export const TOUCH_WARN_AMPS = 0.5e-3;
/**
 * Above this nothing is fitted, A. IEC 60335-1 and IEC 62368-1: 3.5 mA, the most for earthed appliances.
 * @example 48.4 nF at 230 V 50 Hz let 3.5 mA through: nothing larger goes in
 */
export const TOUCH_MOST_AMPS = 3.5e-3;
/** Lines from this voltage on are taken for 50 Hz where the sheet does not say, V; others for 60 Hz. Shop rule. */
const FIFTY_HERTZ_FROM = 200;

export type Line = { volts: number; hertz: number };

/** The highest line that a set can be set to, with its frequency. */
export function lineOf(sheet: Pick<Sheet, "lineVolts" | "taps" | "lineHz">): Line {
  const volts = Math.max(...tapsOf(sheet));
  return { volts, hertz: sheet.lineHz ?? (volts >= FIFTY_HERTZ_FROM ? 50 : 60) };
}

/**
 * Current through a capacitor at the line, A: I = 2π·f·C·V.
 * @param farads above 0 F @param line V and Hz, above 0
 * @example touchCurrent(4.7e-9, { volts: 230, hertz: 50 }) // 0.34 mA
 */
export const touchCurrent = (farads: number, { volts, hertz }: Line): number => 2 * Math.PI * hertz * farads * volts;

/** The largest capacitor that lets no more than 3.5 mA through, F: C = I/(2π·f·V). At 230 V 50 Hz: 48 nF. */
export const mostByTouch = ({ volts, hertz }: Line): number => TOUCH_MOST_AMPS / (2 * Math.PI * hertz * volts);
