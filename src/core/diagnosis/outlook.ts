import { TO_GET_THERE, type Hazard, type TestNeed } from "./data/parts";
import { pairTable } from "./infer";
import type { System, Test } from "./types";

/** Minutes that a hazard counts for, on top of the work. Shop's estimates. */
export const HAZARD_MINUTES: Record<Hazard, number> = { 0: 0, 1: 0.25, 2: 1, 3: 5 };

/** What is at hand and what is done already. */
export type Bench = {
  /** needs that cannot be met: no tube tester, no generator */
  lacking: ReadonlySet<TestNeed>;
  /** needs that are met already: the chassis is open */
  met: ReadonlySet<TestNeed>;
};
export const EMPTY_BENCH: Bench = { lacking: new Set(), met: new Set() };

/** Is all at hand that a test needs? */
export const canBeMade = ({ needs }: Pick<Test, "needs">, { lacking }: Bench): boolean =>
  !needs.some((need) => lacking.has(need));

/** Minutes of a test on this bench, with opening what is not open yet. */
export const minutesOf = (test: Pick<Test, "needs" | "minutes">, bench: Bench): number =>
  test.needs.reduce((sum, need) => sum + (bench.met.has(need) ? 0 : (TO_GET_THERE[need] ?? 0)), test.minutes);

/** The check of a group of faults: what they cost to make sure of, and whether the chassis has to be open. */
type Check = { test: Test; faults: readonly number[]; cost: number; finds: number; opens: boolean };

/** The checks of a system with the faults that each makes sure of. */
export function checksOf(system: System, bench: Bench): Check[] {
  return system.tests
    .filter((test) => test.act === "check" && canBeMade(test, bench))
    .map((test) => {
      const faults: number[] = [];
      test.response.forEach((effect, index) => effect !== 0 && faults.push(index));
      const needs = test.needs.filter((need) => need !== "open");
      return {
        test,
        faults,
        cost: minutesOf({ needs, minutes: test.minutes }, bench) + HAZARD_MINUTES[test.hazard],
        finds: Math.max(...test.effects.flat(), 0) || 1,
        opens: test.needs.includes("open"),
      };
    });
}

/** What it costs to look for a fault whose part no check at hand can show. Minutes; shop's estimate. */
const LOST = 60;
/** A check of a part that is this unlikely makes no difference to the sum. */
const NEGLIGIBLE = 1e-4;
/** A search is thought through until this little is left. */
const ENOUGH = 0.01;

/**
 * The minutes that it takes on average to find the culprit by checks alone, each time the one with the best ratio of
 * likelihood to cost first: the order that is best when no other test is made.
 *
 * @param mass of each check, the probability that the culprit is behind it; all together at most 1
 * @param open the chassis is open already
 */
export function minutesByChecks(checks: readonly Check[], mass: Float64Array, open: boolean): number {
  const order: number[] = [];
  const ratio = new Float64Array(checks.length);
  for (let k = 0; k < checks.length; k += 1) {
    if ((mass[k] as number) < NEGLIGIBLE) continue;
    order.push(k);
    const { finds, cost } = checks[k] as Check;
    ratio[k] = ((mass[k] as number) * finds) / cost;
  }
  order.sort((a, b) => (ratio[b] as number) - (ratio[a] as number));
  let left = 1;
  let minutes = 0;
  let opened = open;
  for (const k of order) {
    const { cost, finds, opens } = checks[k] as Check;
    minutes += left * (cost + (opens && !opened ? (TO_GET_THERE.open ?? 0) : 0));
    opened ||= opens;
    left -= (mass[k] as number) * finds;
    if (left < ENOUGH) break;
  }
  return minutes + Math.max(0, left) * LOST;
}

/** When what was seen speaks for less than this much of any fault, there is hardly anything left to look for. */
const HARDLY_ANYTHING = 0.15;

/** Shares of one out of weights; less than one together where hardly anything is left to look for. */
export function shareOf(weights: readonly number[]): Float64Array {
  const whole = Math.max(
    weights.reduce((sum, one) => sum + one, 0),
    HARDLY_ANYTHING,
  );
  return Float64Array.from(weights, (one) => one / whole);
}

/**
 * How much each fault is the culprit: by how much what was seen has made it likelier than it was, as shares of one. A
 * fault that nothing seen speaks for is there or not, but it is not what is looked for.
 */
export const culprits = (system: System, probability: readonly number[], mended: ReadonlySet<number>): Float64Array =>
  shareOf(
    system.faults.map(({ prior }, index) => (mended.has(index) ? 0 : Math.max(0, (probability[index] ?? 0) - prior))),
  );

export type Outlook = {
  test: Test;
  /** with getting there */
  minutes: number;
  /** minutes to the culprit when this test comes first, hazard counted as minutes */
  toFind: number;
};

const entropy = (p: number) => (p > 0 ? -p * Math.log2(p) : 0);

/** Bits that a test is expected to tell of who the culprit is, and the likelihood of each outcome then. */
export function bitsOf(test: Test, share: Float64Array): number {
  const { effects, outcomes, table } = pairTable(test);
  const mass = new Float64Array(effects);
  let rest = 1;
  for (let index = 0; index < share.length; index += 1) {
    const effect = test.response[index] as number;
    mass[effect] = (mass[effect] as number) + (share[index] as number);
    rest -= share[index] as number;
  }
  // Where nobody is the culprit, the test shows nothing.
  mass[0] = (mass[0] as number) + Math.max(0, rest);
  let bits = 0;
  for (let outcome = 0; outcome < outcomes; outcome += 1) {
    let p = 0;
    for (let effect = 0; effect < effects; effect += 1) {
      const one = table[effect * effects * outcomes + outcome] as number;
      p += (mass[effect] as number) * one;
      bits -= (mass[effect] as number) * entropy(one);
    }
    bits += entropy(p);
  }
  return Math.max(0, bits);
}

/**
 * Looks one test ahead: for every test, the minutes to the culprit when it is made first and the checks follow in their
 * best order, over all that may come of it. The best test has the least.
 *
 * @param share of each fault, that it is the culprit; see `culprits`
 */
export function outlook(system: System, tests: readonly Test[], share: Float64Array, bench: Bench): Outlook[] {
  const checks = checksOf(system, bench);
  const open = bench.met.has("open");
  const masses = new Float64Array(checks.length);
  return tests.map((test): Outlook => {
    const minutes = minutesOf(test, bench);
    const opened = open || test.needs.includes("open");
    const { effects, outcomes, table } = pairTable(test);
    let toFind = minutes + HAZARD_MINUTES[test.hazard];
    for (let outcome = 0; outcome < outcomes; outcome += 1) {
      // A check that finds the culprit ends the search.
      const found = test.act === "check" && outcome > 0;
      let p = 0;
      for (let k = 0; k < checks.length; k += 1) {
        let sum = 0;
        for (const index of (checks[k] as Check).faults)
          sum +=
            (share[index] as number) *
            (table[(test.response[index] as number) * effects * outcomes + outcome] as number);
        masses[k] = sum;
        p += sum;
      }
      if (p < 1e-6) continue;
      for (let k = 0; k < masses.length; k += 1) masses[k] = (masses[k] as number) / p;
      if (!found) toFind += p * minutesByChecks(checks, masses, opened);
      else {
        // What was called bad and is sound costs the repair, and the search goes on.
        const right = (checks.find((check) => check.test === test)?.faults ?? []).reduce(
          (sum, index) => sum + (share[index] as number),
          0,
        );
        toFind += Math.max(0, p - right) * LOST;
      }
    }
    return { test, minutes, toFind };
  });
}
