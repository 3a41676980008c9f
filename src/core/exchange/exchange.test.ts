import fc from "fast-check";
import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { z } from "zod";
import { ALL_STORED, readBody, settle, type Entry, type StoredForms } from "../kinds";
import { atOf, entry, idOf, note, PERSON, replace, SET, SHEET, VISIT } from "../fixtures";
import {
  brokenAt,
  canonical,
  calendarSpan,
  dueDates,
  handedBackOf,
  type DueSet,
  fileTable,
  GENESIS,
  hashText,
  monthsLater,
  normalised,
  readSetFile,
  seal,
  setFileJsonSchema,
  writeSetFile,
  type StoredEntry,
} from ".";

const FIXTURES = path.resolve(import.meta.dirname, "../../../tests/fixtures");
const fixture = (name: string) => readFileSync(path.join(FIXTURES, name), "utf8");

describe("canonical form", () => {
  it("sorts keys, leaves out what is undefined, and writes numbers and letters as JSON does", () => {
    expect(canonical({ b: 1, a: [true, null, { d: "Ω\n", c: 1.5e-9 }], x: undefined })).toBe(
      '{"a":[true,null,{"c":1.5e-9,"d":"Ω\\n"}],"b":1}',
    );
  });

  it("is the same for the same value in whatever order, and reads back as it", () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(JSON.parse(canonical(value))).toEqual(JSON.parse(JSON.stringify(value)));
        expect(canonical(JSON.parse(canonical(value)))).toBe(canonical(value));
        const turned =
          typeof value === "object" && value !== null && !Array.isArray(value)
            ? Object.fromEntries(Object.entries(value).reverse())
            : value;
        expect(canonical(turned)).toBe(canonical(value));
      }),
    );
  });

  it("is hashed by SHA-256 (FIPS 180-4, the example “abc”)", () => {
    expect(hashText("abc")).toBe("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
  });
});

const stored = (one: Entry): StoredEntry => one;
function chained(entries: readonly StoredEntry[]) {
  let before = GENESIS;
  return entries.map((one) => {
    before = seal(before, one);
    return { ...one, hash: before };
  });
}
const words = fc.array(
  fc.string({ minLength: 1, maxLength: 20 }).filter((text) => text.trim() !== ""),
  { minLength: 1, maxLength: 12 },
);
const logOf = (texts: readonly string[]) => texts.map((text, index) => stored(entry(index + 1, note(text))));

describe("the chain of a logbook", () => {
  it("holds as it was made, and breaks at the first entry that was changed, moved, left out or put in", () => {
    fc.assert(
      fc.property(words, fc.nat(), fc.constantFrom("change", "drop", "swap", "insert"), (texts, which, how) => {
        const chain = chained(logOf(texts));
        expect(brokenAt(chain)).toBeUndefined();
        const at = which % chain.length;
        const bad = [...chain];
        const one = bad[at];
        if (!one) return;
        if (how === "change") bad[at] = { ...one, payload: { ...note("something else").payload, extra: 1 } };
        if (how === "drop" && at < chain.length - 1) bad.splice(at, 1);
        if (how === "swap" && at < chain.length - 1) bad.splice(at, 2, ...chain.slice(at, at + 2).reverse());
        if (how === "insert") bad.splice(at, 0, { ...one, id: idOf(500) });
        if (how === "change" || how === "insert" || at < chain.length - 1) expect(brokenAt(bad)?.index).toBe(at);
      }),
    );
  });

  it("is empty for an empty log", () => expect(brokenAt([])).toBeUndefined());
});

const documentOf = (texts: readonly string[]) =>
  writeSetFile({
    exportedAt: atOf(1),
    exportedBy: "Saltmarsh Wireless Repair",
    set: { id: SET, serial: "H-1" },
    owner: { id: idOf(800), name: "Marguerite Osei", contact: "", remarks: "" },
    model: {
      id: idOf(801),
      maker: "Halvane",
      designation: "537",
      nickname: null,
      year: 1937,
      shop: "Saltmarsh Wireless Repair",
      sheet: JSON.parse(JSON.stringify(SHEET)) as Record<string, unknown>,
    },
    people: [{ id: PERSON, name: "Wren Okafor", role: "", shop: "" }],
    visits: [{ id: VISIT, job: 7, openedAt: atOf(0), shop: "" }],
    entries: chained(logOf(texts)).map(({ setId: _s, payload, ...one }) => ({
      ...one,
      payload: payload as Record<string, unknown>,
    })),
    attachments: [],
  });

