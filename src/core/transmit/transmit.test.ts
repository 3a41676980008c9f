import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tubeType } from "../tubes";
import {
  bleeder,
  coilTurns,
  dissipation,
  efficiency,
  envelopeDepth,
  envelopePower,
  equalising,
  keyDown,
  loadOhms,
  noLoadVolts,
  otherTube,
  parseLoads,
  piNetwork,
  spacing,
  standingWave,
  trapezoidDepth,
  writeLoads,
} from ".";

describe("power of a final stage", () => {
  it("is worked out from volts, current and output", () => {
    // 750 V · 180 mA = 135 W in, 62 W out: 45.9 %; with 6 W of drive 79 W of heat in two tubes.
    const power = { volts: 750, amps: 0.18, drive: 6, output: 62 };
    expect(efficiency(power)).toBeCloseTo(0.4593, 4);
    expect(dissipation(power, 2)).toBeCloseTo(39.5, 6);
    expect(efficiency({ ...power, amps: 0 })).toBeNaN();
  });
  it("gives the standing wave ratio: 4 % back is 1.5", () => {
    expect(standingWave(100, 4)).toBeCloseTo(1.5, 12);
    expect(standingWave(100, 0)).toBe(1);
    expect(standingWave(100, 100)).toBe(Infinity);
    expect(standingWave(100, 101)).toBeNaN();
    expect(standingWave(0, 0)).toBeNaN();
  });
  it("gives depth and peak envelope power", () => {
    expect(envelopeDepth(3, 1)).toBe(0.5);
    expect(envelopeDepth(2, 0)).toBe(1);
    expect(trapezoidDepth(1, 4)).toBeCloseTo(0.6, 12);
    expect(envelopeDepth(1, 2)).toBeNaN();
    // 100 V peak on 50 Ω: 70.7 V rms, 100 W.
    expect(envelopePower(100, 50)).toBe(100);
  });
});

describe("a pi network", () => {
  const given = { rl: 2000, ra: 50, hertz: 3.5e6, q: 12, watts: 400, stray: 30e-12 };
  it("has the published values", () => {
    // X_C1 = 2000/12 = 166.7 Ω: 272.8 pF. X_C2 = 50·√(40/105) = 30.86 Ω: 1473 pF. X_L = (24000 + 3240)/145 = 187.9 Ω: 8.54 µH.
    const net = piNetwork(given);
    expect((net?.c1 ?? 0) * 1e12).toBeCloseTo(272.8, 1);
    expect((net?.c2 ?? 0) * 1e12).toBeCloseTo(1473.5, 0);
    expect((net?.l ?? 0) * 1e6).toBeCloseTo(8.543, 2);
    // √(400·2000) = 894 V rms, 1265 V peak.
    expect(net?.peak1).toBeCloseTo(1264.9, 0);
    expect(net?.peak2).toBeCloseTo(200, 0);
    expect(net?.amps1).toBeCloseTo(894.4 / 166.67, 2);
  });
  /** What the plate sees, by complex arithmetic, from the antenna's end. */
  const seen = (net: { c1: number; l: number; c2: number }, ra: number, hertz: number) => {
    const w = 2 * Math.PI * hertz;
    const [g, b] = [1 / ra, w * net.c2];
    const d = g * g + b * b;
    const [r, x] = [g / d, -b / d + w * net.l];
    const e = r * r + x * x;
    return { g: r / e, b: -x / e + w * net.c1 };
  };
  it("shows the plate exactly the load that it wants, for any ratio and Q", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 8000, noNaN: true }),
        fc.double({ min: 25, max: 100, noNaN: true }),
        fc.double({ min: 1.8e6, max: 30e6, noNaN: true }),
        fc.double({ min: 10, max: 20, noNaN: true }),
        (rl, ra, hertz, q) => {
          fc.pre(q * q + 1 > (1.05 * rl) / ra);
          const net = piNetwork({ rl, ra, hertz, q, watts: 100, stray: 0 });
          const { g, b } = seen(net ?? { c1: 0, l: 0, c2: 0 }, ra, hertz);
          expect(g * rl).toBeCloseTo(1, 6);
          expect(b * rl).toBeCloseTo(0, 6);
        },
      ),
    );
  });
  it("carries what the power says: the coil's current, squared, over the antenna's side", () => {
    const net = piNetwork(given);
    // Into 50 Ω 400 W are 2.83 A; the capacitor beside it takes 141.4/30.86 = 4.58 A.
    expect(net?.ampsL).toBeCloseTo(Math.hypot(2.828, 4.583), 2);
  });
  it("has its Q forced up by stray capacitance", () => {
    const net = piNetwork({ ...given, hertz: 29e6, rl: 3000, stray: 30e-12 });
    // 2π·29 MHz·30 pF·3 kΩ = 16.4.
    expect(net).toMatchObject({ forced: true });
    expect(net?.q).toBeCloseTo(16.4, 1);
    expect((net?.c1 ?? 0) * 1e12).toBeCloseTo(30, 6);
  });
  it("does not exist where Q is too low for the ratio", () => {
    expect(piNetwork({ ...given, q: 6 })).toBeUndefined();
  });
  it("wants the load of its class, and an air gap", () => {
    expect(loadOhms(1500, 0.5, "AB")).toBeCloseTo(1910.8, 1);
    expect(loadOhms(750, 0.2, "C")).toBe(1875);
    expect(spacing(1265)).toBeCloseTo(1.265, 9);
    expect(spacing(1265, 1500)).toBeCloseTo(2.765, 9);
  });
});

