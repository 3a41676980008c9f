import { describe, expect, it } from "vitest";
import { acAt, compile, degreesOf, sizeOf, solverOf, steadyOf, transient, voltsAt, type Net } from "@/core/circuit";
import { randomNet } from "./circuits";
import { oraclePoint, oracleSweep, oracleWave } from "./ngspice";

/** The solver against ngspice, through our own netlist writer. ngspice is a tool of the tests alone. */

const COUNT = 200;
/** Aims: operating point within 0.1 % (1 mV where that is less), signals within 0.1 dB and 1°, ripple and peaks within 2 %. */
const DC = 1e-3;
const LEAST = 1e-3;

function solved(net: Net) {
  const compiled = compile(net);
  const point = solverOf(compiled).solve();
  if (!point.ok) throw new Error(`${point.why} at ${point.node}`);
  return { compiled, x: point.x };
}

describe("against ngspice", () => {
  it(`finds the same operating point of ${COUNT} random circuits`, () => {
    const wrong: string[] = [];
    let worst = 0;
    for (let seed = 1; seed <= COUNT; seed += 1) {
      const net = randomNet(seed);
      const { compiled, x } = solved(net);
      for (const [node, volts] of oraclePoint(net)) {
        const ours = voltsAt(compiled, x, node) ?? Number.NaN;
        const off = Math.abs(ours - volts) / Math.max(Math.abs(volts), LEAST / DC);
        worst = Math.max(worst, off);
        if (!(off <= DC)) wrong.push(`${seed} ${node}: ${ours} for ${volts}`);
      }
    }
    console.log(`worst deviation of an operating point: ${(100 * worst).toFixed(4)} %`);
    expect(wrong).toEqual([]);
  }, 300_000);

  it("finds the same signals", () => {
    const wrong: string[] = [];
    const hertz = [30, 400, 12_000];
    for (let seed = 1; seed <= 12; seed += 1) {
      const net = randomNet(seed);
      const { compiled, x } = solved(net);
      const node = [...compiled.nodes].findLast((one) => /plate|collector/.test(one)) ?? "";
      oracleSweep(net, node, hertz).forEach(({ size, degrees }, at) => {
        const ours = acAt(compiled, x, hertz[at] ?? 0)?.(node) ?? { re: 0, im: 0 };
        const decibels = 20 * Math.log10(sizeOf(ours) / size);
        const turn = ((degreesOf(ours) - degrees + 540) % 360) - 180;
        if (size > 1e-9 && !(Math.abs(decibels) < 0.1 && Math.abs(turn) < 1))
          wrong.push(`${seed} ${node} at ${hertz[at]} Hz: ${decibels} dB, ${turn}°`);
      });
    }
    expect(wrong).toEqual([]);
  }, 120_000);

  const SUPPLIES: Record<string, Net> = {
    "a half-wave supply": [
      { kind: "volts", name: "V1", a: "line", b: "gnd", volts: 0, sine: { peak: 311, hz: 50 } },
      { kind: "resistor", name: "R1", a: "line", b: "surge", ohms: 100 },
      { kind: "diode", name: "D1", a: "surge", b: "B+", model: { law: "vacuum", perveance: 1e-3 } },
      { kind: "capacitor", name: "C1", a: "B+", b: "gnd", farads: 50e-6 },
      { kind: "resistor", name: "R2", a: "B+", b: "gnd", ohms: 4000 },
    ],
    "a full-wave supply with a choke": [
      { kind: "volts", name: "V1", a: "a", b: "gnd", volts: 0, sine: { peak: 424, hz: 50 } },
      { kind: "volts", name: "V2", a: "b", b: "gnd", volts: 0, sine: { peak: 424, hz: 50, degrees: 180 } },
      { kind: "resistor", name: "R1", a: "a", b: "a2", ohms: 150 },
      { kind: "resistor", name: "R2", a: "b", b: "b2", ohms: 150 },
      { kind: "diode", name: "D1", a: "a2", b: "reservoir", model: { law: "vacuum", perveance: 2.7e-4 } },
      { kind: "diode", name: "D2", a: "b2", b: "reservoir", model: { law: "vacuum", perveance: 2.7e-4 } },
      { kind: "capacitor", name: "C1", a: "reservoir", b: "gnd", farads: 16e-6 },
      { kind: "inductor", name: "L1", a: "reservoir", b: "B+", henries: 10, ohms: 400 },
      { kind: "capacitor", name: "C2", a: "B+", b: "gnd", farads: 16e-6 },
      { kind: "resistor", name: "R3", a: "B+", b: "gnd", ohms: 3600 },
    ],
    "a doubler of silicon": [
      { kind: "volts", name: "V1", a: "line", b: "gnd", volts: 0, sine: { peak: 170, hz: 60 } },
      { kind: "resistor", name: "R1", a: "line", b: "s", ohms: 5 },
      { kind: "capacitor", name: "C1", a: "s", b: "m", farads: 100e-6 },
      {
        kind: "diode",
        name: "D1",
        a: "gnd",
        b: "m",
        model: { law: "junction", saturation: 7e-10, knee: 1.6 * 0.0258649 },
      },
      {
        kind: "diode",
        name: "D2",
        a: "m",
        b: "B+",
        model: { law: "junction", saturation: 7e-10, knee: 1.6 * 0.0258649 },
      },
      { kind: "capacitor", name: "C2", a: "B+", b: "gnd", farads: 100e-6 },
      { kind: "resistor", name: "R2", a: "B+", b: "gnd", ohms: 2000 },
    ],
  };
  it.each(Object.entries(SUPPLIES))("%s: mean, ripple and the highest peak", (_, net) => {
    const seconds = 1;
    const wave = transient(compile(net), { seconds, step: 1 / 50 / 100, nodes: ["B+"] });
    if ("failed" in wave) throw new Error(`does not settle at ${wave.failed}`);
    const steady = steadyOf(wave, "B+", 0.8);
    const all = oracleWave(net, "B+", 1 / 50 / 200, seconds);
    const late = all.filter(({ t }) => t >= 0.8).map(({ v }) => v);
    const peak = Math.max(...all.map(({ v }) => v));
    const ripple = Math.max(...late) - Math.min(...late);
    expect(steady.ripple / ripple).toBeCloseTo(1, 1);
    expect(Math.abs(steady.ripple - ripple)).toBeLessThan(0.02 * ripple + 0.01);
    expect(Math.abs(steady.high / Math.max(...late) - 1)).toBeLessThan(0.02);
    expect(Math.abs(Math.max(...(wave.volts.get("B+") ?? [])) / peak - 1)).toBeLessThan(0.02);
  });
});
