import { describe, expect, it } from "vitest";
import { allocate, type PlanLine } from "@/core/components";
import { stockItem } from "@/core/fixtures";
import { tally, workLine } from "./work-line";

const line = (change: Partial<PlanLine> = {}): PlanLine => ({
  designator: "C14",
  role: "coupling",
  drawn: ".05/400",
  spec: { quantity: "capacitance", sections: [50e-9], volts: 400 },
  action: "replace",
  proposed: "replace",
  reason: "",
  rule: "",
  cautions: [],
  needs: [
    {
      designator: "C14",
      quantity: "capacitance",
      value: 50e-9,
      window: [40e-9, 60e-9],
      volts: 530,
      kind: "film",
      orientation: "",
      mains: false,
    },
  ],
  ...change,
});
const filled = (one: PlanLine, ...stock: ReturnType<typeof stockItem>[]) => allocate([one], stock, 2026)[0]!;

describe("the bench line of a plan's line", () => {
  it("says what comes out, what goes in from which label, and where the old part goes", () => {
    const item = stockItem({ id: "a", code: "JP00001A7", marking: "0.047 µF 630 V film" });
    expect(workLine(filled(line(), item))).toBe("C14 .05/400 -> 47 nF 630 V film from JP00001A7 old in bag");
    expect(workLine(filled(line(), item), {}, "discarded")).toContain("old discarded");
    expect(workLine(filled(line({ action: "restuff" }), item))).toBe(
      "C14 .05/400 restuffed -> 47 nF 630 V film from JP00001A7 old in shell",
    );
  });
  it("names the two parts of a pair, each with its label", () => {
    const a = stockItem({ id: "a", code: "JP00001A7", marking: "0.022 µF 630 V" });
    const b = stockItem({ id: "b", code: "JP00002B8", marking: "0.027 µF 630 V" });
    expect(workLine(filled(line(), a, b))).toBe(
      "C14 .05/400 -> C14A 22 nF 630 V in parallel from JP00001A7 + C14B 27 nF 630 V in parallel from JP00002B8 old in bag",
    );
  });
  it("waits until it is known what goes in, and takes what is typed", () => {
    expect(workLine(filled(line()))).toBeUndefined();
    expect(workLine(filled(line()), { C14: "0.047/630 film" })).toBe("C14 .05/400 -> 0.047/630 film old in bag");
  });
  it("is none for a line that is kept or done", () => {
    expect(workLine(filled(line({ action: "keep" })))).toBeUndefined();
  });
});

describe("the tally", () => {
  it("counts what is there, in words", () => {
    expect(tally([line(), line({ action: "test" }), line()])).toBe("2 replace, 1 test first");
    expect(tally([])).toBe("");
  });
});
