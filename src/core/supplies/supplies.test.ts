import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { filamentCurrent, minusBias, parallelBox, seriesBox, type BoxTube } from ".";

const tube = (name: string, volts = 1.4, amps = 0.025): BoxTube => ({ name, volts, amps });
const FOUR = [tube("DK96"), tube("DF96"), tube("DAF96"), tube("DL96", 1.4, 0.05)];

describe("filaments in parallel from the bench", () => {
  it("behind a resistor get their rating, and more with one tube out", () => {
    // 125 mA in all; (2 − 1.4)/0.125 = 4.8 Ω, 75 mW.
    const box = parallelBox(2, FOUR);
    expect(box?.ohms).toBeCloseTo(4.8, 9);
    expect(box?.watts).toBeCloseTo(0.075, 9);
    // Without the DL96 75 mA are rated: 2 − V = 4.8·0.075·(V/1.4)^0.6, by hand V = 1.60 V: 14 % over.
    const without = box?.out.find(({ out }) => out === "DL96")?.volts[0];
    const v = without?.volts ?? 0;
    expect(2 - v - 4.8 * 0.075 * (v / 1.4) ** 0.6).toBeCloseTo(0, 9);
    expect(v).toBeCloseTo(1.604, 2);
    expect(without?.over).toBe(true);
    expect(box?.out.find(({ out }) => out === "DF96")?.volts[0]?.over).toBe(false);
  });
  it("never fall when one is taken out, whatever the supply", () => {
    fc.assert(
      fc.property(fc.double({ min: 1.4, max: 12, noNaN: true }), fc.nat(3), (supply, gone) => {
        const found = parallelBox(supply, FOUR)?.out[gone];
        expect(found?.volts.every(({ volts }) => volts >= 1.4 - 1e-6 && volts <= supply + 1e-9)).toBe(true);
      }),
    );
  });
  it("are not put together where their voltages differ, or the supply is too low", () => {
    expect(parallelBox(6, [tube("a", 1.4), tube("b", 2)])).toBeUndefined();
    expect(parallelBox(1.2, FOUR)).toBeUndefined();
    expect(parallelBox(6, [])).toBeUndefined();
  });
});

describe("filaments in series", () => {
  it("share one current", () => {
    // Four of 1.4 V, 50 mA from 9 V: (9 − 5.6)/0.05 = 68 Ω, 170 mW.
    const box = seriesBox(
      9,
      [1, 2, 3, 4].map((n) => tube(String(n), 1.4, 0.05)),
    );
    expect(box?.ohms).toBeCloseTo(68, 9);
    expect(box?.watts).toBeCloseTo(0.17, 9);
    expect(seriesBox(9, FOUR)).toBeUndefined();
    expect(
      seriesBox(
        5,
        [1, 2, 3, 4].map((n) => tube(String(n), 1.4, 0.05)),
      ),
    ).toBeUndefined();
  });
});

it("a filament's current goes with the 0.6th power of its voltage", () => {
  expect(filamentCurrent(tube("x"), 1.4)).toBeCloseTo(0.025, 12);
  expect(filamentCurrent(tube("x"), 0.7)).toBeCloseTo(0.025 * 0.6598, 5);
  expect(filamentCurrent(tube("x"), 0)).toBe(0);
});

it("a resistor in B− makes the bias, and the supply must give it as well", () => {
  expect(minusBias(0.011, 680, 90)).toEqual({ bias: expect.closeTo(7.48, 9), supply: expect.closeTo(97.48, 9) });
});
