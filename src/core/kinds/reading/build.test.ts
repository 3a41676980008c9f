import { describe, expect, it } from "vitest";
import type { PointRow } from "../../readings";
import { buildReading, ohmsAt, type TypedReading } from "./build";
import { phaseOf } from "./phase";
import { pointOf, quantityByName } from "./points";

const plate: PointRow = {
  point: "V3 plate",
  quantity: "voltage",
  expected: { text: "245 V", value: 245, tolerance: 0.1, sourceOhms: 100e3, chartOhms: 250e3 },
};
const built = (row: PointRow, text: string, extra: Partial<TypedReading> = {}) => {
  const made = buildReading({ row, text, phase: "baseline", ...extra });
  if (made.kind !== "reading") throw new Error(JSON.stringify(made));
  return made;
};

describe("a figure at a point", () => {
  it("is judged by what this meter should read there", () => {
    // 245 V read with 1000 Ω/V on 250 V (250 kΩ) through 100 kΩ: 343 V stand there; 20 kΩ/V on 500 V (10 MΩ) reads 339.6.
    const meter = { name: "Grey analogue", ohmsPerVolt: 20_000 };
    expect(built(plate, "275", { instrument: meter }).judgement).toMatchObject({ verdict: "low" });
    expect(built(plate, "275", { instrument: meter }).payload).toMatchObject({
      meter: "Grey analogue",
      meterOhms: 10e6,
    });
    expect(built(plate, "275").judgement).toMatchObject({ verdict: "high" });
    expect(built(plate, "250").judgement).toMatchObject({ verdict: "good" });
  });

  it("stands on the smallest range that holds what is expected and what is read", () => {
    const row: PointRow = {
      point: "V3 plate",
      quantity: "voltage",
      expected: { text: "62", value: 62, tolerance: 0.2 },
    };
    expect(ohmsAt(row, { name: "x", ohmsPerVolt: 1000 })).toBe(250e3);
    expect(ohmsAt(row, { name: "x", ohmsPerVolt: 1000 }, 400)).toBe(500e3);
    expect(ohmsAt({ point: "R7", quantity: "resistance" }, { name: "x", inputOhms: 1e6 })).toBeUndefined();
  });

  it("goes by the range that was said: what the meter is to the circuit, and what it can show", () => {
    const meter = { name: "Grey analogue", ohmsPerVolt: 20_000 };
    // On 1000 V it is 20 MΩ, on 250 V 5 MΩ.
    expect(built(plate, "275", { instrument: meter, range: 1000 }).payload).toMatchObject({
      meterOhms: 20e6,
      range: 1000,
    });
    expect(built(plate, "240", { instrument: meter, range: 250 }).payload.meterOhms).toBe(5e6);
    expect(built(plate, "275", { instrument: meter }).payload.range).toBeUndefined();
    expect(buildReading({ row: plate, text: "275", phase: "baseline", range: 50 })).toMatchObject({
      kind: "problem",
      message: "275 is more than a range of 50 V shows. Take the figure or the range again.",
    });
  });

  it("of a current is amperes when it is bare, and asks where it can only be milliamperes", () => {
    const line: PointRow = {
      point: "Line current",
      quantity: "current",
      expected: { text: "0.32 A", value: 0.32, tolerance: 0.2 },
    };
    expect(built(line, "0.28").payload.measured).toEqual({ text: "0.28 A", value: 0.28 });
    expect(buildReading({ row: line, text: "280", phase: "baseline" })).toMatchObject({
      kind: "question",
      choices: [{ text: "280 mA" }, { text: "280 A" }],
    });
  });

  it("keeps which value of it was read, and takes an open circuit and no negative resistance", () => {
    const heaters: PointRow = { ...plate, point: "Heaters", expected: { text: "6.3 V", value: 6.3, tolerance: 0.1 } };
    expect(built(heaters, "6.3 V ac").payload.measured).toEqual({ text: "6.3 V ac", value: 6.3 });
    // Alternating volts at a plate are no reading of its direct ones.
    expect(buildReading({ row: plate, text: "3 V ac", phase: "prove" })).toMatchObject({ kind: "problem" });
    const part: PointRow = { point: "R20", designator: "R20", quantity: "resistance" };
    expect(built(part, "open").judgement.verdict).toBe("high");
    expect(buildReading({ row: part, text: "-4", phase: "cold" })).toMatchObject({ kind: "problem" });
  });

  it("across a part is in circuit unless an end is off; between points it is not", () => {
    const part: PointRow = {
      point: "R7",
      designator: "R7",
      quantity: "resistance",
      expected: { text: "470k", value: 470e3, tolerance: 0.2 },
    };
    expect(built(part, "220k").judgement.verdict).toBe("no-proof");
    expect(built(part, "220k", { lifted: true }).judgement.verdict).toBe("low");
    const rail: PointRow = {
      point: "B+ to chassis",
      quantity: "resistance",
      expected: { text: "at least 20 kΩ", value: 20e3, tolerance: 1, rule: "at-least" },
    };
    expect(built(rail, "12k", { phase: "check" }).judgement.verdict).toBe("low");
  });

  it("has a line and a tap only under power, and a tap never alone", () => {
    expect(built(plate, "250", { lineVolts: 231, tapVolts: 220 }).payload).toMatchObject({
      lineVolts: 231,
      tapVolts: 220,
    });
    expect(built(plate, "250", { tapVolts: 220 }).payload).not.toHaveProperty("tapVolts");
    expect(built(plate, "250", { phase: "cold", lineVolts: 231 }).payload).not.toHaveProperty("lineVolts");
  });
});

