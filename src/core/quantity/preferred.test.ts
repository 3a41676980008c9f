import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { COLOURS, decade, decodeBands, encodeBands, nearestPreferred, SERIES } from ".";

describe("preferred values", () => {
  it("has as many values as the name says, within one decade", () => {
    for (const series of SERIES) {
      const values = decade(series);
      expect(values).toHaveLength(Number(series.slice(1)));
      expect([...values].sort((a, b) => a - b)).toEqual(values);
      expect(Math.max(...values)).toBeLessThan(10);
    }
  });

  it("agrees with the published tables", () => {
    expect(decade("E6")).toEqual([1.0, 1.5, 2.2, 3.3, 4.7, 6.8]);
    expect(decade("E12")).toEqual([1.0, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2]);
    expect(decade("E96").slice(0, 6)).toEqual([1.0, 1.02, 1.05, 1.07, 1.1, 1.13]);
    expect(decade("E192").at(-7)).toBe(9.2);
    for (const value of decade("E48")) expect(decade("E192")).toContain(value);
  });

  it("takes pre-war values to their neighbour with the error", () => {
    expect(nearestPreferred(50e3, "E12")).toEqual({ value: 47e3, error: expect.closeTo(-0.06, 6) });
    expect(nearestPreferred(250e3, "E24")).toEqual({ value: 240e3, error: expect.closeTo(-0.04, 6) });
    expect(nearestPreferred(9.9, "E6").value).toBe(10);
    expect(() => nearestPreferred(0, "E12")).toThrow(RangeError);
  });

  it("is never further away than half the widest step", () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-12, max: 1e9, noNaN: true }), fc.constantFrom(...SERIES), (value, series) => {
        const widest = 10 ** (1 / Number(series.slice(1)));
        expect(Math.abs(nearestPreferred(value, series).error)).toBeLessThan((widest - 1) * 0.8);
      }),
    );
  });
});

describe("colour bands", () => {
  it("reads the bands of parts on the bench", () => {
    expect(decodeBands(["yellow", "violet", "yellow", "silver"])).toEqual({
      ok: true,
      value: { value: 470e3, tolerance: 0.1 },
    });
    expect(decodeBands(["brown", "black", "green"])).toEqual({ ok: true, value: { value: 1e6, tolerance: 0.2 } });
    expect(decodeBands(["yellow", "violet", "gold", "gold"])).toEqual({
      ok: true,
      value: { value: 4.7, tolerance: 0.05 },
    });
    expect(decodeBands(["brown", "black", "black", "red", "brown", "red"])).toEqual({
      ok: true,
      value: { value: 10e3, tolerance: 0.01, coefficient: 50 },
    });
  });

  it("says which band cannot be", () => {
    expect(decodeBands(["gold", "violet", "yellow", "silver"])).toMatchObject({ ok: false, at: 0 });
    expect(decodeBands(["brown", "black", "red", "white"])).toMatchObject({ ok: false, at: 3 });
    expect(decodeBands(["brown", "black"])).toMatchObject({ ok: false });
  });

  it("refuses what bands cannot say", () => {
    expect(encodeBands({ value: 4750, tolerance: 0.05 }, 2)).toMatchObject({ ok: false });
    expect(encodeBands({ value: 4700, tolerance: 0.07 }, 2)).toMatchObject({ ok: false });
    expect(encodeBands({ value: 1e15, tolerance: 0.05 }, 2)).toMatchObject({ ok: false });
  });

  it("encode then decode returns the value", () => {
    const tolerance = fc.constantFrom(0.05, 0.1, 0.01, 0.02, 0.2);
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 999 }), fc.integer({ min: -2, max: 7 }), tolerance, (digits, power, t) => {
        const value = Number((digits * 10 ** power).toPrecision(6));
        const coded = encodeBands({ value, tolerance: t }, digits > 99 ? 3 : 2);
        // Only a three-band part can say 20 %.
        fc.pre(t !== 0.2 || digits <= 99);
        if (!coded.ok) throw new Error(coded.message);
        expect(coded.bands.every((band) => COLOURS.includes(band))).toBe(true);
        expect(decodeBands(coded.bands)).toMatchObject({ ok: true, value: { value, tolerance: t } });
      }),
    );
  });
});
