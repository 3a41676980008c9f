import { describe, expect, it } from "vitest";
import { entry, idOf, SHEET, VISIT, work } from "../fixtures";
import { settle, type Content, type ContentOf } from "../kinds";
import { showRow, SHIPPED } from "../sheets";
import { runInHand, sheetRows, sheetRuns } from "../visit";
import { lineContext, lineOf, parseLine } from ".";

type Row = ContentOf<"measured-row">["payload"];

/** A bench with these lines written one after the other. */
function bench(...lines: string[]) {
  const entries = lines.map((line, n) => entry(n + 1, content(line, lines.slice(0, n))));
  return { entries, settled: settle(entries).settled };
}
const contextAfter = (lines: readonly string[]) => {
  const settled = lines.length > 0 ? bench(...lines).settled : [];
  return lineContext({ sheet: SHEET, year: 1937, settled, visitId: VISIT, now: "2026-06-01T00:00:00Z" });
};
function content(line: string, before: readonly string[] = []): Content {
  const read = parseLine(line, contextAfter(before));
  if (read.kind !== "draft" || read.draft.type !== "content") throw new Error(`${line}: ${JSON.stringify(read)}`);
  return read.draft.content;
}
const row = (line: string, before: readonly string[] = []) => content(line, before).payload as Row;
const said = (line: string, before: readonly string[] = []) => {
  const read = parseLine(line, contextAfter(before));
  return read.kind === "not-understood" ? read.message : read.kind === "question" ? read.question : read.kind;
};
const worked = (of: Row) =>
  Object.fromEntries(showRow(of).flatMap(({ key, value }) => (value === undefined ? [] : [[key, value]])));

const FIRST = "row transmitter per band: 80 m, CW drive 6 out 62 ia 180 va 750; set tubes 2, limit 30 W";

describe("a row of a test sheet by the line", () => {
  it("names its sheet, and is worked out", () => {
    const made = row(FIRST);
    expect(made.at.map(({ text }) => text)).toEqual(["80 m", "CW"]);
    // 750 V · 0.18 A = 135 W; (135 + 6 − 62)/2 = 39.5 W: above 30 W.
    expect(worked(made)).toMatchObject({ input: 135, heat: 39.5 });
    expect(showRow(made).find(({ key }) => key === "heat")).toMatchObject({ verdict: "bad" });
  });
  it("goes on with the run in hand, with its set-up, without naming anything", () => {
    const next = row("40 m, CW drive 6 out 60 ia 182 va 748", [FIRST]);
    expect(next).toMatchObject({ run: idOf(1), sheet: { key: "transmitter" } });
    expect(next.given.map(({ text }) => text)).toContain("30 W");
    // A single figure could be anything else.
    expect(said("40 m, CW drive 6", [FIRST])).not.toBe("draft");
    expect(row("row 40 m, CW drive 6", [FIRST])).toMatchObject({ run: idOf(1) });
  });
  it("is not taken for a row where it is something else", () => {
    const selectivity = ["row selectivity: 0 kHz in 2 µV"];
    expect(row("-2 kHz in 6.5 µV", selectivity)).toMatchObject({ run: idOf(1) });
    for (const line of ["V3 weak in 5", "C14 leaky -> 0.047/630", "B+ 248", "V3 plate 231"]) {
      const read = parseLine(line, contextAfter(selectivity));
      if (read.kind === "draft" && read.draft.type === "content")
        expect(read.draft.content.kind).not.toBe("measured-row");
    }
    const hum = ["row hum and noise: full v 4"];
    expect(said("volume v 4", hum)).not.toBe("draft");
    expect(row("row half v 2", hum)).toMatchObject({ run: idOf(1) });
  });
  it("is corrected when its sheet is gone", () => {
    const own = { ...row(FIRST), sheet: { key: "own-x", version: 3, name: "Ours" } };
    const settled = settle([entry(1, { kind: "measured-row", payload: own })]).settled;
    const context = lineContext({ sheet: SHEET, year: 1937, settled, visitId: VISIT, now: "2026-06-01T00:00:00Z" });
    const line = lineOf({ kind: "measured-row", payload: own }, context).replace("62", "64");
    const read = parseLine(`amend #1 ${line} because misread`, context);
    expect(read).toMatchObject({
      draft: { amendment: { content: { payload: { sheet: { name: "Ours" }, at: own.at, limits: own.limits } } } },
    });
  });
  it("begins another run with another set-up, and another sheet", () => {
    expect(row("row transmitter per band: 40 m, CW out 60; set tubes 2, limit 30 W", [FIRST]).run).toBe(idOf(1));
    expect(row("row transmitter per band: 40 m, CW out 60; set tubes 4", [FIRST]).run).toBeUndefined();
    expect(row("row hum and noise: full v 4", [FIRST]).run).toBeUndefined();
  });
  it("asks which sheet where no run is open", () => {
    const read = parseLine("row 80 m out 62", contextAfter([]));
    expect(read).toMatchObject({ kind: "question", question: expect.stringContaining("Which sheet") });
    if (read.kind === "question") expect(said(read.choices[0]?.text ?? "")).not.toBe("question");
  });
  it("is void with its reason, and keeps a remark", () => {
    expect(row(`${FIRST}; void wrong socket; remark it was warm`)).toMatchObject({
      void: "wrong socket",
      remark: "it was warm",
    });
  });
  it.each([
    ["row transmitter per band: 80 m, CW out -5", "Output is below zero"],
    ["row transmitter per band: 80 m, CW out -3 dB", "is a ratio"],
    ["row transmitter per band: 80 m, CW", "Nothing was measured yet"],
    ["row transmitter per band: 80 m, CW out 62; set colour red", "no set-up of Transmitter per band"],
    ["row transmitter per band: 80 m, CW out 62; loud yes", "is not known here"],
    ["row sensitivity: MW, 1 MHz in 20 on 0.4 off loud", "does not read"],
    ["row", "reads like"],
  ])("%s: %s", (line, sentence) => {
    expect(said(line)).toContain(sentence);
  });
  it("reads levels by the generator that it is read with", () => {
    const level = (of: Row) => of.cells.find(({ key }) => key === "level")?.value;
    expect(level(row("row sensitivity: MW, 1 MHz in 2 on 0.4 off 0.1; set gen 50 Ω, shows terminated"))).toBeCloseTo(
      2e-6,
      12,
    );
    expect(level(row("row sensitivity: MW, 1 MHz in -107 dBm on 0.4 off 0.1"))).toBeCloseTo(1e-6, 8);
    // Words at the end of a line run to its end, whatever is in them.
    expect(row("row reports from the air: 40 m, Eastholm r 5 s 7 said strong in the r band").cells.at(-1)?.text).toBe(
      "strong in the r band",
    );
  });
  it("is corrected in its set-up, and keeps it where the correction says nothing of it", () => {
    const before = [FIRST];
    const corrected = (text: string) => {
      const read = parseLine(`amend #1 ${text} because misread`, contextAfter(before));
      if (read.kind !== "draft" || read.draft.type !== "amendment" || read.draft.amendment.action !== "correct")
        throw new Error(JSON.stringify(read));
      return read.draft.amendment.content.payload as Row;
    };
    const tubes = (of: Row) => of.given.find(({ key }) => key === "tubes")?.text;
    expect(tubes(corrected("row transmitter per band: 80 m, CW drive 6 out 63 ia 180 va 750"))).toBe("2");
    const changed = corrected(`${FIRST.replace("tubes 2", "tubes 4")}`);
    expect(tubes(changed)).toBe("4");
    expect(changed.given.find(({ key }) => key === "plate-limit")?.text).toBe("30 W");
    expect(corrected(FIRST)).toEqual(row(FIRST));
  });
  it("is written as the line that makes it again", () => {
    const made = content(FIRST);
    const line = lineOf(made, contextAfter([FIRST]));
    expect(line).toBe("row transmitter per band: 80 m, CW drive 6 out 62 ia 180 va 750");
    expect(row(line, [FIRST]).cells).toEqual((made.payload as Row).cells);
  });
});