describe("a set's file", () => {
  it("is read as it was written, whatever is in it", () => {
    fc.assert(
      fc.property(words, (texts) => {
        const made = documentOf(texts.map((text) => text.trim()));
        const read = readSetFile(JSON.stringify(made));
        expect(read.ok).toBe(true);
        if (read.ok) expect(normalised(read.document)).toBe(normalised(made));
      }),
      { numRuns: 30 },
    );
  });

  it("is refused when any one byte of what it says is another", () => {
    const text = JSON.stringify(documentOf(["old varnish", "second"]));
    const from = text.indexOf('"set"');
    fc.assert(
      fc.property(fc.integer({ min: from, max: text.length - 2 }), (at) => {
        const letter = text[at] ?? "";
        if (!/[a-z0-9]/i.test(letter)) return;
        const changed = text.slice(0, at) + (letter === "0" ? "1" : "0") + text.slice(at + 1);
        expect(readSetFile(changed).ok).toBe(false);
      }),
      { numRuns: 300 },
    );
  });

  it("says what it is not", () => {
    const problem = (text: string) => {
      const read = readSetFile(text);
      return read.ok ? "" : (read.problems[0] ?? "");
    };
    expect(problem("{")).toContain("not JSON");
    expect(problem("{}")).toContain("not a set's file");
    expect(problem('{"format":"jumelle-set-file","version":9}')).toContain("version 9");
    expect(problem('{"format":"jumelle-set-file","version":1}')).toContain("not complete at");
  });

  it("must hang together: visits, writers, entries that are pointed at", () => {
    const { digest: _d, chain: _c, format: _f, version: _v, ...parts } = documentOf(["x"]);
    const read = readSetFile(JSON.stringify(writeSetFile({ ...parts, people: [] })));
    expect(read).toMatchObject({
      ok: false,
      problems: [expect.stringContaining("writer that the file does not have")],
    });
  });

  it("reads files of every version, with every kind of entry, and keeps a kind from a newer program", () => {
    const first = readSetFile(fixture("set-file-1.json"));
    expect(first).toMatchObject({ ok: true, unknown: [] });
    if (first.ok) expect(new Set(first.document.entries.map(({ kind }) => kind)).size).toBe(24);
    expect(readSetFile(fixture("set-file-1-newer-kind.json"))).toMatchObject({
      ok: true,
      unknown: [{ kind: "spectrum", count: 1 }],
    });
  });

  it("reads a file from before a kind was raised, and keeps what a program with the raised kind wrote", () => {
    const before = fixture("set-file-1.json");
    for (const name of Object.keys(ALL_STORED).filter((kind) => kind !== "unknown")) {
      const today = ALL_STORED[name]!;
      const next = today.version + 1;
      const raised: StoredForms = {
        ...ALL_STORED,
        [name]: {
          ...today,
          version: next,
          schema: z.looseObject({ v: z.literal(next), since: z.literal("the raise") }),
          upgrades: {
            ...today.upgrades,
            [today.version]: (payload) => ({ ...payload, v: next, since: "the raise" }),
          },
        },
      };
      const read = readSetFile(before, raised);
      expect(read).toMatchObject({ ok: true, unknown: [] });
      if (!read.ok) continue;
      for (const { kind, payload } of read.document.entries.filter((one) => one.kind === name)) {
        const lifted = readBody(kind, payload, raised);
        expect(lifted).toMatchObject({ ok: true, body: { kind: name, payload: { v: next, since: "the raise" } } });
        // The other way round: this program, and an entry of the raised kind.
        const newer = lifted.ok ? readBody(kind, lifted.body.payload) : lifted;
        expect(newer).toMatchObject({ ok: true, body: { kind: "unknown", payload: { kind: name } } });
      }
    }
  });

  it("has the schema that the docs publish", () => {
    const published = readFileSync(path.resolve(import.meta.dirname, "../../../docs/set-file.schema.json"), "utf8");
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(setFileJsonSchema())));
  });
});

