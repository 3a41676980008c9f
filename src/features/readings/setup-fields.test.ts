import { describe, expect, it } from "vitest";
import { SHEET } from "@/core/fixtures";
import {
  calibrationWord,
  fieldsOf,
  freshFields,
  instrumentOf,
  payloadOf,
  rangeBefore,
  rangeOf,
  stillHolds,
} from "./setup-fields";

const shop = {
  name: "",
  lineVolts: 230,
  lineHz: 50,
  currency: "EUR",
  lamps: [],
  loads: [],
  lockMinutes: 10,
  link: null,
  version: 1,
};
const analogue = {
  id: "m",
  name: "Grey analogue",
  ohmsPerVolt: 20e3,
  inputOhms: null,
  calibratedOn: "2025-01-01",
  everyMonths: 12,
  retired: false,
  link: null,
  version: 1,
};
const bench = { sheet: { ...SHEET, chart: { signal: "none", controls: "volume full" } }, shop };
const fresh = freshFields("baseline", bench);

describe("a set-up while it is typed", () => {
  it("begins with the chart's own conditions", () => {
    expect(fresh).toMatchObject({ name: "As found", signal: "none", controls: "volume full", tap: "", hz: 50 });
    const two = freshFields("baseline", { shop, sheet: { ...SHEET, lineVolts: 220, taps: [110, 220] } });
    expect(two.tap).toBe("220");
  });
  it("goes on with the range of this meter as a hand left it, and with no other's", () => {
    const before = [
      { meter: "Grey analogue", range: 250 },
      { meter: "Bench digital", range: 1000, came: "network" as const },
    ];
    expect(rangeBefore(before, " Grey analogue ")).toBe("250");
    expect(rangeBefore(before, "Bench digital")).toBe("");
    expect(rangeBefore([...before, { meter: "Grey analogue" }], "Grey analogue")).toBe("");
    // A digital meter is the same to the circuit on each of its ranges.
    expect(rangeOf({ ...fresh, range: "250" }, { name: "Grey analogue", ohmsPerVolt: 20e3 })).toBe(250);
    expect(rangeOf({ ...fresh, range: "250" }, { name: "Bench digital", inputOhms: 11e6 })).toBeUndefined();
    expect(rangeOf({ ...fresh, range: "" }, { name: "Grey analogue", ohmsPerVolt: 20e3 })).toBeUndefined();
  });
  it("knows the shop's meter by its name, and takes another's input as typed", () => {
    expect(instrumentOf({ ...fresh, meter: "grey ANALOGUE" }, [analogue])).toEqual({
      name: "Grey analogue",
      ohmsPerVolt: 20e3,
    });
    expect(instrumentOf({ ...fresh, meter: "borrowed", input: "11 MΩ" }, [])).toEqual({
      name: "borrowed",
      inputOhms: 11e6,
    });
    expect(instrumentOf({ ...fresh, meter: "borrowed", input: "?" }, [])).toEqual({ name: "borrowed" });
    expect(instrumentOf(fresh, [analogue])).toBeUndefined();
  });
  it("holds while the line wanders, and no longer when anything else changes", () => {
    const written = payloadOf({ ...fresh, line: "231", meter: "Grey analogue" }, "baseline", [analogue]);
    const now = (part: object) =>
      payloadOf({ ...fresh, line: "228", meter: "Grey analogue", ...part }, "baseline", [analogue]);
    expect(stillHolds(written, now({}))).toBe(true);
    expect(stillHolds(written, now({ signal: "1 kHz" }))).toBe(false);
    expect(stillHolds(written, now({ checked: ["load"] }))).toBe(false);
    expect(stillHolds(undefined, now({}))).toBe(false);
  });
  it("is repeated with everything but its ticks", () => {
    const written = payloadOf({ ...fresh, line: "231", checked: ["load"] }, "baseline", []);
    expect(fieldsOf(written, bench)).toMatchObject({ line: "231", checked: ["load"] });
    expect(fieldsOf(written, bench, true)).toMatchObject({ name: "As at the baseline", line: "231", checked: [] });
    expect(payloadOf(fresh, "prove", [], "0189").like).toBe("0189");
  });
});

describe("the meter at a point", () => {
  it("is named when its calibration has run out", () => {
    expect(calibrationWord(analogue, "2026-06-01T10:00:00Z")).toContain("overdue since 2026-01-01");
    expect(calibrationWord(analogue, "2025-06-01T10:00:00Z")).toBeUndefined();
    expect(calibrationWord({ ...analogue, calibratedOn: null }, "2025-06-01")).toContain("never calibrated");
  });
});
