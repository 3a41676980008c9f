import { format } from "../quantity";
import { HEATER_TOLERANCE } from "../thumb";
import { tapsOf, type Sheet } from "../model";

/** What comes out of the wall (or the step-down transformer) at the bench. */
export type MainsLine = { volts: number; hz: number };

/** Iron may carry this much more flux than it was made for before it is worth a warning, as a fraction. Shop rule. */
export const FLUX_MARGIN = 0.1;
/** A line this far from the tap is another voltage, not a tolerance, as a fraction. Shop rule: ±10 %, heaters' own limit. */
export const TAP_MARGIN = HEATER_TOLERANCE.receiving;

/** A line this little above a tap stands on it, as a fraction. Shop rule: a meter's own width. */
const ON_TAP = 0.01;
/** A line of less than this share of a tap leaves the heaters cold: that tap is for another line. Shop rule. */
const LEAST_SHARE = 0.85;

/**
 * The tap of the selector that suits a line best. Between two taps it is the higher one: heaters and capacitors last
 * on a little less, and end on a little more. A tap that belongs to another line altogether is never proposed.
 * @example bestTap({ lineVolts: 220, taps: [220, 240] }, 228) // 240
 */
export function bestTap(sheet: Pick<Sheet, "taps" | "lineVolts">, volts: number): number {
  const taps = tapsOf(sheet);
  const above = taps.filter((tap) => tap * (1 + ON_TAP) >= volts && volts >= tap * LEAST_SHARE);
  if (above.length > 0) return Math.min(...above);
  const off = (tap: number) => Math.abs(Math.log(tap / volts));
  return taps.reduce((best, tap) => (off(tap) < off(best) ? tap : best));
}

/**
 * Holds a bench's line against the tap of a set: voltage, and the flux in its iron.
 * Flux goes with volts over hertz: a transformer made for 60 Hz carries 6/5 of its flux on 50 Hz.
 *
 * @param tap volts that the selector is set to @param line of the bench
 * @returns flux over the one it was made for, and remarks; none when all is well
 */
export function lineRemarks(
  sheet: Pick<Sheet, "supply" | "lineHz">,
  tap: number,
  line: MainsLine,
): { flux: number; remarks: string[] } {
  const iron = sheet.supply === "transformer" || sheet.supply === "high-voltage";
  const made = sheet.lineHz ?? line.hz;
  const flux = made / line.hz;
  const remarks: string[] = [];
  const ratio = line.volts / tap;
  if (ratio > 1 + TAP_MARGIN)
    remarks.push(
      `The bench has ${format(line.volts, "voltage")}, the set is at ${format(tap, "voltage")}: bring it down with a transformer or the variac, never straight on.`,
    );
  if (ratio < 1 - TAP_MARGIN)
    remarks.push(
      `The bench has ${format(line.volts, "voltage")}, the set is at ${format(tap, "voltage")}: full line is not reached without a step-up transformer.`,
    );
  if (iron && flux > 1 + FLUX_MARGIN)
    remarks.push(
      `Made for ${format(made, "frequency")}, run on ${format(line.hz, "frequency")}: ${format(flux - 1, "percent", 2)} more flux in the iron at full voltage. Watch its heat; ${format(tap / flux, "voltage")} gives the flux it was made for.`,
    );
  if (!iron && sheet.lineHz && sheet.lineHz !== line.hz)
    remarks.push(
      `The line is ${format(line.hz, "frequency")}: hum lies at that and at ${format(2 * line.hz, "frequency")}.`,
    );
  return { flux, remarks };
}
