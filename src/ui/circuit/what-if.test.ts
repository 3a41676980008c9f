import { describe, expect, it } from "vitest";
import type { CircuitQuestion } from "@/core/circuit";
import { sheetSchema } from "@/core/model";
import { imagine } from "./what-if";

const sheet = sheetSchema.parse({
  kind: "Amplifier",
  supply: "transformer",
  lineVolts: 230,
  highestVolts: 380,
  dialect: "m-is-million",
  tubes: [{ position: "V1", type: "6V6", work: "output" }],
  components: [{ designator: "R5", role: "bias", drawn: "270" }],
  points: [],
  cautions: [],
});
const base: CircuitQuestion = { sheet, values: [["R5", 265]], readings: [] };

describe("a set as it would be", () => {
  it("another value takes the place of what was there", () => {
    const made = imagine(base, sheet, "r5", "330 2W");
    expect(made).toMatchObject({ kind: "question", says: "R5 is 330 2W in place of 270" });
    expect(made.kind === "question" && made.question.values).toEqual([["R5", 330]]);
  });
  it("another tube takes the place of the one that is there", () => {
    const made = imagine(base, sheet, "V1", "6L6");
    expect(made.kind === "question" && made.question.sheet.tubes[0]?.type).toMatch(/^6L6/);
    expect(sheet.tubes[0]?.type).toBe("6V6");
  });
  it.each([
    ["V1", "6ZZ9", /not in the tube table/],
    ["R77", "1k", /neither a part nor a tube/],
    ["R5", "soft", /./],
  ])("%s as %s gets a sentence", (part, becomes, text) => {
    expect(imagine(base, sheet, part, becomes)).toMatchObject({
      kind: "problem",
      message: expect.stringMatching(text),
    });
  });
  it("nothing typed asks nothing", () => {
    expect(imagine(base, sheet, "R5", " ")).toEqual({ kind: "empty" });
  });
});
