import { describe, expect, it } from "vitest";
import { topologyOf } from "./circuit";
import { halfSplitter } from "./policies";
import { answered, boundOf, chanceFrom, drawCase, rightAfterAll, search, truth, wrongBy } from "./simulate";
import { systemOf } from "./system";

const circuit = topologyOf("linear")?.circuit;
if (!circuit) throw new Error("no linear amplifier");
const system = systemOf({ circuit, parts: [], years: 50, highestVolts: 1000 });
const cases = (count: 1 | 2, seed: number) => {
  const chance = chanceFrom(seed);
  return Array.from({ length: 12 }, () => drawCase(system, count, chance));
};
const outputTest = () => {
  const test = system.tests.find(({ id }) => id === "play-tx");
  const fault = system.faults.findIndex(({ id }) => id === "changeover.relay-coil");
  if (!test || fault < 0) throw new Error("no such test or fault");
  return { test, fault };
};

describe("the simulator", () => {
  it("draws the same cases from the same seed", () => {
    expect(cases(2, 5)).toEqual(cases(2, 5));
    expect(cases(1, 5)).not.toEqual(cases(1, 6));
  });

  it("brings in sets that show something, with the number of faults asked for", () => {
    for (const { present, complaint } of cases(2, 3)) {
      expect(new Set(present).size).toBe(2);
      expect(complaint.length).toBeGreaterThan(0);
    }
  });

  it("a fault keeps its manner, and shows as often in many sets as the table says", () => {
    const { test, fault } = outputTest();
    const of = (seed: number) => truth(test, [fault], { seed }, system);
    expect(of(7)).toBe(of(7));
    const dead = Array.from({ length: 2000 }, (_, seed) => of(seed)).filter(
      (one) => test.outcomes[one]?.key === "dead",
    );
    expect(dead.length / 2000).toBeCloseTo(0.95, 1);
  });

  it("is wrong as often as it is told to be", () => {
    const { test } = outputTest();
    const chance = chanceFrom(3);
    const wrong = Array.from({ length: 2000 }, () => answered(test, 0, 0.1, chance)).filter((one) => one !== "fine");
    expect(wrong.length / 2000).toBeCloseTo(0.1, 1);
  });

  it("names the part once every test was made, mostly, and surely where nobody errs", () => {
    const named = (wrong: number) =>
      cases(1, 8).filter((one, at) => rightAfterAll(system, one, wrong, chanceFrom(at))).length;
    expect(named(0)).toBeGreaterThanOrEqual(11);
    expect(named(0.5)).toBeLessThan(named(0));
  });

  it("is wrong in its shares by no more than it is told to be", () => {
    const shares = wrongBy(3, [1, 10, 100], chanceFrom(2));
    shares.forEach((share, index) => {
      const before = [1, 10, 100][index] ?? 1;
      expect(share / before).toBeGreaterThanOrEqual(1 / 3);
      expect(share / before).toBeLessThanOrEqual(3);
    });
  });

  it("half-splitting finds a fault in the end, and never in fewer tests than none", () => {
    const drawn = cases(1, 11);
    const found = drawn.map((one) =>
      search(one, system, circuit, halfSplitter, { most: 150, wrong: 0, chance: chanceFrom(4) }),
    );
    expect(found.filter((one) => one.found).length).toBeGreaterThan(drawn.length / 2);
    for (const { tests, minutes } of found) expect(minutes).toBeGreaterThanOrEqual(tests * 0.5);
    for (const one of drawn) expect(boundOf(system, one)).toBeGreaterThan(0);
  });
});
