import { describe, expect, it } from "vitest";
import { DESIGNATOR, drawnSpec, modelName, partRules, sheetSchema, STEP_NAMES, STEPS } from ".";
import { SHEET } from "../fixtures";

const component = (designator: string) => {
  const found = SHEET.components.find((one) => one.designator === designator);
  if (!found) throw new Error(designator);
  return found;
};

describe("the rules for reading a value at a designator", () => {
  it("follow the letter, the role and the drawing's dialect", () => {
    expect(partRules(SHEET, "C14")).toEqual({
      quantity: "capacitance",
      dialect: "m-is-million",
      electrolytic: false,
    });
    expect(partRules(SHEET, "C1")).toMatchObject({ electrolytic: true });
    expect(partRules(SHEET, "R7")).toMatchObject({ quantity: "resistance" });
  });

  it("leave open what the model does not say", () => {
    expect(partRules(SHEET, "C99")).not.toHaveProperty("electrolytic");
    expect(partRules(SHEET, "V4")).not.toHaveProperty("quantity");
    expect(partRules({ components: [] }, "R1")).toEqual({ quantity: "resistance" });
  });

  it("read a bare drawn value by its role", () => {
    const reservoir = { ...component("C1"), drawn: "16/450" };
    expect(drawnSpec(SHEET, reservoir)).toMatchObject({ sections: [expect.closeTo(16e-6, 9)], volts: 450 });
    const mica = { designator: "C4", role: "tuned" as const, drawn: "120" };
    expect(drawnSpec(SHEET, mica)?.sections[0]).toBeCloseTo(120e-12, 15);
  });

  it("read 50M as the drawing means it", () => {
    const load = { designator: "R1", role: "anode-load" as const, drawn: "50M" };
    const old = { ...SHEET, dialect: "m-is-thousand" as const };
    expect(drawnSpec(old, load)?.sections).toEqual([50e3]);
    expect(drawnSpec({ ...old, dialect: "m-is-million" as const }, load)?.sections).toEqual([50e6]);
    expect(drawnSpec({ ...old, dialect: undefined }, load)).toBeUndefined();
  });
});

describe("a sheet", () => {
  it("is taken whole or not at all", () => {
    expect(sheetSchema.safeParse(SHEET).success).toBe(true);
    expect(sheetSchema.safeParse({ ...SHEET, supply: "perpetual" }).success).toBe(false);
    expect(sheetSchema.safeParse({ ...SHEET, lineVolts: 0 }).success).toBe(false);
    expect(sheetSchema.safeParse({ ...SHEET, highestVolts: 1e6 }).success).toBe(false);
    const bad = { ...SHEET, components: [{ designator: "the big one", role: "mains", drawn: "" }] };
    expect(sheetSchema.safeParse(bad).success).toBe(false);
  });

  it("knows a designator from other words", () => {
    for (const good of ["C14", "R7", "VR2", "C1A", "TC101"]) expect(DESIGNATOR.test(good)).toBe(true);
    for (const bad of ["c14", "14", "CAPACITOR1", "C", "C1234", "C1AB", ""]) expect(DESIGNATOR.test(bad)).toBe(false);
  });
});

it("names a model as a technician says it", () => {
  expect(modelName({ maker: "Halvane", designation: "537", nickname: "Lantern" })).toBe("Halvane 537 “Lantern”");
  expect(modelName({ maker: "Tidewell", designation: "CR-21", nickname: null })).toBe("Tidewell CR-21");
});

it("has a name for every step, take in first and hand back last", () => {
  expect(STEPS.map((step) => STEP_NAMES[step])).not.toContain(undefined);
  expect([STEPS[0], STEPS.at(-1)]).toEqual(["take-in", "hand-back"]);
});