describe("runs of a log", () => {
  const lines = [
    FIRST,
    "40 m, CW drive 6 out 60 ia 182 va 748",
    "row hum and noise: full v 4; set load 4 Ω, rated 3 W",
  ];
  it("are put together from their rows", () => {
    const runs = sheetRuns(bench(...lines).settled);
    expect(runs.map(({ sheet, rows }) => [sheet.key, rows.length])).toEqual([
      ["transmitter", 2],
      ["hum", 1],
    ]);
    expect(runInHand(bench(...lines).settled, VISIT, "baseline")?.sheet.key).toBe("hum");
  });
  it("stand before and after the work, with what was changed since", () => {
    const { entries } = bench(...lines);
    const proof = (n: number, out: string) => {
      const payload = {
        ...row(`row transmitter per band: 80 m, CW drive 6 out ${out} ia 180 va 750; set tubes 2, limit 50 W`),
      };
      return entry(n, { kind: "measured-row", payload: { ...payload, phase: "prove" } });
    };
    const log = [
      ...entries,
      entry(10, work(["C14"], "replaced")),
      proof(11, "70"),
      entry(12, work(["R7"], "replaced")),
    ];
    const rows = sheetRows(settle(log).settled, VISIT);
    expect(rows.find(({ name }) => name.includes("80 m"))).toMatchObject({
      before: idOf(1),
      after: idOf(11),
      mark: expect.stringContaining("R7"),
    });
    expect(rows.find(({ name }) => name.includes("40 m"))).toMatchObject({ before: idOf(2) });
    expect(rows.find(({ name }) => name.includes("40 m"))?.after).toBeUndefined();
  });
  it("leave out of the proof what is void", () => {
    const log = bench(`${FIRST}; void the meter was off`).settled;
    expect(sheetRows(log, VISIT)).toEqual([]);
    expect(sheetRuns(log)[0]?.rows[0]).toMatchObject({ void: "the meter was off" });
  });
});

it("every shipped sheet has rows that its own line makes", () => {
  for (const sheet of SHIPPED) {
    const at =
      sheet.rows[0]?.join(", ") ?? sheet.rowBy.map(({ quantity }) => (quantity === "text" ? "A" : "7 MHz")).join(", ");
    const value = { text: "good", decibel: "3", number: "3", level: "3", percent: "3" } as Partial<
      Record<string, string>
    >;
    const figures = sheet.columns
      .map((one) => `${one.word} ${one.choices?.[0] ?? value[one.quantity] ?? "3"}`)
      .join(" ");
    expect(said(`row ${sheet.name.toLowerCase()}: ${at} ${figures}`), sheet.name).toBe("draft");
  }
});
