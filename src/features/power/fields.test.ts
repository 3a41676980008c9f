import { describe, expect, it } from "vitest";
import { SHEET } from "@/core/fixtures";
import { bodySchema } from "@/core/kinds";
import { powerPlan } from "@/core/power";
import { EMPTY, readCell, readingsOf, stepPayload, stepTrouble } from "./fields";

const plan = (policy: "original" | "reliability") =>
  powerPlan({ sheet: { ...SHEET, watts: 68 }, policy, tap: 230, line: { volts: 230, hz: 50 } });
const first = (policy: "original" | "reliability" = "original") => {
  const [step] = plan(policy).steps;
  if (!step) throw new Error("a step");
  return step;
};
const step = first();
const method = "variac";

describe("a step of a power-up while it is typed", () => {
  it("asks for its readings in the order in which they come", () => {
    expect(readingsOf(step)).toEqual(["lineVolts", "amps", "bplus", "heaters", "endAmps"]);
    expect(readingsOf(first("reliability"))).toEqual(["lineVolts", "amps", "endAmps"]);
  });
  it("takes bare numbers, and asks about amperes that cannot be", () => {
    expect(readCell("amps", "0.08", step)).toEqual({ kind: "value", value: 0.08 });
    expect(readCell("amps", "80 mA", step)).toEqual({ kind: "value", value: 0.08 });
    expect(readCell("amps", "80", step)).toMatchObject({ kind: "question", choices: ["80 mA", "80 A"] });
    expect(readCell("amps", "80 A", step)).toEqual({ kind: "value", value: 80 });
    expect(readCell("lineVolts", "57,5", step)).toEqual({ kind: "value", value: 57.5 });
  });
  it("says what does not read", () => {
    expect(readCell("bplus", "470k", step)).toMatchObject({ kind: "problem" });
    expect(readCell("amps", "-0.1 A", step)).toMatchObject({ message: expect.stringContaining("wrong way round") });
    expect(readCell("lineVolts", "9000", step)).toMatchObject({ message: expect.stringContaining("below 500 V") });
  });
  it("is not written without a current, with an open question, or without the lamp's word", () => {
    expect(stepTrouble(EMPTY, step)).toContain("read the ammeter");
    expect(stepTrouble({ ...EMPTY, amps: "80" }, step)).toContain("Which is it?");
    expect(stepTrouble({ ...EMPTY, amps: "0.08" }, step)).toBeUndefined();
    expect(stepTrouble({ ...EMPTY, amps: "0.2" }, first("reliability"))).toContain("how the lamp glows");
  });
  it("becomes an entry that the log takes, with what it was held against", () => {
    const typed = { ...EMPTY, lineVolts: "57", amps: "0.08", bplus: "0", remark: " hums a little " };
    const payload = stepPayload(typed, step, { method, lineHz: 50, held: 118, seen: ["smell"] });
    expect(payload).toMatchObject({
      fraction: 0.25,
      amps: { text: "0.08", value: 0.08 },
      bplus: { value: 0 },
      held: 118,
      seen: ["smell"],
      remark: "hums a little",
      expected: { fullVolts: 230 },
    });
    expect(payload).not.toHaveProperty("lamp");
    expect(bodySchema.safeParse({ kind: "power-step", payload }).success).toBe(true);
  });
});
