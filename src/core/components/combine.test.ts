import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { combined, findPairs, pairOf, timeConstant } from ".";

const value = fc.double({ min: 1e-12, max: 1e-3, noNaN: true });

describe("two parts together", () => {
  it("add or share, as resistors and capacitors do", () => {
    expect(combined("resistance", "series", 100, 47)).toBe(147);
    expect(combined("resistance", "parallel", 100, 100)).toBe(50);
    expect(combined("capacitance", "parallel", 10e-9, 22e-9)).toBeCloseTo(32e-9, 15);
    expect(combined("capacitance", "series", 20e-6, 20e-6)).toBeCloseTo(10e-6, 12);
    expect(() => combined("resistance", "series", 0, 10)).toThrow(RangeError);
    expect(() => combined("resistance", "series", -5, 10)).toThrow(RangeError);
  });

  it("bear volts by their capacitance: 10 µF in series with 22 µF takes 69 % of them", () => {
    const pair = pairOf("capacitance", "series", { value: 10e-6, volts: 350 }, { value: 22e-6, volts: 350 });
    expect(pair.shares[0]).toBeCloseTo(22 / 32, 9);
    // The smaller one is at its 350 V when the pair is at 509 V.
    expect(pair.volts).toBeCloseTo((350 * 32) / 22, 6);
    expect(pairOf("capacitance", "parallel", { value: 1, volts: 400 }, { value: 1, volts: 630 }).volts).toBe(400);
  });

  it("bear watts by their resistance: 100 Ω 1 W with 47 Ω 1 W in series stand 1.47 W", () => {
    const pair = pairOf("resistance", "series", { value: 100, watts: 1 }, { value: 47, watts: 1 });
    expect(pair.watts).toBeCloseTo(1.47, 9);
    const beside = pairOf("resistance", "parallel", { value: 100, watts: 1 }, { value: 50, watts: 1 });
    expect(beside.shares[0]).toBeCloseTo(1 / 3, 9);
    expect(beside.watts).toBeCloseTo(1.5, 9);
  });

  it("share all of what they bear, and stand no more than each can", () => {
    fc.assert(
      fc.property(value, value, fc.constantFrom("series", "parallel"), (a, b, way) => {
        const pair = pairOf("capacitance", way as "series", { value: a, volts: 400 }, { value: b, volts: 250 });
        expect(Math.abs(pair.shares[0] + pair.shares[1] - 1)).toBeLessThan(1e-9);
        if (way === "series") {
          expect((pair.volts ?? 0) * pair.shares[0]).toBeLessThanOrEqual(400 * (1 + 1e-9));
          expect((pair.volts ?? 0) * pair.shares[1]).toBeLessThanOrEqual(250 * (1 + 1e-9));
        }
      }),
    );
  });
});

describe("R and C", () => {
  it("have a time constant and a corner: 1 MΩ with 0.05 µF is 50 ms and 3.18 Hz", () => {
    const { seconds, hertz } = timeConstant(1e6, 0.05e-6);
    expect(seconds).toBeCloseTo(0.05, 9);
    expect(hertz).toBeCloseTo(3.183, 3);
  });
});

describe("the search for a pair", () => {
  const stock = [
    { id: "a", value: 33e3, watts: 0.5, count: 2 },
    { id: "b", value: 22e3, watts: 0.5, count: 1 },
    { id: "c", value: 47e3, watts: 2, count: 1 },
    { id: "d", value: 3.3e3, watts: 1, count: 4 },
  ];
  it("makes 50 kΩ of 47 kΩ and 3.3 kΩ in series", () => {
    const [best] = findPairs({ quantity: "resistance", value: 50e3, window: [45e3, 55e3] }, stock);
    expect([best?.a.id, best?.b.id].sort()).toEqual(["c", "d"]);
    expect(best?.pair).toMatchObject({ way: "series" });
    expect(best?.pair.value).toBeCloseTo(50.3e3, 6);
  });
  it("passes a nearer pair by when it does not stand the watts", () => {
    const [best] = findPairs({ quantity: "resistance", value: 55e3, window: [50e3, 60e3], watts: 2 }, stock);
    expect([best?.a.id, best?.b.id].sort()).toEqual(["c", "d"]);
  });
  it("takes a part twice only where there are two", () => {
    const once = findPairs({ quantity: "resistance", value: 44e3, window: [43.9e3, 44.1e3] }, [stock[1]!]);
    expect(once).toEqual([]);
    const twice = findPairs({ quantity: "resistance", value: 66e3, window: [65e3, 67e3] }, [stock[0]!]);
    expect(twice).toHaveLength(1);
  });
  it("gives only pairs that lie in the window and stand the rating; and finds one whenever there is an exact one", () => {
    const part = fc.record({ value, volts: fc.integer({ min: 50, max: 1000 }), count: fc.integer({ min: 1, max: 3 }) });
    fc.assert(
      fc.property(
        fc.array(part, { minLength: 2, maxLength: 40 }),
        fc.integer({ min: 50, max: 800 }),
        (parts, volts) => {
          const exact = parts[0]!.value + parts[1]!.value;
          const window: [number, number] = [exact * 0.9, exact * 1.1];
          const found = findPairs({ quantity: "capacitance", value: exact, window, volts }, parts, 5);
          for (const { pair } of found) {
            expect(pair.value).toBeGreaterThanOrEqual(window[0]);
            expect(pair.value).toBeLessThanOrEqual(window[1]);
            expect(pair.volts).toBeGreaterThanOrEqual(volts);
          }
          if (findPairs({ quantity: "capacitance", value: exact, window }, parts).length === 0)
            throw new Error("missed");
        },
      ),
    );
  });
  it("finds nothing in an empty drawer, and refuses a value of nothing", () => {
    expect(findPairs({ quantity: "resistance", value: 1, window: [1, 1] }, [])).toEqual([]);
    expect(() => findPairs({ quantity: "resistance", value: 0, window: [0, 1] }, stock)).toThrow(RangeError);
  });
});
