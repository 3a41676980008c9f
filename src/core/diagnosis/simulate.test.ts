import { describe, expect, it } from "vitest";
import { topologyOf } from "./circuit";
import { engine, frontToBack, halfSplitter, swapper } from "./policies";
import { boundOf, chanceFrom, drawCase, outcomeOf, search, wrongBy } from "./simulate";
import { systemOf } from "./system";

const circuit = topologyOf("linear")?.circuit;
if (!circuit) throw new Error("no linear amplifier");
const system = systemOf({ circuit, parts: [], years: 50, highestVolts: 1500 });
const cases = (count: 1 | 2, seed: number) => {
  const chance = chanceFrom(seed);
  return Array.from({ length: 12 }, () => drawCase(system, count, chance));
};
const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

describe("the simulator", () => {
  it("draws the same cases from the same seed", () => {
    expect(cases(2, 5)).toEqual(cases(2, 5));
    expect(cases(1, 5)).not.toEqual(cases(1, 6));
  });

  it("brings in sets that show something, with the number of faults asked for", () => {
    for (const { present, complaint } of cases(2, 3)) {
      expect(new Set(present).size).toBe(2);
      expect(complaint.some(({ test, outcome }) => system.testById.get(test)?.outcomes[0]?.key !== outcome)).toBe(true);
    }
  });

  it("answers as often as the table says", () => {
    const test = system.tests.find(({ id }) => id === "play-tx");
    const fault = system.faults.findIndex(({ id }) => id === "changeover.relay-coil");
    if (!test || fault < 0) throw new Error("no such test or fault");
    const chance = chanceFrom(1);
    const dead = Array.from({ length: 2000 }, () => outcomeOf(test, [fault], chance)).filter((one) => one === "dead");
    expect(dead.length / 2000).toBeCloseTo(0.94 * 0.95 + 0.06 / 4, 1);
  });

  it("is wrong by no more than it is told to be", () => {
    const shares = wrongBy(3, [1, 10, 100], chanceFrom(2));
    shares.forEach((share, index) => {
      const before = [1, 10, 100][index] ?? 1;
      expect(share / before).toBeGreaterThanOrEqual(1 / 3);
      expect(share / before).toBeLessThanOrEqual(3);
    });
  });

  it("finds with this engine nearly all, in fewer minutes than any other way", () => {
    for (const count of [1, 2] as const) {
      const drawn = cases(count, 11);
      const results = [engine, halfSplitter, frontToBack, swapper].map((policy) => {
        const luck = chanceFrom(4);
        return drawn.map((one) => search(one, system, circuit, policy, luck));
      });
      const minutes = results.map((runs) => mean(runs.map((run) => run.minutes)));
      expect(mean((results[0] ?? []).map(({ found }) => Number(found)))).toBeGreaterThan(0.9);
      expect(minutes[0]).toBeLessThan(0.75 * (minutes[1] ?? 0));
      expect(minutes[0]).toBeLessThan(minutes[2] ?? 0);
      expect(minutes[0]).toBeLessThan(minutes[3] ?? 0);
      expect(mean(drawn.map((one) => boundOf(system, one)))).toBeGreaterThan(1);
    }
  }, 60_000);
});
