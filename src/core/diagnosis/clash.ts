import { readEvidence, total, type Reading, type Weights } from "./infer";
import type { Evidence, System } from "./types";

/** Evidence less likely than this, given all the rest, does not fit it. Shop's estimate. */
export const DOES_NOT_FIT = 0.05;
/** What makes it fit this many times better when it is left out is what it clashes with. Shop's estimate. */
const FITS_BETTER = 3;

export type Clash = {
  /** what does not fit */
  id: string;
  /** its probability, given all the rest */
  probability: number;
  /** entries that it contradicts: without any of them it would fit far better */
  against: string[];
};

/** The sum of the weights without some evidence: divided out of every hypothesis. */
function totalWithout({ n, none, beyond, single, pair }: Weights, out: readonly Reading[]): number {
  const one = (a: number, b: number) => {
    let product = 1;
    for (const { response, effects, likelihood } of out) {
      const row = a < 0 ? 0 : (response[a] as number) * effects;
      product *= likelihood[row + (b < 0 ? 0 : (response[b] as number))] as number;
    }
    return product;
  };
  let sum = none / one(-1, -1) + beyond / out.reduce((product, reading) => product * reading.beyond, 1);
  for (let i = 0; i < n; i += 1) {
    sum += (single[i] as number) / one(i, -1);
    for (let j = i + 1; j < n; j += 1) sum += (pair[i * n + j] as number) / one(i, j);
  }
  return sum;
}

/** Most entries that are looked into for a clash: those that the likeliest hypothesis explains worst. */
const LOOKED_INTO = 4;

/**
 * Evidence that contradicts the rest, with the entries that it clashes with. Each is the probability of one entry given
 * all others, over all hypotheses.
 * @param best faults of the likeliest hypothesis
 */
export function clashes(
  system: System,
  weights: Weights,
  evidence: readonly Evidence[],
  best: readonly number[],
): Clash[] {
  const readings = evidence.flatMap((one) => {
    const reading = readEvidence(system, one);
    if (!reading) return [];
    const [a, b] = [best[0], best[1]];
    const effect = (index: number | undefined) => (index === undefined ? 0 : (reading.response[index] as number));
    return [{ one, reading, fits: reading.likelihood[effect(a) * reading.effects + effect(b)] as number }];
  });
  const all = total(weights);
  if (!(all > 0)) return [];
  const doubtful = readings
    .filter(({ fits }) => fits < 0.3)
    .sort((x, y) => x.fits - y.fits)
    .slice(0, LOOKED_INTO);
  return doubtful.flatMap(({ one, reading }): Clash[] => {
    const probability = all / totalWithout(weights, [reading]);
    if (probability >= DOES_NOT_FIT) return [];
    const others = readings.filter((other) => other.one.id !== one.id);
    const against = others.filter(
      (other) =>
        totalWithout(weights, [other.reading]) / totalWithout(weights, [other.reading, reading]) >
        FITS_BETTER * probability,
    );
    return [{ id: one.id, probability, against: [...new Set(against.map((other) => other.one.id))] }];
  });
}
