import { advise, type Advised } from "./advise";
import { clashes, type Clash } from "./clash";
import type { Hazard, TestNeed } from "./data/parts";
import {
  infer,
  massByEffects,
  posterior,
  readEvidence,
  total,
  type Posterior,
  type Reading,
  type Weights,
} from "./infer";
import type { Shown } from "./mend";
import { culprits, type Bench } from "./outlook";
import { shortIsLikely } from "./cold";
import { checkId } from "./tests";
import { faultName } from "./names";
import { systemFor, type SetFacts } from "./system";
import type { Evidence, Fault, System, Test } from "./types";

/** What is asked: a set, what was seen of it, what was done to it, and what is at hand. Plain data, for a worker. */
export type Question = {
  facts: SetFacts;
  evidence: readonly Evidence[];
  /** tests made since the last repair */
  done: readonly string[];
  /** faults that were mended */
  mended: readonly string[];
  /** faults that were found and confirmed: they are there until they are mended, and no longer looked for */
  confirmed: readonly string[];
  lacking: readonly TestNeed[];
  met: readonly TestNeed[];
};

export type StageShare = {
  id: string;
  /** its share of what is suspected, of one */
  share: number;
  /** that at least one fault is in it now */
  probability: number;
};

export type Cause = {
  id: string;
  /** it is to be mended now, and why */
  shown?: Shown;
  name: string;
  /** the fault's name alone, as the table has it */
  mode: string;
  stage: string;
  designator?: string;
  /** that it is there */
  probability: number;
  /** that its part is bad, in this way or another that the same check makes sure of */
  ofPart: number;
  prior: number;
  because: string[];
  /** its own check */
  check: string;
  /** entries that speak for it and against it, the strongest first, with how many times */
  for: { id: string; times: number }[];
  against: { id: string; times: number }[];
};

export type NextTest = {
  id: string;
  name: string;
  how: string;
  needs: readonly TestNeed[];
  minutes: number;
  hazard: Hazard;
  bits: number;
  toFind: number;
  reason: string;
  /** designators of the parts that it is about */
  parts: readonly string[];
  outcomes: { key: string; says: string; probability: number }[];
};

export type AnyTest = {
  id: string;
  name: string;
  stage?: string;
  act: Test["act"];
  outcomes: { key: string; says: string }[];
};

export type Picture = {
  stages: StageShare[];
  causes: Cause[];
  /** causes that were likely enough and are out now */
  ruledOut: Cause[];
  /** mended: that each was there, seen from now */
  mended: Cause[];
  next: NextTest[];
  tests: AnyTest[];
  clashes: Clash[];
  /** that what is wrong is nothing that the table has */
  beyond: number;
  /** that all is well, and what was seen were slips */
  none: number;
  /** minutes to the culprit by the best way from here */
  minutes: number;
  /** entries whose test this circuit does not have */
  unknown: string[];
  /** a short is likely: how likely. Nothing is advised that needs the line until it is ruled out */
  short?: number;
};

const CAUSES = 10;
const NEXT = 3;
/** A cause that was at least this likely, and is now below a fifth of that, was ruled out. */
const WORTH_NAMING = 0.004;
const OUT = 0.2;
/** Evidence that changes the odds by less is neither for nor against. */
const SPEAKS = 1.5;

/** How many times likelier a fault makes what was seen than a sound set does. */
function speaks(
  readings: readonly { id: string; reading: Reading }[],
  index: number,
): { for: Cause["for"]; against: Cause["against"] } {
  const all = readings.map(({ id, reading }) => {
    const effect = reading.response[index] as number;
    const times = (reading.likelihood[effect * reading.effects] as number) / (reading.likelihood[0] as number);
    return { id, times };
  });
  return {
    for: all.filter(({ times }) => times > SPEAKS).sort((a, b) => b.times - a.times),
    against: all
      .filter(({ times }) => times < 1 / SPEAKS)
      .map(({ id, times }) => ({ id, times: 1 / times }))
      .sort((a, b) => b.times - a.times),
  };
}

