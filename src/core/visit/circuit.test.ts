import { describe, expect, it } from "vitest";
import { entry, replace, resistance, SHEET, VISIT, work } from "../fixtures";
import { settle, type Content } from "../kinds";
import type { Sheet } from "../model";
import { circuitQuestion } from ".";

const sheet: Sheet = {
  ...SHEET,
  components: [
    { designator: "R7", role: "anode-load", drawn: "470k", stage: "first audio" },
    { designator: "R8", role: "grid-leak", drawn: "470k", stage: "output" },
    { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" },
  ],
  net: [
    { part: "R7", from: "B+", to: "V3.plate" },
    { part: "C14", from: "V3.plate", to: "V4.grid" },
    { part: "R8", from: "V4.grid", to: "gnd" },
  ],
};
const volts = (point: string, value: number, more: object = {}): Content => ({
  kind: "reading",
  payload: {
    v: 1,
    phase: "baseline",
    point,
    quantity: "voltage",
    measured: { text: String(value), value },
    lineVolts: 231,
    meterOhms: 11e6,
    ...more,
  },
});
const asked = (...contents: Content[]) =>
  circuitQuestion({
    sheet,
    settled: settle(contents.map((content, index) => entry(index + 1, content))).settled,
    visitId: VISIT,
  });

describe("what a visit asks its circuit", () => {
  it("nothing where the model has no net", () => {
    const { net: _, ...bare } = sheet;
    expect(circuitQuestion({ sheet: bare, settled: [], visitId: VISIT })).toBeUndefined();
  });

  it("the last volts of each node, with line and meter; no ohms, no cold checks", () => {
    const question = asked(
      volts("V3 plate", 80),
      volts("V3 anode", 46),
      volts("B+", 247, { phase: "check" }),
      volts("V4 plate", 0.4, { phase: "cold" }),
    );
    expect(question?.line).toBe(231);
    expect(question?.readings.map(({ node, volts: value, meterOhms }) => [node, value, meterOhms])).toEqual([
      ["V3.plate", 46, 11e6],
      ["B+", 247, 11e6],
    ]);
  });

  it("no volts from before a part was changed, and the new part with its value", () => {
    const question = asked(volts("B+", 247), replace("R7", "510k 1W"), volts("V3 plate", 60));
    expect(question?.readings.map(({ node }) => node)).toEqual(["V3.plate"]);
    expect(new Map(question?.values).get("R7")).toBe(510e3);
  });

  it("of a phase: what was read together with it, though parts were changed after", () => {
    const entries = [
      volts("B+", 247),
      volts("V4 grid", 11.8, { phase: "check" }),
      replace("C14", ".047/630"),
      volts("B+", 262, { phase: "prove" }),
    ].map((content, index) => entry(index + 1, content));
    const of = (phase?: "baseline" | "prove") =>
      circuitQuestion({ sheet, settled: settle(entries).settled, visitId: VISIT, ...(phase ? { phase } : {}) });
    expect(of("baseline")?.readings.map(({ node, volts: value }) => [node, value])).toEqual([
      ["B+", 247],
      ["V4.grid", 11.8],
    ]);
    expect(of("prove")?.readings.map(({ volts: value }) => value)).toEqual([262]);
    expect(of()?.readings.map(({ volts: value }) => value)).toEqual([262]);
  });

  it("what was measured of a part counts while it is there; in circuit only where it reads high", () => {
    const inCircuit = (designator: string, value: number) => {
      const content = resistance(designator, value, 470e3);
      return { ...content, payload: { ...content.payload, inCircuit: true } } as Content;
    };
    expect(new Map(asked(volts("B+", 247), resistance("R7", 612e3, 470e3))?.values).get("R7")).toBe(612e3);
    expect(new Map(asked(volts("B+", 247), inCircuit("R7", 612e3))?.values).get("R7")).toBe(612e3);
    expect(new Map(asked(volts("B+", 247), inCircuit("R8", 120e3))?.values).has("R8")).toBe(false);
    const exchanged = asked(volts("B+", 247), resistance("R7", 612e3, 470e3), replace("R7", "470k"), volts("B+", 250));
    expect(new Map(exchanged?.values).get("R7")).toBe(470e3);
  });

  it("nothing of an empty net, of other visits, of ohms and alternating volts, of parts, or of what the net has not", () => {
    expect(circuitQuestion({ sheet: { ...sheet, net: [] }, settled: [], visitId: VISIT })).toBeUndefined();
    const other = { ...entry(1, volts("B+", 200)), visitId: "01890000-0000-7000-8000-0000000000aa" };
    const rest = [
      volts("V3 plate", 47e3, { quantity: "resistance" }),
      volts("V4 grid", 6.3, { quantity: "ac-voltage" }),
      volts("B+", 60, { designator: "R7" }),
      volts("V9 plate", 100),
    ].map((content, n) => entry(n + 2, content));
    const question = circuitQuestion({ sheet, settled: settle([other, ...rest]).settled, visitId: VISIT });
    expect(question?.readings).toEqual([]);
    expect(question).not.toHaveProperty("line");
    expect(question?.sheet).toMatchObject({ lineVolts: sheet.lineVolts, net: sheet.net });
  });

  it("the tap of a part is a node, and a meter that nobody named is none", () => {
    const tapped = { ...sheet, net: [...(sheet.net ?? []), { part: "R9", from: "B+", to: "gnd", tap: "V4.screen" }] };
    const entries = [entry(1, volts("V4 screen", 240, { meterOhms: undefined, lineVolts: undefined }))];
    const question = circuitQuestion({ sheet: tapped, settled: settle(entries).settled, visitId: VISIT });
    expect(question?.readings.map(({ node }) => node)).toEqual(["V4.screen"]);
    expect(question?.readings[0]).not.toHaveProperty("meterOhms");
    expect(question).not.toHaveProperty("line");
  });

  it("the line of the last reading that has one", () => {
    expect(asked(volts("B+", 247), volts("V3 plate", 46, { lineVolts: 236 }))?.line).toBe(236);
    expect(asked(volts("B+", 247), volts("V3 plate", 46, { lineVolts: undefined }))?.line).toBe(231);
  });

  it("work that changes nothing parts no readings, and is no new part", () => {
    const left = work(["R7"], "left", { why: "sound" });
    const question = asked(resistance("R7", 612e3, 470e3), left, volts("B+", 247), left, volts("V3 plate", 46));
    expect(question?.readings).toHaveLength(2);
    expect(new Map(question?.values).get("R7")).toBe(612e3);
  });

  it("a part is the one that was measured later, unless another went in between", () => {
    const after = asked(volts("B+", 247), resistance("R7", 612e3, 470e3));
    expect(new Map(after?.values).get("R7")).toBe(612e3);
    const entries = [volts("B+", 247), replace("R7", "470k"), resistance("R7", 471e3, 470e3)];
    expect(new Map(asked(...entries)?.values).get("R7")).not.toBe(471e3);
    // Another part that was changed leaves it what it is.
    const beside = [resistance("R7", 612e3, 470e3), replace("R8", "510k"), volts("B+", 247)];
    expect(new Map(asked(...beside)?.values).get("R7")).toBe(612e3);
  });

  it("parts of which ohms say no value are left as drawn", () => {
    expect(new Map(asked(volts("B+", 247), resistance("C14", 20e6, 20e6))?.values).has("C14")).toBe(false);
    // As much as drawn, in circuit, may be less than that with nothing across it.
    const content = resistance("R7", 470e3, 470e3);
    if (content.kind !== "reading") throw new Error("a reading");
    const inCircuit: Content = { ...content, payload: { ...content.payload, inCircuit: true } };
    expect(new Map(asked(volts("B+", 247), inCircuit)?.values).has("R7")).toBe(false);
  });
});
