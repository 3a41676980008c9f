import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { acAt, degreesOf, sizeOf } from "./ac";
import { compile } from "./compile";
import { solverOf, voltsAt } from "./dc";
import { lampAt } from "./laws/lamp";
import { supplyAt, type SupplyModel } from "./laws/supply";
import { GERMANIUM_PNP } from "./laws/transistor";
import type { Element, Net } from "./net";
import { steadyOf, transient } from "./transient";

const resistor = (name: string, a: string, b: string, ohms: number): Element => ({
  kind: "resistor",
  name,
  a,
  b,
  ohms,
});
const battery = (volts: number, a = "B+", b = "gnd"): Element => ({ kind: "volts", name: `V_${a}`, a, b, volts });
function solve(net: Net) {
  const compiled = compile(net);
  const point = solverOf(compiled).solve();
  if (!point.ok) throw new Error(`${point.why}: ${point.node}`);
  return (node: string) => voltsAt(compiled, point.x, node) ?? Number.NaN;
}

describe("operating points", () => {
  it("of a divider, a bridge and a current", () => {
    const v = solve([
      battery(250),
      resistor("R1", "B+", "V1.screen", 20e3),
      resistor("R2", "V1.screen", "gnd", 50e3),
      { kind: "amps", name: "load", a: "V1.screen", b: "gnd", amps: 2e-3 },
    ]);
    // 250 V · 50/70 = 178.57 V, less 2 mA through 20 k beside 50 k (14.286 kΩ).
    expect(v("V1.screen")).toBeCloseTo(178.571 - 28.571, 2);
  });

  it("of a lamp: 62 % of its volts give three quarters of its current", () => {
    expect(lampAt({ volts: 6.3, amps: 0.3 }, 6.3 * 0.62).amps).toBeCloseTo(0.3 * 0.62 ** 0.6, 6);
    const v = solve([
      battery(12.6),
      resistor("R1", "B+", "lamp", 21),
      { kind: "lamp", name: "DL1", a: "lamp", b: "gnd", model: { volts: 6.3, amps: 0.3 } },
    ]);
    expect(v("lamp")).toBeCloseTo(6.3, 4);
  });

  it("of a transistor with a divider at its base", () => {
    const v = solve([
      battery(-9, "B-"),
      resistor("R1", "B-", "Q1.base", 39e3),
      resistor("R2", "Q1.base", "gnd", 10e3),
      resistor("R3", "Q1.emitter", "gnd", 1e3),
      resistor("R4", "B-", "Q1.collector", 3.3e3),
      {
        kind: "transistor",
        name: "Q1",
        collector: "Q1.collector",
        base: "Q1.base",
        emitter: "Q1.emitter",
        model: GERMANIUM_PNP,
      },
    ]);
    expect(v("Q1.emitter")).toBeLessThan(-1.3);
    expect(v("Q1.emitter")).toBeGreaterThan(-1.8);
    expect(v("Q1.base") - v("Q1.emitter")).toBeCloseTo(-0.19, 1);
  });

  it("of any net of resistors: what flows into a node flows out of it", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            a: fc.integer({ min: 0, max: 6 }),
            b: fc.integer({ min: 0, max: 6 }),
            ohms: fc.double({ min: 1, max: 1e7, noNaN: true }),
          }),
          { minLength: 3, maxLength: 30 },
        ),
        (rows) => {
          const name = (n: number) => (n === 0 ? "gnd" : n === 1 ? "B+" : `n${n}`);
          const parts = rows.map(({ a, b, ohms }, at) => resistor(`R${at}`, name(a), name(b), ohms));
          const v = solve([battery(100), ...parts]);
          for (let n = 2; n <= 6; n += 1) {
            const here = rows.filter(({ a, b }) => a !== b && (a === n || b === n));
            const sum = here.reduce(
              (all, { a, b, ohms }) => all + ((v(name(a)) - v(name(b))) / ohms) * (a === n ? 1 : -1),
              0,
            );
            const size = here.reduce((all, { a, b, ohms }) => all + Math.abs(v(name(a)) - v(name(b))) / ohms, 0);
            if (here.length > 0) expect(Math.abs(sum)).toBeLessThan(1e-6 * size + 1e-9);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it("of what cannot be: a loop of sources is said, a node that nobody feeds stands at zero", () => {
    const loop = solverOf(compile([battery(9), { kind: "volts", name: "V2", a: "B+", b: "gnd", volts: 6 }])).solve();
    expect(loop).toEqual({ ok: false, why: "singular" });
    expect(
      solve([battery(9), { kind: "capacitor", name: "C1", a: "B+", b: "alone", farads: 1e-7 }])("alone"),
    ).toBeCloseTo(0, 6);
  });
});

