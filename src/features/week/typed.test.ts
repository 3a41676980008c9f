import { describe, expect, it } from "vitest";
import { USUAL_PLAN, USUAL_WEEK } from "@/core/plan";
import { readRules, readWeek, typedDay, typedRules } from "./typed";

describe("a week as it is typed", () => {
  it("comes back as it went in", () => {
    expect(readWeek(USUAL_WEEK.map(typedDay))).toEqual({ ok: true, value: USUAL_WEEK });
  });

  it("is read however people write hours", () => {
    const read = readWeek(["9-17", "8.30 to 12", "9:00–17:00", "10h - 16h30", "", "", ""]);
    expect(read.ok ? read.value.slice(0, 5) : read.problems).toEqual([
      { from: "09:00", to: "17:00" },
      { from: "08:30", to: "12:00" },
      { from: "09:00", to: "17:00" },
      { from: "10:00", to: "16:30" },
      null,
    ]);
  });

  it("says what is wrong beside its day", () => {
    const read = readWeek(["nine to five", "17-9", "9-25", "", "", "", ""]);
    expect(read.ok ? {} : read.problems).toEqual({
      day0: "Hours are like 9:00–17:00; leave it empty for a day off.",
      day1: "The day ends after it begins.",
      day2: "A time of day is like 09:00.",
    });
  });
});

describe("the rules of the plan as they are typed", () => {
  it("come back as they went in", () => {
    expect(readRules(typedRules(USUAL_PLAN))).toEqual({ ok: true, value: USUAL_PLAN });
  });

  it("say what is wrong beside their fields", () => {
    const read = readRules({
      ...typedRules(USUAL_PLAN),
      benches: "0",
      workShare: "120",
      answerP90: "1",
      parcelSlip: "x",
    });
    expect(read.ok ? [] : Object.keys(read.problems).sort()).toEqual([
      "answerP90",
      "benches",
      "parcelSlip",
      "workShare",
    ]);
  });
});
