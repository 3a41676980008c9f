import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tiny } from "./fixtures";
import { BEYOND_LEAVES_SOUND, BEYOND_ODDS, NOTHING_WRONG, infer, pairTable, posterior, total } from "./infer";
import type { Evidence, System } from "./types";

const seen = (test: string, outcome: string, extra: Partial<Evidence> = {}): Evidence => ({
  id: `${test}-${outcome}`,
  test,
  outcome,
  ...extra,
});

/** The likelihood of an outcome with any set of faults, written out: the one that covers the others is seen. */
function likelihood(system: System, evidence: Evidence, present: readonly number[]): number {
  const test = system.testById.get(evidence.test);
  if (!test) throw new Error("no such test");
  const effects = present
    .filter((index) => !evidence.mended?.includes(system.faults[index]?.id ?? ""))
    .map((index) => test.effects[test.response[index] ?? 0]);
  let left = 1;
  let p = 0;
  for (let outcome = test.outcomes.length - 1; outcome >= 0; outcome -= 1) {
    const hidden = effects.reduce((product, one) => product * (1 - (one?.[outcome] ?? 0)), 1);
    const shown = outcome === 0 ? left : left * (1 - hidden);
    left -= shown;
    if (test.outcomes[outcome]?.key === evidence.outcome)
      p = (1 - test.slip) * shown + test.slip / test.outcomes.length;
  }
  return p;
}

/** Every hypothesis of at most two faults, by brute force. */
function bruteForce(system: System, evidence: readonly Evidence[]) {
  const n = system.faults.length;
  const sets: number[][] = [[], ...Array.from({ length: n }, (_, i) => [i])];
  for (let i = 0; i < n; i += 1) for (let j = i + 1; j < n; j += 1) sets.push([i, j]);
  const weigh = (present: number[]) =>
    present.reduce(
      (product, index) => {
        const prior = system.faults[index]?.prior ?? 0;
        return product * (prior / (1 - prior));
      },
      present.length === 0 ? NOTHING_WRONG : 1,
    ) * evidence.reduce((product, one) => product * likelihood(system, one, present), 1);
  const weights = sets.map(weigh);
  const beyond = evidence.reduce((product, { test, outcome }) => {
    const outcomes = system.testById.get(test)?.outcomes ?? [];
    const sound = outcomes[0]?.key === outcome;
    return product * (sound ? BEYOND_LEAVES_SOUND : (1 - BEYOND_LEAVES_SOUND) / (outcomes.length - 1));
  }, BEYOND_ODDS);
  const sum = weights.reduce((a, b) => a + b, beyond);
  return {
    fault: system.faults.map(
      (_, index) => sets.reduce((mass, set, at) => mass + (set.includes(index) ? (weights[at] ?? 0) : 0), 0) / sum,
    ),
    none: (weights[0] ?? 0) / sum,
    beyond: beyond / sum,
  };
}

const SMALL = tiny(
  [0.1, 0.05, 0.2, 0.02],
  [
    { id: "play", sound: true, slip: 0.06, effects: { 0: [3, 0.95], 1: [2, 0.75], 2: [1, 0.4] } },
    { id: "a", slip: 0.04, effects: { 0: [1, 0.95] } },
    { id: "b", slip: 0.04, effects: { 1: [1, 0.9], 2: [1, 0.6] } },
  ],
);

const anyEvidence = fc.constantFrom(
  seen("play", "dead"),
  seen("play", "weak"),
  seen("play", "distorted"),
  seen("play", "fine"),
  seen("a", "good"),
  seen("a", "bad"),
  seen("b", "good"),
  seen("b", "bad"),
  seen("play", "dead", { mended: ["if.tube-weak@V1"] }),
  seen("b", "bad", { mended: ["if.tube-weak@V2", "if.tube-weak@V3"] }),
);

