import { describe, expect, it } from "vitest";
import { stateOf, type Done } from "@/core/practice";
import { byStage } from "./TestList";
import { lastReadings } from "./readings";
import { bitsText, minutesText, percentText, standsAs } from "./words";

const volts = (point: string, said: string): Done => ({
  ...{
    act: { do: "volts", point, clip: false },
    at: "2026-11-27T10:00:00Z",
    minutes: 1,
    what: `${point}, volts`,
    said,
  },
});
const exchange = (cured?: boolean): Done => ({
  ...{ act: { do: "exchange", check: "check:C7" }, at: "2026-11-27T10:00:00Z", minutes: 5, what: "C7", said: "" },
  ...(cured === undefined ? {} : { cured }),
});

describe("the practice bench in words", () => {
  it("says minutes, bits and shares as they are read", () => {
    expect([minutesText(17.5), minutesText(0.4), minutesText(30)]).toEqual(["17.5 min", "0.5 min", "30 min"]);
    expect([bitsText(2.34), bitsText(-0.6), bitsText(0.01)]).toEqual(["+2.3", "−0.6", "–"]);
    expect([percentText(0.004), percentText(0), percentText(0.676)]).toEqual(["< 1 %", "0 %", "68 %"]);
  });

  it("says how the set stands", () => {
    expect(standsAs(stateOf([]))).toBe("off and discharged; chassis closed");
    expect(standsAs({ ...stateOf([]), discharged: false, opened: true })).toBe("off, not discharged yet; chassis open");
    expect(standsAs({ ...stateOf([]), on: true, through: "isolated" })).toContain("isolating transformer");
  });

  it("shows the last reading of a point, until something is put right", () => {
    const run = [volts("B+", "190 V"), volts("V4 grid", "12 V"), volts("B+", "188 V")];
    expect([...lastReadings(run, "volts")].map(([point, { said }]) => [point, said])).toEqual([
      ["B+", "188 V"],
      ["V4 grid", "12 V"],
    ]);
    expect(lastReadings([...run, exchange(false)], "volts").size).toBe(0);
    expect(lastReadings([...run, exchange()], "volts").size).toBe(2);
    expect(lastReadings(run, "ohms").size).toBe(0);
  });

  it("finds tests by words of the test and of its stage", () => {
    const rows = [
      { id: "a", name: "Plate of Output stage", stage: "Output stage", minutes: 2, needs: [], check: false },
      { id: "b", name: "Listen", stage: "The whole set", minutes: 1, needs: [], check: false },
    ];
    expect(byStage(rows, "output plate").map(([stage, list]) => [stage, list.length])).toEqual([["Output stage", 1]]);
    expect(byStage(rows, "").length).toBe(2);
    expect(byStage(rows, "padder")).toEqual([]);
  });
});
