import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { correctedFor, judge, loaded, loadingFactor, meterOhms, rangeFor } from ".";

describe("meter loading", () => {
  it("1000 Ω/V on its 250 V range is 250 kΩ; 11 MΩ is that on every range", () => {
    expect(meterOhms({ ohmsPerVolt: 1000 }, 250)).toBe(250e3);
    expect(meterOhms({ inputOhms: 11e6 }, 250)).toBe(11e6);
    expect(meterOhms(undefined, 250)).toBeUndefined();
    expect(meterOhms({ name: "unknown" }, 250)).toBeUndefined();
  });

  it("worked by hand: 200 V behind 250 kΩ reads 100 V on 250 kΩ and 195.6 V on 11 MΩ", () => {
    expect(loaded(200, 250e3, 250e3)).toBe(100);
    expect(loaded(200, 250e3, 11e6)).toBeCloseTo(195.56, 2);
    expect(loadingFactor({ sourceOhms: 250e3, chartOhms: 250e3, meterOhms: 11e6 })).toBeCloseTo(1.9556, 4);
  });

  it("corrects nothing when one of the meters is not known", () => {
    expect(loadingFactor({ sourceOhms: 250e3, chartOhms: undefined, meterOhms: 11e6 })).toBe(1);
    expect(loadingFactor({ sourceOhms: 250e3, chartOhms: 250e3 })).toBe(1);
  });

  it("picks the smallest range that holds the voltage", () => {
    expect([rangeFor(6.3), rangeFor(245), rangeFor(250), rangeFor(-12.5), rangeFor(9000)]).toEqual([
      10, 250, 250, 50, 5000,
    ]);
  });

  it("refuses what is no resistance", () => {
    expect(() => loaded(1, -1, 1)).toThrow(RangeError);
    expect(() => loaded(1, 1, 0)).toThrow(RangeError);
  });

  const ohms = fc.double({ min: 1, max: 1e8, noNaN: true });
  it("a higher meter resistance never reads lower, and never above the point itself", () => {
    fc.assert(
      fc.property(ohms, ohms, ohms, (source, one, other) => {
        const [low, high] = one < other ? [one, other] : [other, one];
        // to the last digits of a double
        expect(loaded(100, source, high)).toBeGreaterThanOrEqual(loaded(100, source, low) - 1e-9);
        expect(loaded(100, source, high)).toBeLessThanOrEqual(100 + 1e-9);
      }),
    );
  });

  it("a meter like the chart's changes nothing", () => {
    fc.assert(
      fc.property(ohms, ohms, (sourceOhms, meter) => {
        expect(loadingFactor({ sourceOhms, chartOhms: meter, meterOhms: meter })).toBeCloseTo(1, 12);
      }),
    );
  });
});

describe("what should be read here and now", () => {
  const plate = { value: 60, tolerance: 0.2, lineVolts: 230, sourceOhms: 235e3, chartOhms: 250e3 };

  it("takes the line and the meters together, and says both", () => {
    const { value, reasons } = correctedFor(plate, "voltage", { lineVolts: 241.5, meterOhms: 11e6 });
    // 60 × 1.05 = 63; unloaded 63 × 485/250 = 122.2; on 11 MΩ × 11/11.235 = 119.7
    expect(value).toBeCloseTo(119.66, 1);
    expect(reasons).toHaveLength(2);
    expect(reasons.join(" ")).toContain("becomes 63 V");
    expect(reasons.join(" ")).toContain("should read 120 V");
  });

  it("feels the line through the tap: 112 V on a 110 V tap is 224 V on the chart's 220 V", () => {
    const chart = { value: 185, tolerance: 0.1, lineVolts: 220, tapVolts: 220 };
    expect(correctedFor(chart, "voltage", { lineVolts: 112, tapVolts: 110 }).value).toBeCloseTo((185 * 224) / 220, 6);
    expect(correctedFor(chart, "voltage", { lineVolts: 220, tapVolts: 220 }).value).toBe(185);
  });

  it("turns a false alarm into a good reading", () => {
    const reading = { quantity: "voltage", measured: 118, expected: plate, lineVolts: 230 } as const;
    expect(judge(reading).verdict).toBe("high");
    expect(judge({ ...reading, meterOhms: 11e6 }).verdict).toBe("good");
  });

  it("judges as found where the chart states no meter, and says so", () => {
    const { verdict, reasons } = judge({
      quantity: "voltage",
      measured: 61,
      expected: { value: 60, tolerance: 0.2, asFound: true },
      meterOhms: 11e6,
    });
    expect(verdict).toBe("good");
    expect(reasons.join(" ")).toContain("judged as found");
  });

  it("scaling the line scales the expectation", () => {
    const positive = fc.double({ min: 1, max: 400, noNaN: true });
    fc.assert(
      fc.property(positive, positive, fc.double({ min: 0.5, max: 2, noNaN: true }), (value, line, factor) => {
        const at = (lineVolts: number) =>
          correctedFor({ value, tolerance: 0.1, lineVolts: line }, "voltage", { lineVolts });
        expect(at(line * factor).value).toBeCloseTo(at(line).value * factor, 6);
      }),
    );
  });
});
