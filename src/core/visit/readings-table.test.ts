import { describe, expect, it } from "vitest";
import { entry, SHEET, VISIT } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import type { ChartPoint, Sheet } from "../model";
import { CHART_TOLERANCE } from "../readings";
import { chartRows, coldRows, pointRows } from "./readings-table";

/** What the readings table expects at each point, and which points it has. */

const volts = (point: string, expected: number, more: Partial<ChartPoint> = {}): ChartPoint => ({
  point,
  quantity: "voltage",
  expected,
  withLine: false,
  ...more,
});
const sheetOf = (points: ChartPoint[], more: Partial<Sheet> = {}): Sheet => ({
  ...SHEET,
  lineVolts: 230,
  tubes: [{ position: "V4", type: "6V6", work: "output" }],
  points,
  ...more,
});
const expectedOf = (sheet: Sheet, year: number | null = 1960) => chartRows(sheet, year)[0]?.expected;

describe("what the chart expects", () => {
  it("reads as the chart would print it, with the tolerance of its year", () => {
    expect(expectedOf(sheetOf([volts("B+", 250)]))).toMatchObject({
      text: "250 V",
      value: 250,
      tolerance: CHART_TOLERANCE,
    });
    const old = expectedOf(sheetOf([volts("B+", 250)]), 1932)?.tolerance ?? 0;
    expect(old).toBeGreaterThan(CHART_TOLERANCE);
    expect(expectedOf(sheetOf([volts("B+", 250)]), null)?.tolerance).toBe(CHART_TOLERANCE);
  });

  it("has a tolerance of its own before all others", () =>
    expect(expectedOf(sheetOf([volts("Heaters", 6.3, { tolerance: 0.02 })]))?.tolerance).toBe(0.02));

  it("holds heaters to their data sheets, whatever the year, and thoriated filaments closer", () => {
    const tolerance = (point: string, type: string, quantity: ChartPoint["quantity"] = "voltage") =>
      expectedOf(
        sheetOf([volts(point, 6.3, { quantity })], { tubes: [{ position: "V1", type, work: "output" }] }),
        1932,
      )?.tolerance;
    expect(tolerance("Heaters", "6V6")).toBe(0.1);
    expect(tolerance("LT", "6V6", "ac-voltage")).toBe(0.1);
    expect(tolerance("Filaments", "01A")).toBe(0.05);
    // A resistance of the heaters is none of their voltage, and B+ is no heater.
    expect(tolerance("Heaters", "6V6", "resistance")).not.toBe(0.1);
    expect(tolerance("B+", "6V6")).not.toBe(0.1);
  });

  it("moves with the line where the point does: the chart's line, else the set's own", () => {
    const moving = volts("B+", 250, { withLine: true });
    expect(expectedOf(sheetOf([moving]))).toMatchObject({ lineVolts: 230 });
    expect(expectedOf(sheetOf([moving], { chart: { lineVolts: 220 } }))).toMatchObject({ lineVolts: 220 });
    expect(expectedOf(sheetOf([volts("B+", 250)]))).not.toHaveProperty("lineVolts");
    expect(expectedOf(sheetOf([moving], { taps: [220, 240] }))).toMatchObject({ tapVolts: 230 });
    expect(expectedOf(sheetOf([moving], { taps: [230] }))).not.toHaveProperty("tapVolts");
    expect(expectedOf(sheetOf([volts("B+", 250)], { taps: [220, 240] }))).not.toHaveProperty("tapVolts");
  });

  it("counts the chart's meter where a point is fed through a resistance, on its range or the usual one", () => {
    const fed = volts("V3 plate", 95, { sourceOhms: 100e3 });
    const meter = { chart: { meter: { ohmsPerVolt: 1000 } } };
    expect(expectedOf(sheetOf([fed], meter))).toMatchObject({ sourceOhms: 100e3, chartOhms: 250e3 });
    expect(expectedOf(sheetOf([{ ...fed, range: 500 }], meter))).toMatchObject({ chartOhms: 500e3 });
    expect(expectedOf(sheetOf([fed], meter))).not.toHaveProperty("asFound");
    // Without a meter on the chart its figure stands as it was found.
    expect(expectedOf(sheetOf([fed]))).toMatchObject({ asFound: true, sourceOhms: 100e3 });
    expect(expectedOf(sheetOf([fed]))).not.toHaveProperty("chartOhms");
    const stiff = expectedOf(sheetOf([volts("B+", 250)], meter));
    expect(stiff).not.toHaveProperty("sourceOhms");
    expect(stiff).not.toHaveProperty("chartOhms");
    const current = expectedOf(sheetOf([{ ...fed, quantity: "current", expected: 0.1 }]));
    expect(current).not.toHaveProperty("sourceOhms");
    expect(current).not.toHaveProperty("asFound");
  });

  it("says how a point is read where the chart does", () => {
    expect(chartRows(sheetOf([volts("B+", 250, { note: "no signal" })]), 1960)[0]?.how).toBe("no signal");
    expect(chartRows(sheetOf([volts("B+", 250)]), 1960)[0]).not.toHaveProperty("how");
  });
});

it("cold checks are resistances of their own phase", () => {
  const rows = coldRows(SHEET);
  expect(rows.length).toBeGreaterThan(0);
  for (const row of rows) expect(row).toMatchObject({ quantity: "resistance", phase: "cold" });
});

describe("the rows of a visit", () => {
  const sheet = sheetOf([volts("B+", 250)]);
  const read = (point: string, more: object = {}): Content =>
    ({
      kind: "reading",
      payload: { v: 1, phase: "baseline", point, quantity: "voltage", measured: { text: "12", value: 12 }, ...more },
    }) as Content;
  const rows = (entries: Entry[]) => pointRows(sheet, 1960, settle(entries).settled, VISIT);

  it("are the chart's, then what was measured beyond it, each once", () => {
    const entries = [entry(1, read("B+")), entry(2, read("V4 cathode")), entry(3, read("V4 cathode"))];
    expect(rows(entries).map(({ point }) => point)).toEqual(["B+", "V4 cathode"]);
    // The chart's row stays the chart's.
    expect(rows(entries)[0]?.expected?.value).toBe(250);
    expect(rows(entries)[1]).toEqual({ point: "V4 cathode", quantity: "voltage" });
  });

  it("keep what was expected, and the part that was measured", () => {
    const expected = { text: "12.5 V", value: 12.5, tolerance: 0.2 };
    expect(rows([entry(1, read("V4 cathode", { expected }))])[1]).toMatchObject({ expected });
    expect(rows([entry(1, read("R7", { designator: "R7" }))])[1]).toMatchObject({ designator: "R7" });
  });

  it("leave out other visits and cold checks", () => {
    const other = { ...entry(1, read("V4 cathode")), visitId: "01890000-0000-7000-8000-00000000ffff" };
    expect(rows([other, entry(2, read("V4 grid", { phase: "cold" }))])).toHaveLength(1);
  });
});
