import { describe, expect, it } from "vitest";
import { rulesOf } from "../components";
import { settle, type Content, type Entry } from "../kinds";
import { entry, SHEET, VISIT } from "../fixtures";
import { planDifferences, recapOf, workOrder, type VisitInput } from ".";

const NOW = "2026-11-24T18:00:00.000Z";
const sheet: typeof SHEET = {
  ...SHEET,
  supply: "transformer",
  supplyRms: 300,
  tubes: [{ position: "V4", type: "6V6", work: "output" }],
  components: [
    { designator: "C3", role: "mains", drawn: ".01/1000", stage: "power" },
    { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" },
    { designator: "R7", role: "anode-load", drawn: "470k", stage: "first audio" },
    { designator: "C15", role: "cathode-bypass", drawn: "25/50", stage: "output" },
  ],
  points: [],
};
const input = (entries: Entry[], change: Partial<VisitInput> = {}): VisitInput => ({
  sheet,
  year: 1937,
  settled: settle(entries).settled,
  visitId: VISIT,
  now: NOW,
  ...change,
});
const work = (designator: string, text: string): Content => ({
  kind: "part-work",
  payload: { v: 1, designators: [designator], action: "replaced", now: [{ designator, text }] },
});
const decide = (designator: string, action: "keep" | "replace"): Content => ({
  kind: "plan-line",
  payload: { v: 1, designator, action, why: "looked at it" },
});
const lines = (entries: Entry[]) => new Map(recapOf(input(entries)).map((line) => [line.designator, line]));

describe("the plan of a visit", () => {
  it("has a line for every capacitor and resistor, and follows the log", () => {
    expect([...lines([]).keys()]).toEqual(["C3", "C14", "R7", "C15"]);
    expect(lines([]).get("C14")?.action).toBe("test");
    expect(lines([entry(1, work("C14", "0.047/630 film"))]).get("C14")?.action).toBe("done");
    expect(lines([entry(1, work("C3", "0.01/630 film"))]).get("C3")?.action).toBe("replace");
  });
  it("takes a measurement into account until the part was worked on", () => {
    const test: Content = {
      kind: "component-test",
      payload: {
        v: 1,
        designator: "C14",
        where: "out",
        quantity: "capacitance",
        leakage: { text: "9 µA", value: 9e-6 },
        atVolts: { text: "85", value: 85 },
        against: {
          role: "coupling",
          low: -0.2,
          high: 0.2,
          electrolytic: false,
          next: { plateVolts: 85, gridOhms: 470e3, bias: 12.5, name: "V4" },
        },
      },
    };
    expect(lines([entry(1, test)]).get("C14")).toMatchObject({ action: "replace" });
    expect(lines([entry(1, test), entry(2, work("C14", "0.047/630"))]).get("C14")?.action).toBe("done");
  });
  it("takes a decision until it is taken back", () => {
    expect(lines([entry(1, decide("C14", "keep"))]).get("C14")).toMatchObject({
      action: "keep",
      override: "looked at it",
    });
    expect(lines([entry(1, decide("C14", "keep")), entry(2, decide("C14", "replace"))]).get("C14")?.action).toBe(
      "replace",
    );
  });
  it("is worked through stage by stage", () => {
    expect(workOrder(recapOf(input([]))).map(({ stage, lines: of }) => [stage, of.length])).toEqual([
      ["power", 1],
      ["output", 2],
      ["first audio", 1],
    ]);
  });
  it("shows what changing a rule would do to it, and nothing where it does nothing", () => {
    const before = recapOf(input([]));
    const after = recapOf(input([], { rules: rulesOf({ roles: [{ role: "coupling", factor: 2 }] }) }));
    expect(planDifferences(before, after)).toEqual([{ designator: "C14", text: "another window or rating" }]);
    expect(planDifferences(before, before)).toEqual([]);
  });
});
