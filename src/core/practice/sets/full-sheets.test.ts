import { describe, expect, it } from "vitest";
import {
  answerCircuit,
  checkNet,
  disagrees,
  expectedChart,
  isSolved,
  proposeNet,
  solveSheet,
  tubeLoads,
} from "../../circuit";
import { drawnSpec, nodeNamed, sheetSchema, type Sheet } from "../../model";
import { lineCurrent } from "../../power";
import { heatersOf } from "../../tubes";
import { FJORD, LANTERN, REGENT } from "./full-sheets";
import { SKIPPER } from "./skipper-sheet";
import { KESTREL, T60 } from "./transmitter-sheets";

/**
 * The full sheets of the demo: each voltage of a chart is what its circuit gives with the chart’s meter, and the stories of
 * the sets come out of their readings by themselves.
 */

const SHEETS = [
  ["Lantern", LANTERN],
  ["Fjord", FJORD],
  ["Regent", REGENT],
] as const;

function solved(sheet: Sheet) {
  const one = solveSheet(sheet);
  if (!isSolved(one)) throw new Error("no operating point");
  return one;
}
const ohmsOf = (sheet: Sheet, designator: string): number => {
  const component = sheet.components.find((one) => one.designator === designator);
  const value = component && drawnSpec(sheet, component)?.sections[0];
  if (!value) throw new Error(`${designator} has no value`);
  return value;
};

describe.each(SHEETS)("the sheet of the %s", (_name, { sheet }) => {
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

  it("has a net without a fault in it, and its chart agrees with it", () => {
    expect(checkNet(sheet).filter(({ problem }) => problem)).toEqual([]);
    const points = expectedChart(solved(sheet), sheet.points, sheet.chart?.meter);
    expect(points.length).toBeGreaterThanOrEqual(5);
    expect(points.filter(disagrees).map(({ point, volts }) => `${point.point}: ${volts.toFixed(1)} V`)).toEqual([]);
  });

  it("needs no more than a few rows beyond what is proposed", () => {
    const proposed = new Set(proposeNet(sheet).rows.map(({ part, from, to }) => `${part} ${from} ${to}`));
    const own = (sheet.net ?? []).filter(({ part, from, to }) => !proposed.has(`${part} ${from} ${to}`));
    expect(own.length).toBeLessThanOrEqual(3);
  });
});

describe.each([
  ["Skipper", SKIPPER, 3],
  ["T-60, its modulator", T60, 7],
  ["Kestrel, its supply and bias", KESTREL, 1],
] as const)("the net of the %s", (_name, { sheet }, charted) => {
  it("holds together, every part reads", () => {
    expect(sheetSchema.safeParse(sheet).success).toBe(true);
    for (const component of sheet.components) expect(drawnSpec(sheet, component), component.designator).toBeDefined();
    expect(checkNet(sheet).filter(({ problem }) => problem)).toEqual([]);
  });
  it("agrees with the chart", () => {
    const points = expectedChart(solved(sheet), sheet.points, sheet.chart?.meter);
    expect(points).toHaveLength(charted);
    expect(points.filter(disagrees).map(({ point, volts }) => `${point.point}: ${volts.toFixed(1)} V`)).toEqual([]);
  });
  it("asks no tube for more than it bears", () => {
    for (const { tube, plateWatts, plateLimit } of tubeLoads(solved(sheet), sheet.tubes))
      expect(plateWatts, tube).toBeLessThan(plateLimit ?? Infinity);
  });
});

/** What a story reads: `B+ 247` is 247 V at the node B+. */
function explained(sheet: Sheet, line: number, readings: Record<string, number>, meterOhms: number) {
  const answer = answerCircuit({
    sheet,
    line,
    values: [],
    readings: Object.entries(readings).map(([point, volts]) => ({
      id: point,
      node: nodeNamed(point),
      volts,
      meterOhms,
    })),
  });
  if (!answer.ok || !answer.explained) throw new Error("not explained");
  return answer.explained;
}

