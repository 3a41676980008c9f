import { describe, expect, it } from "vitest";
import { settle, type Content, type Entry } from "../kinds";
import { atOf, bareModification, entry, idOf, replace, SET, SHEET, VISIT, work } from "../fixtures";
import { comebacks, failedIn, failures, holdingsOf, isWanted, staysOf, summaryOf, type FileOf, type Wanted } from ".";

const SECOND = idOf(900);
const in2 = (one: Entry): Entry => ({ ...one, visitId: SECOND });
const file = (entries: Entry[], extra: Partial<FileOf> = {}): FileOf => ({
  id: SET,
  serial: "H-1",
  model: { id: "lantern", maker: "Halvane", designation: "537", nickname: null, year: 1937, version: 1, sheet: SHEET },
  owner: { name: "Osei" },
  visits: [{ id: VISIT, setId: SET, job: 1, openedAt: atOf(0) }],
  settled: settle(entries).settled,
  ...extra,
});
const stocked = (designator: string, batch: string): Content =>
  work([designator], "replaced", {
    now: [{ designator, text: "47n/630", stock: { part: idOf(9), code: "JP0000001", batch } }],
  });
const LATE = atOf(99_000);

/** Where something wanted sits in some sets. */
const holders = (files: readonly FileOf[], wanted: Wanted, now: string) =>
  files.flatMap((one) =>
    holdingsOf(one, now)
      .filter((held) => isWanted(held, wanted))
      .map((held) => ({ ...held, setId: one.id })),
  );
const back = (files: readonly FileOf[], months: number) =>
  comebacks(
    files.map((one) => ({ setId: one.id, stays: staysOf(one) })),
    months,
  );
const failing = (files: readonly FileOf[], modelId: string) => {
  const mine = files.filter(({ model }) => model.id === modelId);
  return failures(SHEET, mine.map(failedIn));
};

describe("where something sits today", () => {
  it("finds a batch by its number, and not a part that was taken out again", () => {
    const files = [
      file([entry(1, stocked("C14", "2411"))]),
      file([entry(1, stocked("C1", "2411")), entry(2, replace("C1", "22µ/450"))], { id: "other" }),
    ];
    expect(holders(files, { kind: "batch", text: " 2411 " }, LATE)).toMatchObject([
      { setId: SET, where: "C14", what: expect.stringContaining("batch 2411") },
    ]);
    expect(new Set(files.flatMap((one) => holdingsOf(one, LATE)).map(({ kind, name }) => `${kind} ${name}`))).toEqual(
      new Set(["batch 2411", "tube 6V6"]),
    );
  });

  it("finds a tube under any of its names, where it was fitted or as it left the works", () => {
    expect(holders([file([])], { kind: "tube", text: "6V6GT" }, LATE)).toMatchObject([
      { where: "V4", what: "6V6, output" },
    ]);
    expect(holders([file([entry(1, replace("V4", "6L6"))])], { kind: "tube", text: "6V6" }, LATE)).toEqual([]);
    expect(holders([file([entry(1, work(["V4"], "removed"))])], { kind: "tube", text: "6V6" }, LATE)).toEqual([]);
    expect(holders([file([])], { kind: "tube", text: "" }, LATE)).toEqual([]);
  });

  it("finds a modification while it is in", () => {
    const mod = (state: "fitted" | "undone", about?: string): Content =>
      bareModification("Audio outlet", { state, ...(about ? { about } : {}) });
    expect(holders([file([entry(1, mod("fitted"))])], { kind: "modification", text: "outlet" }, LATE)).toMatchObject([
      { where: "fitted", what: "Audio outlet", since: atOf(1) },
    ]);
    expect(
      holders(
        [file([entry(1, mod("fitted")), entry(2, mod("undone", idOf(1)))])],
        { kind: "modification", text: "outlet" },
        LATE,
      ),
    ).toEqual([]);
  });
});

