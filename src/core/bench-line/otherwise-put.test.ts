import { describe, expect, it } from "vitest";
import { lineContext, parseLine } from ".";
import { atOf, entry, SHEET, VISIT } from "../fixtures";
import { ALL_LINES, settle, writeLine, type Content } from "../kinds";
import type { Sheet } from "../model";

/** The same line in other words: none may become another entry without a word. */

const volts = (point: string, expected: number) => ({ point, quantity: "voltage" as const, expected, withLine: false });
const sheet: Sheet = {
  ...SHEET,
  tubes: [
    { position: "V3", type: "6Q7", work: "detector and first audio" },
    { position: "V4", type: "6V6", work: "output" },
  ],
  points: [
    volts("B+", 250),
    volts("V4 plate", 245),
    volts("V4 cathode", 12.5),
    volts("V3 plate", 95),
    { point: "Heaters", quantity: "voltage", expected: 6.3 },
  ],
};
const SAFE: Content = { kind: "step", payload: { v: 1, step: "make-safe", state: "overridden", reason: "by eye" } };
const context = lineContext(
  { sheet, year: 1937, settled: settle([entry(1, SAFE)]).settled, visitId: VISIT, now: atOf(999) },
  undefined,
  "fix",
);
/** The line as the log would write it, or what kind of answer it got. */
function written(line: string): string {
  const read = parseLine(line, context);
  return read.kind === "draft" && read.draft.type === "content" ? writeLine(read.draft.content) : read.kind;
}

describe("a line in a technician's own words", () => {
  it.each([
    ["the C14 -> 47n/630", "C14 -> 47n/630"],
    ["the C14 replaced with 47n/630", "C14 -> 47n/630"],
    ["I replaced C14 with 47n/630", "C14 -> 47n/630"],
    ["we have just replaced C14 by 47n/630", "C14 -> 47n/630"],
    ["C14 is now 47n/630", "C14 -> 47n/630"],
    ["C14 changed to 47n/630", "C14 -> 47n/630"],
    ["C14 swapped for 47n/630", "C14 -> 47n/630"],
    ["swapped C14 by 47n/630", "C14 -> 47n/630"],
    ["fitted C14 47n/630", "C14 -> 47n/630"],
    ["C14 -> 47n @ 630 V", "C14 -> 47n/630 V"],
    ["C-14 -> 47n/630", "C14 -> 47n/630"],
    ["C 14 -> 47n/630", "C14 -> 47n/630"],
    ["C.14 -> 47n/630", "C14 -> 47n/630"],
    ["C014 -> 47n/630", "C14 -> 47n/630"],
    ["dial lamps changed", "dial lamps replaced"],
    ["mains lead brittle, swapped; with 3 core", "mains lead brittle, replaced; with 3 core"],
    ["the B+ 248", "B+ 248 check"],
    ["measured B+ 248", "B+ 248 check"],
    ["B+ measures 248", "B+ 248 check"],
    ["B+ is only 180 V", "B+ 180 V check"],
    ["B+ - 248", "B+ 248 check"],
    ["V4's plate reads 232", "V4 plate 232 check"],
    ["V-4 plate 232", "V4 plate 232 check"],
    ["V3 anode at 92 V", "V3 plate 92 V check"],
    ["voltage at V4 plate 232", "V4 plate 232 check"],
    ["plate of V4 current 32 mA", "V4 plate current 32 mA check"],
    ["sensitivity is 25 µV", "test sensitivity 25 µV"],
    ["C14 relpaced with 47n/630", "C14 -> 47n/630"],
    ["V4 plate vlotage 232", "V4 plate 232 check"],
    ["R7 = 610 kΩ, was 470 kΩ", "R7 470kΩ = 610kΩ"],
    ["R7 has drifted to 610k, was 470k", "R7 470k = 610k"],
    ["V4: plate 232", "V4 plate 232 check"],
    ["C14, leaky -> 47n/630", "C14 leaky -> 47n/630"],
    ["- C14 cleaned", "C14 cleaned"],
    ["2. V4 plate 232", "V4 plate 232 check"],
    ["C14 -> 47n/630;", "C14 -> 47n/630"],
    ["B+ shows 1.2 V of ripple", "B+ ripple 1.2 V check"],
    ["also hum 3 mV", "test hum 3 mV"],
    ["and then the C14 -> 47n/630", "C14 -> 47n/630"],
    ["tube V4 plate 232", "V4 plate 232 check"],
    ["capacitor C14 is now 47n/630", "C14 -> 47n/630"],
    ["41 watts at 230 V", "line power 41 W @ 230 V check"],
    ["V4 emission 68 per cent", "V4 emission 68/100 %"],
  ])("“%s” is “%s”", (line, same) => expect(written(line)).toBe(same));

  it.each([
    // milli or mega
    ["R7 = 1.5 m", "question"],
    // what it was is not what it is
    ["hum was 8 mV", "question"],
    ["V4 plate was 240", "not-understood"],
    ["B+ was 180, now 248", "question"],
    // where or when, and not what
    ["B+ at 117 248", "question"],
    ["B+ at 230 V line 248 V", "question"],
    // no meter has so few ohms
    ["setup prove: again; meter Bench digital; input 10 mΩ", "not-understood"],
    // a minus, or a dash before the figure
    ["V4 grid - 2 V", "not-understood"],
  ])("“%s” is asked about", (line, answer) => expect(written(line)).toBe(answer));

  it.each([
    "note relpaced nothing",
    "todo meausre the B+",
    "? it crakcles",
    "loan spare baord; at AF socekt",
    "C14 -> 47n/630: relpaced as well",
  ])("words of a text stay as they are typed: “%s”", (line) => expect(written(line)).toBe(line));
});

it("a line that is kept as words is kept as it was typed", () => {
  const line = "the volume control scratchy";
  const read = parseLine(line, context);
  expect(read.kind).toBe("question");
  expect(read.kind === "question" ? read.choices.map(({ text }) => text) : []).toContain(`note ${line}`);
});

/** Lines of the help that this set reads. */
const LINES = Object.values(ALL_LINES)
  .flatMap(({ examples }) => examples.map(({ line }) => line))
  .filter((line) => !["question", "not-understood", "draft"].includes(written(line)));

describe("every line of the help", () => {
  it.each([
    ["with more blanks", (line: string) => `  ${line.replaceAll(" ", "  ")} `],
    ["with tabs", (line: string) => line.replaceAll(" ", "\t")],
    ["with a full stop", (line: string) => (line.endsWith(".") ? line : `${line}.`)],
    ["with another arrow", (line: string) => line.replaceAll(" -> ", "→")],
    ["beginning with a capital", (line: string) => line.charAt(0).toUpperCase() + line.slice(1)],
  ] as const)("%s is read as before", (_, way) => {
    expect(LINES.length).toBeGreaterThan(40);
    const other = LINES.filter((line) => written(way(line)).toLowerCase() !== written(line).toLowerCase());
    expect(other).toEqual([]);
  });
});
