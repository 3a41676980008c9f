import { describe, expect, it } from "vitest";
import { PLANNED } from "../fixtures";
import type { Component, Role } from "../model";
import { cautionsOf, touchText, type Minded } from "./cautions";
import type { PlanNeed } from "./needs";

const part = (role: Role, more: Partial<Component> = {}): Component => ({
  designator: "C1",
  role,
  drawn: "50n",
  ...more,
});
const need = (more: Partial<PlanNeed> = {}): PlanNeed => ({
  designator: "C1",
  quantity: "capacitance",
  value: 50e-9,
  window: [40e-9, 60e-9],
  kind: "film",
  orientation: "",
  mains: false,
  ...more,
});
const said = (component: Component, more: Partial<Minded> = {}): string =>
  cautionsOf({
    component,
    sheet: { ...PLANNED, lineHz: 50 },
    year: 1937,
    made: "paper",
    needs: [need()],
    fitted: [],
    lacking: [],
    ...more,
  }).join("\n");

const LINE = { volts: 230, hertz: 50 };
const CHASSIS = part("mains-to-chassis");
const Y = need({ kind: "Y", mains: true, value: 4.7e-9 });

describe("the current through a person", () => {
  it("is said with what may flow: 2π · 50 Hz · 230 V is 72.3 µA for each nanofarad", () => {
    expect(touchText(4.7e-9, LINE)).toBe("4.7 nF lets 340 µA through a person at 230 V 50 Hz. The local code decides.");
    expect(touchText(10e-9, LINE)).toContain("above 500 µA it is felt");
    expect(touchText(100e-9, LINE)).toContain("above 3.5 mA, which no part here may");
  });
  it("is no more than felt just below the limit, and beyond it just above", () => {
    const farads = (amps: number) => amps / (2 * Math.PI * 50 * 230);
    expect(touchText(farads(0.499e-3), LINE)).not.toContain("felt");
    expect(touchText(farads(0.501e-3), LINE)).toContain("felt");
    expect(touchText(farads(3.49e-3), LINE)).toContain("felt");
    expect(touchText(farads(3.51e-3), LINE)).toContain("no part here may");
  });
  it("is that of what sits there, else of what would go in; of a can with sections, of what would go in", () => {
    expect(said(CHASSIS, { needs: [Y] })).toContain("4.7 nF lets 340 µA");
    expect(said(CHASSIS, { needs: [Y], fitted: ["2.2 nF 300 V Y2"] })).toContain("2.2 nF lets 160 µA");
    expect(said(CHASSIS, { needs: [Y], fitted: ["an odd thing"] })).toContain("4.7 nF lets 340 µA");
    expect(said(CHASSIS, { needs: [Y, Y], fitted: ["2.2 nF 300 V Y2"] })).toContain("4.7 nF lets 340 µA");
    expect(said(part("mains"), { needs: [need({ kind: "X", mains: true })] })).not.toContain("through a person");
  });
});

describe("what is minded at a part", () => {
  it("of the mains: unplugged, and what alone goes in", () => {
    expect(said(part("mains"), { needs: [need({ kind: "X", mains: true })] })).toContain(
      "Mains part: unplugged, and only X1 or X2, safety-rated goes in.",
    );
    // What has no mains need of its own is not named.
    expect(said(CHASSIS, { needs: [Y, need()] })).toContain("only Y1 or Y2, safety-rated goes in");
    expect(said(part("coupling"))).not.toContain("Mains part");
  });
  it.each(["reservoir", "smoothing"] as const)("of a %s: discharge it first", (role) =>
    expect(said(part(role), { made: "electrolytic" })).toContain("Discharge through a resistor and measure"),
  );
  it("of a can: discharge it, whatever its first role is", () => {
    const can = part("cathode-bypass", { sections: [{ role: "smoothing", drawn: "8/450" }] });
    expect(said(can)).toContain("Discharge through a resistor");
    expect(said(part("cathode-bypass"))).not.toContain("Discharge");
  });
  it("of an electrolytic: its polarity; of one that couples, that it leaks", () => {
    expect(said(part("smoothing"), { made: "electrolytic" })).toContain("Polarity.");
    expect(said(part("coupling"), { made: "electrolytic" })).toContain("leaks by its nature");
    expect(said(part("coupling"))).not.toContain("Polarity");
    expect(said(part("smoothing"), { made: "electrolytic" })).not.toContain("leaks by its nature");
  });
  it("of a tuned circuit: aligning; of a hot resistor: its neighbours", () => {
    expect(said(part("tuned"))).toContain("means aligning");
    expect(said(part("other"), { hot: 0.9 })).toContain("A hot spot");
    expect(said(part("other"), { hot: 0.1 })).not.toContain("A hot spot");
  });
  it("of old paper in the mains: PCB, from 1931 on", () => {
    const asked = (year: number | null, made: Minded["made"] = "paper", role: Role = "mains") =>
      said(part(role), { year, made, needs: [need({ kind: "X", mains: true })] });
    expect(asked(1937)).toContain("PCB");
    for (const other of [asked(1930), asked(null), asked(1937, "film"), asked(1937, "paper", "coupling")])
      expect(other).not.toContain("PCB");
  });
  it.each([
    ["class", true],
    ["volts", true],
    ["value", true],
    ["unknown", false],
    ["count", false],
  ] as const)("of a part in the mains that lacks %s: it is not powered: %s", (what, bars) => {
    const lacking = [{ designator: "C1", lack: { what, text: "" } }];
    expect(said(CHASSIS, { needs: [Y], lacking }).includes("do not power it")).toBe(bars);
    expect(said(part("coupling"), { lacking })).not.toContain("do not power it");
  });
  it("of an original that was rated below what it stands at: a good reading at less says little", () => {
    const strained = (more: Partial<PlanNeed>, asked: Partial<Minded> = {}) =>
      said(part("decoupling"), { needs: [need({ works: 424, drawnVolts: 400, ...more })], ...asked });
    expect(strained({})).toContain("The original is rated 400 V and stands at 424 V before the tubes draw");
    expect(strained({ drawnVolts: 424 })).not.toContain("before the tubes draw");
    expect(strained({ drawnVolts: 450 })).not.toContain("before the tubes draw");
    expect(strained({ mains: true })).not.toContain("before the tubes draw");
    expect(strained({}, { made: "electrolytic" })).not.toContain("before the tubes draw");
    expect(strained({}, { fitted: ["47n 630V film"] })).not.toContain("before the tubes draw");
    expect(said(part("decoupling"), { needs: [need({ works: 424 })] })).not.toContain("before the tubes draw");
  });
  it("of the rectifier: the most that it takes; a drawing above it is asked about", () => {
    expect(said(part("reservoir"))).toMatch(/The 5Y3\w* takes .* at most\./);
    expect(said(part("smoothing"))).not.toContain("at most");
    const limit = { farads: 20e-6, by: "rectifier", of: "5Y3" } as const;
    expect(said(part("reservoir"), { needs: [need({ limit })] })).toContain(
      "C1 is drawn larger than the 20 µF that the 5Y3 takes at most. One of the two is wrong",
    );
  });
  it("says the note of the sheet as it stands", () => {
    expect(said(part("coupling", { note: "Riveted to the chassis." }))).toContain("Riveted to the chassis.");
    expect(said(part("coupling"))).toBe("");
  });
});
