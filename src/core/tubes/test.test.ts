import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { judgeTube, match, MATCH_WITHIN, nextTest } from ".";

describe("the order of testing", () => {
  it("asks for shorts, then gas, then strength", () => {
    expect(nextTest({})).toBe("shorts");
    expect(nextTest({ measured: 3000 })).toBe("shorts");
    expect(nextTest({ shorts: "none" })).toBe("gas");
    expect(nextTest({ shorts: "none", gas: "none" })).toBe("strength");
    expect(nextTest({ shorts: "none", gas: "none", measured: 1 })).toBeUndefined();
  });
  it("ends with a short", () => {
    expect(nextTest({ shorts: "found" })).toBeUndefined();
    expect(judgeTube({ shorts: "found", measured: 4000, nominal: 4000 }).verdict).toBe("bad");
  });
});

describe("the verdict over a tube", () => {
  const tube = (measured: number, gas: "none" | "slight" | "gassy" = "none") =>
    judgeTube({ shorts: "none", gas, measured, nominal: 4100 }).verdict;
  it("is 80 % good, 60 % to 80 % watch, below that replace", () => {
    expect(tube(3280)).toBe("good");
    expect(tube(3279)).toBe("watch");
    expect(tube(2460)).toBe("watch");
    expect(tube(2459)).toBe("bad");
  });
  it("is spoilt by gas, whatever its strength", () => {
    expect(tube(4100, "gassy")).toBe("bad");
    expect(tube(4100, "slight")).toBe("watch");
    expect(tube(2000, "slight")).toBe("bad");
  });
  it("is none before the strength is known", () => {
    expect(judgeTube({ shorts: "none", gas: "none" }).verdict).toBe("none");
  });
});

describe("matching", () => {
  const shelf = [98, 71, 94, 88, 60, 91].map((value, index) => ({ id: String(index), value }));
  it("takes the closest first and uses no tube twice", () => {
    const pairs = match(shelf, 2);
    expect(pairs[0]!.tubes.map(({ value }) => value)).toEqual([94, 91]);
    expect(pairs[0]!.spread).toBeCloseTo(3 / 94, 9);
    expect(pairs.map(({ matched }) => matched)).toEqual([true, false, false]);
    expect(new Set(pairs.flatMap(({ tubes }) => tubes.map(({ id }) => id))).size).toBe(6);
  });
  it("finds a quad, and none where there are too few", () => {
    expect(match(shelf, 4)[0]!.tubes.map(({ value }) => value)).toEqual([98, 94, 91, 88]);
    expect(match(shelf.slice(0, 3), 4)).toEqual([]);
    expect(() => match(shelf, 1)).toThrow(RangeError);
  });
  it("says matched only within 10 %", () => {
    const values = fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 2, maxLength: 20 });
    fc.assert(
      fc.property(values, (numbers) => {
        for (const { tubes, matched } of match(
          numbers.map((value, index) => ({ id: String(index), value })),
          2,
        )) {
          const [high, low] = [Math.max(...tubes.map((t) => t.value)), Math.min(...tubes.map((t) => t.value))];
          expect(matched).toBe(1 - low / high <= MATCH_WITHIN + 1e-12);
        }
      }),
    );
  });
});