describe("a coil", () => {
  it("has the turns of Wheeler's formula", () => {
    // r 1 in, l 3 in, 10 turns: 100/(9 + 30) = 2.564 µH.
    expect(coilTurns(2.5641e-6, 0.0254, 0.0762)?.turns).toBeCloseTo(10, 3);
    // Ten turns of 2π·25.4 mm, a little more for the pitch.
    expect(coilTurns(2.5641e-6, 0.0254, 0.0762)?.wire).toBeCloseTo(1.5978, 3);
  });
  it("is refused where the formula does not hold", () => {
    expect(coilTurns(1e-6, 0.05, 0.01)).toBeUndefined();
  });
});

describe("the key and its load", () => {
  const load = { name: "Oil load", ohms: 50, watts: 1000, minutes: 10 };
  it("may be down as long as the load takes it", () => {
    expect(keyDown(load, 1000).seconds).toBe(600);
    expect(keyDown(load, 1500).seconds).toBe(400);
    expect(keyDown(load, 100).seconds).toBe(600);
    expect(keyDown({ ...load, minutes: undefined }, 900).seconds).toBe(Infinity);
  });
  it("must not be down above its rating, nor where nobody knows it", () => {
    expect(keyDown(load, 2001)).toMatchObject({
      seconds: 0,
      says: "Oil load is rated 1000 W: 2001 W must not go into it.",
    });
    expect(keyDown({ ...load, minutes: undefined }, 1001).seconds).toBe(0);
    expect(keyDown(undefined, 5)).toMatchObject({ seconds: 0 });
  });
});

describe("a high-voltage supply", () => {
  it("stands at √2 times the rms, doubled at twice that", () => {
    expect(noLoadVolts(1060, "bridge")).toBeCloseTo(1499, 0);
    expect(noLoadVolts(530, "doubler")).toBeCloseTo(1499, 0);
  });
  it("takes as many capacitors as its volts want, each with its resistor", () => {
    // 1500 V of 450 V types at nine tenths: four, 375 V each. Leakage 0.01·100·375 = 375 µA, ten times that: 100 kΩ.
    const found = equalising(1500, 100e-6, 450);
    expect(found).toMatchObject({ count: 4, share: 375 });
    expect(found.ohms).toBeCloseTo(100e3, 3);
    expect(found.dissipated).toBeCloseTo(1.406, 3);
    expect(found.watts).toBeCloseTo(4.22, 2);
  });
  it("is bled down in its time", () => {
    // ln(1500/50) = 3.401; 25 µF in 10 s: 117.6 kΩ, 19.1 W.
    const { ohms, dissipated } = bleeder(1500, 25e-6, 10);
    expect(ohms).toBeCloseTo(117.6e3, -2);
    expect(dissipated).toBeCloseTo(19.13, 1);
    expect(1500 * Math.exp(-10 / (ohms * 25e-6))).toBeCloseTo(50, 6);
  });
});

describe("another tube in an amplifier", () => {
  const type = (name: string) => {
    const found = tubeType(name);
    if (!found) throw new Error(name);
    return found;
  };
  it("is set beside the old one, with what must be built", () => {
    const found = otherTube(type("811A"), type("813"), { now: 4, then: 1 }, { volts: 1500, amps: 0.6 });
    const line = (what: string) => found.lines.find((one) => one.what === what);
    // 811A: 6.3 V 4 A, 65 W; 813: 10 V 5 A, 125 W (the table).
    expect(line("Heater volts")?.build).toBe("A heater winding of 10 V, 5 A.");
    expect(line("Base")?.build).toContain("Other sockets");
    // 125 W of heat at 60 %: 312.5 W in, 187.5 W out.
    expect(found.output).toBeCloseTo(187.5, 1);
    expect(found.first[0]).toContain("No drive");
  });
  it("of the same type asks for nothing", () => {
    const found = otherTube(type("811A"), type("811A"), { now: 4, then: 4 }, { volts: 1250, amps: 0.6 });
    expect(found.lines.filter(({ what, build }) => build && what !== "Load")).toEqual([]);
  });
});

describe("the shop's dummy loads", () => {
  it("are read with their watts, minutes and ohms, and written back", () => {
    const text = "oil load 1500 W 5 min; fan load 100 W; big can 1.5 kW for 2,5 min 75 Ω";
    const read = parseLoads(text);
    expect(read).toEqual({
      ok: true,
      loads: [
        { name: "oil load", ohms: 50, watts: 1500, minutes: 5 },
        { name: "fan load", ohms: 50, watts: 100 },
        { name: "big can", ohms: 75, watts: 1500, minutes: 2.5 },
      ],
    });
    if (read.ok) expect(parseLoads(writeLoads(read.loads))).toEqual(read);
    expect(parseLoads("")).toEqual({ ok: true, loads: [] });
  });
  it.each(["a load", "load 0 W", "1500 W", "load 5 min"])("“%s” gets a sentence", (text) => {
    expect(parseLoads(text)).toMatchObject({ ok: false, message: expect.stringContaining("does not read") });
  });
});
