import { describe, expect, it } from "vitest";
import { parseLine } from ".";
import { CONTEXT } from "../fixtures";
import { writeLine } from "../kinds";
import type { Role } from "../model";
import type { LineContext } from "../shorthand";
import { modelsSheet } from "./search-line.fixture";

/** Parts by what they do, where the sheet tells which one is meant. */

const part = (designator: string, role: Role, drawn: string, stage: string) => ({ designator, role, drawn, stage });
const sheet = {
  ...modelsSheet,
  components: [
    part("C1", "reservoir", "8/450", "reservoir"),
    part("C2", "smoothing", "8/450", "reservoir"),
    part("C14", "coupling", ".05/400", "output"),
    part("C15", "cathode-bypass", "25/25", "output"),
    part("C9", "coupling", ".01/400", "first audio"),
    part("R7", "bias", "390", "output"),
    part("R4", "anode-load", "100k", "first audio"),
  ],
};
const known = new Set([...sheet.components.map(({ designator }) => designator), "V2", "V3", "V4"]);
const context: LineContext = { ...CONTEXT, sheet, step: "fix", known };
const read = (line: string) => {
  const result = parseLine(line, context);
  if (result.kind === "question") return result.choices.flatMap(({ text, then = [] }) => [text, ...then]);
  if (result.kind === "not-understood") return result.message;
  return result.kind === "draft" && result.draft.type === "content" ? writeLine(result.draft.content) : result.kind;
};

describe("a part called by what it does", () => {
  it.each([
    ["V4 cathode resistor burnt -> 390R", "R7 burnt -> 390R"],
    ["V4 cathode res -> 390R", "R7 -> 390R"],
    ["bias resistor of V4 -> 390R", "R7 -> 390R"],
    ["output coupling cap leaky -> 47n/630", "C14 leaky -> 47n/630"],
    ["coupling capacitor of V4 -> 47n/630", "C14 -> 47n/630"],
    ["replaced the output coupling cap with 47n/630", "C14 -> 47n/630"],
    ["V4 cathode bypass -> 47u/50", "C15 -> 47u/50"],
    ["V4 cathode bypass C15 -> 47u/50", "C15 -> 47u/50"],
    ["reservoir cap -> 22u/450", "C1 -> 22u/450"],
    ["reservoir -> 22u/450", "C1 -> 22u/450"],
    ["smoothing capacitor dry -> 22u/450", "C2 dry -> 22u/450"],
  ])("%s", (line, same) => expect(read(line)).toBe(read(same)));

  it("asks which where the sheet has several", () =>
    expect(read("coupling cap -> 47n/630")).toEqual(["C14 -> 47n/630", "C9 -> 47n/630"]));

  it("makes entries of several, one after the other", () =>
    expect(read("both filter caps -> 22u/450")).toEqual([
      "C1 -> 22u/450",
      "C2 -> 22u/450",
      "note both filter caps -> 22u/450",
    ]));

  it("asks where the sheet has one, and several were meant", () =>
    expect(read("both cathode bypass caps -> 47u/50")).toEqual([
      "C15 -> 47u/50",
      "note both cathode bypass caps -> 47u/50",
    ]));

  it("says what the sheet lacks", () =>
    expect(read("V2 cathode resistor burnt -> 390R")).toBe(
      "The sheet has no cathode resistor at V2. Name the part by its designator, like C14.",
    ));

  it.each([
    ["a voltage at the reservoir is a reading", "reservoir 312 V"],
    ["a voltage at a cathode too", "V4 cathode 12"],
    ["what is said of a part in passing is no work on it", "cathode resistor gets hot"],
    ["a word that is no stage names no place", "paper coupling cap leaky"],
  ])("%s", (_why, line) => expect(String(read(line))).not.toMatch(/^(C|R)\d|The sheet has no/));
});

describe("parts of a kind, many at once", () => {
  it.each([
    "all paper caps replaced",
    "replaced all the paper capacitors",
    "all the old resistors were changed",
    "changed all tubes",
  ])("%s", (line) => expect(read(line)).toContain("Each part is an entry of its own"));

  it("can be kept as a note", () => {
    const result = parseLine("all paper caps replaced", context);
    expect(result.kind === "not-understood" && result.choices?.map(({ text }) => text)).toContain(
      "note all paper caps replaced",
    );
  });
});

it("a figure of a test in r.m.s. is that figure", () => {
  expect(read("hum 8 mV rms")).toBe(read("hum 8 mV"));
  expect(read("output 2.1 W rms on dummy load")).toBe(read("output 2.1 W on dummy load"));
});
