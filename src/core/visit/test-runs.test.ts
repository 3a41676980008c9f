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

describe("the column of a single test", () => {
  const runsOf = (key: string, ...entries: Parameters<typeof settle>[0]) =>
    testRuns(settle(entries).settled, sheet(key));
  const cellsOf = (key: string, said: Parameters<typeof test>[1]) =>
    runsOf(key, test(1, said))[0]?.rows[0]?.row.cells.map(({ key: column, value }) => [column, value]) ?? [];

  it("goes by its name, its word or its key, whatever the capitals", () => {
    const watts = { measured: figure(47), unit: "W" };
    expect(cellsOf("transmitter", { test: "Output", ...watts })).toEqual([["output", 47]]);
    expect(cellsOf("transmitter", { test: " OUT ", ...watts })).toEqual([["output", 47]]);
    expect(cellsOf("transmitter", { test: "plate-amps", measured: figure(180), unit: "mA" })).toEqual([
      ["plate-amps", 0.18],
    ]);
  });
  it("is none where its unit does not belong there", () => {
    expect(cellsOf("transmitter", { test: "output", measured: figure(47), unit: "V" })).toEqual([]);
    expect(cellsOf("transmitter", { test: "whistle", measured: figure(47), unit: "W" })).toEqual([]);
  });
  it("is none of words", () =>
    expect(cellsOf("transmitter", { test: "band", measured: figure(80), unit: "m" })).toEqual([]));
});

describe("the row of a single test", () => {
  const rowOf = (said: Partial<Test>) =>
    testRuns(settle([output(1, "80 m", 47, said)]).settled, sheet("transmitter"))[0]?.rows[0]?.row;

  it("has the limit of the test, at least or at most; a share has none, and neither has a test without", () => {
    expect(rowOf({})?.limits).toMatchObject([{ column: "output", sense: "at-least", value: 50 }]);
    expect(rowOf({ sense: "at-most" })?.limits).toMatchObject([{ column: "output", sense: "at-most", value: 50 }]);
    expect(rowOf({ sense: "share" })?.limits ?? []).toEqual([]);
    const bare = testRuns(
      settle([test(1, { test: "output", condition: "80 m", measured: figure(47), unit: "W" })]).settled,
      sheet("transmitter"),
    );
    expect(bare[0]?.rows[0]?.row.limits ?? []).toEqual([]);
  });
  it("is named by the words of its condition, or as a single test", () => {
    const named = (condition: string | undefined) => {
      const row = testRuns(
        settle([test(1, { test: "output", measured: figure(47), unit: "W", ...(condition ? { condition } : {}) })])
          .settled,
        sheet("transmitter"),
      )[0]?.rows[0]?.row;
      return row && labelOf(row);
    };
    expect(named("40 m, CW")).toBe("40 m, CW, single test");
    expect(named(undefined)).toBe("single test, single test");
  });
});

it("single tests of two visits, and of two phases, are runs of their own, each with its first moment", () => {
  const other = { ...output(3, "20 m", 50), visitId: "01890000-0000-7000-8000-0000000000aa" };
  const log = settle([output(1, "80 m", 47), output(2, "40 m", 50), other, output(4, "10 m", 40, { phase: "prove" })]);
  const runs = testRuns(log.settled, sheet("transmitter"));
  expect(runs.map(({ visitId, phase, rows }) => [visitId === other.visitId, phase, rows.length])).toEqual([
    [false, "baseline", 2],
    [true, "baseline", 1],
    [false, "prove", 1],
  ]);
  expect(runs[0]).toMatchObject({ at: runs[0]?.rows[0]?.at, given: [], preflight: [], sheet: { key: "transmitter" } });
});
