import { describe, expect, it } from "vitest";
import { rulesOf, type PlanLine } from "../components";
import { settle, type Content, type Entry } from "../kinds";
import { atOf, entry, SHEET, VISIT } from "../fixtures";
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

describe("what was measured of a part", () => {
  const ohms = (value: number, inCircuit = false): Content => ({
    kind: "reading",
    payload: {
      v: 1,
      phase: "check",
      point: "R7",
      designator: "R7",
      quantity: "resistance",
      measured: { text: String(value), value },
      ...(inCircuit ? { inCircuit: true } : {}),
    },
  });
  const tested = (value: number): Content => ({
    kind: "component-test",
    payload: {
      v: 1,
      designator: "R7",
      where: "out",
      quantity: "resistance",
      value: { text: String(value), value },
      against: { role: "anode-load", low: -0.2, high: 0.2, nominal: 470e3, electrolytic: false },
    },
  });
  const action = (...entries: Entry[]) => lines(entries).get("R7")?.action;

  it("by a meter counts as well as on the tester, and the later of the two counts", () => {
    const [good, bad] = [480e3, 1.2e6];
    expect(action(entry(1, ohms(bad)))).toBe("replace");
    expect(action(entry(1, tested(bad)))).toBe("replace");
    expect(action(entry(1, tested(bad)), entry(2, ohms(good)))).not.toBe("replace");
    expect(action(entry(1, tested(good)), entry(2, ohms(bad)))).toBe("replace");
    expect(action(entry(1, ohms(bad)), entry(2, tested(good)))).not.toBe("replace");
    // Entries that came in late are taken by the time at which they were measured.
    expect(action(entry(1, ohms(good)), { ...entry(2, tested(bad)), at: atOf(0) })).not.toBe("replace");
  });
  it("in circuit proves nothing where it reads low: other paths lie beside it", () => {
    expect(action(entry(1, ohms(100e3, true)))).not.toBe("replace");
    expect(action(entry(1, ohms(100e3)))).toBe("replace");
  });
  it("is no resistance where it was another quantity, and nothing at a part that the sheet lacks", () => {
    const volts = ohms(1.2e6);
    if (volts.kind === "reading") volts.payload.quantity = "voltage";
    expect(action(entry(1, volts))).not.toBe("replace");
    const stranger = ohms(1.2e6);
    if (stranger.kind === "reading") Object.assign(stranger.payload, { designator: "R99", point: "R99" });
    expect([...lines([entry(1, stranger)]).keys()]).not.toContain("R99");
  });
});

describe("decisions", () => {
  const chosen = (text: string, value: number): Content => ({
    kind: "plan-line",
    payload: { v: 1, designator: "C14", action: "replace", value: { text, value }, why: "by ear" },
  });
  it("and chosen values are of their visit alone", () => {
    const other = "01890000-0000-7000-8000-00000000ffff";
    const elsewhere = (n: number, content: Content): Entry => ({ ...entry(n, content), visitId: other });
    expect(lines([elsewhere(1, decide("C14", "keep"))]).get("C14")?.action).toBe("test");
    expect(lines([elsewhere(1, chosen("22n", 22e-9))]).get("C14")?.needs[0]?.value).toBeCloseTo(50e-9, 12);
    expect(lines([entry(1, chosen("22n", 22e-9))]).get("C14")?.needs[0]?.value).toBeCloseTo(22e-9, 12);
  });
  it("the rating of the drawing stays behind a value that was chosen", () => {
    const volts = (entries: Entry[]) => lines(entries).get("C14")?.needs[0]?.volts;
    expect(volts([])).toBeGreaterThanOrEqual(400);
    expect(volts([entry(1, chosen("22n", 22e-9))])).toBe(volts([]));
    // What is not chosen keeps its own value.
    expect(lines([entry(1, chosen("22n", 22e-9))]).get("C15")?.needs[0]?.value).toBeCloseTo(25e-6, 9);
  });
  it("end with work on the part", () => {
    const kept = entry(1, decide("C14", "keep"));
    expect(lines([kept, entry(2, work("C14", "0.022/400"))]).get("C14")).not.toHaveProperty("override");
    expect(lines([kept, entry(2, work("C15", "25/50"))]).get("C14")?.override).toBe("looked at it");
  });
});

describe("what a change of rules would do", () => {
  const line = (action: "test" | "replace" | "done", volts = 100): PlanLine => ({
    ...recapOf(input([])).find(({ designator }) => designator === "C14")!,
    action,
    needs: [need(volts)],
  });
  const need = (volts: number) => ({
    designator: "C14",
    quantity: "capacitance" as const,
    value: 50e-9,
    window: [40e-9, 60e-9] as [number, number],
    volts,
    kind: "film" as const,
    orientation: "",
    mains: false,
  });
  it("names the new action, the new rating, or both; nothing of what is done, and nothing of a new line", () => {
    expect(planDifferences([line("test")], [line("replace")])[0]?.text).toBe("test becomes replace");
    expect(planDifferences([line("test")], [line("test", 200)])[0]?.text).toBe("another window or rating");
    expect(planDifferences([line("test")], [line("replace", 200)])[0]?.text).toBe(
      "test becomes replace, another window or rating",
    );
    expect(planDifferences([line("test")], [line("done")])).toEqual([]);
    expect(planDifferences([], [line("test")])).toEqual([]);
  });
});

it("a part without a stage is worked on elsewhere, and the order of the stages is that of the sheet", () => {
  const at = (designator: string, stage?: string) => ({
    designator,
    role: "other" as const,
    ...(stage ? { stage } : {}),
  });
  expect(workOrder([at("C1", "if"), at("C2"), at("C3", "af"), at("C4", "if")])).toEqual([
    { stage: "if", lines: [at("C1", "if"), at("C4", "if")] },
    { stage: "elsewhere", lines: [at("C2")] },
    { stage: "af", lines: [at("C3", "af")] },
  ]);
});
