import type { Evidence, System, Test } from "./types";

/**
 * Exact inference over no fault, every single fault and every pair of faults, and one more hypothesis: something that
 * the table does not have.
 *
 * The weight of a hypothesis is the product of the prior odds of its faults and of the likelihood of every piece of
 * evidence. Faults act independently; where two show differently in one test, the one that covers the other is seen.
 * Order never matters, for a product has none.
 */

/**
 * Odds, before anything was looked at, of a fault that the table does not have. Shop's estimate.
 * @example 3 against 97 before anything was looked at
 */
export const BEYOND_ODDS = 0.03;
/**
 * What such a fault leaves sound in any one test. Shop's estimate.
 * @example a fault that the table lacks leaves three of four tests as they are in a sound set
 */
export const BEYOND_LEAVES_SOUND = 0.75;

const at = (list: ArrayLike<number>, index: number): number => list[index] ?? 0;

/**
 * How much likelier or less likely a set with nothing wrong is among those that are brought in than among all: a factor on
 * that hypothesis. Shop's estimate.
 * @example of thirty sets that come in with a complaint, two or three have nothing wrong with them
 */
export const NOTHING_WRONG = 0.2;

/** Likelihoods of each outcome for each pair of effects: `table[(a·K + b)·n + outcome]`. */
export type PairTable = { effects: number; outcomes: number; table: Float64Array };

const tables = new WeakMap<Test, PairTable>();

/** What comes of a test when faults with two effects (0 is none) are there: the outcomes and their likelihoods. */
export function pairTable(test: Test): PairTable {
  const known = tables.get(test);
  if (known) return known;
  const effects = test.effects.length;
  const outcomes = test.outcomes.length;
  const table = new Float64Array(effects * effects * outcomes);
  const slip = test.slip / outcomes;
  test.effects.forEach((one, a) =>
    test.effects.forEach((other, b) => {
      let left = 1;
      for (let outcome = outcomes - 1; outcome >= 0; outcome -= 1) {
        const hidden = (1 - at(one, outcome)) * (1 - at(other, outcome));
        const shown = outcome === 0 ? left : left * (1 - hidden);
        left -= shown;
        table[(a * effects + b) * outcomes + outcome] = (1 - test.slip) * shown + slip;
      }
    }),
  );
  const made = { effects, outcomes, table };
  tables.set(test, made);
  return made;
}

/** Weights of all hypotheses, not normalised: each is `scale` times what stands here. */
export type Weights = {
  n: number;
  scale: number;
  none: number;
  beyond: number;
  single: Float64Array;
  /** symmetric, n × n; the diagonal is not used */
  pair: Float64Array;
};

const odds = (p: number) => p / (1 - p);

export function priorWeights({ faults }: System): Weights {
  const n = faults.length;
  const single = Float64Array.from(faults, ({ prior }) => odds(prior));
  const pair = new Float64Array(n * n);
  for (let i = 0; i < n; i += 1)
    for (let j = 0; j < n; j += 1) if (i !== j) pair[i * n + j] = at(single, i) * at(single, j);
  return { n, scale: 1, none: NOTHING_WRONG, beyond: BEYOND_ODDS, single, pair };
}

/** The effects that faults have in a test when some of them were mended before. */
function responsesOf(test: Test, system: System, mended: readonly string[] | undefined): Uint8Array {
  if (!mended || mended.length === 0) return test.response;
  const response = test.response.slice();
  for (const id of mended) {
    const index = system.faultIndex.get(id);
    if (index !== undefined) response[index] = 0;
  }
  return response;
}

/** Likelihood of an outcome when a fault is there that the table does not have. */
export const beyondLikelihood = (outcome: number, outcomes: number) =>
  outcome === 0 ? BEYOND_LEAVES_SOUND : (1 - BEYOND_LEAVES_SOUND) / (outcomes - 1);

/** Evidence as the weights take it: the effect of each fault, and the likelihood of each pair of effects. */
export type Reading = { response: Uint8Array; effects: number; likelihood: Float64Array; beyond: number };

/** Reads evidence against the tests of a system; undefined where it has no such test or outcome. */
export function readEvidence(system: System, evidence: Evidence): Reading | undefined {
  const test = system.testById.get(evidence.test);
  const keys = evidence.outcome.split("|");
  const seen = test?.outcomes.flatMap(({ key }, index) => (keys.includes(key) ? [index] : [])) ?? [];
  if (!test || seen.length < keys.length) return undefined;
  const { effects, outcomes, table } = pairTable(test);
  const weight = evidence.weight ?? 1;
  const likelihood = new Float64Array(effects * effects);
  for (let k = 0; k < effects * effects; k += 1)
    likelihood[k] = seen.reduce((sum, outcome) => sum + at(table, k * outcomes + outcome), 0) ** weight;
  const beyond = seen.reduce((sum, outcome) => sum + beyondLikelihood(outcome, outcomes), 0) ** weight;
  return { response: responsesOf(test, system, evidence.mended), effects, likelihood, beyond };
}

