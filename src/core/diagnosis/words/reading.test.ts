import { describe, expect, it } from "vitest";
import { SHEET } from "../../fixtures";
import { knownOf } from "../known";
import { readingOf } from "./reading";

const mains = knownOf(SHEET);
/** A set without hum: it runs on batteries. */
const silent = { testById: new Map([...mains.system.testById].filter(([test]) => !test.startsWith("hum"))) };

describe("what the search makes of a complaint", () => {
  it("is told by the names of tests, with what was not read", () => {
    const { meanings, unread, idle } = readingOf(mains.said("hums, smells of mice"), undefined, mains.system);
    expect(meanings.map(({ name }) => name)).toEqual(["Listen for hum"]);
    expect(unread).toEqual(["smells of mice"]);
    expect(idle).toEqual([]);
  });

  it("says what nothing in this set can do, in place of leaving it out", () => {
    const { meanings, idle, unread } = readingOf(mains.said("hums, no sound"), undefined, silent);
    expect(meanings.map(({ name }) => name)).toEqual(["Listen"]);
    expect(idle).toEqual(["hums"]);
    expect(unread).toEqual([]);
  });

  it("is what was put right, where somebody did that", () => {
    const reading = readingOf(mains.said("nonsense"), [{ test: "noise", outcome: "noisy" }], mains.system);
    expect(reading.meanings.map(({ says }) => says)).toEqual(["crackles or hisses"]);
    expect(reading.unread).toEqual([]);
  });

  it("leaves no part of the words untold", () => {
    for (const text of ["hums, weak on MW", "the band scope is dead, hisses", "dead"]) {
      const words = mains.said(text);
      const { meanings, unread, idle } = readingOf(words, undefined, mains.system);
      expect(meanings.length + unread.length + idle.length).toBeGreaterThanOrEqual(words.parts.length);
    }
  });
});
