import { bitsOf, canBeMade, EMPTY_BENCH, outlook, type Bench, type Outlook } from "./outlook";
import type { System, Test } from "./types";

export type Ranked = Outlook & {
  /** bits that it is expected to tell of who the culprit is */
  bits: number;
};

/** Tests whose worth is looked at one step ahead: the others tell too little in a minute to come first. */
const LOOKED_AT = 60;
/** A part that was found sound is worth measuring once more when this much still points at it. Shop's estimate. */
const AGAIN = 0.4;
/** A test that tells less than this, in bits, is no advice. */
export const TELLS = 0.01;

/**
 * The tests by the minutes that lie between here and the culprit when each is made first; the best first. Those that
 * tell most in a minute are looked at, and all checks of likely parts.
 *
 * @param share of each fault, that it is the culprit; see `culprits`
 * @param done tests that were made since the last repair: they are not asked for again, but for the check of a part that
 *   most still points at
 * @param closed checks that are not asked for again: one that showed its part bad, the last test, one made twice
 */
export function rankTests(
  system: System,
  share: Float64Array,
  bench: Bench = EMPTY_BENCH,
  done: ReadonlySet<string> = new Set(),
  closed: ReadonlySet<string> = new Set(),
): Ranked[] {
  const again = (test: Test) =>
    test.act === "check" &&
    !closed.has(test.id) &&
    test.response.reduce((sum, effect, index) => sum + (effect ? (share[index] ?? 0) : 0), 0) > AGAIN;
  const possible = system.tests
    .filter((test) => canBeMade(test, bench) && (!done.has(test.id) || again(test)))
    .map((test) => ({ test, bits: bitsOf(test, share) }))
    .sort((a, b) => b.bits / b.test.minutes - a.bits / a.test.minutes || (a.test.id < b.test.id ? -1 : 1))
    .slice(0, LOOKED_AT);
  const bits = new Map(possible.map((one) => [one.test.id, one.bits]));
  return outlook(
    system,
    possible.map(({ test }) => test),
    share,
    bench,
  )
    .map((one) => ({ ...one, bits: bits.get(one.test.id) ?? 0 }))
    .sort((a, b) => a.toFind - b.toFind || (a.test.id < b.test.id ? -1 : 1));
}
