import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PLANNED } from "../fixtures";
import type { Component } from "../model";
import {
  bestTap,
  bplusBand,
  discharge,
  dischargeResistor,
  dischargeStick,
  heatersAlone,
  lampFor,
  lineCurrent,
  lineRemarks,
  storedCharge,
} from ".";

describe("the current to expect", () => {
  it("is nameplate watts over 0.9 of the line, and a quarter above it is the end", () => {
    const { expected, stop } = lineCurrent(65, 117);
    expect(expected).toBeCloseTo(0.617, 3);
    expect(stop).toBeCloseTo(0.772, 3);
  });
  it("stops a step at half more than its share, never above the full-line limit", () => {
    expect(lineCurrent(65, 117, 0.5).stop).toBeCloseTo(0.463, 3);
    expect(lineCurrent(65, 117, 1).stop).toBeLessThan(lineCurrent(65, 117, 1).expected * 1.5);
    expect(() => lineCurrent(0, 230)).toThrow(RangeError);
  });
  it("counts direct current without a power factor: 0.27 W at 9 V is 30 mA", () => {
    expect(lineCurrent(0.27, 9, 1, 1).expected).toBeCloseTo(0.03, 6);
  });
  it("with the heaters alone stays well below the step's limit at every share", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.25, max: 1, noNaN: true }), (fraction) => {
        // a set of 68 W with 10.4 W of heaters beside the rectifier's
        expect(heatersAlone(10.4, 68, 230, fraction)).toBeLessThan(lineCurrent(68, 230, fraction).stop);
      }),
    );
  });
});

describe("B+ on the way up", () => {
  it("has none below half line where a tube rectifies, and follows from the start where none does", () => {
    expect(bplusBand(0.5, 255, 380, true)[0]).toBe(0);
    expect(bplusBand(0.25, 600, 700, false)[0]).toBeCloseTo(112.5, 6);
  });
  it("widens to the no-load voltage above and closes in on the chart at full line", () => {
    expect(bplusBand(1, 255, 380, true)).toEqual([191.25, 380]);
  });
  it("never falls as the line rises", () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(share, share, fc.boolean(), (a, b, warm) => {
        const [low, high] = a < b ? [a, b] : [b, a];
        for (const end of [0, 1] as const)
          expect(bplusBand(high, 255, 380, warm)[end]).toBeGreaterThanOrEqual(bplusBand(low, 255, 380, warm)[end]);
      }),
    );
  });
});

const part = (
  designator: string,
  role: Component["role"],
  drawn: string,
  sections?: Component["sections"],
): Component => ({ designator, role, drawn, ...(sections ? { sections } : {}) });

