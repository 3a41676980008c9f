import type { Circuit } from "../model";
import type { TestNeed } from "./data/faults";
import { infer, pairTable, type Weights } from "./infer";
import type { Policy } from "./policies";
import { minutesOf } from "./outlook";
import { checkId } from "./tests";
import type { Evidence, System, Test } from "./types";

/** A source of chance between 0 and 1; it comes in as an argument, so that a run can be repeated. */
export type Chance = () => number;

/** A small generator with a seed (mulberry32). Good for drawing cases, for nothing else. */
export function chanceFrom(seed: number): Chance {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

function draw(shares: readonly number[], chance: Chance): number {
  let left = chance() * shares.reduce((sum, share) => sum + share, 0);
  for (let index = 0; index < shares.length; index += 1) {
    left -= shares[index] ?? 0;
    if (left <= 0) return index;
  }
  return shares.length - 1;
}

/** What a test shows of a set with these faults, slips included. */
export function outcomeOf(test: Test, present: readonly number[], chance: Chance): string {
  const { effects, outcomes, table } = pairTable(test);
  const [a = 0, b = 0] = present.map((index) => test.response[index] ?? 0);
  const start = (a * effects + b) * outcomes;
  const outcome = draw(Array.from(table.subarray(start, start + outcomes)), chance);
  return test.outcomes[outcome]?.key ?? "";
}

/** What an owner tells, and what is heard at the counter. */
const COMPLAINTS = ["play", "hum", "noise", "steady", "dial", "play-tx", "steady-tx"];

export type Case = { present: number[]; complaint: Evidence[] };

const sound = (system: System, { test, outcome }: Evidence) => system.testById.get(test)?.outcomes[0]?.key === outcome;

/**
 * Draws a set with one or two faults, with what is complained of. A set that shows nothing is not brought in.
 * @param shares of each fault: the knowledge's own, or others, when the knowledge is to be wrong
 */
export function drawCase(
  system: System,
  count: 1 | 2,
  chance: Chance,
  shares = system.faults.map(({ prior }) => prior),
): Case {
  for (;;) {
    const first = draw(shares, chance);
    const second = draw(shares, chance);
    if (count === 2 && (first === second || checkIdOf(system, first) === checkIdOf(system, second))) continue;
    const present = count === 1 ? [first] : [first, second];
    const complaint = COMPLAINTS.flatMap((id): Evidence[] => {
      const test = system.testById.get(id);
      return test ? [{ id, test: id, outcome: outcomeOf(test, present, chance) }] : [];
    });
    if (complaint.some((one) => !sound(system, one))) return { present, complaint };
  }
}

const checkIdOf = (system: System, index: number) => {
  const fault = system.faults[index];
  return fault ? checkId(fault) : "";
};

export type Search = { found: boolean; tests: number; minutes: number };

/** Longest search: whoever has not found it by then has given up. */
export const MOST_TESTS = 150;
/** Minutes to change a part. */
const MINUTES_TO_MEND = 5;

/**
 * Lets a policy search. A fault is found when its own check shows it; it is mended, and one listens again. A sound part
 * that a check calls bad is changed too, and the search goes on.
 */
export function search(
  { present, complaint }: Case,
  system: System,
  circuit: Circuit,
  policy: Policy,
  chance: Chance,
): Search {
  const evidence = [...complaint];
  const left = new Set(present);
  const mended = new Set<string>();
  const met = new Set<TestNeed>();
  let done = new Set<string>(complaint.map(({ test }) => test));
  let tests = 0;
  let minutes = 0;
  const make = (test: Test): string => {
    const outcome = outcomeOf(test, [...left], chance);
    evidence.push({
      id: `t${evidence.length}`,
      test: test.id,
      outcome,
      ...(mended.size > 0 ? { mended: [...mended] } : {}),
    });
    tests += 1;
    minutes += minutesOf(test, { lacking: new Set(), met });
    for (const need of test.needs) if (need === "open") met.add(need);
    done.add(test.id);
    return outcome;
  };
  while (left.size > 0 && tests < MOST_TESTS) {
    let test = policy.next({ circuit, system, evidence, done, mended, bench: { lacking: new Set(), met } });
    if (!test) {
      done = new Set();
      test = policy.next({ circuit, system, evidence, done, mended, bench: { lacking: new Set(), met } });
    }
    if (!test) break;
    const outcome = make(test);
    if (test.act !== "check" || outcome !== "bad") continue;
    const behind = system.faults.flatMap((fault, index) => (checkId(fault) === test.id ? [index] : []));
    behind.forEach((index) => {
      left.delete(index);
      const id = system.faults[index]?.id;
      if (id) mended.add(id);
    });
    minutes += MINUTES_TO_MEND;
    if (left.size === 0) break;
    done = new Set([...done].filter((id) => id.startsWith("check:")));
    for (const { test: id, outcome: was } of complaint) {
      const again = system.testById.get(id);
      if (again && was !== again.outcomes[0]?.key) make(again);
    }
  }
  return { found: left.size === 0, tests, minutes };
}

/** Bits that it takes to name one fault, or a pair, after the complaint: the entropy of what is left of that number. */
export function bitsToName(weights: Weights, count: 1 | 2): number {
  const { n, single, pair } = weights;
  let sum = 0;
  let log = 0;
  const take = (w: number) => {
    if (w <= 0) return;
    sum += w;
    log += w * Math.log2(w);
  };
  for (let i = 0; i < n; i += 1) {
    if (count === 1) take(single[i] as number);
    else for (let j = i + 1; j < n; j += 1) take(pair[i * n + j] as number);
  }
  return sum > 0 ? Math.log2(sum) - log / sum : 0;
}

/** The entropy bound of a case, in tests that answer yes or no and never err. */
export const boundOf = (system: System, { present, complaint }: Case): number =>
  bitsToName(infer(system, complaint).weights, present.length as 1 | 2);

/** Shares that are wrong by a factor: each is multiplied or divided by up to as much. */
export const wrongBy = (factor: number, shares: readonly number[], chance: Chance): number[] =>
  shares.map((share) => share * factor ** (2 * chance() - 1));

/** A policy that remembers what it chose: simulated searches go the same way many times. */
export function remembering(policy: Policy): Policy {
  const chosen = new Map<string, Test | undefined>();
  return {
    name: policy.name,
    next: (known) => {
      const key = known.evidence
        .map(({ test, outcome, mended }) => `${test}=${outcome}${mended ? `/${mended.length}` : ""}`)
        .concat([...known.mended], known.bench.met.has("open") ? "open" : "", String(known.done.size))
        .join("|");
      if (!chosen.has(key)) chosen.set(key, policy.next(known));
      return chosen.get(key);
    },
  };
}
