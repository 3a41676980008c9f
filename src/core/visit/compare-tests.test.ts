import { describe, expect, it } from "vitest";
import { settle, type Content } from "../kinds";
import type { Phase } from "../readings";
import { bareModification, entry, idOf, powerStep, replace, VISIT, work } from "../fixtures";
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
  const step = (amps: number, fraction = 1) =>
    powerStep({
      fraction,
      amps: { text: String(amps), value: amps },
      expected: { fullVolts: 230, fullAmps: 0.3 },
    });
  const of = (...contents: Content[]) =>
    currentRow(settle(contents.map((content, index) => entry(index + 1, content))).settled, VISIT);
  expect(of(step(0.1, 0.5), step(0.36), step(0.31))).toMatchObject({ before: 0.36, after: 0.31, expected: 0.3 });
  expect(of(step(0.36))).toEqual({ before: 0.36, expected: 0.3 });
  expect(of(step(0.1, 0.5))).toBeUndefined();
});

describe("what counts as the same test", () => {
  it("is its name and condition, however they are written; a tube's test is none of the set", () => {
    const [row, ...rest] = rows(
      test("baseline", 47, { condition: "80 m" }),
      test("prove", 61, { condition: " 80 M " }),
      {
        kind: "test-result",
        payload: {
          v: 1,
          phase: "baseline",
          designator: "V4",
          test: "output",
          measured: { text: "1", value: 1 },
          sense: "at-least",
        },
      },
    );
    expect(row).toMatchObject({ before: { payload: { measured: { value: 47 } } }, outcome: "mended" });
    expect(rest).toEqual([]);
  });
  it("is of this visit alone", () => {
    const made = [test("baseline", 47), test("prove", 61)].map((content, index) => entry(index + 1, content));
    const elsewhere = made.map((one) => ({ ...one, visitId: "01890000-0000-7000-8000-00000000ffff" }));
    expect(testRows(settle(elsewhere).settled, VISIT)).toEqual([]);
  });
  it("has the last that was taken to prove", () =>
    expect(rows(test("prove", 40), test("prove", 61))[0]?.after?.payload.measured.value).toBe(61));
});

describe("a row of tests", () => {
  const bare = (phase: Phase, value: number): Content => ({
    kind: "test-result",
    payload: { v: 1, phase, test: "hum", measured: { text: String(value), value }, sense: "at-most" },
  });
  it("has its limit, its unit and its condition only where they were said", () => {
    expect(rows(test("prove", 61, { condition: "80 m", unit: "watts" }))[0]).toMatchObject({
      unit: "W",
      condition: "80 m",
      limit: { value: 50, text: "50", sense: "at-least" },
    });
    for (const key of ["unit", "condition", "limit", "before", "against", "mark", "change"])
      expect(rows(bare("prove", 3))[0]).not.toHaveProperty(key);
  });
  it("has no change from a result of zero, and no verdict without a limit", () => {
    expect(rows(bare("baseline", 0), bare("prove", 3))[0]).not.toHaveProperty("change");
    expect(rows(bare("baseline", 2), bare("prove", 3))[0]).toMatchObject({ change: 0.5, outcome: "unjudged" });
  });
  it("says by how much a limit is missed only where it is", () => {
    expect(rows(test("baseline", 60), test("prove", 61))[0]).not.toHaveProperty("against");
    expect(rows(test("baseline", 40))[0]).not.toHaveProperty("against");
  });
  it("has a set-up that differs in its unit, too; in its spelling it does not", () => {
    expect(rows(test("baseline", 47, { unit: "W" }), test("prove", 61, { unit: "V" }))[0]?.setup).toEqual([
      "in W before, in V now",
    ]);
    expect(
      rows(test("baseline", 47, { setup: "Dummy load" }), test("prove", 61, { setup: "dummy load " }))[0]?.setup,
    ).toEqual([]);
    expect(rows(test("baseline", 47, { setup: "dummy load" }), test("prove", 61))[0]?.setup).toEqual([
      "set-up “dummy load” before, “not noted” now",
    ]);
  });
});

describe("tubes and current of a visit", () => {
  const tube = (value: number, designator = "V4"): Content => ({
    kind: "tube-test",
    payload: {
      v: 1,
      phase: "check",
      designator,
      shorts: "none",
      strength: { test: "gm", measured: { text: "x", value }, nominal: { text: "x", value: 4000 }, unit: "µS" },
    },
  });
  const settled = (...contents: Content[]) =>
    settle(contents.map((content, index) => entry(index + 1, content))).settled;
  it("a tube was replaced only where it was this one, after its first test, by another one", () => {
    const replaced = (...contents: Content[]) => tubeRows(settled(...contents), VISIT)[0]?.replaced;
    expect(replaced(tube(2000), replace("V4", "6V6"))).toBe(true);
    expect(replaced(replace("V4", "6V6"), tube(4000))).toBe(false);
    expect(replaced(tube(2000), replace("V3", "6Q7"))).toBe(false);
    expect(replaced(tube(2000), work(["V4"], "cleaned"))).toBe(false);
  });
  it("each tube has its own row, in the order in which they were tested", () =>
    expect(tubeRows(settled(tube(4000, "V5"), tube(2000), tube(3000, "V5")), VISIT)).toMatchObject([
      { designator: "V5", before: { ratio: 1 }, after: { ratio: 0.75 } },
      { designator: "V4", before: { ratio: 0.5 } },
    ]));
  it("only a step at full line without the lamp tells the current; what it came to in the end counts", () => {
    const step = (amps: number, more: object = {}) => powerStep({ amps: { text: String(amps), value: amps }, ...more });
    const of = (...contents: Content[]) => currentRow(settled(...contents), VISIT);
    expect(of(step(0.5, { lamp: "dim" }))).toBeUndefined();
    expect(of(step(0.5, { fraction: 0.96 }))).toBeUndefined();
    expect(of(step(0.5, { fraction: 0.97 }))).toEqual({ before: 0.5 });
    expect(of(step(0.5, { endAmps: { text: "0.4", value: 0.4 } }), step(0.3))).toMatchObject({
      before: 0.4,
      after: 0.3,
      change: expect.closeTo(-0.25),
    });
  });
});
