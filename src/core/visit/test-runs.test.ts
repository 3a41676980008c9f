import { describe, expect, it } from "vitest";
import { testRuns } from ".";
import { entry } from "../fixtures";
import { settle, type ContentOf } from "../kinds";
import { compareRuns, labelOf, rowVerdict, runTable, SHIPPED, showRow, type TestSheet } from "../sheets";

const sheet = (key: string) => SHIPPED.find((one) => one.key === key) as TestSheet;
type Test = ContentOf<"test-result">["payload"];
const test = (n: number, said: Partial<Test> & Pick<Test, "test" | "measured">) =>
  entry(n, { kind: "test-result", payload: { v: 1, phase: "baseline", sense: "at-least", ...said } });
const figure = (value: number) => ({ text: String(value), value });
const output = (n: number, condition: string, watts: number, extra: Partial<Test> = {}) =>
  test(n, { test: "output", condition, measured: figure(watts), unit: "W", nominal: figure(50), ...extra });

describe("tests that were written down one by one", () => {
  const settled = settle([
    output(1, "80 m", 47),
    output(2, "40 m", 62),
    output(3, "80 m", 61, { phase: "prove" }),
    test(4, {
      test: "sensitivity",
      condition: "7 MHz, 10 dB (S+N)/N",
      measured: figure(1.6),
      unit: "µV",
      sense: "at-most",
      nominal: figure(2),
    }),
    test(5, { test: "gm", designator: "V3", measured: figure(1450), nominal: figure(1600), sense: "share" }),
  ]).settled;

  it("stand as runs of the sheet that they belong to, one a phase, with their limits", () => {
    const runs = testRuns(settled, sheet("transmitter"));
    expect(runs.map(({ phase, rows }) => [phase, rows.length])).toEqual([
      ["baseline", 2],
      ["prove", 1],
    ]);
    const [first] = runs[0]?.rows ?? [];
    expect(first && labelOf(first.row)).toBe("80 m, single test");
    expect(first && rowVerdict(showRow(first.row))).toBe("bad");
  });
  it("are held over one another like any two runs", () => {
    const [before, after] = testRuns(settled, sheet("transmitter"));
    if (!before || !after) throw new Error("two runs");
    const of = (run: typeof before) => ({ rows: run.rows, table: runTable(sheet("transmitter"), run.rows) });
    const pair = compareRuns(of(before), of(after))[0]?.pairs.find(({ key }) => key === "output");
    expect(pair).toMatchObject({ before: 47, after: 61 });
  });
  it("go to the sheet of their name by their unit, with the frequency read out of the condition", () => {
    const [run] = testRuns(settled, sheet("sensitivity"));
    expect(run?.rows).toHaveLength(1);
    expect(run?.rows[0]?.row.at.find(({ quantity }) => quantity === "frequency")?.value).toBe(7e6);
    expect(run?.id.startsWith("single ")).toBe(true);
  });
  it("of a tube or part, or of another sheet, are left out", () => {
    expect(testRuns(settled, sheet("backlash"))).toEqual([]);
    expect(
      testRuns(
        settle([entry(1, { kind: "note", payload: { v: 1, text: "x", open: false, closes: [] } })]).settled,
        sheet("transmitter"),
      ),
    ).toEqual([]);
  });
});