const indicesOf = (system: System, ids: readonly string[]): Set<number> =>
  new Set(ids.flatMap((id) => system.faultIndex.get(id) ?? []));

/**
 * That any fault of a group is there, for each group: two faults of one group in the same set count once.
 * @param groupOf the group of each fault; -1 is in none
 */
function chancesOf({ n, single, pair, none, beyond }: Weights, groupOf: readonly number[], groups: number): number[] {
  const mass = new Float64Array(groups);
  let sum = none + beyond;
  const add = (group: number, weight: number) => {
    if (group >= 0) mass[group] = (mass[group] as number) + weight;
  };
  for (let i = 0; i < n; i += 1) {
    const a = groupOf[i] as number;
    add(a, single[i] as number);
    sum += single[i] as number;
    for (let j = i + 1; j < n; j += 1) {
      const weight = pair[i * n + j] as number;
      const b = groupOf[j] as number;
      sum += weight;
      add(a, weight);
      if (b !== a) add(b, weight);
    }
  }
  return [...mass].map((one) => one / sum);
}

function stageShares(
  system: System,
  weights: Weights,
  found: Posterior,
  mended: ReadonlySet<number>,
  out: ReadonlySet<number>,
): StageShare[] {
  const share = culprits(system, found.fault, out);
  const stageAt = new Map(system.stages.map(({ id }, index) => [id, index]));
  const stageOf = system.faults.map((fault, index) => (mended.has(index) ? -1 : (stageAt.get(fault.stage.id) ?? -1)));
  const chances = chancesOf(weights, stageOf, system.stages.length);
  return system.stages.map(({ id }, at) => ({
    id,
    share: system.faults.reduce((total, fault, index) => total + (fault.stage.id === id ? (share[index] ?? 0) : 0), 0),
    probability: chances[at] ?? 0,
  }));
}

/** What every cause is told with: the readings of the evidence, and what is to be mended now. */
type Told = {
  system: System;
  found: Posterior;
  readings: readonly { id: string; reading: Reading }[];
  why: ReadonlyMap<number, Shown>;
  ofCheck: ReadonlyMap<string, number>;
};

/** That a part is bad, by the check that makes sure of it. */
function byCheck({ faults }: System, weights: Weights, mended: ReadonlySet<number>): ReadonlyMap<string, number> {
  const checks = [...new Set(faults.map(checkId))];
  const at = new Map(checks.map((check, index) => [check, index]));
  const chances = chancesOf(
    weights,
    faults.map((fault, index) => (mended.has(index) ? -1 : (at.get(checkId(fault)) ?? -1))),
    checks.length,
  );
  return new Map(checks.map((check, index) => [check, chances[index] ?? 0]));
}

function causeOf({ system, found, readings, why, ofCheck }: Told, index: number): Cause {
  const fault = system.faults[index] as Fault;
  const check = checkId(fault);
  const shown = why.get(index);
  return {
    id: fault.id,
    name: faultName(fault),
    mode: fault.mode.name,
    stage: fault.stage.id,
    ...(fault.designator ? { designator: fault.designator } : {}),
    probability: found.fault[index] ?? 0,
    prior: fault.prior,
    because: fault.because,
    ofPart: ofCheck.get(check) ?? 0,
    check,
    ...(shown ? { shown } : {}),
    ...speaks(readings, index),
  };
}

const nextOf = ({ test, minutes, bits, toFind, reason }: Advised, probability: number[]): NextTest => {
  return {
    id: test.id,
    name: test.name,
    how: test.how,
    needs: test.needs,
    minutes,
    hazard: test.hazard,
    parts: test.parts ?? [],
    bits,
    toFind,
    reason,
    outcomes: test.outcomes.map(({ key, says }, index) => ({ key, says, probability: probability[index] ?? 0 })),
  };
};

