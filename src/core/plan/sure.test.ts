import { describe, expect, it } from "vitest";
import { arrange } from "./arrange";
import { clockOf } from "./clock";
import { normalFrom, randomFrom } from "./random";
import { drawn } from "./spread";
import { sureness } from "./sure";
import type { Problem, Task } from "./task";

const day = clockOf([{ from: 0, to: 200_000 }]);
const task = (key: string, median: number, p90: number, more: Partial<Task> = {}): Task => ({
  key,
  visit: key.split(":")[0] ?? key,
  step: "fix",
  text: "",
  takes: { median, p90 },
  by: "person",
  skills: [],
  after: [],
  bench: false,
  ...more,
});
const problem = (tasks: Task[], due?: number): Problem => ({
  now: 0,
  tasks,
  workers: [{ id: "wren", name: "Wren", skills: [], clock: day }],
  jobs: [...new Set(tasks.map(({ visit }) => visit))].map((visit) => ({ visit, here: 0, ...(due ? { due } : {}) })),
  shop: day,
  benches: 1,
  pins: [],
});

describe("times as they may come", () => {
  it("have the median and the 90 % point that they were given", () => {
    const random = randomFrom(3);
    const times = Array.from({ length: 20_000 }, () => drawn({ median: 90, p90: 240 }, normalFrom(random)));
    const below = (limit: number) => times.filter((one) => one <= limit).length / times.length;
    expect(below(90)).toBeCloseTo(0.5, 1);
    expect(below(240)).toBeCloseTo(0.9, 1);
    expect(Math.abs(below(90) - 0.5)).toBeLessThan(0.015);
    expect(Math.abs(below(240) - 0.9)).toBeLessThan(0.01);
  });

  it("are even over the range of a random number", () => {
    const random = randomFrom(1);
    const counts = Array.from({ length: 10 }, () => 0);
    for (let index = 0; index < 10_000; index += 1) {
      const place = Math.floor(random() * 10);
      counts[place] = (counts[place] ?? 0) + 1;
    }
    for (const count of counts) expect(Math.abs(count - 1000)).toBeLessThan(130);
  });
});

describe("how sure a day is", () => {
  it("of one task: its own median and 90 % point", () => {
    const [sure] = sureness(arrange(problem([task("a:1", 100, 200)])), 4000);
    expect(sure?.p50).toBeGreaterThan(96);
    expect(sure?.p50).toBeLessThan(104);
    expect(sure?.p90).toBeGreaterThan(190);
    expect(sure?.p90).toBeLessThan(210);
  });

  it("of two sets after each other: the second waits for the first", () => {
    const all = sureness(arrange(problem([task("a:1", 100, 200), task("b:1", 110, 220)])), 2000);
    const [a, b] = all;
    expect(b?.p50).toBeGreaterThan((a?.p50 ?? 0) + 90);
  });

  it("says in how many of the runs a promise was kept", () => {
    // Promised for the median: about every second run keeps it.
    const [sure] = sureness(arrange(problem([task("a:1", 100, 200)], 100)), 4000);
    expect(sure?.kept).toBeGreaterThan(0.46);
    expect(sure?.kept).toBeLessThan(0.54);
  });

  it("is the same for the same seed", () => {
    const plan = arrange(problem([task("a:1", 100, 200), task("b:1", 50, 90)]));
    expect(sureness(plan, 300)).toEqual(sureness(plan, 300));
  });
});
