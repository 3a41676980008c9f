import { describe, expect, it } from "vitest";
import { runInHand, runPair, sheetOf, sheetRows, sheetRuns, drawnBy } from ".";
import { entry, idOf, replace, VISIT } from "../fixtures";
import { settle, type Content, type ContentOf } from "../kinds";
import { makeRow, SHIPPED, type Limit, type TestSheet } from "../sheets";

const TRANSMITTER = SHIPPED.find(({ key }) => key === "transmitter") as TestSheet;
const LIMIT: Limit = { column: "output", sense: "at-least", text: "50 W", value: 50 };
type Measured = ContentOf<"measured-row">["payload"];

/** The output on a band, of at least 50 W; its run is the row that it names. */
function output(n: number, band: string, watts: number, extra: Partial<Omit<Measured, "v">> = {}) {
  const cells = { band, mode: "CW", output: `${watts} W` };
  const made = makeRow({ ...TRANSMITTER, limits: [] }, [], cells, [LIMIT]);
  if (!made.ok) throw new Error(band);
  return entry(n, {
    kind: "measured-row",
    payload: { v: 1, phase: "baseline", preflight: [], ...made.row, ...extra },
  } satisfies Content);
}
const settled = (entries: Parameters<typeof settle>[0]) => settle(entries).settled;
const run = idOf(1);
const names = (rows: ReturnType<typeof sheetRows>) => rows.map(({ name, outcome }) => [name, outcome]);

describe("runs of test sheets", () => {
  it("hold the rows that name their first one, in the order in which they were measured", () => {
    const runs = sheetRuns(
      settled([output(1, "80 m", 47), output(2, "80 m", 60, { phase: "prove" }), output(3, "40 m", 55, { run })]),
    );
    expect(runs.map(({ id, phase, rows }) => [id, phase, rows.map((row) => row.id)])).toEqual([
      [idOf(1), "baseline", [idOf(1), idOf(3)]],
      [idOf(2), "prove", [idOf(2)]],
    ]);
    expect(runs[0]).toMatchObject({ visitId: VISIT, sheet: { key: "transmitter" } });
    expect(runs[0]?.at).toBe(runs[0]?.rows[0]?.at);
  });

  it("keep the phase in which they were begun, and the set-up of their last row", () => {
    const given = [
      { key: "line", name: "Line", word: "line", quantity: "voltage" as const, unit: "V", text: "230 V", value: 230 },
    ];
    const [one] = sheetRuns(settled([output(1, "80 m", 47), output(2, "40 m", 55, { run, phase: "prove", given })]));
    expect(one).toMatchObject({ phase: "baseline", given });
  });

  it("say of a row why it is void", () => {
    const [one] = sheetRuns(settled([output(1, "80 m", 47), output(2, "40 m", 55, { run, void: "the load was off" })]));
    expect(one?.rows.map((row) => row.void)).toEqual([undefined, "the load was off"]);
  });

  it("are none where none was measured", () =>
    expect(sheetRuns(settled([entry(1, replace("C1", "10u/450"))]))).toEqual([]));
});

describe("a run before the work and one after it", () => {
  const pairOf = (...phases: Measured["phase"][]) =>
    runPair(
      sheetRuns(settled(phases.map((phase, n) => output(n + 1, "80 m", 50 + n, { phase })))),
      VISIT,
      "transmitter",
    );
  const ids = ({ before, after }: ReturnType<typeof runPair>) => [before?.id, after?.id];

  it("are the first of the baseline, and the last that was made to prove", () => {
    expect(ids(pairOf("baseline", "baseline", "prove", "prove"))).toEqual([idOf(1), idOf(4)]);
  });
  it("take a check where no baseline was measured, and the baseline before a check", () => {
    expect(ids(pairOf("check", "prove"))).toEqual([idOf(1), idOf(2)]);
    expect(ids(pairOf("check", "baseline", "prove"))).toEqual([idOf(2), idOf(3)]);
  });
  it("are missing where they were not made, or are of another sheet or visit", () => {
    expect(ids(pairOf("prove"))).toEqual([undefined, idOf(1)]);
    expect(ids(pairOf("baseline"))).toEqual([idOf(1), undefined]);
    expect(pairOf()).toEqual({});
    const runs = sheetRuns(settled([output(1, "80 m", 47)]));
    expect(runPair(runs, VISIT, "sensitivity")).toEqual({});
    expect(runPair(runs, idOf(99), "transmitter")).toEqual({});
  });
});

