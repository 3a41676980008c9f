import { describe, expect, it } from "vitest";
import { entry, replace, resistance, SHEET, VISIT } from "../fixtures";
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
});