describe("what a reading is for", () => {
  const at = (step: Parameters<typeof phaseOf>[0]["step"], extra = {}) =>
    phaseOf({ quantity: "voltage", onChart: true, step, otherwise: "prove", ...extra });
  it("is decided by the step in view", () => {
    expect(at("baseline")).toBe("baseline");
    expect(at("prove")).toBe("prove");
    // Heater volts with the rectifier out prove nothing.
    for (const step of ["first-power", "find", "fix", "align", "make-safe"] as const) expect(at(step)).toBe("check");
    expect(at(undefined)).toBe("prove");
  });
  it("is a cold check where no power is on, unless the chart has the point", () => {
    expect(at("baseline", { quantity: "resistance", onChart: false })).toBe("cold");
    expect(at("baseline", { quantity: "resistance" })).toBe("baseline");
    expect(at("prove", { quantity: "capacitance", onChart: false })).toBe("cold");
  });
  it("is what the line says, before all else", () => {
    expect(at("prove", { said: "soak" })).toBe("soak");
    expect(at("prove", { row: "cold" })).toBe("cold");
  });
});

describe("the point that a line begins with", () => {
  const context = {
    sheet: {
      tubes: [
        { position: "V3", type: "6Q7", work: "detector and first audio" },
        { position: "V4", type: "6V6", work: "output" },
        { position: "V6", type: "6K7", work: "first IF" },
        { position: "V7", type: "6K7", work: "second IF" },
      ],
    },
    points: [
      { point: "V4 plate", quantity: "voltage" },
      { point: "B+ to B−", quantity: "resistance" },
      { point: "T1 HT secondary, 3 to 4", quantity: "resistance", phase: "cold" },
      { point: "L1 primary, 1 to 2", quantity: "resistance", phase: "cold" },
      { point: "T1 primary, 1 to 2", quantity: "resistance", phase: "cold" },
      { point: "B+", quantity: "voltage" },
    ],
  } as never;
  it("may be called by the work of its tube, where one tube does it", () => {
    expect(pointOf("output plate 240", context, false)).toMatchObject({ point: "V4 plate", end: 12 });
    expect(pointOf("first audio cathode 1.2", context, false)).toMatchObject({ point: "V3 cathode" });
    expect(pointOf("first IF screen 92", context, false)).toMatchObject({ point: "V6 screen" });
    expect(pointOf("IF screen 92", context, false)).toBeUndefined();
    expect(pointOf("output power 2.1", context, false)).toBeUndefined();
  });
  it("may be said with the word voltage", () => {
    expect(pointOf("B+ voltage 248", context, false)).toMatchObject({ point: "B+", end: 10 });
    expect(pointOf("plate voltage of V4 240", context, false)).toMatchObject({ point: "V4 plate" });
    expect(pointOf("V4 plate volts 240", context, false)).toMatchObject({ point: "V4 plate", end: 14 });
    // A winding's row is ohms: its volts are another thing.
    expect(pointOf("HT secondary voltage 300", context, false)?.row?.quantity).not.toBe("resistance");
  });
  it("may have a hyphen for its minus, and a winding goes by its own name", () => {
    expect(pointOf("B+ to B- 180k", context, false)).toMatchObject({ point: "B+ to B−", end: 8 });
    expect(pointOf("b+ 248", context, false)).toMatchObject({ point: "B+" });
    expect(pointOf("HT secondary 147", context, false)).toMatchObject({ point: "T1 HT secondary, 3 to 4" });
    expect(pointOf("primary 24", context, false)?.several).toHaveLength(2);
  });
  it("may be a rail that is called by its volts, or a device's electrode", () => {
    expect(pointOf("12V rail 11.8", context, false)).toMatchObject({ point: "12V rail" });
    expect(pointOf("q3 gate 1.2", context, false)).toMatchObject({ point: "Q3 gate" });
    expect(pointOf("backlash 3", context, false)).toBeUndefined();
  });
  it("tells volts and amperes only where its name does", () => {
    for (const point of ["V3 plate", "12V rail", "B+", "B+2", "AVC", "V2 pin 6", "Heaters"])
      expect(quantityByName(point), point).toBe("voltage");
    expect(quantityByName("Battery current")).toBe("current");
    for (const point of ["backlash", "knobs", "temp", "testpoint"])
      expect(quantityByName(point), point).toBeUndefined();
  });
});