describe("tables of a set's file", () => {
  const file = {
    entries: [entry(1, replace("C14", "47n/630")), entry(2, note("=1+1"))],
    visits: [{ id: VISIT, setId: SET, job: 7, openedAt: atOf(0) }],
    sheet: SHEET,
    names: new Map([[PERSON, "Wren Okafor"]]),
  };

  it("have one row an entry, as it reads now, and one row a place", () => {
    expect(fileTable("entries", file, atOf(9))[1]?.slice(0, 5)).toEqual([
      atOf(1),
      "7",
      "Wren Okafor",
      "part-work",
      "C14",
    ]);
    const parts = fileTable("parts", file, atOf(9));
    expect(parts.length).toBe(1 + SHEET.components.length + SHEET.tubes.length);
    expect(parts.find(([name]) => name === "C14")?.slice(0, 6)).toEqual([
      "C14",
      "output",
      "coupling",
      ".05/400",
      "replaced",
      "C14 47 nF 630 V",
    ]);
  });

  it("have as many cells in every row as in their heading", () => {
    for (const table of ["entries", "parts", "readings", "tests"] as const) {
      const [head, ...rows] = fileTable(table, file, atOf(9));
      for (const row of rows) expect(row.length).toBe(head?.length);
    }
  });
});

describe("due dates", () => {
  it("adds months as a calendar does: the end of a short month stays its end", () => {
    expect(monthsLater("2026-01-31", 1)).toBe("2026-02-28");
    expect(monthsLater("2024-01-31T10:00:00Z", 1)).toBe("2024-02-29");
    expect(monthsLater("2026-11-25", 14)).toBe("2028-01-25");
    expect(monthsLater("2026-03-15", -3)).toBe("2025-12-15");
  });

  const out = entry(5, {
    kind: "hand-back",
    payload: { v: 1, summary: "plays", oldParts: "none", nextService: "2029-01-01", warrantyMonths: 6 },
  });
  const file = {
    id: SET,
    serial: "H-1",
    model: { id: "m", maker: "Halvane", designation: "537", nickname: null, year: 1937, version: 1, sheet: SHEET },
    owner: { name: "Osei" },
    visits: [{ id: VISIT, setId: SET, job: 7, openedAt: atOf(0) }],
    entries: [out],
  };
  const dueSet = (change: Partial<typeof file> = {}): DueSet => {
    const { id, owner, visits, entries } = { ...file, ...change };
    const handedBack = handedBackOf(settle(entries).settled, visits);
    return { id, name: "Halvane 537, No. H-1", owner: owner.name, ...(handedBack ? { handedBack } : {}) };
  };

  const EVER = { from: "1900-01-01", to: "2199-12-31" };

  it("are the last that was said of each set that is away, and each meter's calibration, soonest first", () => {
    const meter = { id: "x", name: "Bench digital", calibratedOn: "2026-02-01", everyMonths: 12, retired: false };
    expect(
      dueDates([dueSet()], [meter, { ...meter, id: "y", retired: true }], EVER).map(({ kind, date }) => [kind, date]),
    ).toEqual([
      ["warranty", "2026-07-01"],
      ["calibration", "2027-02-01"],
      ["service", "2029-01-01"],
    ]);
  });

  it("are those of the span alone, its first and last day among them", () => {
    const within = (from: string, to: string) => dueDates([dueSet()], [], { from, to }).map(({ kind }) => kind);
    expect(within("2026-07-01", "2029-01-01")).toEqual(["warranty", "service"]);
    expect(within("2026-07-02", "2029-01-01")).toEqual(["service"]);
    expect(within("2026-07-01", "2028-12-31")).toEqual(["warranty"]);
    expect(calendarSpan("2026-11-28")).toEqual({ from: "2026-08-28", to: "2028-05-28" });
  });

  it("are none for a set that is in the shop", () => {
    expect(dueDates([dueSet({ entries: [] })], [], EVER)).toEqual([]);
    expect(
      dueDates(
        [dueSet({ visits: [...file.visits, { id: idOf(900), setId: SET, job: 8, openedAt: atOf(9) }] })],
        [],
        EVER,
      ),
    ).toEqual([]);
  });
});
