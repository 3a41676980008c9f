import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { noLoadPeak } from ".";
import { RECTIFIERS, type Sheet } from "../model";

type Fed = Parameters<typeof noLoadPeak>[0];

const fed = (change: Partial<Fed> = {}): Fed => ({
  supply: "transformer",
  lineVolts: 230,
  highestVolts: 300,
  points: [],
  ...change,
});
const rail = (expected: number, point = "B+"): Sheet["points"] => [{ point, quantity: "voltage", expected }];

describe("what B+ stands at before the tubes draw", () => {
  it("is √2 times the secondary, each half: 300 V rms gives 424 V, through two diodes or through a bridge", () => {
    for (const rectifier of [undefined, "half-wave", "full-wave", "bridge"] as const)
      expect(noLoadPeak(fed({ supplyRms: 300, rectifier })).volts).toBeCloseTo(424.26, 2);
    expect(noLoadPeak(fed({ supplyRms: 300 })).from).toContain("√2 × 300 V of the secondary");
  });
  it("behind a doubler is twice that: 2√2 × 800 V is 2263 V", () => {
    const doubled = noLoadPeak(fed({ supplyRms: 800, rectifier: "doubler" }));
    expect(doubled.volts).toBeCloseTo(2262.7, 1);
    expect(doubled.from).toContain("2√2 × 800 V");
  });
  it("is never below the sheet's highest voltage or the chart's B+, where nobody wrote the doubler down", () => {
    expect(noLoadPeak(fed({ supplyRms: 800, highestVolts: 2300 }))).toEqual({
      volts: 2300,
      from: "the sheet’s highest voltage",
    });
    expect(noLoadPeak(fed({ supply: "live-chassis", lineVolts: 117, highestVolts: 240, points: rail(260) }))).toEqual({
      volts: 260,
      from: "B+ of the chart",
    });
    expect(noLoadPeak(fed({ supplyRms: 300, points: rail(-500, "HT") })).volts).toBe(500);
  });
  it("takes a highest voltage that is the peak, rounded, for the same figure", () => {
    expect(noLoadPeak(fed({ supplyRms: 300, highestVolts: 425 })).from).toContain("√2 × 300 V");
  });
  it("without a transformer is √2 times the highest line, and 2√2 times the lowest tap where that is doubled", () => {
    const live = { supply: "live-chassis", lineVolts: 110, taps: [110, 220] } as const;
    expect(noLoadPeak(fed({ ...live, taps: [110, 220] })).volts).toBeCloseTo(311.1, 1);
    expect(noLoadPeak(fed({ ...live, taps: [110, 220], rectifier: "doubler" })).volts).toBeCloseTo(311.1, 1);
    expect(noLoadPeak(fed({ supply: "live-chassis", lineVolts: 117, rectifier: "doubler" })).volts).toBeCloseTo(
      330.9,
      1,
    );
  });
  it("of a battery set is its battery, or the highest voltage of the sheet", () => {
    expect(noLoadPeak(fed({ supply: "battery", lineVolts: 90, highestVolts: 90 })).volts).toBe(90);
    expect(noLoadPeak(fed({ highestVolts: 425 }))).toEqual({ volts: 425, from: "the sheet’s highest voltage" });
  });
  it("is never below any figure that the sheet has, for any rectifier", () => {
    const volts = fc.double({ min: 1, max: 5000, noNaN: true });
    fc.assert(
      fc.property(volts, volts, volts, fc.constantFrom(undefined, ...RECTIFIERS), (rms, highest, chart, rectifier) => {
        const found = noLoadPeak(fed({ supplyRms: rms, highestVolts: highest, points: rail(chart), rectifier })).volts;
        // 2 % is the room of a rounded figure.
        for (const one of [Math.SQRT2 * rms, highest, chart]) expect(found).toBeGreaterThanOrEqual(one / 1.0201);
      }),
    );
  });
});
