import { describe, expect, it } from "vitest";
import { tubeType, tubeTypes } from "../tubes";
import { acAt, sizeOf } from "./ac";
import { compile } from "./compile";
import { solverOf, voltsAt } from "./dc";
import { plateTakes, spaceAt } from "./laws/tube";
import type { Element, Net } from "./net";
import { diodeAt } from "./laws/diode";
import { diodeModel, tubeModel, type TubeModel } from "./tube-model";

const modelOf = (type: string): TubeModel => {
  const row = tubeType(type);
  const model = row && tubeModel(row);
  if (!model) throw new Error(`no model of ${type}`);
  return model;
};

/** Plate and screen current and transconductance of a model at volts against its cathode. */
function at(one: TubeModel, { plate, screen, grid }: { plate: number; screen?: number; grid: number }) {
  if (one.law === "triode") {
    const { amps, byGrid, byPull } = spaceAt(one.model, plate, grid);
    return { amps, screenAmps: 0, gm: byGrid, mu: byGrid / byPull, plateOhms: 1 / byPull };
  }
  const { amps, byGrid } = spaceAt(one.model, screen ?? plate, grid);
  const { share, slope } = plateTakes(one.model, plate);
  return {
    amps: amps * share,
    screenAmps: amps * (1 - share),
    gm: byGrid * share,
    mu: 0,
    plateOhms: 1 / (amps * slope),
  };
}

const modelled = tubeTypes().flatMap((type) => {
  const model = tubeModel(type);
  return model ? [{ type, model }] : [];
});

describe("models out of the tube table", () => {
  it("are there for every amplifying type with an operation", () => {
    const without = tubeTypes().filter(
      (type) =>
        type.points.some(({ classC, amps, momentary }) => !classC && !momentary && amps) &&
        !/rectifier|regulator|diodes|indicator/.test(type.kind) &&
        !tubeModel(type),
    );
    expect(without.map(({ type }) => type)).toEqual([]);
    expect(modelled.length).toBeGreaterThan(100);
  });

  it("pass through the published operation within 5 %", () => {
    const off = modelled.flatMap(({ type, model }) => {
      const { point } = model.source;
      const got = at(model, point);
      const pairs: [string, number, number | undefined][] = [
        ["plate current", got.amps, point.amps],
        ["screen current", got.screenAmps, model.law === "pentode" ? point.screenAmps : undefined],
        ["transconductance", got.gm, type.kind === "converter" ? undefined : point.gm],
        ["amplification", got.mu, model.law === "triode" ? point.mu : undefined],
      ];
      return pairs.flatMap(([what, is, published]) =>
        published && Math.abs(is / published - 1) > 0.05 ? [`${type.type} ${what} ${is} for ${published}`] : [],
      );
    });
    expect(off).toEqual([]);
  });

  it("cut off, saturate at no volts, and never give a current that is no number", () => {
    for (const { model } of modelled)
      for (const plate of [0, 5, 50, 300])
        for (const grid of [-200, -50, -5, 0, 5]) {
          const { amps, screenAmps } = at(model, { plate, screen: 100, grid });
          expect(amps).toBeGreaterThanOrEqual(0);
          expect(screenAmps).toBeGreaterThanOrEqual(0);
          expect(Number.isFinite(amps + screenAmps)).toBe(true);
          if (plate === 0) expect(amps).toBe(0);
        }
  });

  it("cut off where the published sheets say: a sharp pentode at −8 V, a remote one not before −30 V", () => {
    const sharp = modelOf("6SJ7");
    const remote = modelOf("6K7");
    const small = { plate: 250, screen: 100, grid: -8.5 };
    expect(at(sharp, small).amps).toBeLessThan(100e-6);
    expect(at(remote, { ...small, grid: -20 }).gm).toBeGreaterThan(10e-6);
    expect(at(remote, { ...small, grid: -42.5 }).gm).toBeLessThan(20e-6);
  });
});