describe("stored charge", () => {
  it("runs off by R·C·ln(V₀/V): 16 µF from 400 V through 220 kΩ is at 60 V after 6.68 s", () => {
    const { seconds, joules, watts, warning } = discharge({ ohms: 220e3, farads: 16e-6, volts: 400 });
    expect(seconds).toBeCloseTo(6.678, 3);
    expect(joules).toBeCloseTo(1.28, 6);
    expect(watts).toBeCloseTo(0.727, 3);
    expect(warning).toContain("never permission to touch");
  });
  it("has no time without a resistor, and none to wait when it is safe already", () => {
    expect(discharge({ farads: 16e-6, volts: 400 })).not.toHaveProperty("seconds");
    expect(discharge({ ohms: 1e3, farads: 16e-6, volts: 12 }).seconds).toBe(0);
    expect(() => discharge({ farads: 0, volts: 400 })).toThrow(RangeError);
    expect(() => discharge({ ohms: -1, farads: 1e-6, volts: 400 })).toThrow(RangeError);
  });
  it("takes longer with more of anything", () => {
    const positive = fc.double({ min: 1, max: 1e6, noNaN: true });
    fc.assert(
      fc.property(positive, positive, (ohms, volts) => {
        const time = (r: number, v: number) => discharge({ ohms: r, farads: 1e-5, volts: v }).seconds ?? 0;
        expect(time(ohms * 2, volts)).toBeGreaterThanOrEqual(time(ohms, volts));
        expect(time(ohms, volts * 2)).toBeGreaterThanOrEqual(time(ohms, volts));
      }),
    );
  });
  it("is taken off through a resistor that does not burn: 4.7 kΩ at 400 V, 100 kΩ at 1.5 kV", () => {
    expect([dischargeResistor(400), dischargeResistor(1500)]).toEqual([4.7e3, 100e3]);
  });
  it("by a stick whose resistor, wattage and time follow from volts and capacitance", () => {
    // 47 kΩ · 100 µF · ln(1000/60) = 13.2 s; 1000²/47 kΩ = 21 W at first; 50 J
    expect(dischargeStick(1000, 100e-6)).toEqual({
      ohms: 47e3,
      inSeries: 2,
      watts: 10,
      firstWatts: expect.closeTo(21.3, 1) as number,
      seconds: expect.closeTo(13.22, 2) as number,
      holdSeconds: 20,
    });
    // 4 kV, 30 µF: 470 kΩ, 34 W at first, 240 J; 470 kΩ · 30 µF · ln(4000/60) = 59.2 s
    expect(dischargeStick(4000, 30e-6)).toMatchObject({ ohms: 470e3, inSeries: 8, watts: 10, holdSeconds: 90 });
    expect(dischargeStick(400, 32e-6)).toMatchObject({ ohms: 4.7e3, inSeries: 1, watts: 10, holdSeconds: 10 });
    expect(() => dischargeStick(0, 1e-6)).toThrow(RangeError);
  });
  it("is below the touch limit after the time that it is held on, and never above 40 W, for any charge", () => {
    const volts = fc.double({ min: 61, max: 20_000, noNaN: true });
    const farads = fc.double({ min: 1e-9, max: 1e-3, noNaN: true });
    fc.assert(
      fc.property(volts, farads, (v, c) => {
        const { ohms, holdSeconds, firstWatts, inSeries } = dischargeStick(v, c);
        expect(v * Math.exp(-holdSeconds / (ohms * c))).toBeLessThan(60);
        expect(firstWatts).toBeLessThanOrEqual(40);
        expect(v / inSeries).toBeLessThanOrEqual(500);
      }),
    );
  });
  it("of a set is the sum of its filters at the highest voltage, the largest usual one where the sheet does not say", () => {
    const sheet = { ...PLANNED, components: [part("C1", "reservoir", "16/450"), part("C2", "smoothing", "32/450")] };
    expect(storedCharge(sheet)).toEqual({
      volts: expect.closeTo(424.26, 2) as number,
      farads: expect.closeTo(48e-6, 9) as number,
      known: true,
    });
    expect(storedCharge(PLANNED)).toMatchObject({ farads: 100e-6, known: false });
    const odd = { ...sheet, components: [...sheet.components, part("C3", "smoothing", "see note")] };
    expect(storedCharge(odd)).toMatchObject({ farads: 100e-6, known: false });
    const can = part("C1", "smoothing", "16+25", [
      { role: "reservoir", drawn: "16/450" },
      { role: "cathode-bypass", drawn: "25/25" },
    ]);
    expect(storedCharge({ ...PLANNED, components: [can] }).farads).toBeCloseTo(16e-6, 9);
  });
});

describe("a series lamp", () => {
  it("is one to two times the set's watts: 100 W for 68 W", () => {
    expect(lampFor(68)).toEqual({ watts: 100, fits: true, range: [68, 136] });
  });
  it("says when the box has none that fits", () => {
    expect(lampFor(68, [25, 200])).toMatchObject({ watts: 200, fits: false });
    expect(lampFor(68, [])).toBeUndefined();
    expect(() => lampFor(0)).toThrow(RangeError);
  });
});

describe("a second line voltage and frequency", () => {
  const set = { supply: "transformer", lineVolts: 117, lineHz: 60, taps: [110, 117, 220, 240] } as const;
  it("finds the tap that suits the bench", () => {
    const taps = { ...set, taps: [...set.taps] };
    expect([bestTap(taps, 230), bestTap(taps, 115), bestTap({ lineVolts: 220 }, 110)]).toEqual([240, 117, 220]);
  });
  it("warns of the flux of a 60 Hz transformer on 50 Hz: 20 % more", () => {
    const { flux, remarks } = lineRemarks({ supply: "transformer", lineHz: 60 }, 220, { volts: 220, hz: 50 });
    expect(flux).toBeCloseTo(1.2, 6);
    expect(remarks.join(" ")).toContain("20 % more flux");
    expect(remarks.join(" ")).toContain("183 V");
  });
  it("asks for a transformer where the bench has another voltage", () => {
    const remarks = (tap: number, volts: number) =>
      lineRemarks({ supply: "transformer" }, tap, { volts, hz: 50 }).remarks.join(" ");
    expect(remarks(117, 230)).toContain("bring it down");
    expect(remarks(220, 115)).toContain("step-up");
    expect(remarks(220, 230)).toBe("");
  });
});