describe("comebacks", () => {
  const out: Content = { kind: "hand-back", payload: { v: 1, summary: "plays", oldParts: "none" } };
  const again: Content = {
    kind: "take-in",
    payload: { v: 1, complaint: "hums again", policy: "original", received: [], missing: [] },
  };
  // Handed back on 1 January 2026 at 02:00, and in again 100 days and a few hours later.
  const twice = (hours: number) =>
    file(
      [
        entry(1, replace("C14", "1n/630")),
        entry(2, out),
        in2(entry(hours, again)),
        in2(entry(hours + 1, replace("C14", "2n/630"))),
      ],
      {
        visits: [
          { id: VISIT, setId: SET, job: 1, openedAt: atOf(0) },
          { id: SECOND, setId: SET, job: 2, openedAt: atOf(hours) },
        ],
      },
    );

  it("are sets that were back within the time, with what they came for and what was done both times", () => {
    expect(back([twice(2402)], 12)).toMatchObject([
      { before: 1, job: 2, days: 100, complaint: "hums again", again: [expect.stringContaining("C14")] },
    ]);
    expect(back([twice(2402)], 3)).toEqual([]);
    expect(back([twice(2402)], 4)).toHaveLength(1);
  });

  it("are none while the first visit was never handed back", () => {
    const open = twice(2402);
    expect(
      back([{ ...open, settled: open.settled.filter(({ content }) => content?.kind !== "hand-back") }], 12),
    ).toEqual([]);
  });
});

describe("what fails most", () => {
  it("counts sets before times, with what was found the most often first", () => {
    const leaky = (n: number, name: string, found = "leaky") =>
      entry(n, work([name], "replaced", { found, now: [{ designator: name, text: "1n/630" }] }));
    const files = [
      file([leaky(1, "C14"), leaky(2, "C14"), leaky(3, "R7", "drifted")]),
      file([leaky(1, "C14", "open"), leaky(2, "C1")], { id: "b" }),
      file([leaky(1, "R9")], { id: "c", model: { ...file([]).model, id: "another" } }),
    ];
    const found = failing(files, "lantern");
    expect(found[0]).toMatchObject({
      designator: "C14",
      sets: 2,
      of: 2,
      times: 3,
      found: ["leaky", "open"],
      role: "coupling",
    });
    expect(found.map(({ designator }) => designator)).toEqual(["C14", "C1", "R7"]);
    expect(failing(files, "none")).toEqual([]);
  });

  it("does not count what was only cleaned or left, and counts a bad test that nobody acted on", () => {
    const bad: Content = { kind: "tube-test", payload: { v: 1, phase: "check", designator: "V4", shorts: "found" } };
    const files = [
      file([entry(1, work(["C14"], "cleaned")), entry(2, work(["R7"], "left", { why: "good" })), entry(3, bad)]),
    ];
    expect(failing(files, "lantern")).toMatchObject([{ designator: "V4", found: ["tests bad"] }]);
  });
});

describe("the summary of a set", () => {
  const said = (text: string): Content => ({ kind: "note", payload: { v: 1, text, open: false, closes: [] } });
  const summary = summaryOf({
    ...file([entry(1, said("washer found under the chassis")), entry(2, stocked("C14", "2411"))]),
    owner: { name: "Osei", contact: "Rope Walk, 01234 567 890" },
  });
  it("has what is searched: names, serial, owner, a telephone number in one piece, notes, designators, jobs", () => {
    for (const text of ["Halvane", "537", "H-1", "Osei", "01234567890", "washer found"])
      expect(summary.text).toContain(text);
    expect(summary.words).toEqual(expect.arrayContaining(["C14", "V4", "1"]));
  });
  it("is the same whenever it is made, and says when something was last written", () => {
    expect(summary).toEqual(
      summaryOf({
        ...file([entry(2, stocked("C14", "2411")), entry(1, said("washer found under the chassis"))]),
        owner: { name: "Osei", contact: "Rope Walk, 01234 567 890" },
      }),
    );
    expect(summary.lastAt).toBe(atOf(2));
    expect(summaryOf(file([])).lastAt).toBeNull();
  });
});