describe("a supply as one device", () => {
  const model: SupplyModel = {
    rectifier: "full-wave",
    rms: 300,
    ohms: 160,
    diode: { law: "vacuum", perveance: 2.7e-4 },
  };

  it("gives its peak with no load, less with more current, and its slope is the one of its curve", () => {
    expect(supplyAt(model, Math.SQRT2 * 300).amps).toBe(0);
    for (let v = 10; v < 420; v += 7) {
      const here = supplyAt(model, v);
      const near = supplyAt(model, v + 0.01);
      expect(near.amps).toBeLessThanOrEqual(here.amps);
      if (here.amps > 1e-4) expect((near.amps - here.amps) / 0.01 / here.slope).toBeCloseTo(1, 1);
    }
  });

  it("gives the mean that the same parts give in time, with a reservoir that is large", () => {
    const load = 4000;
    const v = solve([{ kind: "supply", name: "S", a: "B+", b: "gnd", model }, resistor("R1", "B+", "gnd", load)])("B+");
    const wave = transient(
      compile([
        { kind: "volts", name: "V1", a: "a", b: "gnd", volts: 0, sine: { peak: Math.SQRT2 * 300, hz: 50 } },
        {
          kind: "volts",
          name: "V2",
          a: "b",
          b: "gnd",
          volts: 0,
          sine: { peak: Math.SQRT2 * 300, hz: 50, degrees: 180 },
        },
        resistor("Ra", "a", "a2", 160),
        resistor("Rb", "b", "b2", 160),
        { kind: "diode", name: "D1", a: "a2", b: "B+", model: model.diode },
        { kind: "diode", name: "D2", a: "b2", b: "B+", model: model.diode },
        { kind: "capacitor", name: "C1", a: "B+", b: "gnd", farads: 60e-6 },
        resistor("R1", "B+", "gnd", load),
      ]),
      { seconds: 1.2, step: 2e-4, nodes: ["B+"] },
    );
    if ("failed" in wave) throw new Error(wave.failed);
    expect(steadyOf(wave, "B+", 1).mean / v).toBeCloseTo(1, 2);
  });
});

describe("signals and time", () => {
  it("a capacitor and a resistor: 3 dB and 45° at 1/2πRC, and a time constant of RC", () => {
    const parts: Element[] = [
      { kind: "volts", name: "V_in", a: "in", b: "gnd", volts: 1, ac: 1 },
      resistor("R1", "in", "out", 100e3),
      { kind: "capacitor", name: "C1", a: "out", b: "gnd", farads: 1e-8 },
    ];
    const compiled = compile(parts);
    const out = acAt(compiled, new Float64Array(compiled.size), 1 / (2 * Math.PI * 100e3 * 1e-8))?.("out");
    expect(sizeOf(out ?? { re: 0, im: 0 })).toBeCloseTo(Math.SQRT1_2, 6);
    expect(degreesOf(out ?? { re: 0, im: 0 })).toBeCloseTo(-45, 4);
    const wave = transient(compiled, { seconds: 1e-3, step: 1e-5, nodes: ["out"] });
    if ("failed" in wave) throw new Error(wave.failed);
    expect(wave.volts.get("out")?.at(-1)).toBeCloseTo(1 - Math.exp(-1), 2);
  });

  it("two coupled windings transform volts by their ratio", () => {
    const compiled = compile([
      { kind: "volts", name: "V_in", a: "in", b: "gnd", volts: 0, ac: 1 },
      {
        kind: "transformer",
        name: "T2",
        k: 0.9999,
        windings: [
          { a: "in", b: "gnd", henries: 10, ohms: 0.01 },
          { a: "out", b: "gnd", henries: 0.1, ohms: 0.01 },
        ],
      },
      resistor("R1", "out", "gnd", 1e4),
    ]);
    const out = acAt(compiled, new Float64Array(compiled.size), 1000)?.("out") ?? { re: 0, im: 0 };
    expect(sizeOf(out)).toBeCloseTo(0.1, 3);
  });
});
