import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cathodeBias, cathodeCurrent, pointNear, screenResistor, tubeType } from ".";

describe("cathode bias", () => {
  it("of a 6V6 at 250 V is 252.5 Ω and 0.62 W: 12.5 V over 49.5 mA", () => {
    const point = pointNear(tubeType("6V6")!, 250)!;
    const bias = cathodeBias({ grid: point.grid, amps: point.amps!, screenAmps: point.screenAmps, gm: point.gm });
    expect(bias.ohms).toBeCloseTo(252.525, 2);
    expect(bias.watts).toBeCloseTo(0.61875, 5);
    expect(bias.rated).toBeCloseTo(1.2375, 4);
    expect(bias.preferred.ohms).toBe(240);
    // A little less resistance: a little less bias, a little more current.
    expect(bias.preferred.volts).toBeLessThan(12.5);
    expect(bias.preferred.amps).toBeGreaterThan(0.0495);
    expect(bias.preferred.volts).toBeCloseTo(bias.preferred.amps * 240, 9);
    // 252.5 Ω beside 1/4.1 mA/V = 243.9 Ω is 124 Ω: 50 Hz need 25.6 µF.
    expect(bias.bypass.farads).toBeCloseTo(25.65e-6, 7);
    expect(bias.bypass.volts).toBe(25);
  });

  it("wants a bypass of twice the bias where that is more than 25 V", () => {
    expect(cathodeBias({ grid: -50, amps: 0.034 }).bypass.volts).toBe(100);
  });

  it("refuses what is no bias", () => {
    expect(() => cathodeBias({ grid: 0, amps: 0.01 })).toThrow(RangeError);
    expect(() => cathodeBias({ grid: -2, amps: 0 })).toThrow(RangeError);
    expect(() => cathodeBias({ grid: -2, amps: -0.01 })).toThrow(RangeError);
  });

  it("with the preferred value settles between what the resistor alone and the tube alone would give", () => {
    const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(figure(0.5, 80), figure(0.0005, 0.2), figure(0, 0.012), (volts, amps, gm) => {
        const { ohms, preferred } = cathodeBias({ grid: -volts, amps, gm });
        const rigid = amps * preferred.ohms;
        const [low, high] = rigid < volts ? [rigid, volts] : [volts, rigid];
        expect(preferred.volts).toBeGreaterThanOrEqual(low * (1 - 1e-9));
        expect(preferred.volts).toBeLessThanOrEqual(high * (1 + 1e-9));
        expect(Math.abs(preferred.ohms / ohms - 1)).toBeLessThan(0.075);
      }),
    );
  });
});

describe("a screen resistor", () => {
  it("drops the rest of the supply: 250 to 100 V at 1.7 mA is 88.2 kΩ", () => {
    const found = screenResistor({ supply: 250, screen: 100, screenAmps: 0.0017 });
    expect(found.ohms).toBeCloseTo(88_235, 0);
    expect(found.watts).toBeCloseTo(0.255, 3);
    expect(found.preferred.ohms).toBe(82_000);
    expect(found.preferred.screen).toBeCloseTo(250 - 82e3 * 0.0017, 6);
  });
  it("refuses a screen above its supply", () => {
    expect(() => screenResistor({ supply: 100, screen: 250, screenAmps: 0.001 })).toThrow(RangeError);
  });
});

describe("the current of a cathode", () => {
  it("follows from the volts across its resistor", () => {
    expect(cathodeCurrent(12.5, 250)).toBeCloseTo(0.05, 9);
    expect(() => cathodeCurrent(12.5, 0)).toThrow(RangeError);
  });
});
