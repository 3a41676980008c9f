import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { topologyOf } from "./circuit";
import { tiny } from "./fixtures";
import { infer, posterior } from "./infer";
import { bitsOf, checksOf, culprits, EMPTY_BENCH, minutesByChecks, minutesOf, outlook } from "./outlook";
import { rankTests } from "./rank";
import { systemOf } from "./system";

const circuit = topologyOf("superhet")?.circuit;
if (!circuit) throw new Error("no superhet");
const superhet = systemOf({ circuit, parts: [], years: 80, highestVolts: 400 });
const dead = infer(superhet, [{ id: "1", test: "play", outcome: "dead" }]).weights;
const suspects = culprits(superhet, posterior(dead).fault, new Set());

describe("minutes to the culprit by checks alone", () => {
  it("is the sum by hand: 2 min for 60 %, then 2 min for the rest, every check sure", () => {
    const system = tiny(
      [0.1, 0.1],
      [
        { id: "a", slip: 0, effects: { 0: [1, 1] } },
        { id: "b", slip: 0, effects: { 1: [1, 1] } },
      ],
    );
    // 2 min always, and 2 more in four cases of ten.
    expect(minutesByChecks(checksOf(system, EMPTY_BENCH), Float64Array.from([0.6, 0.4]), true)).toBeCloseTo(2.8, 9);
    expect(minutesByChecks(checksOf(system, EMPTY_BENCH), Float64Array.from([0.4, 0.6]), true)).toBeCloseTo(2.8, 9);
  });

  it("counts opening the set once, where it is not open", () => {
    const checks = checksOf(superhet, EMPTY_BENCH);
    const share = culprits(superhet, posterior(dead).fault, new Set());
    const mass = Float64Array.from(checks, ({ faults }) => faults.reduce((sum, index) => sum + (share[index] ?? 0), 0));
    const [closed, open] = [minutesByChecks(checks, mass, false), minutesByChecks(checks, mass, true)];
    expect(closed - open).toBeGreaterThan(5);
    expect(closed - open).toBeLessThanOrEqual(15 + 1e-9);
  });
});

describe("the culprit", () => {
  it("is shared out among what the evidence speaks for, and adds up to one", () => {
    const share = culprits(superhet, posterior(dead).fault, new Set());
    expect(share.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    const tone = superhet.faults.findIndex(({ id }) => id === "indicator.eye-dim");
    expect(share[tone]).toBe(0);
  });

  it("is nobody before anything was seen, and nobody that was mended", () => {
    const { fault } = posterior(infer(superhet, []).weights);
    expect(culprits(superhet, fault, new Set()).reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(1 + 1e-9);
    expect(culprits(superhet, posterior(dead).fault, new Set([3]))[3]).toBe(0);
  });
});

describe("what a test tells", () => {
  it("is never less than nothing, and never more than there is to know", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.001, max: 1, noNaN: true }), {
          minLength: superhet.faults.length,
          maxLength: superhet.faults.length,
        }),
        fc.nat(superhet.tests.length - 1),
        (raw, at) => {
          const sum = raw.reduce((a, b) => a + b, 0);
          const share = Float64Array.from(raw, (one) => one / sum);
          const entropy = share.reduce((bits, p) => bits - p * Math.log2(p), 0);
          const test = superhet.tests[at];
          const bits = test ? bitsOf(test, share) : -1;
          expect(bits).toBeGreaterThanOrEqual(0);
          expect(bits).toBeLessThanOrEqual(entropy + 1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });

  it("is a whole bit for a sure test that halves what is left", () => {
    const system = tiny([0.1, 0.1], [{ id: "a", slip: 0, effects: { 0: [1, 1] } }]);
    const [test] = system.tests;
    if (!test) throw new Error("no test");
    expect(bitsOf(test, Float64Array.from([0.5, 0.5]))).toBeCloseTo(1, 9);
    expect(bitsOf(test, Float64Array.from([1, 0]))).toBeCloseTo(0, 9);
  });
});

describe("the ranking", () => {
  it("asks for no test whose instrument is not at hand, and for none that was made", () => {
    const lacking = { lacking: new Set(["generator", "tube-tester"] as const), met: new Set<never>() };
    const ranked = rankTests(superhet, suspects, lacking, new Set(["rail:reservoir"]));
    expect(ranked.length).toBeGreaterThan(3);
    for (const { test } of ranked) {
      expect(test.needs).not.toContain("generator");
      expect(test.needs).not.toContain("tube-tester");
      expect(test.id).not.toBe("rail:reservoir");
    }
  });

  it("shuns what hurts: with kilovolts inside, a cold look comes before a probe of the same worth", () => {
    const safe = systemOf({ circuit, parts: [], highestVolts: 50 }).testById.get("volts:output:plate");
    const high = systemOf({ circuit, parts: [], highestVolts: 1500 }).testById.get("volts:output:plate");
    if (!safe || !high) throw new Error("no plate");
    expect([safe.hazard, high.hazard]).toEqual([1, 2]);
    const share = culprits(superhet, posterior(dead).fault, new Set());
    const cost = (test: typeof safe) => outlook(superhet, [test], share, EMPTY_BENCH)[0]?.toFind ?? 0;
    expect(cost(high)).toBeGreaterThan(cost(safe));
  });

  it("counts getting there: opening a set that is closed", () => {
    const test = superhet.testById.get("inject:af");
    if (!test) throw new Error("no injection");
    expect(minutesOf(test, EMPTY_BENCH)).toBe(17);
    expect(minutesOf(test, { ...EMPTY_BENCH, met: new Set(["open"]) })).toBe(2);
  });

  it("counts taking a board out to measure a part on it", () => {
    const transceiver = topologyOf("transceiver")?.circuit;
    if (!transceiver) throw new Error("no transceiver");
    const { testById } = systemOf({ circuit: transceiver, parts: [], highestVolts: 600 });
    const onBoard = testById.get("check:if:transistor");
    const elsewhere = testById.get("check:driver:tube");
    expect(onBoard?.needs).toContain("board-out");
    expect(elsewhere?.needs).not.toContain("board-out");
    expect(onBoard && minutesOf(onBoard, { ...EMPTY_BENCH, met: new Set(["open"]) })).toBe(18);
  });

  it("measures again a part that all points at although it was found sound, but not one that was shown bad", () => {
    const evidence = [
      { id: "1", test: "play", outcome: "distorted" },
      { id: "2", test: "volts:output:grid", outcome: "high" },
      { id: "3", test: "volts:output:cathode", outcome: "high" },
      { id: "4", test: "check:output:cap-coupling", outcome: "good" },
      { id: "5", test: "check:output:tube", outcome: "good" },
    ];
    const done = new Set(evidence.map(({ test }) => test));
    const ids = (shown: string[]) =>
      rankTests(
        superhet,
        culprits(superhet, posterior(infer(superhet, evidence).weights).fault, new Set()),
        EMPTY_BENCH,
        done,
        new Set(shown),
      ).map(({ test }) => test.id);
    expect(ids([])).toContain("check:output:cap-coupling");
    expect(ids(["check:output:cap-coupling"])).not.toContain("check:output:cap-coupling");
  });
});