/** Takes a piece of evidence into the weights, in place. @returns whether the system knows such a test and outcome */
export function observe(weights: Weights, system: System, evidence: Evidence): boolean {
  const reading = readEvidence(system, evidence);
  if (!reading) return false;
  const { response, effects, likelihood } = reading;
  const { n, single, pair } = weights;
  // Hypotheses that the test does not touch all change alike: that goes into the scale, and only the others are visited.
  const base = at(likelihood, 0) || 1;
  const ratio = likelihood.map((one) => one / base);
  weights.scale *= base;
  weights.none *= at(ratio, 0);
  weights.beyond *= reading.beyond / base;
  const all = at(ratio, 0) !== 1;
  for (let i = 0; i < n; i += 1) {
    const effect = response[i] as number;
    if (effect === 0 && !all) continue;
    const row = effect * effects;
    single[i] = at(single, i) * at(ratio, row);
    const start = i * n;
    for (let j = 0; j < n; j += 1) {
      const other = response[j] as number;
      const weight = (pair[start + j] as number) * (ratio[row + other] as number);
      pair[start + j] = weight;
      if (other === 0 && !all) pair[j * n + i] = weight;
    }
  }
  return true;
}

/** The sum of all weights; the logarithm of its change is how well the evidence fits. */
export function total(weights: Weights): number {
  return weights.scale * stored(weights);
}

/** The same without the scale. */
function stored({ n, none, beyond, single, pair }: Weights): number {
  let sum = none + beyond;
  let pairs = 0;
  for (let i = 0; i < n; i += 1) {
    sum += at(single, i);
    for (let j = i + 1; j < n; j += 1) pairs += pair[i * n + j] as number;
  }
  return sum + pairs;
}

/** The mass of the hypotheses by the effects that their faults have: `mass[a·K + b]`, the last cell what lies beyond. */
export function massByEffects(weights: Weights, { response, effects }: Pick<Reading, "response" | "effects">) {
  const { n, single, pair, none, beyond, scale } = weights;
  const mass = new Float64Array(effects * effects);
  mass[0] = none;
  for (let i = 0; i < n; i += 1) {
    const row = (response[i] as number) * effects;
    mass[row] = (mass[row] as number) + (single[i] as number);
    const start = i * n;
    for (let j = i + 1; j < n; j += 1) {
      const cell = row + (response[j] as number);
      mass[cell] = (mass[cell] as number) + (pair[start + j] as number);
    }
  }
  return { mass: mass.map((one) => one * scale), beyond: beyond * scale };
}

export type Posterior = {
  /** of each fault, that it was there when the search began */
  fault: number[];
  /** no fault at all: what was seen were slips */
  none: number;
  /** something that the table does not have */
  beyond: number;
  /** the likeliest hypotheses, as lists of fault indices */
  best: { faults: number[]; probability: number }[];
};

/** Probabilities out of weights. */
export function posterior(weights: Weights, most = 8): Posterior {
  const { n, single, pair, none, beyond } = weights;
  const sum = stored(weights);
  const fault: number[] = [];
  const best: { faults: number[]; probability: number }[] = [];
  let least = 0;
  const offer = (faults: number[], weight: number) => {
    if (best.length >= most && weight <= least) return;
    best.push({ faults, probability: weight / sum });
    best.sort((a, b) => b.probability - a.probability);
    if (best.length > most) best.pop();
    least = best.length >= most ? (best.at(-1)?.probability ?? 0) * sum : 0;
  };
  for (let i = 0; i < n; i += 1) {
    let mass = at(single, i);
    offer([i], at(single, i));
    for (let j = 0; j < n; j += 1) {
      const w = pair[i * n + j] as number;
      mass += w;
      if (j > i && (best.length < most || w > least)) offer([i, j], w);
    }
    fault.push(mass / sum);
  }
  return { fault, none: none / sum, beyond: beyond / sum, best };
}

/** Weights after all evidence. Evidence that the system does not know is left out and named. */
export function infer(system: System, evidence: readonly Evidence[]): { weights: Weights; unknown: Evidence[] } {
  const weights = priorWeights(system);
  const unknown = evidence.filter((one) => !observe(weights, system, one));
  return { weights, unknown };
}
