import { format, formatDeviation, type Quantity } from "../quantity";
import { judgeAtLeast, judgeColdHeater, judgeWinding } from "./cold";
import { loadingFactor, loadingReason } from "./loading";
import { OPEN_OHMS } from "./measured";
import type { Judgement } from "./verdict";

/** Rules of the cold checks, which are no plain tolerance band. */
export const RULES = ["winding", "at-least", "cold-heater"] as const;
export type Rule = (typeof RULES)[number];

/**
 * What a reading is held against. `lineVolts` is given for points that move with the line (unregulated B+, heaters):
 * it is the line voltage at which the value holds. `sourceOhms` and `chartOhms` let it be corrected for another meter.
 */
export type Expectation = {
  value: number;
  tolerance: number;
  lineVolts?: number | undefined;
  /** tap of the selector at which the chart was made, V, where the set has several */
  tapVolts?: number | undefined;
  sourceOhms?: number | undefined;
  chartOhms?: number | undefined;
  /** the chart does not say how it was made */
  asFound?: boolean | undefined;
  rule?: Rule | undefined;
};

/** Tolerances of a chart that names none, as fractions. Shop rule. */
export const CHART_TOLERANCE = 0.1;
export const OLD_CHART_TOLERANCE = 0.2;
/**
 * Charts up to this year were made on meters and lines that differed widely. Shop rule.
 * @example 250 V on a chart of 1937 is good from 200 to 300 V, on one of 1955 from 225 to 275 V
 */
export const LAST_OLD_CHART_YEAR = 1945;

/** Tolerance of a part whose marking names none: the usual ±20 % of the time. Shop rule. */
export const UNMARKED_PART_TOLERANCE = 0.2;

/** Tolerance for a model's voltage chart by its year. */
export const chartTolerance = (year?: number): number =>
  year !== undefined && year <= LAST_OLD_CHART_YEAR ? OLD_CHART_TOLERANCE : CHART_TOLERANCE;

export type Circumstances = {
  /** line voltage while this was measured, in volts */
  lineVolts?: number | undefined;
  /** tap that the set's selector was at, V */
  tapVolts?: number | undefined;
  /** input resistance of the meter on its range, Ω */
  meterOhms?: number | undefined;
  /** a resistance measured with the part still wired in */
  inCircuit?: boolean | undefined;
};

export type ReadingToJudge = Circumstances & {
  quantity: Quantity;
  /** in base units */
  measured: number;
  expected?: Expectation | undefined;
};

/** The line as the set feels it: on another tap than the chart's, the ratio of line to tap is what counts. */
const feltLine = (expected: Expectation, { lineVolts, tapVolts }: Circumstances): number | undefined =>
  lineVolts && expected.tapVolts && tapVolts ? (lineVolts * expected.tapVolts) / tapVolts : lineVolts;

const scaled = ({ value, lineVolts }: Expectation, now?: number): number =>
  lineVolts && now ? (value * now) / lineVolts : value;

/**
 * What should be read here and now: the chart's figure on this line voltage and with this meter.
 * @returns the corrected expectation in base units, and a sentence for each correction
 */
export function correctedFor(
  expected: Expectation,
  quantity: Quantity,
  circumstances: Circumstances,
): { value: number; reasons: string[] } {
  const { lineVolts, tapVolts, meterOhms } = circumstances;
  const byLine = scaled(expected, feltLine(expected, circumstances));
  const reasons: string[] = [];
  const tap = tapVolts && expected.tapVolts && tapVolts !== expected.tapVolts;
  if (byLine !== expected.value)
    reasons.push(
      `The chart's ${format(expected.value, quantity)} at ${format(expected.lineVolts ?? 0, "voltage")} becomes ${format(byLine, quantity)} at ${format(lineVolts ?? 0, "voltage")} line${tap ? ` on the ${format(tapVolts, "voltage")} tap` : ""}.`,
    );
  const loading = quantity === "voltage" && expected.sourceOhms !== undefined;
  const meters = { sourceOhms: expected.sourceOhms ?? 0, chartOhms: expected.chartOhms, meterOhms };
  const reason = loading ? loadingReason(byLine, meters) : undefined;
  if (reason) reasons.push(reason);
  return { value: loading ? byLine * loadingFactor(meters) : byLine, reasons };
}

/**
 * Judges a reading against what belongs there.
 *
 * Unregulated B+ and heaters are scaled with the line and the meter's loading is worked out first. In circuit, parallel
 * paths can only lower a resistance: above tolerance is proof of drift, below proves nothing until one end is lifted.
 *
 * @param reading measured value in base units, expectation with its tolerance as a fraction
 * @returns ratio, verdict and the reasons in words; verdict `none` when there is nothing to compare with
 */
export function judge(reading: ReadingToJudge): Judgement {
  const { expected, measured, quantity } = reading;
  if (!expected) {
    if (quantity === "resistance" && measured >= OPEN_OHMS)
      return { verdict: "high", reasons: ["Open: no path at all. If one belongs here, that is the fault."] };
    return { verdict: "none", reasons: ["No expected value: it is kept, and there is nothing to compare it with."] };
  }
  if (expected.rule === "winding") return judgeWinding(measured, expected);
  if (expected.rule === "at-least") return judgeAtLeast(measured, expected, quantity);
  if (expected.rule === "cold-heater") return judgeColdHeater(measured, expected.value);
  const { value: corrected, reasons } = correctedFor(expected, quantity, reading);
  if (expected.asFound) reasons.push("The chart states no meter: judged as found.");
  if (corrected === 0)
    return {
      verdict: "none",
      corrected,
      reasons: [...reasons, "The expected value is zero, so there is no ratio: judge it yourself."],
    };
  if (quantity === "resistance" && measured >= OPEN_OHMS)
    return { verdict: "high", corrected, reasons: ["Open.", ...reasons] };
  const ratio = measured / corrected;
  const limit = `±${format(expected.tolerance, "percent")}`;
  const off = formatDeviation(ratio - 1);
  if (measured === 0)
    reasons.push(
      "Exactly nothing: look at the set-up first (meter range and leads, is it on, load or antenna connected).",
    );
  if (ratio < 0)
    return {
      verdict: "low",
      ratio,
      corrected,
      reasons: [...reasons, "The sign is the other way round: check the leads, then the polarity."],
    };
  if (Math.abs(ratio - 1) <= expected.tolerance + 1e-9)
    return { verdict: "good", ratio, corrected, reasons: [...reasons, `${off}, inside ${limit}.`] };
  if (ratio > 1) {
    if (quantity === "resistance" && reading.inCircuit)
      reasons.push("Above tolerance in circuit: parallel paths only lower a reading, so this proves the drift.");
    return { verdict: "high", ratio, corrected, reasons: [`${off}, outside ${limit}.`, ...reasons] };
  }
  if (quantity === "resistance" && reading.inCircuit)
    return {
      verdict: "no-proof",
      ratio,
      corrected,
      reasons: [
        `${off} in circuit proves nothing: a parallel path can lower it. Lift one end and measure again.`,
        ...reasons,
      ],
    };
  return { verdict: "low", ratio, corrected, reasons: [`${off}, outside ${limit}.`, ...reasons] };
}
