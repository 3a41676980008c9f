import { describe, expect, it } from "vitest";
import {
  capacitorPlace,
  dissipation,
  electrodeVolts,
  judgeCapacitor,
  largestReservoir,
  loadedRail,
  lowRail,
  rulesOf,
  stageBias,
  tubeOfStage,
  type PlanInput,
} from ".";
import type { Component, Sheet } from "../model";

const sheet: Sheet = {
  kind: "superhet",
  supply: "transformer",
  lineVolts: 230,
  highestVolts: 425,
  supplyRms: 300,
  chart: { meter: { ohmsPerVolt: 1000 } },
  tubes: [
    { position: "V1", type: "6K8", work: "mixer" },
    { position: "V3", type: "6Q7", work: "detector and first audio" },
    { position: "V4", type: "6V6", work: "output" },
    { position: "V5", type: "5Y3", work: "rectifier" },
    { position: "V6", type: "6X4", work: "bias rectifier" },
  ],
  components: [
    { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" },
    { designator: "R8", role: "grid-leak", drawn: "470k", stage: "output" },
  ],
  windings: [],
  points: [
    { point: "Filaments", quantity: "voltage", expected: 6.3 },
    { point: "B+", quantity: "voltage", expected: 260 },
    { point: "V3 plate", quantity: "voltage", expected: 47, sourceOhms: 200e3, range: 250 },
    { point: "V4 screen", quantity: "voltage", expected: 250 },
    { point: "V4 cathode", quantity: "voltage", expected: 12.5 },
  ],
  cautions: [],
};

describe("the rails", () => {
  it("under load are the chart's, whatever its sign", () => {
    expect(loadedRail(sheet)).toEqual({ volts: 260, from: "B+ of the chart" });
    const negative = { ...sheet, points: [{ point: "HT", quantity: "voltage" as const, expected: -90 }] };
    expect(loadedRail(negative).volts).toBe(90);
    expect(loadedRail({ ...sheet, points: [] }).volts).toBeCloseTo(424.26, 2);
  });
  it("of low voltage are the supply of a portable, or the chart's rail in a rig", () => {
    expect(lowRail({ ...sheet, supply: "low-voltage", lineVolts: 9 })).toEqual({ volts: 9, from: "the supply" });
    const rig = { ...sheet, points: [{ point: "12 V rail", quantity: "voltage" as const, expected: 12.1 }] };
    expect(lowRail(rig).volts).toBe(12.1);
  });
});

describe("a stage", () => {
  it("is named by its tube's work, in whole or in part", () => {
    expect(tubeOfStage(sheet, "output")?.position).toBe("V4");
    expect(tubeOfStage(sheet, "first audio")?.position).toBe("V3");
    expect(tubeOfStage(sheet, "tape")).toBeUndefined();
    expect(tubeOfStage(sheet, undefined)).toBeUndefined();
  });
  it("has its voltages without the chart's meter on them: 47 V through 200 kΩ at 250 kΩ is 84.6 V", () => {
    expect(electrodeVolts(sheet, "V3", "plate")).toBeCloseTo(84.6, 6);
    expect(electrodeVolts(sheet, "V4", "screen")).toBe(250);
    expect(electrodeVolts(sheet, "V1", "plate")).toBeUndefined();
  });
  it("has its voltage by whatever its electrode and its tube are called, and only its own", () => {
    const volts = (point: string, position: string, electrode: "plate" | "screen" | "cathode") =>
      electrodeVolts({ points: [{ point, quantity: "voltage", expected: 91 }] }, position, electrode);
    expect(volts("V4 anode", "V4", "plate")).toBe(91);
    expect(volts("v4 PLATE", "V4", "plate")).toBe(91);
    expect(volts("V4 g2", "v4", "screen")).toBe(91);
    expect(volts("V4 plate", "V3", "plate")).toBeUndefined();
    expect(volts("V4 plate", "V4", "cathode")).toBeUndefined();
    expect(volts("B+", "V4", "plate")).toBeUndefined();
    const ohms = { points: [{ point: "V4 plate", quantity: "resistance" as const, expected: 91 }] };
    expect(electrodeVolts(ohms, "V4", "plate")).toBeUndefined();
  });
  it("has its voltage as it stands in the chart, where the chart's meter or the point's source is not known", () => {
    const fed = { point: "V3 plate", quantity: "voltage" as const, expected: 47, sourceOhms: 200e3 };
    expect(electrodeVolts({ points: [fed] }, "V3", "plate")).toBe(47);
    const { sourceOhms: _none, ...stiff } = fed;
    expect(electrodeVolts({ points: [stiff], chart: { meter: { ohmsPerVolt: 1000 } } }, "V3", "plate")).toBe(47);
    // By the meter's usual range for 47 V, which is 50 V at 1000 Ω/V: 50 kΩ beside 200 kΩ.
    const metered = electrodeVolts({ points: [fed], chart: { meter: { ohmsPerVolt: 1000 } } }, "V3", "plate");
    expect(metered).toBeCloseTo((47 * (200e3 + 50e3)) / 50e3, 3);
  });
  it("whose cathode is at chassis has its bias from its tube, and none where nothing is known of that", () => {
    const at = (type: string, cathode?: number) => ({
      points: cathode === undefined ? [] : [{ point: "V9 cathode", quantity: "voltage" as const, expected: cathode }],
      tubes: [{ position: "V9", type, work: "output" }],
    });
    expect(stageBias(at("6V6", 0), "output")?.from).toBe("typical bias of the 6V6");
    expect(stageBias(at("6V6", -8), "output")).toEqual({ volts: 8, from: "V9 cathode of the chart" });
    expect(stageBias(at("nothing known"), "output")).toBeUndefined();
  });
  it("has the bias of its chart, else the typical one of its tube", () => {
    expect(stageBias(sheet, "output")).toEqual({ volts: 12.5, from: "V4 cathode of the chart" });
    expect(stageBias(sheet, "first audio")).toEqual({ volts: 3, from: "typical bias of the 6Q7" });
    expect(stageBias(sheet, "nowhere")).toBeUndefined();
  });
  it("allows the first capacitor that its smallest rectifier does", () => {
    expect(largestReservoir(sheet)).toEqual({ farads: 10e-6, type: "6X4" });
    expect(largestReservoir({ tubes: [] })).toBeUndefined();
    const unknown = [
      { position: "V5", type: "9Z99", work: "rectifier" },
      { position: "V6", type: "6V6", work: "rectifier" },
    ];
    expect(largestReservoir({ tubes: unknown })).toBeUndefined();
  });
});

describe("what a resistor dissipates", () => {
  const resistor = (role: Component["role"], stage?: string) => ({ role, ...(stage ? { stage } : {}) });
  it("is the square of the volts across it over its ohms, where the chart tells them", () => {
    expect(dissipation(resistor("bias", "output"), 250, sheet)).toBeCloseTo(12.5 ** 2 / 250, 9);
    expect(dissipation(resistor("anode-load", "first audio"), 470e3, sheet)).toBeCloseTo((260 - 84.6) ** 2 / 470e3, 6);
    expect(dissipation(resistor("screen", "output"), 10e3, sheet)).toBeCloseTo(10 ** 2 / 10e3, 9);
  });
  it("is not guessed where it does not", () => {
    expect(dissipation(resistor("bias", "first audio"), 3e3, sheet)).toBeUndefined();
    expect(dissipation(resistor("anode-load", "mixer"), 47e3, sheet)).toBeUndefined();
    expect(dissipation(resistor("grid-leak", "output"), 470e3, sheet)).toBeUndefined();
    expect(dissipation(resistor("bias", "output"), 0, sheet)).toBeUndefined();
  });
});

describe("the place of a capacitor", () => {
  const input: PlanInput = { sheet, year: 1937, policy: "original", switches: {}, rules: rulesOf() };
  it("that couples knows the plate before it, the leak behind it, and the bias that it must not spoil", () => {
    expect(capacitorPlace(sheet.components[0]!, input).next).toEqual({
      plateVolts: expect.closeTo(84.6, 6) as number,
      gridOhms: 470e3,
      bias: 12.5,
      name: "V4",
    });
  });
  it("behind the first tube of the line-up is driven by no plate of the chart: all of B+ may come", () => {
    const first: Component = { designator: "C2", role: "coupling", drawn: "100p", stage: "mixer" };
    const plates = [
      { point: "V1 plate", quantity: "voltage" as const, expected: 240 },
      { point: "V6 plate", quantity: "voltage" as const, expected: 111 },
      ...sheet.points,
    ];
    const place = (one: Component) => capacitorPlace(one, { ...input, sheet: { ...sheet, points: plates } });
    expect(place(first).next).toMatchObject({ plateVolts: 260, name: "V1" });
    expect(place({ ...first, stage: "detector and first audio" }).next).toMatchObject({ plateVolts: 240, name: "V3" });
    expect(place({ ...first, stage: "nowhere" }).next).toMatchObject({ plateVolts: 260, name: "the next stage" });
  });
  it("that couples works at the plate before it, any other one at what its role says", () => {
    const couple = sheet.components[0]!;
    expect(capacitorPlace(couple, input).workingVolts).toBeCloseTo(84.6, 6);
    const other = capacitorPlace({ ...couple, role: "decoupling" }, input);
    expect(other).toMatchObject({ workingVolts: 260, ratedVolts: 400 });
    expect(other.next).toBeUndefined();
  });
  it("for whose voltage nothing speaks has none", () => {
    const trimmer: Component = { designator: "C90", role: "tuned", drawn: "100p" };
    expect(
      capacitorPlace(trimmer, { ...input, sheet: { ...sheet, points: [], supply: "battery" } }),
    ).not.toHaveProperty("ratedVolts");
  });
  it("has the window of its role, and works at the voltage without the margin of its rating", () => {
    const bypass: Component = { designator: "C11", role: "decoupling", drawn: ".25/400", stage: "first audio" };
    expect(capacitorPlace(bypass, input)).toMatchObject({ low: -0.2, high: 1, electrolytic: false, workingVolts: 260 });
    const reservoir: Component = { designator: "C1", role: "reservoir", drawn: "16/450" };
    expect(capacitorPlace(reservoir, input)).toMatchObject({
      electrolytic: true,
      nominal: expect.closeTo(16e-6, 9) as number,
    });
  });
  it("whose stage has no grid leak on the sheet is judged by a usual one: 4 µA at 250 V is bad before a 6V6", () => {
    const { components: _none, ...bare } = sheet;
    const couple: Component = { designator: "C9", role: "coupling", drawn: ".01/400", stage: "output" };
    const place = capacitorPlace(couple, { ...input, sheet: { ...bare, components: [], points: [] } });
    // 250 V over 4 µA is 62.5 MΩ; 425 V · 470 k / 62.97 M = 3.2 V of 12.5 V
    const judged = judgeCapacitor({ leakAmps: 4e-6, atVolts: 250 }, { ...place, workingVolts: 250 });
    expect(judged.verdict).toBe("bad");
    expect(judged.reasons[1]).toContain("a usual grid leak of 470 kΩ");
    // Nothing known at all: 250 V · 470 k / 62.97 M = 1.87 V of a usual 10 V
    const alone = judgeCapacitor(
      { leakAmps: 4e-6, atVolts: 250 },
      { role: "coupling", low: -0.2, high: 0.2, electrolytic: false },
    );
    expect(alone.verdict).toBe("bad");
    expect(alone.reasons[0]).toContain("by 1.87 V");
  });
});