describe("the stories come out of the readings", () => {
  it("the Lantern: its coupling capacitor leaks, or else its output tube has gas", () => {
    const found = explained(
      LANTERN.sheet,
      231,
      {
        "B+": 247,
        "V1 plate": 242,
        "V1 screen": 88,
        "V2 screen": 79,
        "V3 plate": 46,
        "V4 plate": 227,
        "V4 cathode": 16.2,
        "V4 grid": 11.8,
      },
      11e6,
    );
    expect(found.causes[0]).toMatchObject({ part: "C14", way: "leaks" });
    expect(found.causes[0]?.severity).toBeGreaterThan(1e6);
    expect(found.causes[0]?.severity).toBeLessThan(4e6);
    expect(found.causes[1]).toMatchObject({ part: "V4", way: "gas" });
    expect(found.nothing).toBeLessThan(0.01);
  });

  it("the Lantern without the grid read: the grid is asked for, or it is sure already", () => {
    const { causes, next } = explained(
      LANTERN.sheet,
      231,
      { "B+": 252, "V3 plate": 48, "V4 plate": 234, "V4 cathode": 14.9 },
      11e6,
    );
    expect(causes.slice(0, 3).map(({ part }) => part)).toContain("C14");
    expect(next?.node).toBeDefined();
  });

  it("the Regent: its field coil is open", () => {
    const { causes } = explained(REGENT.sheet, 172, { Reservoir: 365, "B+": 0 }, 500e3);
    expect(causes[0]).toMatchObject({ part: "L1 field coil", way: "open" });
  });

  it("the Skipper: its mixer draws nothing", () => {
    const { causes } = explained(
      SKIPPER.sheet,
      9,
      { "Q1 emitter": -0.11, "Q2 emitter": -0.68, "Q4 collector": -4.4 },
      11e6,
    );
    expect(causes[0]?.part === "Q1" || causes.slice(0, 3).some(({ part }) => part === "Q1")).toBe(true);
  });

  it("a sound Lantern: nothing is wrong that its volts could show", () => {
    const points = expectedChart(solved(LANTERN.sheet), LANTERN.sheet.points, { inputOhms: 11e6 });
    const readings = Object.fromEntries(points.map(({ point, volts }) => [point.point, volts * 1.01]));
    const { nothing, causes } = explained(LANTERN.sheet, 230, readings, 11e6);
    expect(nothing).toBeGreaterThan(0.5);
    expect(nothing).toBeGreaterThan(causes[0]?.probability ?? 0);
  });
});

describe("the Fjord's string", () => {
  const { sheet } = FJORD;
  const string = heatersOf(sheet.supply, sheet.tubes);
  it("the dropper takes what the heaters leave of 220 V, at half its watts", () => {
    if (string.wiring !== "series") throw new Error("a string");
    const ohms = (220 - string.volts) / string.amps;
    expect(ohms).toBeCloseTo(1034, 0);
    expect(Math.abs(ohmsOf(sheet, "R1") / ohms - 1)).toBeLessThan(0.01);
    expect(ohms * string.amps ** 2 * 1.9).toBeLessThan(20);
  });
  it("on the 110 V tap, without a dropper, the heaters see 94 %: within their ±10 %", () => {
    if (string.wiring !== "series") throw new Error("a string");
    expect(110 / string.volts).toBeGreaterThan(0.9);
  });
});

it("the highest volts of each sheet are the peak of its supply", () => {
  for (const [sheet, rms] of [
    [LANTERN.sheet, 300],
    [FJORD.sheet, 220],
    [REGENT.sheet, 350],
  ] as const)
    expect(Math.abs(sheet.highestVolts - Math.SQRT2 * rms)).toBeLessThan(5);
});

it("a capital M is a thousand in the Regent: R6 is 12 kΩ, R5 250 kΩ", () => {
  expect([ohmsOf(REGENT.sheet, "R6"), ohmsOf(REGENT.sheet, "R5")]).toEqual([12e3, 250e3]);
});
