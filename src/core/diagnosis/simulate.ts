import type { Circuit } from "../model";
import type { TestNeed } from "./data/parts";
import { bareId } from "./data/paths";
import { infer, posterior, type Weights } from "./infer";
import { minutesOf } from "./outlook";
import type { Policy } from "./policies";
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

/** A number out of words (FNV-1a), for a chance that is the same whenever the same thing is asked. */
function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let at = 0; at < text.length; at += 1) hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193);
  return hash >>> 0;
}

function draw(shares: readonly number[], chance: Chance): number {
  let left = chance() * shares.reduce((sum, share) => sum + share, 0);
  for (let index = 0; index < shares.length; index += 1) {
    left -= shares[index] ?? 0;
    if (left <= 0) return index;
  }
  return shares.length - 1;
}

/** A set with faults that keep their manner: what one shows in a test once, it shows each time. */
export type Case = { present: number[]; seed: number; complaint: Evidence[] };

/**
 * What a fault shows in a test of one set: an outcome; 0 where it does not show.
 * @param sense tests of one sense show the same each time; without it each test has a manner of its own
 */
export function shown(
  test: Test,
  fault: number,
  { seed }: Pick<Case, "seed">,
  system: Pick<System, "faults">,
  sense = test.id,
): number {
  const shares = test.effects[test.response[fault] ?? 0] ?? [];
  const chance = chanceFrom(seedOf(`${seed}/${sense}/${system.faults[fault]?.id ?? ""}`));
  // The outcome that covers the others is looked at first.
  for (let outcome = shares.length - 1; outcome > 0; outcome -= 1)
    if (chance() < (shares[outcome] ?? 0)) return outcome;
  return 0;
}

/** What a test truly shows of a set with these faults left. */
export const truth = (test: Test, left: Iterable<number>, one: Pick<Case, "seed">, system: System): number =>
  Math.max(0, ...[...left].map((fault) => shown(test, fault, one, system)));

/**
 * The same as it is written down: now and then another outcome than the true one. A check of a part with its instrument
 * errs as often as its row in the table says; what is heard, seen and probed, as often as is said here.
 * @param wrong share of such answers
 */
export function answered(test: Test, outcome: number, hearsay: number, chance: Chance): string {
  const wrong = test.act === "check" ? Math.min(hearsay, wrongShare(test)) : hearsay;
  const others = test.outcomes.filter((_, index) => index !== outcome);
  const said = chance() < wrong ? others[Math.floor(chance() * others.length)] : test.outcomes[outcome];
  return said?.key ?? "";
}

/** The share of a test's results that are wrong whatever the set does. */
const wrongShare = ({ slip, outcomes }: Test): number => (slip * (outcomes.length - 1)) / outcomes.length;

/** What an owner may tell, and what is heard at the counter. */
const COMPLAINTS = ["play", "hum", "noise", "steady", "dial", "glow", "smell", "fuse", "works"];
/** An owner does not tell all that is wrong. */
const TELLS = 0.6;
/** What a complaint is likely to be wrong in. */
const OWNER_ERRS = 0.02;

const heardTests = ({ tests }: System): Test[] =>
  tests.filter(({ id }) => COMPLAINTS.includes(bareId(id.split(":")[0] ?? id)));

/** Is nothing to be heard or seen any more of what is left? Then the set goes home, whatever sleeps in it. */
export const nothingHeard = (left: ReadonlySet<number>, one: Pick<Case, "seed">, system: System): boolean =>
  heardTests(system).every((test) => truth(test, left, one, system) === 0);

/**
 * Draws a set with one or two faults, with what is complained of: not all that could be heard, and at least one thing. A
 * set that shows nothing is not brought in.
 * @param shares of each fault: the knowledge's own, or others, when the knowledge is to be wrong
 */
export function drawCase(
  system: System,
  count: 1 | 2,
  chance: Chance,
  shares = system.faults.map(({ prior }) => prior),
): Case {
  const asked = heardTests(system);
  for (;;) {
    const first = draw(shares, chance);
    const second = draw(shares, chance);
    if (count === 2 && (first === second || checkIdOf(system, first) === checkIdOf(system, second))) continue;
    const present = count === 1 ? [first] : [first, second];
    const one = { present, seed: Math.floor(chance() * 1e9) };
    const bad = asked.flatMap((test): Evidence[] => {
      const outcome = truth(test, present, one, system);
      return outcome === 0
        ? []
        : [{ id: test.id, test: test.id, outcome: answered(test, outcome, OWNER_ERRS, chance) }];
    });
    const [main, ...more] = bad.sort((a, b) => Number(b.test.startsWith("play")) - Number(a.test.startsWith("play")));
    if (main) return { ...one, complaint: [main, ...more.filter(() => chance() < TELLS)] };
  }
}

