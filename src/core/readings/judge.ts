import { format, formatDeviation, type Quantity } from "../quantity";

/**
 * What a reading is held against. `lineVolts` is given for points that move with the line (unregulated B+, heaters):
 * it is the line voltage at which the value holds.
 */
export type Expectation = { value: number; tolerance: number; lineVolts?: number };

export type Verdict = "good" | "high" | "low" | "no-proof" | "none";

export type Judgement = {
  verdict: Verdict;
  /** measured over the corrected expectation; undefined when there is nothing to divide by */
  ratio?: number;
  /** the expectation after line scaling, in base units */
  corrected?: number;
  reasons: string[];
};

/** Tolerances of a chart that names none, as fractions. Shop rule. */
export const CHART_TOLERANCE = 0.1;
export const OLD_CHART_TOLERANCE = 0.2;
/** Charts up to this year were made on meters and lines that differed widely. Shop rule. */
export const LAST_OLD_CHART_YEAR = 1945;

/** Tolerance of a part whose marking names none: the usual ±20 % of the time. Shop rule. */
export const UNMARKED_PART_TOLERANCE = 0.2;

/** Tolerance for a model's voltage chart by its year. */
export const chartTolerance = (year?: number): number =>
  year !== undefined && year <= LAST_OLD_CHART_YEAR ? OLD_CHART_TOLERANCE : CHART_TOLERANCE;

export type ReadingToJudge = {
  quantity: Quantity;
  /** in base units */
  measured: number;
  expected?: Expectation;
  /** line voltage while this was measured, in volts */
  lineVolts?: number;
  /** a resistance measured with the part still wired in */
  inCircuit?: boolean;
};

const scaled = (expected: Expectation, lineVolts?: number): number =>
  expected.lineVolts && lineVolts ? (expected.value * lineVolts) / expected.lineVolts : expected.value;

/**
 * Judges a reading against what belongs there.
 *
 * Unregulated B+ and heaters are scaled with the line first. In circuit, parallel paths can only lower a resistance:
 * above tolerance is proof of drift, below proves nothing until one end is lifted.
 *
 * @param reading measured value in base units, expectation with its tolerance as a fraction
 * @returns ratio, verdict and the reasons in words; verdict `none` when there is nothing to compare with
 */
export function judge(reading: ReadingToJudge): Judgement {
  const { expected, measured, quantity } = reading;
  if (!expected) return { verdict: "none", reasons: ["No expected value: kept as it is, nothing to compare with."] };
  const corrected = scaled(expected, reading.lineVolts);
  const reasons: string[] = [];
  if (corrected !== expected.value)
    reasons.push(
      `The chart's ${format(expected.value, quantity)} at ${format(expected.lineVolts ?? 0, "voltage")} becomes ${format(corrected, quantity)} at ${format(reading.lineVolts ?? 0, "voltage")} line.`,
    );
  if (corrected === 0)
    return { verdict: "none", corrected, reasons: [...reasons, "An expected zero gives no ratio: judge it by eye."] };
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
