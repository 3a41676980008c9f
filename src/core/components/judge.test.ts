import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { esrLimit, gridShift, hotSpot, judgeCapacitor, judgeResistor, tanLimit, type CapacitorPlace } from ".";

const coupling: CapacitorPlace = {
  role: "coupling",
  nominal: 50e-9,
  low: -0.2,
  high: 0.2,
  electrolytic: false,
  workingVolts: 85,
  next: { plateVolts: 85, gridOhms: 470e3, bias: 12.5, name: "V4" },
};

describe("a leaky coupling capacitor", () => {
  it("lifts the next grid: 85 V through 10 MΩ onto 470 kΩ is 3.8 V", () => {
    expect(gridShift(85, 470e3, 10e6)).toBeCloseTo(3.816, 3);
    expect(() => gridShift(85, 0, 1)).toThrow(RangeError);
  });
  it("is judged by that shift against the bias, not by its megohms", () => {
    const leak = (amps: number) => judgeCapacitor({ leakAmps: amps, atVolts: 85 }, coupling);
    // 8.5 µA at 85 V is 10 MΩ: 3.8 V of 12.5 V.
    expect(leak(8.5e-6).verdict).toBe("bad");
    expect(leak(8.5e-6).reasons[0]).toContain("31 %");
    // 100 MΩ: 0.4 V, 3.2 %.
    expect(leak(0.85e-6).verdict).toBe("watch");
    expect(leak(0.085e-6).verdict).toBe("good");
    expect(leak(0).reasons[0]).toContain("No leakage");
  });
  it("is not proved good at a tester's few volts", () => {
    const found = judgeCapacitor({ leakAmps: 0, atVolts: 10 }, coupling);
    expect(found.verdict).toBe("watch");
    expect(found.reasons.join(" ")).toContain("working voltage");
    expect(judgeCapacitor({ leakAmps: 1e-6 }, coupling).reasons[0]).toContain("At which voltage");
  });
  it("shifts more, the more it leaks, and never beyond the plate", () => {
    const ohms = fc.double({ min: 1e3, max: 1e12, noNaN: true });
    fc.assert(
      fc.property(ohms, ohms, (a, b) => {
        const [less, more] = a < b ? [a, b] : [b, a];
        expect(gridShift(250, 470e3, less)).toBeGreaterThanOrEqual(gridShift(250, 470e3, more));
        expect(gridShift(250, 470e3, less)).toBeLessThan(250);
      }),
    );
  });
});

describe("an electrolytic", () => {
  const place: CapacitorPlace = { role: "reservoir", nominal: 16e-6, low: -0.1, high: 0.5, electrolytic: true };
  it("has an ESR limit from its value: 0.2/(2π·100 Hz·16 µF) = 19.9 Ω", () => {
    expect(esrLimit(16e-6)).toBeCloseTo(19.894, 3);
  });
  it("may be the lossier, the lower its rating: at 450 V 14.9 Ω for the same 16 µF, at 12 V 24.9 Ω", () => {
    expect(esrLimit(16e-6, 100, tanLimit(450))).toBeCloseTo(14.92, 2);
    expect(esrLimit(16e-6, 100, tanLimit(12))).toBeCloseTo(24.87, 2);
    const at = (ratedVolts: number) => judgeCapacitor({ esr: 18 }, { ...place, ratedVolts });
    expect(at(450).verdict).toBe("watch");
    expect(at(63).verdict).toBe("good");
    expect(at(450).reasons[0]).toContain("tan δ 0.15 for 450 V");
  });
  it("is good, to be watched or bad by value, ESR and leakage, the worst of them counting", () => {
    const judge = (measured: Parameters<typeof judgeCapacitor>[0]) => judgeCapacitor(measured, place).verdict;
    expect(judge({ farads: 17e-6, esr: 4 })).toBe("good");
    expect(judge({ farads: 17e-6, esr: 25 })).toBe("watch");
    expect(judge({ farads: 17e-6, esr: 60 })).toBe("bad");
    expect(judge({ farads: 9e-6, esr: 4 })).toBe("bad");
    // 0.01·16 µF·425 V = 68 µA when new.
    expect(judge({ farads: 17e-6, leakAmps: 60e-6, atVolts: 425 })).toBe("good");
    expect(judge({ farads: 17e-6, leakAmps: 200e-6, atVolts: 425 })).toBe("watch");
    expect(judge({ farads: 17e-6, leakAmps: 2e-3, atVolts: 425 })).toBe("bad");
    expect(judge({})).toBe("none");
  });
});

describe("a paper capacitor elsewhere", () => {
  const place: CapacitorPlace = {
    role: "decoupling",
    nominal: 100e-9,
    low: -0.2,
    high: 1,
    electrolytic: false,
    workingVolts: 250,
  };
  it("reads high when it leaks, and says so", () => {
    expect(judgeCapacitor({ farads: 140e-9 }, place).reasons.join(" ")).toContain("usually leaks");
    expect(judgeCapacitor({ leakAmps: 50e-6, atVolts: 250 }, place).verdict).toBe("bad");
    expect(judgeCapacitor({ leakAmps: 10e-6, atVolts: 250 }, place).verdict).toBe("watch");
    expect(judgeCapacitor({ leakAmps: 1e-6, atVolts: 250 }, place).verdict).toBe("good");
  });
});

describe("a resistor", () => {
  const judge = (ohms: number, where: "in-circuit" | "lifted", school: "nominal" | "twice" | "keep" = "nominal") =>
    judgeResistor({ ohms, where }, 470e3, 0.2, school).verdict;
  it("in circuit proves drift by reading high, and nothing by reading low", () => {
    expect(judge(612e3, "in-circuit")).toBe("bad");
    expect(judge(220e3, "in-circuit")).toBe("none");
    expect(judge(220e3, "lifted")).toBe("bad");
    expect(judge(480e3, "in-circuit")).toBe("good");
  });
  it("is replaced beyond its tolerance, beyond twice of it, or when it no longer works, by the school", () => {
    expect(judge(600e3, "lifted", "nominal")).toBe("bad");
    expect(judge(600e3, "lifted", "twice")).toBe("watch");
    expect(judge(700e3, "lifted", "twice")).toBe("bad");
    expect(judge(700e3, "lifted", "keep")).toBe("watch");
    expect(judge(720e3, "lifted", "keep")).toBe("bad");
  });
  it("is a hot spot from half of its wattage on", () => {
    expect(hotSpot(1.36, 2)).toEqual({ share: 0.68, hot: true });
    expect(hotSpot(1, 2).hot).toBe(false);
    expect(() => hotSpot(1, 0)).toThrow(RangeError);
  });
});
