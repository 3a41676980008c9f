import { describe, expect, it } from "vitest";
import { settle, type Content } from "../kinds";
import type { Phase } from "../readings";
import { bareModification, entry, idOf, replace, VISIT, work } from "../fixtures";
import { OUTCOME_WORDS } from "./compare";
import { currentRow, testRows, tubeRows } from "./compare-tests";

type Extra = { condition?: string; setup?: string; sense?: "at-least" | "at-most"; limit?: number; unit?: string };
const test = (
  phase: Phase,
  value: number,
  { condition, setup, sense = "at-least", limit = 50, unit = "W" }: Extra = {},
): Content => ({
  kind: "test-result",
  payload: {
    v: 1,
    phase,
    test: "output",
    measured: { text: String(value), value },
    nominal: { text: String(limit), value: limit },
    sense,
    unit,
    ...(condition ? { condition } : {}),
    ...(setup ? { setup } : {}),
  },
});
const rows = (...contents: Content[]) => {
  const { settled } = settle(contents.map((content, index) => entry(index + 1, content)));
  return testRows(settled, VISIT);
};

describe("tests before and after", () => {
  it("stand side by side for each condition, with change and verdict (47 W, then 61 W of 50 W)", () => {
    const [first, second] = rows(
      test("baseline", 47, { condition: "80 m" }),
      test("baseline", 46, { condition: "40 m" }),
      test("prove", 61, { condition: "80 m" }),
    );
    expect(first).toMatchObject({ test: "output", condition: "80 m", outcome: "mended", setup: [] });
    expect(first?.change).toBeCloseTo(61 / 47 - 1);
    expect(second).toMatchObject({ condition: "40 m", outcome: "to-measure" });
  });

  it("tell better, worse, still out, and what has no baseline", () => {
    const outcome = (before: number | undefined, after: number, extra: Extra = {}) =>
      rows(...(before === undefined ? [] : [test("baseline", before, extra)]), test("prove", after, extra))[0]?.outcome;
    expect(outcome(31, 33)).toBe("better");
    expect(outcome(33, 31)).toBe("still-out");
    expect(outcome(60, 40)).toBe("worse");
    expect(outcome(60, 61)).toBe("good");
    expect(outcome(undefined, 61)).toBe("good-alone");
    expect(outcome(undefined, 40)).toBe("out-alone");
    expect(outcome(4, 1.6, { sense: "at-most", limit: 2 })).toBe("mended");
    expect(outcome(4, 3, { sense: "at-most", limit: 2 })).toBe("better");
  });

  it("show where the set-up differs, and do not hide it", () => {
    const [row] = rows(
      test("baseline", 47, { setup: "dummy load" }),
      test("prove", 61, { setup: "antenna", limit: 40 }),
    );
    expect(row?.setup).toEqual(["set-up “dummy load” before, “antenna” now", "limit 50 before, 40 now"]);
  });

  it("say what a missed limit is before they say that there is no baseline", () => {
    const [row] = rows(test("prove", 7.5));
    expect(OUTCOME_WORDS[row?.outcome ?? "good"]).toBe("out; no baseline to compare with");
    expect(row?.against).toBe("85 % below the limit");
  });

  it("stay when work comes after them, and say what it was, until somebody says that they hold", () => {
    const [row] = rows(test("baseline", 47), test("prove", 61), work(["K1"], "cleaned"));
    expect(row).toMatchObject({ outcome: "mended", mark: "before K1 was cleaned" });
    const fitted = bareModification("Outlet");
    expect(rows(test("baseline", 60), test("prove", 61), work(["K1"], "cleaned"), fitted)[0]?.mark).toBe(
      "before Outlet was fitted (2 changes since)",
    );
    expect(rows(test("baseline", 60), fitted, test("prove", 61))[0]).not.toHaveProperty("mark");
    const left = work(["R9"], "left", { why: "sound" });
    expect(rows(test("baseline", 60), test("prove", 61), left)[0]).not.toHaveProperty("mark");
    const holds: Content = { kind: "holds", payload: { v: 1, about: idOf(2), why: "K1 is not in its path" } };
    const held = [test("baseline", 60), test("prove", 61), work(["K1"], "cleaned"), holds];
    expect(rows(...held)[0]).not.toHaveProperty("mark");
    // Work after that word asks anew.
    expect(rows(...held, replace("C14", "1n/630"))[0]?.mark).toBe("before C14 was replaced");
  });

  it("take the first of the baseline, and one while searching where there is none", () => {
    expect(
      rows(test("check", 20), test("baseline", 47), test("baseline", 49), test("prove", 61))[0]?.before?.payload
        .measured.value,
    ).toBe(47);
    expect(rows(test("check", 20), test("prove", 61))[0]?.before?.payload.measured.value).toBe(20);
  });
});

it("tells the first and last test of a tube, and whether it was replaced in between", () => {
  const tube = (value: number): Content => ({
    kind: "tube-test",
    payload: {
      v: 1,
      phase: "check",
      designator: "V4",
      shorts: "none",
      strength: { test: "gm", measured: { text: "x", value }, nominal: { text: "x", value: 4000 }, unit: "µS" },
    },
  });
  const of = (...contents: Content[]) =>
    tubeRows(settle(contents.map((content, index) => entry(index + 1, content))).settled, VISIT);
  expect(of(tube(2000), replace("V4", "6V6"), tube(4000))).toMatchObject([
    { designator: "V4", before: { ratio: 0.5, verdict: "bad" }, after: { ratio: 1 }, replaced: true },
  ]);
  expect(of(tube(2000))[0]).not.toHaveProperty("after");
});

it("compares the line current of the first and the last power-up at full line", () => {
  const step = (amps: number, fraction = 1): Content => ({
    kind: "power-step",
    payload: {
      v: 1,
      method: "variac",
      stage: "all-in",
      fraction,
      amps: { text: String(amps), value: amps },
      seen: [],
      expected: { fullVolts: 230, fullAmps: 0.3 },
    },
  });
  const of = (...contents: Content[]) =>
    currentRow(settle(contents.map((content, index) => entry(index + 1, content))).settled, VISIT);
  expect(of(step(0.1, 0.5), step(0.36), step(0.31))).toMatchObject({ before: 0.36, after: 0.31, expected: 0.3 });
  expect(of(step(0.36))).toEqual({ before: 0.36, expected: 0.3 });
  expect(of(step(0.1, 0.5))).toBeUndefined();
});