const checkIdOf = (system: System, index: number) => {
  const fault = system.faults[index];
  return fault ? checkId(fault) : "";
};

export type Found = { found: boolean; tests: number; minutes: number; falseAlarms: number };

/** Minutes to change a part. */
const MINUTES_TO_MEND = 5;

/**
 * Lets a policy search, as a person would by that rule. A part that its check calls bad is mended, and one listens again.
 * @param most tests after which it gives up @param wrong share of answers that are wrong
 */
export function search(
  one: Case,
  system: System,
  circuit: Circuit,
  policy: Policy,
  { most, wrong, chance }: { most: number; wrong: number; chance: Chance },
): Found {
  const evidence = [...one.complaint];
  const left = new Set(one.present);
  const mended = new Set<string>();
  const met = new Set<TestNeed>();
  let done = new Set<string>(one.complaint.map(({ test }) => test));
  const sum: Found = { found: false, tests: 0, minutes: 0, falseAlarms: 0 };
  const make = (test: Test): string => {
    const outcome = answered(test, truth(test, left, one, system), wrong, chance);
    evidence.push({
      id: `t${evidence.length}`,
      test: test.id,
      outcome,
      ...(mended.size > 0 ? { mended: [...mended] } : {}),
    });
    sum.tests += 1;
    sum.minutes += minutesOf(test, { lacking: new Set(), met });
    for (const need of test.needs) if (need === "open") met.add(need);
    done.add(test.id);
    return outcome;
  };
  const next = () => policy.next({ circuit, system, evidence, done, mended, bench: { lacking: new Set(), met } });
  while (left.size > 0 && sum.tests < most) {
    let test = next();
    if (!test) {
      done = new Set();
      test = next();
    }
    if (!test) break;
    const outcome = make(test);
    if (test.act !== "check" || outcome !== "bad") continue;
    const before = left.size;
    system.faults.forEach((fault, index) => {
      if (checkId(fault) !== test.id) return;
      left.delete(index);
      mended.add(fault.id);
    });
    if (left.size === before) sum.falseAlarms += 1;
    sum.minutes += MINUTES_TO_MEND;
    if (nothingHeard(left, one, system)) return { ...sum, found: true };
    done = new Set([...done].filter((id) => id.startsWith("check:")));
    for (const { test: id } of one.complaint) {
      const again = system.testById.get(id);
      if (again) make(again);
    }
  }
  return { ...sum, found: left.size === 0 };
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

/**
 * The most that anybody can conclude: every test of the set is made once, with slips, and the part that most points at is
 * put right; so again, as long as something is to be heard, with all that was seen before. Nobody who makes each test once
 * is right more often, for the weights are exact.
 * @returns whether all that was put right was at fault
 */
export function rightAfterAll(system: System, one: Case, wrong: number, chance: Chance): boolean {
  const left = new Set(one.present);
  const evidence = [...one.complaint];
  const mended: string[] = [];
  do {
    const before = mended.length > 0 ? { mended: [...mended] } : {};
    evidence.push(
      ...system.tests.map((test): Evidence => ({
        id: `${mended.length} ${test.id}`,
        test: test.id,
        outcome: answered(test, truth(test, left, one, system), wrong, chance),
        ...before,
      })),
    );
    const part = likeliestPart(system, evidence, mended);
    const behind = system.faults.flatMap((fault, index) => (checkId(fault) === part ? [index] : []));
    if (!behind.some((index) => left.has(index))) return false;
    for (const index of behind) {
      left.delete(index);
      mended.push(system.faults[index]?.id ?? "");
    }
  } while (!nothingHeard(left, one, system));
  return true;
}

/** The check behind which the most of the chances lies, of what was not put right yet. */
function likeliestPart(system: System, evidence: readonly Evidence[], mended: readonly string[]): string | undefined {
  const done = new Set(mended);
  const groups = new Map<string, number>();
  posterior(infer(system, evidence).weights).fault.forEach((share, index) => {
    if (done.has(system.faults[index]?.id ?? "")) return;
    const id = checkIdOf(system, index);
    groups.set(id, (groups.get(id) ?? 0) + share);
  });
  return [...groups].sort((a, b) => b[1] - a[1])[0]?.[0];
}

/** Shares that are wrong by a factor: each is multiplied or divided by up to as much. */
export const wrongBy = (factor: number, shares: readonly number[], chance: Chance): number[] =>
  shares.map((share) => share * factor ** (2 * chance() - 1));