it("a rectifier drops what its sheet says: of a vacuum more with the current, of a vapour hardly more", () => {
  const ratio = (name: string) => {
    const type = tubeType(name);
    const model = type && diodeModel(type);
    const drop = type?.rectifier?.drop;
    if (!model || !drop) throw new Error(name);
    expect(diodeAt(model, drop.volts).amps / drop.amps).toBeCloseTo(1, 1);
    return diodeAt(model, drop.volts * 1.2).amps / drop.amps;
  };
  expect(ratio("5Y3GT")).toBeCloseTo(1.2 ** 1.5, 1);
  expect(ratio("866A")).toBeGreaterThan(20);
});

type Stage = { ra: number; rk: number; next: number; supply: number };
const rest = ({ ra, rk, next, supply }: Stage): Element[] => [
  { kind: "volts", name: "V_b", a: "B+", b: "gnd", volts: supply },
  { kind: "volts", name: "V_in", a: "V1.grid", b: "gnd", volts: 0, ac: 1 },
  { kind: "resistor", name: "R_a", a: "B+", b: "V1.plate", ohms: ra },
  { kind: "resistor", name: "R_k", a: "V1.cathode", b: "gnd", ohms: rk },
  { kind: "capacitor", name: "C_k", a: "V1.cathode", b: "gnd", farads: 1e-3 },
  { kind: "capacitor", name: "C_out", a: "V1.plate", b: "out", farads: 1e-6 },
  { kind: "resistor", name: "R_next", a: "out", b: "gnd", ohms: next },
];
function played(net: Net) {
  const compiled = compile(net);
  const point = solverOf(compiled).solve();
  if (!point.ok) throw new Error(point.why);
  const out = acAt(compiled, point.x, 1000)?.("out") ?? { re: 0, im: 0 };
  return { gain: sizeOf(out), cathode: voltsAt(compiled, point.x, "V1.cathode") ?? 0 };
}

// Resistance-coupled amplifier tables of the makers' sheets: ECC83 (12AX7) and EF86 (6267).
describe("published resistance-coupled amplifiers", () => {
  it.each([
    [250, 100e3, 1500, 330e3, 54.5, 0.86e-3],
    [300, 100e3, 1200, 330e3, 57, 1.11e-3],
    [250, 47e3, 1200, 150e3, 37.5, 1.18e-3],
    [250, 220e3, 2700, 680e3, 66.5, 0.48e-3],
  ])("ECC83 at %d V with %d Ω: gain within 15 %%, current within 15 %%", (supply, ra, rk, next, gain, amps) => {
    const one = modelOf("12AX7");
    if (one.law !== "triode") throw new Error("no triode");
    const got = played([
      ...rest({ supply, ra, rk, next }),
      { kind: "triode", name: "V1", plate: "V1.plate", grid: "V1.grid", cathode: "V1.cathode", model: one.model },
    ]);
    expect(Math.abs(got.gain / gain - 1)).toBeLessThan(0.15);
    expect(Math.abs(got.cathode / rk / amps - 1)).toBeLessThan(0.15);
  });

  it.each([
    [250, 112],
    [300, 116],
  ])("EF86 at %d V with 100 kΩ and 390 kΩ: gain within 15 %%", (supply, gain) => {
    const one = modelOf("EF86");
    if (one.law !== "pentode") throw new Error("no pentode");
    const got = played([
      ...rest({ supply, ra: 100e3, rk: 1000, next: 330e3 }),
      { kind: "resistor", name: "R_s", a: "B+", b: "V1.screen", ohms: 390e3 },
      { kind: "capacitor", name: "C_s", a: "V1.screen", b: "gnd", farads: 1e-3 },
      {
        kind: "pentode",
        name: "V1",
        plate: "V1.plate",
        screen: "V1.screen",
        grid: "V1.grid",
        cathode: "V1.cathode",
        model: one.model,
      },
    ]);
    expect(Math.abs(got.gain / gain - 1)).toBeLessThan(0.15);
  });
});