/** How likely each outcome of a test is, over all hypotheses. */
function outcomeShares(system: System, weights: Weights, test: Test, mended: readonly string[]): number[] {
  const before = total(weights);
  const readings = test.outcomes.map(({ key }) =>
    readEvidence(system, { id: "", test: test.id, outcome: key, mended }),
  );
  const [first] = readings;
  if (!first) return [];
  const { mass, beyond } = massByEffects(weights, first);
  return readings.map((reading) =>
    reading
      ? mass.reduce((sum, one, cell) => sum + one * (reading.likelihood[cell] as number), beyond * reading.beyond) /
        before
      : 0,
  );
}

/** Everything that the fault board shows, from what is known. Evidence may come in any order. */
export function consider(question: Question): Picture {
  const system = systemFor(question.facts);
  const { weights, unknown } = infer(system, question.evidence);
  const found = posterior(weights);
  const mended = indicesOf(system, question.mended);
  const short = shortIsLikely(system, question.evidence, found.fault, mended);
  const bench: Bench = {
    lacking: new Set([...question.lacking, ...(short ? (["power"] as const) : [])]),
    met: new Set(question.met),
  };
  const confirmed = indicesOf(system, question.confirmed);
  const { why, next, minutes } = advise(system, {
    evidence: question.evidence,
    done: new Set(question.done),
    mended,
    confirmed,
    bench,
    found,
    badIn: (test) => 1 - (outcomeShares(system, weights, test, question.mended)[0] ?? 1),
  });
  const order = system.faults.map((_, index) => index).sort((a, b) => (found.fault[b] ?? 0) - (found.fault[a] ?? 0));
  const readings = question.evidence.flatMap((one) => {
    const reading = readEvidence(system, one);
    return reading ? [{ id: one.id, reading }] : [];
  });
  const ofCheck = byCheck(system, weights, mended);
  const cause = (index: number) => causeOf({ system, found, readings, why, ofCheck }, index);
  const p = (index: number) => found.fault[index] ?? 0;
  const prior = (index: number) => system.faults[index]?.prior ?? 0;
  return {
    stages: stageShares(system, weights, found, mended, new Set([...mended, ...confirmed])),
    causes: order
      .filter((index) => !mended.has(index))
      .slice(0, CAUSES)
      .map(cause),
    ruledOut: order
      .filter((index) => !mended.has(index) && prior(index) > WORTH_NAMING && p(index) < OUT * prior(index))
      .sort((a, b) => prior(b) - prior(a))
      .slice(0, CAUSES)
      .map(cause),
    mended: [...mended]
      .map(cause)
      .sort((a, b) => b.probability - a.probability)
      .slice(0, CAUSES),
    next: next.slice(0, NEXT).map((one) => nextOf(one, outcomeShares(system, weights, one.test, question.mended))),
    tests: system.tests.map(({ id, name, stage, act, outcomes }) => ({
      id,
      name,
      act,
      ...(stage ? { stage: stage.id } : {}),
      outcomes: outcomes.map(({ key, says }) => ({ key, says })),
    })),
    clashes: clashes(system, weights, question.evidence, found.best[0]?.faults ?? []),
    beyond: found.beyond,
    none: found.none,
    minutes,
    unknown: unknown.map(({ id }) => id),
    ...(short ? { short } : {}),
  };
}

/** Where the suspicion would go if a test came out in a given way, before it is made. */
export function whatIf(
  question: Question,
  test: string,
  outcome: string,
): { stages: StageShare[]; causes: { name: string; probability: number }[] } {
  const system = systemFor(question.facts);
  const seen: Evidence = { id: "what-if", test, outcome, mended: question.mended };
  const { weights } = infer(system, [...question.evidence, seen]);
  const found = posterior(weights);
  const mended = indicesOf(system, question.mended);
  const order = system.faults.map((_, index) => index).filter((index) => !mended.has(index));
  order.sort((a, b) => (found.fault[b] ?? 0) - (found.fault[a] ?? 0));
  return {
    stages: stageShares(system, weights, found, mended, new Set([...mended, ...indicesOf(system, question.confirmed)])),
    causes: order
      .slice(0, 4)
      .map((index) => ({ name: faultName(system.faults[index] as Fault), probability: found.fault[index] ?? 0 })),
  };
}
