import { AGEING, RECORD } from "./data/ageing";
import type { Fault } from "./types";

/**
 * Faults that a set which comes in has on average. Several at once are normal. Shop's estimate.
 * @example 1.2 faults a set: of a hundred sets that come in some thirty have two or more
 */
export const EXPECTED_FAULTS = 1.2;
/** No fault is more likely than this before anybody looked. */
export const MOST_LIKELY = 0.3;

/** What the set's record says of a part. */
export type PartRecord = { changedYears?: number | undefined; left?: boolean | undefined };

/** Factor on a fault's share from the age of the part, and the words for it. */
export function ageFactor(part: string, years: number | undefined): { factor: number; because?: string } {
  if (years === undefined) return { factor: 1 };
  const rule = AGEING.filter((one) => (part === one.part || part.startsWith(`${one.part}:`)) && years >= one.from).sort(
    (a, b) => b.from - a.from,
  )[0];
  return rule ? { factor: rule.factor, because: `${Math.round(years)} years old: × ${rule.factor}` } : { factor: 1 };
}

/** Factor on a fault's share from what was done to the part, and the words for it. */
export function recordFactor({ changedYears, left }: PartRecord): { factor: number; because?: string } {
  if (left) return { factor: RECORD.left, because: `left with a reason: × ${RECORD.left}` };
  if (changedYears === undefined || changedYears > 10) return { factor: 1 };
  const factor = changedYears < 1 ? RECORD.fresh : RECORD.recent;
  const when = changedYears < 1 ? "in the last year" : `${Math.round(changedYears)} years ago`;
  return { factor, because: `changed ${when}: × ${factor}` };
}

/** What the shop has found so far: of a model, and of the same kind of stage in other models. */
export type Learnt = {
  /** closed searches on this model */
  visits: number;
  /** findings on this model by fault, `stage.mode` */
  found: Readonly<Record<string, number>>;
  elsewhereVisits: number;
  /** findings on other models, `kind.mode` */
  elsewhere: Readonly<Record<string, number>>;
};
export const NOTHING_LEARNT: Learnt = { visits: 0, found: {}, elsewhereVisits: 0, elsewhere: {} };

/** The table's figures weigh as much as this many sets seen. Shop's estimate. */
export const TABLE_WEIGHS = 30;
/** A finding on another model counts as this much of one on the same. Shop's estimate. */
export const OTHER_MODEL_COUNTS = 0.25;

/**
 * Beta update of a prior: `(p·S + k) / (S + n)`, with findings on other models at a quarter.
 * @param prior from the table @param k findings of it on this model, in n closed searches @param K, N the same elsewhere
 * @example learn(0.02, 3, 5, 0, 0) // (0.6 + 3) / 35 = 0.103
 */
export function learn(prior: number, k: number, n: number, K: number, N: number): number {
  const searches = Math.max(n, k) + OTHER_MODEL_COUNTS * Math.max(N, K);
  return (prior * TABLE_WEIGHS + k + OTHER_MODEL_COUNTS * K) / (TABLE_WEIGHS + searches);
}

/** Turns shares into probabilities: all together expect EXPECTED_FAULTS faults, none above MOST_LIKELY. */
export function probabilities(shares: readonly number[]): number[] {
  const sum = shares.reduce((total, share) => total + share, 0);
  return shares.map((share) => Math.min(MOST_LIKELY, sum > 0 ? (EXPECTED_FAULTS * share) / sum : 0));
}

/** The faults with their priors after what the shop has found. */
export function withLearning(faults: readonly Fault[], learnt: Learnt): Fault[] {
  return faults.map((fault) => {
    const own = learnt.found[`${fault.stage.id}.${fault.mode.key}`] ?? 0;
    const other = learnt.elsewhere[`${fault.stage.kind}.${fault.mode.key}`] ?? 0;
    if (learnt.visits + learnt.elsewhereVisits === 0) return fault;
    const prior = Math.min(MOST_LIKELY, learn(fault.prior, own, learnt.visits, other, learnt.elsewhereVisits));
    const said = [
      ...(own > 0 ? [`found ${own} × in ${learnt.visits} closed searches on this model`] : []),
      ...(other > 0 ? [`found ${other} × on other models`] : []),
    ];
    return { ...fault, prior, because: [...fault.because, ...said] };
  });
}
