import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readAnswer } from "./answer";
import { numberText } from "./scpi/values";
import { steadyOf, USUAL_STEADY, type Timed } from "./steady";

describe("an answer of an instrument", () => {
  it.each([
    ["+2.481000E+02", "V", 248.1],
    ["248.1", "V", 248.1],
    ["  -0.5\t", "V", -0.5],
    ["12.5 mV", "V", 0.0125],
    ["248.1VDC", "V", 248.1],
    ["4.7 kOhm", "Ω", 4700],
    ["455.2KHZ", "Hz", 455_200],
    ["47 mOhm", "Ω", 0.047],
    ["4.7 MOhm", "Ω", 4.7e6],
    ["1.2 MHz", "Hz", 1.2e6],
  ])("%s in %s", (text, unit, value) => {
    const read = readAnswer(text, unit);
    expect(read.ok ? read.value : read.message).toBeCloseTo(value, 9);
  });

  it.each([
    ["+9.900000E+37", "V", "overload", /Overload/],
    ["-9.9E37", "V", "overload", /Overload/],
    ["9.91E37", "V", "no number", /no reading yet/],
    ["248,1", "V", "comma", /comma for a point/],
    ["1.2,3.4", "V", "several", /more than one number/],
    ["1.2;3.4", "V", "several", /answered more than once/],
    ["1.2\r\n3.4", "V", "several", /answered more than once/],
    ["4.7 kOhm", "V", "unit", /answered in kOhm, and V was asked for/],
    ["12 V", "", "unit", /a ratio was asked for/],
    ["", "V", "empty", /answered nothing/],
    ["ERROR", "V", "no number", /“ERROR” is not a number/],
    ["1e999", "V", "overload", /Overload/],
  ])("%s is no %s: %s", (text, unit, why, message) => {
    const read = readAnswer(text, unit);
    expect(read).toMatchObject({ ok: false, why });
    expect(read.ok ? "" : read.message).toMatch(message);
  });

  it("is what was written, for every number, and never throws", () => {
    fc.assert(
      fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), (value) => {
        const read = readAnswer(numberText(value), "V");
        expect(read.ok && Math.abs(read.value - value) <= Math.abs(value) * 1e-6 + 1e-98).toBe(true);
      }),
    );
    fc.assert(fc.property(fc.string(), fc.constantFrom("V", "Ω", ""), (text, unit) => void readAnswer(text, unit)));
  });
});

describe("a reading that stands still", () => {
  const every = (step: number, ...values: number[]): Timed[] =>
    values.map((value, index) => ({ at: index * step, value }));

  it("is the middle of those that agree, once there are enough over long enough", () => {
    expect(steadyOf(every(300, 12, 130, 248.1, 248.3, 248.2, 248.2), USUAL_STEADY)).toEqual({ value: 248.2, agree: 4 });
    expect(steadyOf(every(100, 248.1, 248.3, 248.2, 248.2), USUAL_STEADY)).toEqual({ agree: 4 });
    expect(steadyOf(every(300, 248.1, 248.3, 252), USUAL_STEADY)).toEqual({ agree: 1 });
    expect(steadyOf([], USUAL_STEADY)).toEqual({ agree: 0 });
  });

  it("near zero goes by so many volts, not by a share", () => {
    expect(steadyOf(every(300, 0.002, -0.003, 0.001, 0), USUAL_STEADY).value).toBeCloseTo(0, 2);
  });

  it("does not come of a reading that climbs without an end", () => {
    const climbing = Array.from({ length: 40 }, (_, index) => ({ at: index * 250, value: 100 * 1.004 ** index }));
    expect(steadyOf(climbing, USUAL_STEADY).value).toBeUndefined();
  });

  it("lies among the readings, whatever they are", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -500, max: 500, noNaN: true }), { minLength: 1, maxLength: 30 }),
        (values) => {
          const { value, agree } = steadyOf(every(250, ...values), USUAL_STEADY);
          expect(agree).toBeGreaterThan(0);
          if (value !== undefined) expect(values).toContain(value);
        },
      ),
    );
  });
});
