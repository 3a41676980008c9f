import { inDecibels } from "../levels";
import { format, keepsTo, reaches } from "../quantity";
import { TUBE_GOOD, TUBE_REPLACE } from "../thumb";

/** How a result relates to its nominal: as a tube's share of new, as a floor, or as a ceiling. */
export const SENSES = ["share", "at-least", "at-most"] as const;
export type Sense = (typeof SENSES)[number];

export type TestVerdict = "good" | "watch" | "bad" | "none";
export type TestJudgement = { verdict: TestVerdict; ratio?: number; reasons: string[] };

/** Where a figure lies against its limit, in words: `85 % below the limit`. */
function limitWords(ratio: number, sense: "at-least" | "at-most"): string {
  const percent = Math.round(Math.abs(ratio - 1) * 100);
  const side = ratio < 1 ? "below" : "above";
  const met = sense === "at-least" ? reaches(ratio, 1) : keepsTo(ratio, 1);
  if (percent === 0) return met ? "Exactly at the limit." : `Just ${side} the limit.`;
  // A figure of several times the limit is a factor to anybody, not per cent.
  const far = ratio >= 10 ? `${Number(ratio.toPrecision(2))} times the limit` : `${percent} % ${side} the limit`;
  return met ? `Meets its limit: ${far}.` : `${far}.`;
}

/** A level against its limit, both in decibels. */
function judgeDecibels(measured: number, limit: number, sense: "at-least" | "at-most"): TestJudgement {
  const over = measured - limit;
  const met = sense === "at-least" ? over >= 0 : over <= 0;
  const words =
    over === 0 ? "exactly at the limit" : `${Math.abs(over).toFixed(1)} dB ${over < 0 ? "below" : "above"} the limit`;
  return { verdict: met ? "good" : "bad", reasons: [met ? `Meets its limit: ${words}.` : `${words}.`] };
}

/**
 * Judges a test result against its nominal or limit.
 *
 * @param measured and nominal in the same unit, nominal above zero
 * @param unit decibels are compared by their difference: a level may lie below zero
 * @param sense `share`: 80 % and more good, 60 to 80 % watch, below replace (shop rule); `at-least`, `at-most`: a limit
 */
export function judgeTest(measured: number, nominal: number | undefined, sense: Sense, unit?: string): TestJudgement {
  if (nominal !== undefined && sense !== "share" && (inDecibels(unit) || unit === "dB"))
    return judgeDecibels(measured, nominal, sense);
  if (nominal === undefined || nominal <= 0)
    return { verdict: "none", reasons: ["No limit given: it is kept without a verdict."] };
  const ratio = measured / nominal;
  // A figure just below a limit is not rounded onto it.
  const whole = Math.round(ratio * 100);
  const edge = [TUBE_GOOD, TUBE_REPLACE].some((limit) => whole === limit * 100 && !reaches(ratio, limit));
  const percent = `${edge ? Math.floor(ratio * 1000) / 10 : whole} %`;
  if (sense === "share") {
    if (reaches(ratio, TUBE_GOOD)) return { verdict: "good", ratio, reasons: [`${percent} of nominal.`] };
    if (reaches(ratio, TUBE_REPLACE))
      return {
        verdict: "watch",
        ratio,
        reasons: [`${percent} of nominal: watch it (good from ${format(TUBE_GOOD, "percent")}).`],
      };
    return {
      verdict: "bad",
      ratio,
      reasons: [`${percent} of nominal: replace (below ${format(TUBE_REPLACE, "percent")}).`],
    };
  }
  const met = sense === "at-least" ? reaches(ratio, 1) : keepsTo(ratio, 1);
  return { verdict: met ? "good" : "bad", ratio, reasons: [limitWords(ratio, sense)] };
}
