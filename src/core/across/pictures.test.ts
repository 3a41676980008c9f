import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { againstEstimate, ageOfWork, overShare } from "./figures";
import { AGES, agesOf, cameBackOf, hoursOf, LEAST_CASES, originalOver, shareOf, type PicturedSet } from "./pictures";
import type { Stay } from "./stays";

const stay = (job: number, openedAt: string, more: Partial<Stay> = {}): Stay => ({
  visitId: `v${job}`,
  job,
  openedAt: `${openedAt}T09:00:00.000Z`,
  ...{ read: [], work: [], labour: {}, parts: [] },
  ...more,
});
const out = (day: string): Pick<Stay, "closedAt"> => ({ closedAt: `${day}T12:00:00.000Z` });
const set = (...stays: Stay[]): PicturedSet => ({ setClass: "mains receiver", stays });
const NOW = "2026-11-27T10:00:00.000Z";
const worked = (...designators: string[]) => [{ designators, text: "replaced" }];

describe("comebacks by cause", () => {
  const first = stay(1, "2026-01-10", { ...out("2026-02-01"), read: ["hum"], work: worked("C1", "C2") });
  const back = (more: Partial<Stay>) => cameBackOf([set(first, stay(2, "2026-03-01", more))], 12, NOW);
  const causes = (of: ReturnType<typeof back>) =>
    Object.fromEntries(of.causes.filter(({ count }) => count > 0).map(({ cause, count }) => [cause, count]));

  it("are a part that was worked on before, else the same complaint, else another matter", () => {
    expect(causes(back({ read: ["hum"], work: worked("C2") }))).toEqual({ "same part": 1 });
    expect(causes(back({ read: ["hum"], work: worked("R7") }))).toEqual({ "same complaint": 1 });
    expect(causes(back({ read: ["weak"], work: worked("R7") }))).toEqual({ "another matter": 1 });
    expect(causes(back({}))).toEqual({ "not known": 1 });
  });

  it("count hand-backs that could have come back: one of last week says nothing yet", () => {
    const old = set(stay(3, "2025-01-01", out("2025-02-01")));
    const fresh = set(stay(4, "2026-11-01", out("2026-11-20")));
    const late = set(stay(5, "2024-01-01", out("2024-02-01")), stay(6, "2026-01-01"));
    expect(cameBackOf([old, fresh, late], 12, NOW)).toMatchObject({ handedBack: 2, back: 0 });
  });
});

describe("pictures", () => {
  it("say no share below ten cases", () => {
    expect(shareOf(3, LEAST_CASES - 1)).toBeUndefined();
    expect(shareOf(3, LEAST_CASES)).toBe(0.3);
  });

  it("of hours have every visit that is over, and a middle from ten on", () => {
    const over = (hours: number) => set(stay(1, "2026-01-01", { ...out("2026-02-01"), labour: { fix: hours * 60 } }));
    expect(hoursOf([over(3), over(1), set(stay(2, "2026-01-01", { labour: { fix: 60 } }))])).toEqual([
      { setClass: "mains receiver", hours: [1, 3] },
    ]);
    expect(hoursOf(Array.from({ length: 10 }, (_, index) => over(index + 1)))[0]?.median).toBe(5.5);
  });

  it("of originality have a row for each year", () => {
    const gone = (day: string, original: number) => set(stay(1, "2020-01-01", { ...out(day), original }));
    expect(originalOver([gone("2026-02-01", 0.9), gone("2025-02-01", 0.5), gone("2026-05-01", 0.7)])).toEqual([
      { year: 2025, shares: [0.5] },
      { year: 2026, shares: [0.7, 0.9] },
    ]);
  });

  it("of ages lose no part", () => {
    const part = fc.record({
      visitId: fc.constant("v"),
      make: fc.constantFrom("paper", "tube", "film, Tern"),
      years: fc.double({ min: 0, max: 200, noNaN: true }),
      bad: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(part), (parts) => {
        const found = agesOf(parts);
        const sum = (pick: (cell: { judged: number; bad: number }) => number) =>
          found.flatMap(({ cells }) => cells).reduce((total, cell) => total + pick(cell), 0);
        expect(sum(({ judged }) => judged)).toBe(parts.length);
        expect(sum(({ bad }) => bad)).toBe(parts.filter(({ bad }) => bad).length);
        for (const { make, cells, all } of found) {
          expect(cells).toHaveLength(AGES.length);
          expect(all.judged).toBe(parts.filter((one) => one.make === make).length);
        }
      }),
    );
  });
});

describe("hours against estimate", () => {
  // By hand: 4 h estimated and 5 h spent, 2 h and 1 h: 6 h against 6 h, one of two over.
  it("are added up by kind of set and by step", () => {
    const sets = [
      set(
        stay(1, "2026-01-01", {
          ...out("2026-02-01"),
          labour: { fix: 240, align: 60 },
          estimated: { minutes: 240, steps: { fix: 180, align: 60 }, parts: { minor: 0, currency: "EUR" } },
        }),
      ),
      set(
        stay(2, "2026-01-01", {
          ...out("2026-02-01"),
          labour: { fix: 60 },
          estimated: { minutes: 120, steps: {}, parts: { minor: 0, currency: "EUR" } },
        }),
      ),
      set(stay(3, "2026-01-01", { labour: { fix: 60 } })),
    ];
    const [found] = againstEstimate(sets);
    expect(found).toMatchObject({ visits: 2, estimated: 360, spent: 360, over: 1 });
    expect(found?.steps).toEqual([
      { step: "fix", estimated: 180, spent: 240, visits: 1 },
      { step: "align", estimated: 60, spent: 60, visits: 1 },
    ]);
    expect(overShare(found!)).toBeUndefined();
  });
});

describe("the age of the work in the shop", () => {
  it("puts every set into one row, the oldest first in it", () => {
    const open = (job: number, day: string) => ({ job, name: "", openedAt: `${day}T10:00:00.000Z`, minutes: 60 });
    const rows = ageOfWork(
      [open(1, "2026-11-20"), open(2, "2026-11-14"), open(3, "2026-11-13"), open(4, "2025-01-01")],
      NOW,
    );
    expect(rows.map(({ from, sets, minutes }) => [from, sets.map(({ job }) => job), minutes])).toEqual([
      [0, [2, 1], 120],
      [2, [3], 60],
      [6, [], 0],
      [13, [], 0],
      [26, [4], 60],
    ]);
  });
});
