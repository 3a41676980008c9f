import { describe, expect, it } from "vitest";
import { topologyOf } from "../circuit";
import { said } from "./said";
import { LOTS, sentencesOf } from "./sentences";

const of = (key: string) => {
  const circuit = topologyOf(key)?.circuit;
  if (!circuit) throw new Error(key);
  return circuit;
};
const SETS = {
  table: of("superhet"),
  communications: of("dual-conversion"),
  transceiver: of("transceiver"),
  transmitter: of("transmitter"),
  amfm: of("am-fm"),
};
const circuitOf = (set: string) => (set in SETS ? SETS[set as keyof typeof SETS] : of(set));
/** Each sentence is read once for its tests. */
const read = new Map<string, string[]>();
function told(text: string, set: string): string[] {
  const key = `${set}|${text}`;
  const known = read.get(key) ?? said(text, circuitOf(set)).outcomes.map(({ test, outcome }) => `${test} ${outcome}`);
  read.set(key, known);
  return known;
}

const OPPOSITE: Record<string, string> = {
  dead: "fine",
  fine: "dead",
  weak: "fine",
  distorted: "fine",
  unsteady: "steady",
  steady: "unsteady",
  noisy: "quiet",
  quiet: "noisy",
  fails: "works",
  works: "fails",
};

describe.each(LOTS.flat())("in a set of the kind %s: %s", (set, _group, lines) => {
  const cases = sentencesOf(lines).map(({ text, means }) => [text, means] as const);
  it.each(cases)("“%s”", (text, expected) => expect([...told(text, set)].sort()).toEqual([...expected].sort()));
  it.each(cases)("“%s” is never read as its opposite", (text, expected) => {
    const got = new Set(told(text, set));
    for (const one of expected) {
      const [test = "", outcome = ""] = one.split(" ");
      const other = OPPOSITE[outcome];
      if (other) expect(got.has(`${test} ${other}`)).toBe(false);
    }
  });
});

it("says of every part how it was read, and of what was not", () => {
  const { parts } = said("hums, smells of mice, weak on MW", SETS.table);
  expect(parts.map(({ text, outcomes }) => [text, outcomes.length])).toEqual([
    ["hums", 1],
    ["smells of mice", 0],
    ["weak on mw", 2],
  ]);
});

it("reads any text without harm", () => {
  for (const text of ["", "   ", ",,,;", "but and then", "no", "not not not dead", "∞ 🎺", "a".repeat(3000)])
    expect(() => said(text, SETS.transceiver)).not.toThrow();
});
