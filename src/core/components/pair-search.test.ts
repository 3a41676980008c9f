import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { combined, findPairs, pairOf, timeConstant } from ".";

/** The search for a pair against all pairs that there are, and the figures of a pair at their limits. */

type Part = { id: string; value: number; volts?: number; watts?: number; count: number };
const part = (id: string, value: number, more: Partial<Part> = {}): Part => ({ id, value, count: 1, ...more });
const names = (found: ReturnType<typeof findPairs<Part>>) =>
  found.map(({ a, b, pair }) => `${a.id}${pair.way[0]}${b.id}`);

/** Every pair of a drawer that will do, by trying all of them. */
function allPairs(wanted: Parameters<typeof findPairs>[0], drawer: readonly Part[]) {
  return drawer
    .flatMap((a, i) =>
      drawer.slice(i).flatMap((b, j) =>
        j === 0 && a.count < 2
          ? []
          : (["parallel", "series"] as const).map((way) => {
              const pair = pairOf(wanted.quantity, way, a, b);
              return { a, b, pair, off: Math.abs(pair.value / wanted.value - 1) };
            }),
      ),
    )
    .filter(
      ({ pair, a, b }) =>
        a.count > 0 &&
        b.count > 0 &&
        pair.value >= wanted.window[0] &&
        pair.value <= wanted.window[1] &&
        (wanted.volts === undefined || (pair.volts ?? 0) >= wanted.volts) &&
        (wanted.watts === undefined || wanted.quantity !== "resistance" || (pair.watts ?? 0) >= wanted.watts),
    )
    .sort((a, b) => a.off - b.off);
}

