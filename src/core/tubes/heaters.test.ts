import { describe, expect, it } from "vitest";
import { heaterOf, heatersOf, rectifierOf, rectifierTubes } from ".";

const tubes = (...types: string[]) => types.map((type, index) => ({ position: `V${index + 1}`, type, work: "" }));

describe("heaters", () => {
  it("come from the table, by the plain type, or from the sheet", () => {
    expect(heaterOf({ type: "6V6GT" })).toEqual({ volts: 6.3, amps: 0.45 });
    expect(heaterOf({ type: "ucH42" })).toEqual({ volts: 14, amps: 0.1 });
    expect(heaterOf({ type: "6V6", heaterVolts: 6, heaterAmps: 1 })).toEqual({ volts: 6, amps: 1 });
    expect(heaterOf({ type: "germanium" })).toBeUndefined();
  });
  it("of a live-chassis set with one current are a string: 116.6 V at 100 mA", () => {
    const string = heatersOf("live-chassis", tubes("UCH42", "UF41", "UBC41", "UL41", "UY41"));
    expect(string).toMatchObject({ wiring: "series", amps: 0.1 });
    expect(string.wiring === "series" && string.volts).toBeCloseTo(116.6, 6);
  });
  it("of a transformer set are parallel, their watts summed", () => {
    // 6.3 V × (0.3 + 0.3 + 0.3 + 0.45 + 0.3) A + 5 V × 2 A = 20.4 W
    const all = heatersOf("transformer", tubes("6K8", "6K7", "6Q7", "6V6", "6U5", "5Y3"));
    expect(all.wiring).toBe("parallel");
    expect(all.watts).toBeCloseTo(20.395, 3);
  });
  it("names the types that are not known, but not a cold-cathode one", () => {
    expect(heatersOf("transformer", tubes("6V6", "XYZ9", "OA2")).unknown).toEqual(["XYZ9"]);
    expect(heatersOf("low-voltage", [{ position: "Q1", type: "germanium" }])).toMatchObject({
      wiring: "none",
      unknown: [],
    });
  });
  it("finds the rectifiers by their work", () => {
    const lineUp = [
      { type: "6V6", work: "output" },
      { type: "5R4", work: "rectifier" },
      { type: "5R4", work: "bias rectifier" },
    ];
    expect(rectifierTubes(lineUp)).toHaveLength(2);
  });
  it("does not call a rectifier solid state while the sheet lists no tubes", () => {
    expect(rectifierOf([])).toBe("unknown");
    expect(rectifierOf([{ type: "6V6", work: "output" }])).toBe("solid-state");
    expect(rectifierOf([{ type: "5Y3", work: "rectifier" }])).toBe("tube");
  });
});
