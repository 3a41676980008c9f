import { describe, expect, it } from "vitest";
import { drawnSpec, mainRail, sheetSchema, type Sheet } from "@/core/model";
import { lineCurrent } from "@/core/power";
import { loaded, meterOhms, rangeFor } from "@/core/readings";
import { heatersOf } from "@/core/tubes";
import { FJORD, LANTERN, REGENT } from "./full-sheets";

/**
 * The working behind the three full sheets: each voltage of the chart follows from the components of the sheet and from
 * the currents of its tubes, as their data sheets have them at about these voltages. Amperes, volts, ohms.
 */

const mA = 1e-3;
const ohmsOf = (sheet: Sheet, designator: string): number => {
  const component = sheet.components.find((one) => one.designator === designator);
  const value = component && drawnSpec(sheet, component)?.sections[0];
  if (!value) throw new Error(`${designator} has no value`);
  return value;
};
const windingOf = (sheet: Sheet, winding: string): number => {
  const found = sheet.windings.find((one) => one.winding === winding);
  if (!found) throw new Error(winding);
  return found.ohms;
};
const chart = (sheet: Sheet, point: string) => {
  const found = sheet.points.find((one) => one.point === point);
  if (!found) throw new Error(point);
  return found;
};

/** Finds where a falling current meets a rising one, by halving. */
function meet(low: number, high: number, excess: (volts: number) => number): number {
  let [a, b] = [low, high];
  for (let n = 0; n < 60; n += 1) {
    const middle = (a + b) / 2;
    if (excess(middle) > 0) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}

/** A screen between a feeding resistor and a bleeder; the tube's screen current grows with the 1.5th power. */
const screen = (rail: number, feed: number, bleeder: number, amps: number, at: number) =>
  meet(0, rail, (volts) => (rail - volts) / feed - volts / bleeder - amps * (volts / at) ** 1.5);

/** A triode with a load and a cathode resistor, by the three-halves law through one point of its data sheet. */
function triodePlate(
  rail: number,
  load: number,
  cathode: number,
  mu: number,
  sheet: [va: number, vg: number, ia: number],
) {
  const [va, vg, ia] = sheet;
  const perveance = ia / (va + mu * vg) ** 1.5;
  return meet(0, rail, (plate) => {
    const amps = (rail - plate) / load;
    const bias = amps * cathode;
    const drive = plate - bias - mu * bias;
    return amps - perveance * Math.max(0, drive) ** 1.5;
  });
}

/** What the chart's own meter reads at a point of that voltage. */
const asCharted = (sheet: Sheet, point: string, volts: number): number => {
  const { sourceOhms, range } = chart(sheet, point);
  if (!sourceOhms) return volts;
  return loaded(volts, sourceOhms, meterOhms(sheet.chart?.meter, range ?? rangeFor(volts)) ?? Infinity);
};
const follows = (sheet: Sheet, point: string, volts: number, within = 0.04) => {
  const figure = asCharted(sheet, point, volts) / chart(sheet, point).expected;
  expect(Math.abs(figure - 1), `${point}: ${asCharted(sheet, point, volts).toFixed(1)} V`).toBeLessThan(within);
};

describe.each([
  ["Lantern", LANTERN],
  ["Fjord", FJORD],
  ["Regent", REGENT],
])("the sheet of the %s", (_name, { sheet }) => {
  it("holds together, every part reads, and every tube's heater is known", () => {
    expect(sheetSchema.safeParse(sheet).success).toBe(true);
    for (const component of sheet.components) expect(drawnSpec(sheet, component), component.designator).toBeDefined();
    expect(heatersOf(sheet.supply, sheet.tubes).unknown).toEqual([]);
  });
  it("draws what its plate says, within what a nameplate is worth", () => {
    const current = sheet.points.find((one) => one.point === "Line current");
    const { full } = lineCurrent(sheet.watts ?? 0, sheet.lineVolts);
    if (current) expect(Math.abs(current.expected / full - 1)).toBeLessThan(0.15);
  });
});

describe("the Lantern's voltages", () => {
  const { sheet } = LANTERN;
  const rail = mainRail(sheet.points)?.expected ?? 0;
  const r = (designator: string) => ohmsOf(sheet, designator);
  // 6V6 at 250 V: 45 mA plate, 4.5 mA screen. 6K7: 7 and 1.7 mA at 100 V screen. 6K8: 2.5 mA, 6 mA at 100 V.
  it("output: 49.5 mA through R10 and 45 mA through the transformer", () => {
    follows(sheet, "V4 cathode", 49.5 * mA * r("R10"));
    follows(sheet, "V4 plate", rail - 45 * mA * windingOf(sheet, "T2 output primary"));
  });
  it("mixer and IF: plates behind little, screens between two resistors each", () => {
    follows(sheet, "V1 plate", rail - 2.5 * mA * r("R14"));
    follows(sheet, "V1 screen", screen(rail, r("R2"), r("R12"), 6 * mA, 100));
    follows(sheet, "V2 screen", screen(rail, r("R9"), r("R13"), 1.7 * mA, 100));
  });
  it("first audio: a 6Q7 (mu 70, 1 mA at 250 V and −3 V) with 570 kΩ above it", () => {
    follows(sheet, "V3 plate", triodePlate(rail, r("R7") + r("R5"), r("R6"), 70, [250, -3, 1 * mA]), 0.06);
  });
  it("supply: 75 mA through the choke leave the reservoir below the peak of 2 × 300 V", () => {
    const load = (49.5 + 8.7 + 12.3 + 0.3 + 4.2) * mA;
    const reservoir = rail + load * windingOf(sheet, "L1 choke");
    expect(reservoir).toBeCloseTo(290, 0);
    expect(sheet.highestVolts).toBeCloseTo(Math.SQRT2 * 300, -1);
    expect(reservoir).toBeLessThan(sheet.highestVolts);
  });
  it("the drifted screen resistor of the story lowers its screen as the story says", () => {
    // 33.6 kΩ on a rail of 236 V: 78 V; the new 27 kΩ on 262 V: 97.5 V.
    expect(screen(236, 33.6e3, r("R13"), 1.7 * mA, 100)).toBeCloseTo(78, 0);
    expect(screen(262, 27e3, r("R13"), 1.7 * mA, 100)).toBeCloseTo(97.5, 0);
  });
});

describe("the Fjord's string and voltages", () => {
  const { sheet } = FJORD;
  const r = (designator: string) => ohmsOf(sheet, designator);
  const string = heatersOf(sheet.supply, sheet.tubes);
  it("the dropper takes what the heaters leave of 220 V, at half its watts", () => {
    if (string.wiring !== "series") throw new Error("a string");
    const ohms = (220 - string.volts) / string.amps;
    expect(ohms).toBeCloseTo(1034, 0);
    expect(Math.abs(r("R1") / ohms - 1)).toBeLessThan(0.01);
    expect(ohms * string.amps ** 2 * 1.9).toBeLessThan(20);
  });
  it("on the 110 V tap, without a dropper, the heaters see 94 %: within their ±10 %", () => {
    if (string.wiring !== "series") throw new Error("a string");
    expect(110 / string.volts).toBeGreaterThan(0.9);
  });
  it("output: a UL41 at 54.5 + 9 mA", () => {
    const rail = chart(sheet, "B+").expected;
    follows(sheet, "V4 cathode", 63.5 * mA * r("R5"));
    follows(sheet, "V4 plate", rail - 54.5 * mA * windingOf(sheet, "T1 output primary"));
    // screen 9, mixer 6.7, IF 6.6, first audio 0.4 mA through R6
    follows(sheet, "B+ 2", rail - 22.7 * mA * r("R6"));
  });
  it("first audio: 0.4 mA through 220 kΩ", () => {
    follows(sheet, "V3 plate", chart(sheet, "B+ 2").expected - 0.4 * mA * r("R3"));
  });
  it("the highest voltage is the peak of 220 V", () => {
    expect(sheet.highestVolts).toBeCloseTo(Math.SQRT2 * 220, -1);
  });
});

describe("the Regent's voltages", () => {
  const { sheet } = REGENT;
  const rail = mainRail(sheet.points)?.expected ?? 0;
  const r = (designator: string) => ohmsOf(sheet, designator);
  // 47 at 250 V, −16.5 V: 31 mA plate, 6 mA screen. 35 at 250 V, −3 V: 6.5 mA, 2.5 mA at 90 V screen.
  it("output: 37 mA through R8, 31 mA through the transformer", () => {
    follows(sheet, "V4 bias", 37 * mA * r("R8"));
    follows(sheet, "V4 plate", rail - 31 * mA * windingOf(sheet, "T2 output primary"));
  });
  it("RF stages: 9 mA through each bias resistor, both screens from one divider", () => {
    follows(sheet, "V1 cathode", 9 * mA * r("R1"));
    follows(sheet, "V1 screen", screen(rail, r("R6"), r("R7"), 5 * mA, 90));
  });
  it("a capital M is a thousand here: R6 is 12 kΩ, R5 250 kΩ", () => {
    expect([r("R6"), r("R5")]).toEqual([12e3, 250e3]);
    follows(sheet, "V3 plate", rail - 0.2 * mA * r("R5"));
  });
  it("supply: 64 mA through 1800 Ω of field coil, and the peak of 2 × 325 V when it is open", () => {
    const load = (37 + 13 + 0.4) * mA + (rail - 88) / r("R6");
    follows(sheet, "Reservoir", rail + load * windingOf(sheet, "L1 field coil"));
    expect(sheet.highestVolts).toBeCloseTo(Math.SQRT2 * 325, -1);
  });
});