describe("the search for a pair", () => {
  it("finds the best of all pairs, of a drawer in which all stand the rating", () => {
    const drawer = fc.array(
      fc.record({ value: fc.integer({ min: 1, max: 200 }), count: fc.integer({ min: 0, max: 2 }) }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(
        drawer,
        fc.integer({ min: 5, max: 300 }),
        fc.constantFrom("capacitance" as const, "resistance" as const),
        (parts, value, quantity) => {
          const stock = parts.map((one, index) => part(String(index), one.value, { ...one, volts: 1e4, watts: 1e4 }));
          const wanted = { quantity, value, window: [value * 0.8, value * 1.2] as const };
          const [best] = findPairs(wanted, stock);
          const [tried] = allPairs(wanted, stock);
          expect(best?.off).toBe(tried?.off);
          for (const one of findPairs(wanted, stock, 5))
            expect(allPairs(wanted, stock).some(({ pair }) => pair.value === one.pair.value)).toBe(true);
        },
      ),
    );
  });

  it("gives the closest first, as many as are asked for, three where nothing is said", () => {
    const drawer = [10, 20, 30, 40, 41, 42, 43].map((value) => part(`${value}-`, value));
    const wanted = { quantity: "resistance", value: 60, window: [50, 70] } as const;
    const all = findPairs(wanted, drawer, 99);
    expect(all.length).toBeGreaterThan(5);
    expect(all.map(({ off }) => off)).toEqual(all.map(({ off }) => off).sort((a, b) => a - b));
    expect(names(findPairs(wanted, drawer))).toEqual(names(all).slice(0, 3));
    expect(names(findPairs(wanted, drawer, 1))).toEqual(["20-s40-"]);
    // In whatever order they lie in the drawer.
    expect(findPairs(wanted, drawer.toReversed(), 99).map(({ off }) => off)).toEqual(all.map(({ off }) => off));
  });

  it("names each pair once, and a part with itself only where there are two", () => {
    const wanted = { quantity: "resistance", value: 40, window: [39, 41] } as const;
    expect(names(findPairs(wanted, [part("a", 20, { count: 2 })], 9))).toEqual(["asa"]);
    expect(findPairs(wanted, [part("a", 20)], 9)).toEqual([]);
    expect(names(findPairs(wanted, [part("a", 15), part("b", 25)], 9))).toEqual(["asb"]);
  });

  it("takes values at both ends of the window, and none beyond", () => {
    const at = (value: number) =>
      findPairs({ quantity: "resistance", value: 100, window: [90, 110] }, [part("a", value - 60), part("b", 60)], 9);
    expect([89, 90, 110, 111].map((value) => at(value).length)).toEqual([0, 1, 1, 0]);
  });

  it("leaves out what is gone, and what has no value", () => {
    const wanted = { quantity: "resistance", value: 40, window: [39, 41] } as const;
    expect(findPairs(wanted, [part("a", 15, { count: 0 }), part("b", 25)])).toEqual([]);
    expect(findPairs(wanted, [part("zero", 0), part("b", 40)])).toEqual([]);
  });

  it("makes capacitors in series and resistors in parallel", () => {
    const capacitors = [part("a", 20, { volts: 300 }), part("b", 20, { volts: 300 })];
    expect(names(findPairs({ quantity: "capacitance", value: 10, window: [9, 11] }, capacitors, 9))).toEqual(["asb"]);
    const resistors = [part("a", 100), part("b", 50)];
    expect(names(findPairs({ quantity: "resistance", value: 33, window: [32, 35] }, resistors, 9))).toEqual(["bpa"]);
  });

  it("holds the pair to its rating, the limit included; a part that does not say stands nothing", () => {
    const series = (volts: number, rated = 300) =>
      findPairs(
        { quantity: "capacitance", value: 10, window: [9, 11], volts },
        [part("a", 20, { volts: rated }), part("b", 20, { volts: rated })],
        9,
      ).length;
    expect([600, 601].map((volts) => series(volts))).toEqual([1, 0]);
    const unsaid = [part("a", 20, { volts: 300 }), part("b", 20)];
    expect(findPairs({ quantity: "capacitance", value: 10, window: [9, 11], volts: 1 }, unsaid)).toEqual([]);
    expect(findPairs({ quantity: "capacitance", value: 10, window: [9, 11] }, unsaid)).toHaveLength(1);
    const watts = (needed: number) =>
      findPairs(
        { quantity: "resistance", value: 100, window: [99, 101], watts: needed },
        [part("a", 50, { watts: 1 }), part("b", 50, { watts: 1 })],
        9,
      ).length;
    expect([2, 2.01].map(watts)).toEqual([1, 0]);
    // Watts are asked of resistors alone.
    expect(
      findPairs({ quantity: "capacitance", value: 10, window: [9, 11], watts: 5 }, [part("a", 20), part("b", 20)]),
    ).toHaveLength(1);
  });

  it("looks at three neighbours on either side, where the nearest do not stand the rating", () => {
    const weak = (value: number) => part(`weak${value}`, value, { watts: 0.01 });
    const drawer = [weak(39), weak(40), weak(41), part("strong", 42, { watts: 5 }), part("base", 60, { watts: 5 })];
    const wanted = { quantity: "resistance", value: 100, window: [95, 105], watts: 1 } as const;
    expect(names(findPairs(wanted, drawer))).toEqual(["strongsbase"]);
  });
});

describe("two parts as one", () => {
  it("refuses what is no value", () => {
    for (const bad of [0, -1, Number.NaN, Number.POSITIVE_INFINITY]) {
      expect(() => combined("resistance", "series", 1, bad)).toThrow("values above zero are needed");
      expect(() => timeConstant(bad, 1)).toThrow(RangeError);
    }
  });
  it("has no rating where a part does not say its own, and no watts for capacitors", () => {
    const silent = { value: 10 };
    const said = { value: 10, volts: 100, watts: 1 };
    expect(pairOf("capacitance", "series", said, silent)).not.toHaveProperty("volts");
    expect(pairOf("capacitance", "series", silent, said)).not.toHaveProperty("volts");
    expect(pairOf("capacitance", "series", said, said)).not.toHaveProperty("watts");
    expect(pairOf("resistance", "series", said, silent)).not.toHaveProperty("watts");
    expect(pairOf("resistance", "parallel", said, said)).toMatchObject({ watts: 2, volts: 100, shares: [0.5, 0.5] });
    expect(pairOf("resistance", "series", said, said)).toMatchObject({ watts: 2, volts: 200 });
  });
  it("divides volts with the resistance in series, watts against it in parallel", () => {
    expect(pairOf("resistance", "series", { value: 30 }, { value: 10 }).shares[0]).toBeCloseTo(0.75, 12);
    expect(pairOf("resistance", "parallel", { value: 30 }, { value: 10 }).shares[0]).toBeCloseTo(0.25, 12);
    expect(pairOf("capacitance", "series", { value: 30 }, { value: 10 }).shares[0]).toBeCloseTo(0.25, 12);
    const unlike = pairOf("capacitance", "series", { value: 30, volts: 100 }, { value: 10, volts: 100 });
    // The smaller one takes three quarters: it is at its 100 V when the pair is at 133 V.
    expect(unlike.volts).toBeCloseTo(100 / 0.75, 9);
  });
});
