import { massByEffects, readEvidence, total, type Reading, type Weights } from "./infer";
import type { Evidence, System } from "./types";

/**
 * Evidence less likely than this, given all the rest, does not fit it. Shop's estimate.
 * @example a result that 1 in 25 sets with these faults would give does not fit; 1 in 15 does
 */
export const DOES_NOT_FIT = 0.05;
/** With an entry that says the opposite, it is a contradiction already when it is less likely than this. */
export const CONTRADICTS = 0.12;
export type Clash = {
  /** what does not fit */
  id: string;
  /** its probability, given all the rest */
  probability: number;
  /** entries that would not fit if it were right: what it contradicts */
  against: string[];
};

/** The sum of the weights without a piece of evidence: divided out of every hypothesis. */
function totalWithout(weights: Weights, reading: Reading): number {
  const { mass, beyond } = massByEffects(weights, reading);
  return mass.reduce((sum, one, cell) => sum + one / (reading.likelihood[cell] as number), beyond / reading.beyond);
}

/** Most entries that are looked into for a clash: those that the likeliest hypothesis explains worst. */
const LOOKED_INTO = 4;
/** A hypothesis explains an entry that it makes at least this likely, and does not explain one below a lower share. */
const EXPLAINS = 0.5;
const DOES_NOT_EXPLAIN = 0.3;

const fit = ({ response, effects, likelihood }: Reading, a: number, b: number): number =>
  likelihood[(a < 0 ? 0 : (response[a] as number)) * effects + (b < 0 ? 0 : (response[b] as number))] as number;

/** The likeliest hypothesis under which an entry is as it should be, as indices of faults; -1 is none. */
function bestIfRight({ n, none, single, pair }: Weights, reading: Reading): [number, number] {
  let best: [number, number] = [-1, -1];
  // Its own likelihood is divided out: how well the hypothesis explains all the rest counts.
  let most = fit(reading, -1, -1) >= EXPLAINS ? none / fit(reading, -1, -1) : 0;
  const offer = (weight: number, a: number, b: number) => {
    const likelihood = fit(reading, a, b);
    if (likelihood < EXPLAINS || weight / likelihood <= most) return;
    most = weight / likelihood;
    best = [a, b];
  };
  for (let i = 0; i < n; i += 1) {
    offer(single[i] as number, i, -1);
    for (let j = i + 1; j < n; j += 1) offer(pair[i * n + j] as number, i, j);
  }
  return best;
}

/**
 * Evidence that contradicts the rest, with the entries that it clashes with. Each is the probability of one entry given
 * all others, over all hypotheses; what it clashes with is what would not fit if it were right.
 * @param best faults of the likeliest hypothesis
 */
export function clashes(
  system: System,
  weights: Weights,
  evidence: readonly Evidence[],
  best: readonly number[],
): Clash[] {
  const [a = -1, b = -1] = best;
  const readings = evidence.flatMap((one) => {
    const reading = readEvidence(system, one);
    return reading ? [{ one, reading }] : [];
  });
  const all = total(weights);
  if (!(all > 0)) return [];
  const doubtful = readings
    .filter(({ reading }) => fit(reading, a, b) < DOES_NOT_EXPLAIN)
    .sort((x, y) => fit(x.reading, a, b) - fit(y.reading, a, b))
    .slice(0, LOOKED_INTO);
  return doubtful.flatMap(({ one, reading }): Clash[] => {
    const probability = all / totalWithout(weights, reading);
    if (probability >= CONTRADICTS) return [];
    const [i, j] = bestIfRight(weights, reading);
    const against = readings
      .filter((other) => other.one.id !== one.id && fit(other.reading, i, j) < DOES_NOT_EXPLAIN)
      .map((other) => other.one.id);
    if (against.length === 0 && probability >= DOES_NOT_FIT) return [];
    return [{ id: one.id, probability, against: [...new Set(against)] }];
  });
}
