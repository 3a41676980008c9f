import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { combined, findPairs, pairOf, type Piece, type Way } from ".";

type Part = Piece & { id: number; count: number };
type Quantity = "capacitance" | "resistance";
const WAYS: readonly Way[] = ["parallel", "series"];

/** Every pair there is, tried one after the other. */
function everyPair(
  quantity: Quantity,
  parts: readonly Part[],
  window: readonly [number, number],
  value: number,
): { key: string; off: number }[] {
  return WAYS.flatMap((way) =>
    parts.flatMap((a, i) =>
      parts.slice(i).flatMap((b) => {
        if (a.count < 1 || b.count < 1 || (a === b && a.count < 2)) return [];
        const together = combined(quantity, way, a.value, b.value);
        if (together < window[0] || together > window[1]) return [];
        return [{ key: `${way} ${[a.id, b.id].sort().join()}`, off: Math.abs(together / value - 1) }];
      }),
    ),
  ).sort((a, b) => a.off - b.off);
}
const drawer = fc
  .array(fc.record({ value: fc.integer({ min: 1, max: 999 }), count: fc.integer({ min: 0, max: 2 }) }), {
    maxLength: 14,
  })
  .map((all) => all.map((one, id): Part => ({ id, ...one })));

describe("the best pair of a drawer", () => {
  it("is the one that trying every pair finds, for resistors and capacitors", () => {
    fc.assert(
      fc.property(
        drawer,
        fc.constantFrom<Quantity>("capacitance", "resistance"),
        fc.integer({ min: 1, max: 900 }),
        fc.double({ min: 0.01, max: 0.4, noNaN: true }),
        (parts, quantity, value, width) => {
          const window: [number, number] = [value * (1 - width), value * (1 + width)];
          const all = everyPair(quantity, parts, window, value);
          const found = findPairs({ quantity, value, window }, parts, 4);
          expect(found.length > 0).toBe(all.length > 0);
          expect(found.length).toBeLessThanOrEqual(4);
          expect(found[0]?.off ?? 0).toBeCloseTo(all[0]?.off ?? 0, 12);
          // The nearest first, each once, and each as good as it says.
          const keys = found.map(({ a, b, pair }) => `${pair.way} ${[a.id, b.id].sort().join()}`);
          expect(new Set(keys).size).toBe(keys.length);
          found.forEach(({ a, b, pair, off }, at) => {
            expect(off).toBeGreaterThanOrEqual(found[at - 1]?.off ?? 0);
            expect(off).toBeCloseTo(Math.abs(pair.value / value - 1), 12);
            expect(pair).toEqual(pairOf(quantity, pair.way, a, b));
            expect(all.map(({ key }) => key)).toContain(keys[at]);
          });
        },
      ),
    );
  });

  it("takes what lies on the edge of the window, and nothing beyond it", () => {
    const parts: Part[] = [
      { id: 0, value: 40, count: 1 },
      { id: 1, value: 60, count: 1 },
    ];
    const at = (window: [number, number]) => findPairs({ quantity: "resistance", value: 100, window }, parts).length;
    expect([at([90, 100]), at([100, 110]), at([90, 99]), at([101, 110])]).toEqual([1, 1, 0, 0]);
  });

  it("gives three where nobody says how many, and leaves out what has no value or no piece", () => {
    const parts = Array.from({ length: 12 }, (_, id): Part => ({ id, value: 45 + id, count: 1 }));
    const wanted = { quantity: "resistance" as const, value: 100, window: [80, 120] as [number, number] };
    expect(findPairs(wanted, parts)).toHaveLength(3);
    expect(findPairs(wanted, parts, 1)).toHaveLength(1);
    const empty = [
      { id: 0, value: 50, count: 0 },
      { id: 1, value: 0, count: 5 },
      { id: 2, value: 50, count: 1 },
    ];
    expect(findPairs(wanted, empty)).toEqual([]);
    expect(findPairs(wanted, [{ id: 0, value: 50, count: 2 }])).toHaveLength(1);
  });

  it("stands what is asked for, to the volt and the watt, and nothing stands what no marking says", () => {
    const caps = (volts?: number): Part[] => [{ id: 0, value: 20, count: 2, ...(volts ? { volts } : {}) }];
    const cap = (asked: number, volts?: number) =>
      findPairs({ quantity: "capacitance", value: 10, window: [9, 11], volts: asked }, caps(volts)).length;
    // In series each of two alike bears half.
    expect([cap(500, 250), cap(501, 250), cap(1, undefined)]).toEqual([1, 0, 0]);
    const ohms = (asked: number, watts?: number) =>
      findPairs({ quantity: "resistance", value: 40, window: [39, 41], watts: asked }, [
        { id: 0, value: 20, count: 2, ...(watts ? { watts } : {}) },
      ]).length;
    expect([ohms(1, 0.5), ohms(1.01, 0.5), ohms(0.1, undefined)]).toEqual([1, 0, 0]);
    // Watts are nothing that is asked of a capacitor.
    expect(findPairs({ quantity: "capacitance", value: 10, window: [9, 11], watts: 5 }, caps(250))).toHaveLength(1);
  });
});

it("the search goes on to the next values where the nearest do not stand the rating", () => {
  const parts: Part[] = [
    ...[39, 40, 41].map((value, id) => ({ id, value, count: 1, watts: 0.01 })),
    { id: 3, value: 42, count: 1, watts: 5 },
    { id: 4, value: 60, count: 1, watts: 5 },
  ];
  const found = findPairs({ quantity: "resistance", value: 100, window: [95, 105], watts: 1 }, parts);
  expect(found.map(({ a, b, pair }) => [a.id, b.id, pair.way])).toEqual([[3, 4, "series"]]);
});

describe("a pair", () => {
  it("says nothing of volts or watts that one of the two does not say", () => {
    expect(pairOf("resistance", "series", { value: 1, watts: 1 }, { value: 1 })).toEqual({
      ...{ way: "series", value: 2, shares: [0.5, 0.5] },
    });
    expect(
      pairOf("capacitance", "series", { value: 1, volts: 10, watts: 1 }, { value: 1, volts: 10, watts: 1 }),
    ).toEqual({
      ...{ way: "series", value: 0.5, shares: [0.5, 0.5], volts: 20 },
    });
    expect(
      pairOf("resistance", "parallel", { value: 1, volts: 100, watts: 1 }, { value: 3, volts: 50, watts: 1 }),
    ).toEqual({
      ...{ way: "parallel", value: 0.75, shares: [0.75, 0.25], volts: 50 },
      watts: 1 / 0.75,
    });
  });

  it("is nothing of values that are none", () => {
    for (const bad of [0, -1, Number.NaN, Number.POSITIVE_INFINITY])
      expect(() => combined("capacitance", "parallel", 1, bad)).toThrow("values above zero");
  });
});
