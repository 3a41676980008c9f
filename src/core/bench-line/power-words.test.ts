import { describe, expect, it } from "vitest";
import { lineContext, parseLine } from ".";
import { atOf, entry, SHEET, VISIT } from "../fixtures";
import { settle, writeLine, type Content } from "../kinds";
import type { Step } from "../model";
import { powerWords } from "./power-words";

/** What is read while a set is brought up, as it is said. */

const context = (entries: readonly Content[] = [], step: Step = "first-power") => ({
  ...lineContext(
    {
      sheet: { ...SHEET, lineVolts: 230 },
      year: 1937,
      settled: settle(entries.map((content, at) => entry(at + 1, content))).settled,
      visitId: VISIT,
      now: atOf(999),
    },
    undefined,
    step,
  ),
  tape: entries.map((content, at) => ({ n: at + 1, id: `0000000${at}`, content })),
  bench: { volts: 230, hz: 50 },
});

describe("volts and amperes while First power is open", () => {
  it.each([
    [
      "60 V 0.1 A B+ 80",
      [
        "power variac rectifier-in 26 %; line 60 V; amps 0.1 A; B+ 80",
        "power lamp rectifier-in 26 %; line 60 V; amps 0.1 A; B+ 80",
      ],
    ],
    [
      "variac 115 V, 0.25 A, B+ 130 V, heaters 3.1",
      ["power variac rectifier-in 50 %; line 115 V; amps 0.25 A; B+ 130; heaters 3.1"],
    ],
    [
      "at 230 V: 300 mA, B+ 255 and lamp dim",
      ["power lamp rectifier-in 100 %; line 230 V; amps 300 mA; B+ 255; lamp dim"],
    ],
    [
      "variac 46 V 80 mA, held 2 min",
      [
        "power variac rectifier-out 20 %; line 46 V; amps 80 mA; held 2 min",
        "power variac rectifier-in 20 %; line 46 V; amps 80 mA; held 2 min",
      ],
    ],
  ])("%s", (line, ways) => expect(powerWords(line, context())).toEqual(ways));

  it("takes the share of the set's own supply, whatever the bench has", () => {
    const on220 = { ...context(), sheet: { ...SHEET, lineVolts: 220, taps: [220] }, bench: { volts: 230, hz: 50 } };
    expect(powerWords("variac 55 V 60 mA B+ 40", on220)).toEqual([
      "power variac rectifier-in 25 %; line 55 V; amps 60 mA; B+ 40",
    ]);
  });

  it("does not take a B+ of nothing for a rectifier that is in", () =>
    expect(powerWords("variac 115 V 0.1 A B+ 0", context())).toHaveLength(2));

  it("each of the ways reads", () => {
    for (const way of powerWords("60 V 0.1 A", context())) expect(parseLine(way, context()).kind, way).toBe("draft");
  });

  it("goes on as the step before it was", () => {
    const first = parseLine("power variac rectifier-in 25 %; line 57 V; amps 0.1 A; B+ 60", context());
    if (first.kind !== "draft" || first.draft.type !== "content") throw new Error(first.kind);
    const next = parseLine("115 V 0.2 A B+ 130", context([first.draft.content]));
    expect(next.kind === "draft" && next.draft.type === "content" && writeLine(next.draft.content)).toMatch(
      /^power variac rectifier-in 50 %.*line 115 V; amps 0\.2 A; B\+ 130 V/,
    );
  });

  it.each(["230 V 0.3 A B+ 255 and a smell", "400 V 0.3 A", "60 V", "0.3 A 60 V", "V4 plate 60 V 0.1 A"])(
    "%s is no step",
    (line) => expect(powerWords(line, context())).toEqual([]),
  );

  it("is a step only there", () => expect(powerWords("60 V 0.1 A", context([], "baseline"))).toEqual([]));
});