describe("rows before the work and after it", () => {
  it("are mended, worse, good, alone, or still to be measured", () => {
    const rows = sheetRows(
      settled([
        output(1, "80 m", 47),
        output(2, "40 m", 60, { run }),
        output(3, "20 m", 40, { run }),
        output(4, "15 m", 58, { run }),
        output(5, "80 m", 61, { phase: "prove" }),
        output(6, "40 m", 44, { phase: "prove", run: idOf(5) }),
        output(7, "20 m", 41, { phase: "prove", run: idOf(5) }),
        output(8, "10 m", 52, { phase: "prove", run: idOf(5) }),
        output(9, "6 m", 12, { phase: "prove", run: idOf(5) }),
      ]),
      VISIT,
    );
    expect(names(rows)).toEqual([
      ["Transmitter per band 80 m, CW", "mended"],
      ["Transmitter per band 40 m, CW", "worse"],
      ["Transmitter per band 20 m, CW", "still-out"],
      ["Transmitter per band 15 m, CW", "to-measure"],
      ["Transmitter per band 10 m, CW", "good-alone"],
      ["Transmitter per band 6 m, CW", "out-alone"],
    ]);
    expect(rows[0]).toMatchObject({ before: idOf(1), after: idOf(5) });
    expect(rows[3]).not.toHaveProperty("after");
    expect(rows[4]).not.toHaveProperty("before");
  });

  it("are the same whatever the capitals of their words; of two the last counts, and a void one does not", () => {
    const rows = sheetRows(
      settled([
        output(1, "80 M", 47),
        output(2, "80 m", 30, { phase: "prove" }),
        output(3, "80 m", 61, { phase: "prove", run: idOf(2) }),
        output(4, "80 m", 10, { phase: "prove", run: idOf(2), void: "no load" }),
      ]),
      VISIT,
    );
    expect(names(rows)).toEqual([["Transmitter per band 80 m, CW", "mended"]]);
    expect(rows[0]?.after).toBe(idOf(3));
  });

  it("say what was changed after they were proved", () => {
    const rows = sheetRows(
      settled([output(1, "80 m", 47), output(2, "80 m", 61, { phase: "prove" }), entry(3, replace("C1", "10u/450"))]),
      VISIT,
    );
    expect(rows[0]?.mark).toBe("before C1 was replaced");
  });

  it("are none of another visit", () => expect(sheetRows(settled([output(1, "80 m", 47)]), idOf(99))).toEqual([]));
});

describe("the sheet of a run", () => {
  const [one] = sheetRuns(settled([output(1, "80 m", 47)]));
  if (!one) throw new Error("one run");

  it("is the one that there is now; a run whose sheet is gone has a table alone", () => {
    expect(sheetOf(one)).toBe(TRANSMITTER);
    expect(drawnBy(one)).toBe(TRANSMITTER);
    expect(sheetOf(one, [])).toBeUndefined();
    expect(drawnBy(one, [])).toEqual({ sums: [] });
  });

  it("goes on with the run that was measured last in this step", () => {
    const log = settled([
      output(1, "80 m", 47),
      output(2, "40 m", 55, { run }),
      output(3, "80 m", 60, { phase: "prove" }),
    ]);
    expect(runInHand(log, VISIT, "baseline")).toMatchObject({ id: run, sheet: TRANSMITTER, given: [], preflight: [] });
    expect(runInHand(log, VISIT, "prove")?.id).toBe(idOf(3));
    expect(runInHand(log, VISIT, "check")).toBeUndefined();
    expect(runInHand(log, idOf(99), "baseline")).toBeUndefined();
    expect(runInHand(log, VISIT, "baseline", [])).toBeUndefined();
  });
});
