import { railPoints, tapsOf, type Sheet } from "../model";
import { format } from "../quantity";

export type Volts = { volts: number; from: string };

type Fed = Pick<Sheet, "supply" | "rectifier" | "supplyRms" | "highestVolts" | "lineVolts" | "taps" | "points">;

/**
 * No-load direct voltage over the rms volts that feed the rectifier. The secondary is given for each half where it has
 * a centre tap, so a full-wave rectifier, a bridge and a half-wave rectifier all charge to one peak; a doubler to two.
 * Sine: peak = √2 × rms.
 */
const peakFactor = (sheet: Pick<Fed, "rectifier">): number => (sheet.rectifier === "doubler" ? 2 : 1) * Math.SQRT2;

const factorText = (sheet: Pick<Fed, "rectifier">): string => (sheet.rectifier === "doubler" ? "2√2" : "√2");

/** What the rectifier charges to by its alternating volts; nothing where the sheet does not tell them. */
function reckonedPeak(sheet: Fed): Volts | undefined {
  const { supply, supplyRms } = sheet;
  if (supplyRms)
    return {
      volts: peakFactor(sheet) * supplyRms,
      from: `${factorText(sheet)} × ${format(supplyRms, "voltage")} of the secondary`,
    };
  if (supply === "battery") return { volts: sheet.lineVolts, from: "the battery" };
  if (supply !== "live-chassis") return undefined;
  const taps = tapsOf(sheet);
  const [lowest, highest] = [Math.min(...taps), Math.max(...taps)];
  const plain = { volts: Math.SQRT2 * highest, from: `√2 × ${format(highest, "voltage")} line` };
  // A set with a doubler and a selector doubles the low line, and takes the high one as it is.
  const doubled = { volts: 2 * Math.SQRT2 * lowest, from: `2√2 × ${format(lowest, "voltage")} line, doubled` };
  return sheet.rectifier === "doubler" && doubled.volts > plain.volts ? doubled : plain;
}

/** A sheet's highest voltage is the peak, rounded, when the two lie this close, as a fraction. Shop rule. */
const ROUNDED = 0.02;

/**
 * What B+ stands at before the tubes draw, V: what the rectifier charges to, and never less than the highest voltage of
 * the sheet or B+ of its chart, since a rectifier circuit that nobody wrote down can give more than one peak.
 * @example noLoadPeak of 300 V rms each half: 424 V; of 800 V rms into a doubler: 2263 V
 */
export function noLoadPeak(sheet: Fed): Volts {
  const reckoned = reckonedPeak(sheet);
  const others: Volts[] = [
    { volts: sheet.highestVolts, from: "the sheet’s highest voltage" },
    ...railPoints(sheet.points).map(({ point, expected }) => ({
      volts: Math.abs(expected),
      from: `${point} of the chart`,
    })),
  ];
  const highest = others.reduce((most, one) => (one.volts > most.volts * (1 + ROUNDED) ? one : most));
  return reckoned && highest.volts <= reckoned.volts * (1 + ROUNDED) ? reckoned : highest;
}
