import { describe, expect, it } from "vitest";
import type { PointRow } from "@/core/readings";
import { lineVoltsOf, liveReading, newPoint } from "./rows";

const bPlus: PointRow = {
  point: "B+",
  quantity: "voltage",
  expected: { text: "250 V", value: 250, tolerance: 0.1, lineVolts: 230 },
};

const live = (text: string, row: PointRow, lineVolts?: number) =>
  liveReading({ row, text, phase: "baseline", lineVolts });

describe("a cell while it is typed", () => {
  it("takes a bare current for amperes, and asks where only milliamperes can be meant", () => {
    const line: PointRow = {
      point: "Line current",
      quantity: "current",
      expected: { text: "0.32 A", value: 0.32, tolerance: 0.2 },
    };
    expect(live("0.33", line)).toMatchObject({ kind: "value", value: 0.33 });
    expect(live("330", line)).toEqual({
      kind: "problem",
      message: "330 A is far more than belongs here. Which is it? Write 330 mA or 330 A.",
    });
    expect(live("330 mA", line)).toMatchObject({ value: 0.33 });
    expect(live("330 A", line)).toMatchObject({ value: 330 });
  });

  it("is empty, a value with its verdict, or a sentence", () => {
    expect(live("  ", bPlus, 230)).toEqual({ kind: "empty" });
    expect(live("248", bPlus, 230)).toMatchObject({
      kind: "value",
      value: 248,
      judgement: { verdict: "good" },
    });
    expect(live("198", bPlus, 230)).toMatchObject({ judgement: { verdict: "low" } });
    expect(live("470k", bPlus, 230)).toMatchObject({
      kind: "problem",
      message: expect.stringContaining("is a resistance"),
    });
    expect(live("1,000", bPlus, 230)).toMatchObject({
      kind: "problem",
      message: expect.stringContaining("Which is it?"),
    });
  });

  it("follows the line as it is now", () => {
    expect(live("280", bPlus, 230)).toMatchObject({ judgement: { verdict: "high" } });
    expect(live("280", bPlus, 253)).toMatchObject({ judgement: { verdict: "good" } });
  });

  it("takes resistances as in circuit, where a low one proves nothing", () => {
    const row: PointRow = {
      point: "R7",
      designator: "R7",
      quantity: "resistance",
      expected: { text: "470k", value: 470e3, tolerance: 0.2 },
    };
    expect(live("220k", row)).toMatchObject({ judgement: { verdict: "no-proof" } });
    // A chart of resistances was made in circuit itself: low is low there.
    expect(live("220k", { ...row, designator: undefined } as never)).toMatchObject({ judgement: { verdict: "low" } });
  });
});

describe("the line voltage", () => {
  it("may be empty, is above zero and below what a bench has", () => {
    expect(lineVoltsOf("")).toEqual({});
    expect(lineVoltsOf("231,5 V")).toEqual({ volts: 231.5 });
    for (const text of ["0", "-230", "9000", "soon", "470k"]) expect(lineVoltsOf(text)).toHaveProperty("message");
  });
});

describe("a point beyond the chart", () => {
  const taken = ["B+", "V4 plate"];
  it("has a name of its own, and what is expected there if anything is", () => {
    expect(newPoint(" V2 plate ", "voltage", "", 0.1, taken)).toEqual({
      row: { point: "V2 plate", quantity: "voltage" },
    });
    expect(newPoint("Line", "current", "320 mA", 0.2, taken)).toEqual({
      row: { point: "Line", quantity: "current", expected: { text: "320 mA", value: 0.32, tolerance: 0.2 } },
    });
  });
  it("says what is wrong with it", () => {
    expect(newPoint("", "voltage", "", 0.1, taken)).toEqual({ message: expect.stringContaining("Name the point") });
    expect(newPoint("b+", "voltage", "", 0.1, taken)).toEqual({ message: "b+ is in the table already." });
    expect(newPoint("AVC", "voltage", "470k", 0.1, taken)).toEqual({
      message: expect.stringContaining("a voltage belongs here"),
    });
    expect(newPoint("x".repeat(130), "voltage", "", 0.1, taken)).toEqual({
      message: expect.stringContaining("shorter"),
    });
  });
});
