import { isShort } from "./shorts";
import type { Evidence, System } from "./types";

/** A short that is less likely than this is ruled out. Shop rule. */
export const RULED_OUT = 0.1;

/** What is seen of a short: the fuse is blown, the lamp stays bright, it smells, it draws too much, its ohms are low. */
const SIGNS: readonly [test: RegExp, outcome: string][] = [
  [/^fuse$/, "blown"],
  [/^lamp$/, "bright"],
  [/^smell$/, "hot"],
  [/^line$/, "high"],
  [/^(ohms|half):/, "low"],
  [/^check:[^:]+:fuse$/, "good"],
];

/**
 * After a sign of a short the search is a cold one: nothing that needs the line is advised until a short is ruled out.
 * @returns how likely a short is still there, where it was seen and is not ruled out
 */
export function shortIsLikely(
  { faults }: System,
  evidence: readonly Evidence[],
  probability: readonly number[],
  mended: ReadonlySet<number>,
): number | undefined {
  const seen = evidence.some(({ test, outcome }) => SIGNS.some(([sign, out]) => sign.test(test) && outcome === out));
  if (!seen) return undefined;
  const likely = faults.reduce(
    (sum, fault, index) => (!mended.has(index) && isShort(fault) ? sum + (probability[index] ?? 0) : sum),
    0,
  );
  return likely > RULED_OUT ? Math.min(1, likely) : undefined;
}
