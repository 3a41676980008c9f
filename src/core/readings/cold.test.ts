import { describe, expect, it } from "vitest";
import { judge, judgeSisters, OPEN_OHMS, parseMeasured, printMeasured } from ".";

const winding = (measured: number) =>
  judge({ quantity: "resistance", measured, expected: { value: 24, tolerance: 0.15, rule: "winding" } });
const heater = (measured: number) =>
  // 6V6: 6.3 V / 0.45 A = 14 Ω hot
  judge({ quantity: "resistance", measured, expected: { value: 14, tolerance: 0.5, rule: "cold-heater" } });

describe("windings", () => {
  it("are good within ±15 %, and good means continuous only", () => {
    expect(winding(26)).toMatchObject({ verdict: "good" });
    expect(winding(26).reasons.join(" ")).toContain("a shorted turn does not show at DC");
    expect(winding(28).verdict).toBe("high");
    expect(winding(20).verdict).toBe("low");
  });
  it("are a fault when open", () => {
    expect(winding(OPEN_OHMS)).toMatchObject({ verdict: "high", reasons: [expect.stringContaining("Open")] });
  });
});

describe("sister windings", () => {
  it("are compared with each other: 265 Ω and 300 Ω are 12 % apart", () => {
    const [halves] = judgeSisters([
      { name: "upper", group: "HT", ohms: 300 },
      { name: "lower", group: "HT", ohms: 265 },
    ]);
    expect(halves).toMatchObject({ group: "HT", apart: true });
    expect(halves?.text).toContain("differ by 12 %");
  });
  it("are alike within a tenth; a single or an open one says nothing", () => {
    const one = { name: "a", group: "IF", ohms: 10 };
    expect(judgeSisters([one, { name: "b", group: "IF", ohms: 9.1 }])[0]?.apart).toBe(false);
    expect(judgeSisters([one])).toEqual([]);
    expect(judgeSisters([one, { name: "b", group: "IF", ohms: OPEN_OHMS }])).toEqual([]);
    expect(judgeSisters([one, { name: "b", group: "osc", ohms: 1 }])).toEqual([]);
  });
});

describe("heaters at the ohmmeter", () => {
  it("are recognised as cold: 2.4 Ω for a heater of 14 Ω hot", () => {
    expect(heater(2.4)).toMatchObject({ verdict: "good" });
    expect(heater(2.4).reasons[0]).toContain("never size a dropper from it");
  });
  it("are odd at the hot value, low with a path beside them, broken when open", () => {
    expect(heater(13.5)).toMatchObject({ verdict: "high", reasons: [expect.stringContaining("hot value")] });
    expect(heater(5).verdict).toBe("high");
    expect(heater(0.9).verdict).toBe("low");
    expect(heater(OPEN_OHMS).reasons[0]).toContain("Open");
  });
});

describe("a least resistance", () => {
  const rail = (measured: number) =>
    judge({ quantity: "resistance", measured, expected: { value: 10e3, tolerance: 1, rule: "at-least" } });
  it("is met from its limit up, and by an open circuit", () => {
    expect([rail(10e3).verdict, rail(OPEN_OHMS).verdict]).toEqual(["good", "good"]);
    expect(rail(420)).toMatchObject({ verdict: "low", reasons: [expect.stringContaining("no power")] });
  });
});

describe("what a meter shows", () => {
  it("may be open, in the words of meters", () => {
    for (const text of ["open", "OL", "O.L", "∞"])
      expect(parseMeasured(text, "resistance")).toMatchObject({ value: OPEN_OHMS });
    expect(printMeasured(OPEN_OHMS, "resistance")).toBe("open");
    expect(printMeasured(24.5, "resistance")).toBe("24.5 Ω");
    expect(parseMeasured("open", "voltage").ok).toBe(false);
  });
  it("is never a negative resistance", () => {
    expect(parseMeasured("-24", "resistance")).toMatchObject({
      ok: false,
      message: expect.stringContaining("a voltage is still there"),
    });
    expect(parseMeasured("-24", "voltage")).toMatchObject({ ok: true, value: -24 });
  });
});
