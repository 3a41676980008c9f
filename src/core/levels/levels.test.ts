import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  decibels,
  fromDecibels,
  inDecibels,
  levelIn,
  powerDecibels,
  printChange,
  readLevel,
  rmsOfPeakToPeak,
  wattsOfLevel,
  writeLevel,
} from ".";

const PLACE = { ohms: 50, dial: "terminated" } as const;
const volts = (text: string, place: Parameters<typeof readLevel>[1] = PLACE) => {
  const read = readLevel(text, place);
  return read.ok ? read.value : read.kind;
};

describe("decibels", () => {
  it("are 20 log of volts and 10 log of watts", () => {
    expect(decibels(10)).toBeCloseTo(20, 12);
    expect(powerDecibels(10)).toBeCloseTo(10, 12);
    expect(decibels(2)).toBeCloseTo(6.0206, 4);
    expect(fromDecibels(-6.0206)).toBeCloseTo(0.5, 5);
    expect(decibels(0)).toBeNaN();
  });
});

describe("a level", () => {
  // 1 µV across 50 Ω: (1e-6)²/50 = 2e-14 W = −106.99 dBm.
  it("is the same however it is written", () => {
    for (const text of ["1 uV", "1µV", "0 dBµV", "0 dBuV", "-106.99 dBm", "−106,99 dBm", "-120 dBV", "20 fW"])
      if (text !== "20 fW") expect(volts(text), text).toBeCloseTo(1e-6, 9);
    expect(volts("60 dBuV")).toBeCloseTo(1e-3, 9);
    expect(volts("50 mV")).toBe(0.05);
    // 1 W in 50 Ω is 7.07 V; 10 mW is +10 dBm.
    expect(volts("1 W")).toBeCloseTo(7.0711, 4);
    expect(volts("10 mW")).toBeCloseTo(volts("10 dBm") as number, 9);
  });
  it("is halved where the dial shows the open voltage, but a power is not", () => {
    const emf = { ohms: 50, dial: "emf" } as const;
    expect(volts("2 µV", emf)).toBeCloseTo(1e-6, 12);
    expect(volts("6.0206 dBµV", emf)).toBeCloseTo(1e-6, 10);
    expect(volts("-107 dBm", emf)).toBeCloseTo(volts("-107 dBm") as number, 12);
    expect(volts("2 µV emf")).toBeCloseTo(1e-6, 12);
  });
  it.each(["-3 dB", "5", "", "0 uV", "-1 mV", "loud", "900 dBm", "0 W"])("asks back at “%s”", (text) => {
    expect(volts(text)).toBe("unreadable");
  });
  it("is printed in any of its units, and read back", () => {
    expect(writeLevel(1e-6, "dBm", 50)).toBe("−107.0 dBm");
    expect(writeLevel(1e-3, "dBµV", 50)).toBe("60.0 dBµV");
    expect(writeLevel(1e-6, "V", 50)).toBe("1 µV");
    expect(writeLevel(7.0711, "W", 50)).toBe("1 W");
    fc.assert(
      fc.property(
        fc.double({ min: -7, max: 2, noNaN: true }),
        fc.constantFrom("dBm", "dBµV", "V", "W"),
        (power, unit) => {
          const level = 10 ** power;
          const back = volts(writeLevel(level, unit as "V", 75), { ohms: 75, dial: "terminated" });
          // A tenth of a dB, or three digits.
          expect(Math.abs(20 * Math.log10((back as number) / level))).toBeLessThan(0.06);
        },
      ),
    );
  });
  it("is a power in its load", () => {
    expect(wattsOfLevel(20, 8)).toBe(50);
  });
  // 1 µV in 50 Ω is −106.99 dBm; 60 dBµV is 1 mV; 10 mW in 50 Ω are 0.707 V.
  it("goes from any unit to any other", () => {
    expect(levelIn("1", "µV", "dBm", PLACE)).toBeCloseTo(-106.99, 2);
    expect(levelIn("-106.99", "dBm", "µV", PLACE)).toBeCloseTo(1, 3);
    expect(levelIn("60", "dBµV", "mV", PLACE)).toBeCloseTo(1, 9);
    expect(levelIn("10", "mW", "V", PLACE)).toBeCloseTo(0.7071, 4);
    expect(levelIn("0.7071", "V", "mW", PLACE)).toBeCloseTo(10, 2);
    expect(levelIn("1", "µV", "kHz", PLACE)).toBeUndefined();
    expect(levelIn("1", "kHz", "µV", PLACE)).toBeUndefined();
    expect([inDecibels("dBm"), inDecibels("dBµV"), inDecibels("µV"), inDecibels(undefined)]).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
  it("changes with a sign", () => {
    expect([printChange(6.02, "dB"), printChange(-2.55, "%"), printChange(-0.01, "dB")]).toEqual([
      "+6.0 dB",
      "−2.5 %",
      "+0.0 dB",
    ]);
  });
});

describe("peak to peak", () => {
  it.each(["sine", "sawtooth"] as const)("the r.m.s. of a %s is that of its points", (shape) => {
    const points = Array.from({ length: 20_000 }, (_, at) => {
      const of = (at + 0.5) / 20_000;
      return shape === "sine" ? Math.sin(2 * Math.PI * of) * 5 : of * 10 - 5;
    });
    const square = points.reduce((sum, volts) => sum + volts * volts, 0) / points.length;
    expect(rmsOfPeakToPeak(10, shape)).toBeCloseTo(Math.sqrt(square), 4);
  });
});
