import { describe, expect, it } from "vitest";
import { SHEET } from "@/core/fixtures";
import type { Model } from "@/core/model";
import { readBasics, typedBasics, withBasics } from "./typed-basics";

const model: Model = {
  id: "m",
  maker: "Halvane",
  designation: "537",
  nickname: null,
  year: 1937,
  version: 1,
  sheet: {
    ...SHEET,
    lineHz: 50,
    taps: [110, 220],
    supplyRms: 300,
    heaterAmps: 3,
    chart: { lineVolts: 225, meter: { ohmsPerVolt: 1000 }, signal: "none", controls: "volume full", note: "cold set" },
  },
};
const typed = typedBasics(model);

describe("what a model is", () => {
  it("changes alone: every other table of the sheet stays, also one that this form does not know", () => {
    const sheet = { ...model.sheet, tomorrow: [1, 2] };
    const read = readBasics({ ...typed, watts: "", kind: "Table set" });
    if (!read.ok) throw new Error("does not read");
    const changed = withBasics(sheet, read.value);
    expect(changed).toMatchObject({ kind: "Table set", tomorrow: [1, 2], points: sheet.points, tubes: sheet.tubes });
    expect(changed).not.toHaveProperty("watts");
  });
  it("reads back as it was written", () => {
    const read = readBasics(typed);
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const { tubes: _t, components: _c, windings: _w, points: _p, cautions: _k, ...basics } = model.sheet;
    expect(read.value).toEqual(basics);
  });
  it("takes units and lists as they are written", () => {
    const read = readBasics({ ...typed, lineHz: "60 Hz", taps: "220 V / 110V", chartMeter: "11M", watts: "1.2 kW" });
    expect(read).toMatchObject({
      value: { lineHz: 60, taps: [110, 220], watts: 1200, chart: { meter: { inputOhms: 11e6 } } },
    });
  });
  it("leaves out what is empty", () => {
    const read = readBasics({
      ...typed,
      lineHz: "",
      supplyRms: "",
      heaterAmps: "",
      taps: "",
      watts: "",
      dialect: "",
      chartLine: "",
      chartMeter: "",
      signal: "",
      controls: "",
      chartNote: "",
    });
    expect(read.ok && Object.keys(read.value).sort()).toEqual(["highestVolts", "kind", "lineVolts", "supply"]);
  });
  it("says beside each field what is wrong", () => {
    const read = readBasics({
      ...typed,
      kind: " ",
      lineVolts: "",
      highestVolts: "9 MV",
      watts: "a lot",
      taps: "high, low",
      chartMeter: "grey",
      lineHz: "3",
      heaterAmps: "none",
      supplyRms: "-300",
    });
    expect(read.ok ? [] : Object.keys(read.problems).sort()).toEqual([
      "chartMeter",
      "heaterAmps",
      "highestVolts",
      "kind",
      "lineHz",
      "lineVolts",
      "supplyRms",
      "taps",
      "watts",
    ]);
  });
});
