import { formatDeviation } from "../quantity";

/** Shop rule for tubes: at or above this share of nominal a tube is good; below `TUBE_REPLACE` it is replaced. */
export const TUBE_GOOD = 0.8;
export const TUBE_REPLACE = 0.6;

/** How a result relates to its nominal: as a tube's share of new, as a floor, or as a ceiling. */
export type Sense = "share" | "at-least" | "at-most";

export type TestVerdict = "good" | "watch" | "bad" | "none";
export type TestJudgement = { verdict: TestVerdict; ratio?: number; reasons: string[] };

/**
 * Judges a test result against its nominal or limit.
 *
 * @param measured and nominal in the same unit, nominal above zero
 * @param sense `share`: 80 % and more good, 60 to 80 % watch, below replace (shop rule); `at-least`, `at-most`: a limit
 */
export function judgeTest(measured: number, nominal: number | undefined, sense: Sense): TestJudgement {
  if (nominal === undefined || nominal <= 0) return { verdict: "none", reasons: ["No limit given: kept as it is."] };
  const ratio = measured / nominal;
  const percent = `${Math.round(ratio * 100)} %`;
  if (sense === "share") {
    if (ratio >= TUBE_GOOD) return { verdict: "good", ratio, reasons: [`${percent} of nominal.`] };
    if (ratio >= TUBE_REPLACE)
      return { verdict: "watch", ratio, reasons: [`${percent} of nominal: watch it (good from 80 %).`] };
    return { verdict: "bad", ratio, reasons: [`${percent} of nominal: replace (below 60 %).`] };
  }
  const met = sense === "at-least" ? ratio >= 1 : ratio <= 1;
  const word = sense === "at-least" ? "at least" : "at most";
  return {
    verdict: met ? "good" : "bad",
    ratio,
    reasons: [met ? `Meets its limit (${word}).` : `Misses its limit (${word}) by ${formatDeviation(ratio - 1)}.`],
  };
}
