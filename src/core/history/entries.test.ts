import { describe, expect, it } from "vitest";
import {
  bodySchema,
  describe as describeEntry,
  draftSchema,
  sentences,
  upgrade,
  ALL_STORED,
  type StoredForms,
} from "../kinds";
import { wrongDate } from "../log";
import { atOf, entry, note, replace, resistance, work } from "../fixtures";

const problems = (kind: string, payload: object) => {
  const result = bodySchema.safeParse({ kind, payload: { v: 1, ...payload } });
  return result.success ? [] : sentences(result.error).map((s) => s.message);
};

describe("payloads", () => {
  it("ask for what work on a part cannot do without", () => {
    expect(problems("part-work", { designators: ["C14"], action: "replaced" })).toEqual([
      "Say what was put in: value and rating.",
    ]);
    expect(problems("part-work", { designators: ["R9"], action: "left" })).toEqual([
      "A part that is left needs the reason why.",
    ]);
    expect(problems("part-work", { designators: ["fourteen"], action: "cleaned" })).toEqual([
      "A designator is letters and a number, like C14 or VR2.",
    ]);
    expect(problems("part-work", { designators: [], action: "cleaned" })).toEqual([
      "Say which part, by its designator.",
    ]);
    expect(
      problems("part-work", { designators: ["C14"], action: "cleaned", now: [{ designator: "C14", text: "x" }] }),
    ).toEqual(["Nothing goes in when a part is cleaned."]);
  });

  it("refuse empty and endless text with a sentence", () => {
    expect(problems("note", { text: "  " })).toEqual(["The note is empty: write a word or two."]);
    expect(problems("note", { text: "x".repeat(10_000) })).toEqual([
      "The note is longer than 2000 characters: split it into several notes.",
    ]);
    expect(problems("step", { step: "baseline", state: "overridden" })).toEqual([
      "Passing a gate that is not met needs a reason.",
    ]);
  });

  it("refuse values beyond anything in a set", () => {
    const reading = { phase: "check", point: "B+", quantity: "voltage" };
    expect(problems("reading", { ...reading, measured: { text: "1e99", value: 1e99 } })).toEqual([
      "That value is beyond anything in a set.",
    ]);
    expect(problems("reading", { ...reading, measured: { text: "x", value: Infinity } })).not.toEqual([]);
    expect(problems("reading", { ...reading, lineVolts: 5000, measured: { text: "1", value: 1 } })).toEqual([
      "A line above 480 V is not a bench supply.",
    ]);
  });

  it("let an amendment, and only an amendment, point at an entry", () => {
    const { recordedAt: _r, by: _b, ...draft } = entry(1, note("x"));
    expect(draftSchema.safeParse(draft).success).toBe(true);
    expect(draftSchema.safeParse({ ...draft, amends: draft.id }).success).toBe(false);
    expect(draftSchema.safeParse({ ...draft, id: "7" }).success).toBe(false);
  });
});

describe("versions", () => {
  it("lifts an old payload step by step and leaves a current one alone", () => {
    const raised: StoredForms = {
      ...ALL_STORED,
      note: {
        ...ALL_STORED.note!,
        version: 3,
        upgrades: { 1: (p) => ({ ...p, v: 2, open: false }), 2: (p) => ({ ...p, v: 3 }) },
      },
    };
    expect(upgrade("note", { v: 1, text: "x" }, raised)).toEqual({ v: 3, text: "x", open: false });
    expect(upgrade("note", { v: 3, text: "x" }, raised)).toEqual({ v: 3, text: "x" });
    expect(upgrade("note", { v: 1, text: "x" })).toEqual({ v: 1, text: "x" });
  });
});

describe("dates", () => {
  const now = Date.parse(atOf(10));
  it("lie between 1900 and now, with a little slack for clocks", () => {
    expect(wrongDate(atOf(10), now)).toBeUndefined();
    expect(wrongDate(new Date(now + 60_000).toISOString(), now)).toBeUndefined();
    expect(wrongDate(atOf(11), now)).toContain("future");
    expect(wrongDate("1066-10-14T09:00:00Z", now)).toContain("1900");
    expect(wrongDate("yesterday", now)).toBe("That is not a date.");
  });
});

describe("the line on the tape", () => {
  it("says what was done in print", () => {
    const done = work(["C14"], "replaced", {
      was: ".05/400",
      found: "leaky",
      now: [{ designator: "C14", text: "0.047/630" }],
    });
    expect(describeEntry(done)).toEqual({ subject: "C14", text: "replaced: 50 nF 400 V → 47 nF 630 V (leaky)" });
    expect(describeEntry(replace("C99", "odd thing")).text).toBe("replaced: odd thing");
  });
  it("gives a reading its verdict", () => {
    expect(describeEntry(resistance("R7", 612e3, 470e3))).toEqual({
      subject: "R7",
      text: "612 kΩ, expected 470 kΩ (+30 %)",
      verdict: "bad",
    });
  });
});
