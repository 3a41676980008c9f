import { pairTable } from "./infer";
import { HAZARD_MINUTES, minutesOf, type Bench } from "./outlook";
import type { Test } from "./types";

const entropy = (p: number) => (p > 0 ? -p * Math.log2(p) : 0);

/**
 * Bits that a test is expected to tell of whether a part is bad.
 * @param faults of the part, each with its share; all together 1
 * @param others what it would be else: shares of the other faults, all together at most 1
 * @param p that the part is bad
 */
function bitsAbout(test: Test, faults: ReadonlyMap<number, number>, others: Float64Array, p: number): number {
  const { effects, outcomes, table } = pairTable(test);
  const likelihood = (index: number, outcome: number) =>
    table[(test.response[index] as number) * effects * outcomes + outcome] as number;
  let bits = 0;
  for (let outcome = 0; outcome < outcomes; outcome += 1) {
    let bad = 0;
    for (const [index, share] of faults) bad += share * likelihood(index, outcome);
    let sound = 0;
    let rest = 1;
    others.forEach((share, index) => {
      if (share === 0) return;
      sound += share * likelihood(index, outcome);
      rest -= share;
    });
    sound += Math.max(0, rest) * (table[outcome] as number);
    bits += entropy(p * bad + (1 - p) * sound) - p * entropy(bad) - (1 - p) * entropy(sound);
  }
  return bits;
}

/** A test that tells less than this of whether a part is bad does not make sure of it. Shop's estimate, in bits. */
const MAKES_SURE = 0.1;

/** The test that tells most in a minute of whether a part is bad, of those that may be made. */
export function toMakeSure(
  tests: readonly Test[],
  bench: Bench,
  faults: ReadonlyMap<number, number>,
  others: Float64Array,
  p: number,
): { test: Test; bits: number; minutes: number } | undefined {
  return tests
    .map((test) => ({ test, bits: bitsAbout(test, faults, others, p), minutes: minutesOf(test, bench) }))
    .filter(({ bits }) => bits > MAKES_SURE)
    .sort(
      (a, b) =>
        b.bits / (b.minutes + HAZARD_MINUTES[b.test.hazard]) - a.bits / (a.minutes + HAZARD_MINUTES[a.test.hazard]),
    )[0];
}
