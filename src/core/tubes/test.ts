import { judgeTest, type TestJudgement } from "../readings";

export const SHORTS = ["none", "found"] as const;
export const GAS = ["none", "slight", "gassy"] as const;

/** What a tester said of a tube. */
export type TubeTest = {
  shorts?: (typeof SHORTS)[number] | undefined;
  gas?: (typeof GAS)[number] | undefined;
  /** transconductance or emission, in the unit of the nominal */
  measured?: number | undefined;
  nominal?: number | undefined;
};

/**
 * The next thing to test, in the order that spares the tester and the tube: shorts first, then gas and leakage, then
 * emission or transconductance. Undefined when there is nothing more to test.
 */
export function nextTest({ shorts, gas, measured }: TubeTest): "shorts" | "gas" | "strength" | undefined {
  if (!shorts) return "shorts";
  if (shorts === "found") return undefined;
  if (!gas) return "gas";
  return measured === undefined ? "strength" : undefined;
}

/** Verdict over all of a tube's test: the worst of its parts. */
export function judgeTube({ shorts, gas, measured, nominal }: TubeTest): TestJudgement {
  if (shorts === "found")
    return { verdict: "bad", reasons: ["Shorted: replace. It is not tested further, and never put back into a set."] };
  const strength =
    measured === undefined
      ? ({ verdict: "none", reasons: [] } as TestJudgement)
      : judgeTest(measured, nominal, "share");
  const ratio = strength.ratio === undefined ? {} : { ratio: strength.ratio };
  if (gas === "gassy")
    return {
      verdict: "bad",
      ...ratio,
      reasons: ["Gassy: its grid draws current and the bias runs away.", ...strength.reasons],
    };
  if (gas === "slight") {
    const verdict = strength.verdict === "bad" ? "bad" : "watch";
    return { verdict, ...ratio, reasons: ["A trace of gas: not where the grid leak is large.", ...strength.reasons] };
  }
  if (strength.verdict === "none" && shorts)
    return { verdict: "none", reasons: ["No shorts; strength not measured yet.", ...strength.reasons] };
  return strength;
}

/** A test as the stock keeps it: what nobody wrote down is null. */
export type StoredTest = { [K in keyof TubeTest]-?: Exclude<TubeTest[K], undefined> | null };

/** Verdict over a test that the stock keeps. */
export const judgeStored = ({ shorts, gas, measured, nominal }: StoredTest): TestJudgement =>
  judgeTube({
    shorts: shorts ?? undefined,
    gas: gas ?? undefined,
    measured: measured ?? undefined,
    nominal: nominal ?? undefined,
  });

/** Tubes of a push-pull or parallel stage are within this fraction of each other. Shop rule. */
export const MATCH_WITHIN = 0.1;

export type Individual = { id: string; value: number };
export type Match<T extends Individual> = { tubes: T[]; spread: number; matched: boolean };

/**
 * Picks tubes that belong together: of all groups of that size the one with the least spread, the strongest where
 * several are alike.
 * @param tubes individuals with one measured figure each, in the same unit, above zero
 * @returns groups without a tube in common, the closest first
 * @example match([{ id: "a", value: 100 }, { id: "b", value: 70 }, { id: "c", value: 96 }], 2)[0] // a and c, 4 %
 */
export function match<T extends Individual>(tubes: readonly T[], size: number): Match<T>[] {
  if (!(size >= 2)) throw new RangeError("a match is of two tubes or more");
  let left = tubes.filter(({ value }) => value > 0).sort((a, b) => b.value - a.value);
  const groups: Match<T>[] = [];
  while (left.length >= size) {
    const windows = left.slice(0, left.length - size + 1).map((_, start) => left.slice(start, start + size));
    const spreadOf = (group: T[]) => 1 - (group.at(-1)?.value ?? 0) / (group[0]?.value ?? 1);
    const best = windows.reduce((a, b) => (spreadOf(b) < spreadOf(a) - 1e-12 ? b : a));
    const spread = spreadOf(best);
    groups.push({ tubes: best, spread, matched: spread <= MATCH_WITHIN + 1e-12 });
    left = left.filter((one) => !best.includes(one));
  }
  return groups;
}