describe("inference", () => {
  it("is Bayes by hand: one fault of 10 %, a check that shows 95 % of them and calls 2 % of sound parts bad", () => {
    // Odds 1/9. Bad: 0.96·0.95 + 0.02 = 0.932 with the fault, 0.02 without. 1/9 · 0.932/0.02 = 5.178 to 1, and a set with nothing wrong is rare.
    const system = tiny([0.1], [{ id: "a", slip: 0.04, effects: { 0: [1, 0.95] } }]);
    const { weights } = infer(system, [seen("a", "bad")]);
    const bad = 0.96 * 0.95 + 0.02;
    const beyond = BEYOND_ODDS * 0.25;
    const expected = bad / 9 / (bad / 9 + 0.02 * NOTHING_WRONG + beyond);
    expect(posterior(weights).fault[0]).toBeCloseTo(expected, 10);
    expect(weights.scale * (weights.single[0] ?? 0)).toBeCloseTo(0.932 / 9, 10);
  });

  it("is what brute force gives, over any evidence", () => {
    fc.assert(
      fc.property(fc.array(anyEvidence, { maxLength: 6 }), (evidence) => {
        const exact = bruteForce(SMALL, evidence);
        const ours = posterior(infer(SMALL, evidence).weights);
        ours.fault.forEach((p, index) => expect(p).toBeCloseTo(exact.fault[index] ?? 0, 9));
        expect(ours.none).toBeCloseTo(exact.none, 9);
        expect(ours.beyond).toBeCloseTo(exact.beyond, 9);
      }),
    );
  });

  it("never depends on the order of the evidence", () => {
    fc.assert(
      fc.property(fc.array(anyEvidence, { minLength: 2, maxLength: 6 }), fc.nat(), (evidence, turn) => {
        const at = turn % evidence.length;
        const turned = [...evidence.slice(at), ...evidence.slice(0, at)].toReversed();
        const [one, other] = [posterior(infer(SMALL, evidence).weights), posterior(infer(SMALL, turned).weights)];
        one.fault.forEach((p, index) => expect(p).toBeCloseTo(other.fault[index] ?? 0, 9));
      }),
    );
  });

  it("conserves: outcomes of a test before it is made add up to what is known now", () => {
    fc.assert(
      fc.property(fc.array(anyEvidence, { maxLength: 4 }), (evidence) => {
        const before = infer(SMALL, evidence).weights;
        const after = ["fine", "weak", "distorted", "dead"].map((outcome) =>
          total(infer(SMALL, [...evidence, seen("play", outcome)]).weights),
        );
        expect(after.reduce((a, b) => a + b, 0)).toBeCloseTo(total(before), 9);
      }),
    );
  });

  it("treats twins alike", () => {
    const twins = tiny([0.1, 0.1], [{ id: "play", sound: true, slip: 0.06, effects: { 0: [3, 0.9], 1: [3, 0.9] } }]);
    const { fault } = posterior(infer(twins, [seen("play", "dead")]).weights);
    expect(fault[0]).toBeCloseTo(fault[1] ?? 0, 12);
  });

  it("a withdrawn entry equals one never made", () => {
    const with_ = [seen("play", "dead"), seen("a", "good"), seen("b", "bad")];
    const without = with_.filter(({ test }) => test !== "a");
    const never = [seen("play", "dead"), seen("b", "bad")];
    expect(posterior(infer(SMALL, without).weights)).toEqual(posterior(infer(SMALL, never).weights));
  });

  it("two faults at once: each shows what the other does not", () => {
    const { fault, best } = posterior(infer(SMALL, [seen("a", "bad"), seen("b", "bad"), seen("b", "bad")]).weights);
    expect(fault[0]).toBeGreaterThan(0.8);
    expect(best[0]?.faults).toContain(0);
    expect(best[0]?.faults).toHaveLength(2);
  });

  it("what was mended no longer explains what is still there", () => {
    const dead = seen("play", "dead");
    const still = seen("play", "dead", { mended: ["if.tube-weak@V1"] });
    const before = posterior(infer(SMALL, [dead, dead]).weights).fault[0] ?? 0;
    const after = posterior(infer(SMALL, [dead, still]).weights).fault[0] ?? 0;
    expect(after).toBeLessThan(before);
  });

  it("an intermittent that did not show itself is weak evidence, and nothing at weight nought", () => {
    const p = (weight: number) => posterior(infer(SMALL, [seen("a", "good", { weight })]).weights).fault[0] ?? 0;
    expect(p(1)).toBeLessThan(p(0.3));
    expect(p(0.3)).toBeLessThan(p(0));
    expect(p(0)).toBeCloseTo(posterior(infer(SMALL, []).weights).fault[0] ?? 0, 12);
  });

  it("takes an outcome that was not told apart as either of them", () => {
    const either = total(infer(SMALL, [seen("play", "weak|dead")]).weights);
    const apart = ["weak", "dead"].reduce((sum, one) => sum + total(infer(SMALL, [seen("play", one)]).weights), 0);
    // The hypothesis beyond the table is spread over outcomes in the same way.
    expect(either).toBeCloseTo(apart, 9);
  });

  it("names evidence about a stage that the set lacks, and leaves it out", () => {
    const stranger = seen("works:bfo", "fails");
    const { unknown, weights } = infer(SMALL, [stranger, seen("a", "bad")]);
    expect(unknown).toEqual([stranger]);
    expect(posterior(weights).fault).toEqual(posterior(infer(SMALL, [seen("a", "bad")]).weights).fault);
    expect(infer(SMALL, [seen("a", "purple")]).unknown).toHaveLength(1);
  });

  it("outcomes of every pair of effects add up to one", () => {
    for (const test of SMALL.tests) {
      const { effects, outcomes, table } = pairTable(test);
      for (let cell = 0; cell < effects * effects; cell += 1) {
        const sum = table.subarray(cell * outcomes, (cell + 1) * outcomes).reduce((a, b) => a + b, 0);
        expect(sum).toBeCloseTo(1, 12);
      }
    }
  });

  it("gives what no fault explains to something that is not on the list", () => {
    // The check of a sound part and of the only faulty ones say the opposite, again and again.
    const odd = Array.from({ length: 4 }, () => [seen("a", "bad"), seen("a", "good")]).flat();
    const calm = posterior(infer(SMALL, [seen("a", "good")]).weights).beyond;
    expect(posterior(infer(SMALL, odd).weights).beyond).toBeGreaterThan(calm);
  });
});
