import type { Candidate } from "./candidates";
import { joined } from "./change";
import { fit, type Fault, type Fitted, type Predict } from "./fit";

/** A second cause beside a first one, with its severity fitted. */
export type Pair = Fitted & { also: Fault };

/**
 * Of the sets with one fault that volts show, in so many there is a second one. Shop's estimate.
 * @example of twenty sets with a fault, one has another one that shows too
 */
const SECOND_FAULT = 0.05;
/** First causes that a second one is tried beside, and the pairs that are given back. */
const FIRSTS = 6;
const MOST = 6;
/** A second cause is fitted more coarsely. */
const STEPS = 5;

type Weighing = {
  predict: Predict;
  likelihood: (y: ArrayLike<number>) => number;
  /** how often all causes together are, in a thousand faults */
  often: number;
};

/** Pairs of causes where one alone does not explain what was read: each of the best singles with every other part. */
export function pairsOf(
  singles: readonly Fitted[],
  candidates: readonly Candidate[],
  { predict, likelihood, often }: Weighing,
): Pair[] {
  const found = singles.slice(0, FIRSTS).flatMap((first, at) => {
    const own = first.candidate.change(first.severity);
    return candidates.flatMap((second): Pair[] => {
      // Each pair once: the better single comes first.
      const rank = singles.findIndex(({ candidate }) => candidate.key === second.key);
      if (second.part === first.candidate.part || (rank >= 0 && rank < at)) return [];
      const both: Candidate = {
        ...second,
        key: `${first.candidate.key} + ${second.key}`,
        often: (SECOND_FAULT * first.candidate.often * second.often) / often,
        change: (severity) => joined(own, second.change(severity)),
      };
      const fitted = fit(both, predict, first.x, likelihood, STEPS);
      if (!fitted) return [];
      const { part, way, unit } = second;
      return [
        {
          ...fitted,
          severity: first.severity,
          candidate: { ...first.candidate, key: both.key, often: both.often },
          also: { part, way, unit, ...(unit === "none" ? {} : { severity: fitted.severity }) },
        },
      ];
    });
  });
  const weight = ({ candidate, log }: Pair) => log + Math.log(candidate.often);
  return found.sort((a, b) => weight(b) - weight(a)).slice(0, MOST);
}
