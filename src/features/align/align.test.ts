import { describe, expect, it } from "vitest";
import { contentSchema } from "@/core/kinds";
import type { AlignmentRow } from "@/core/model";
import { NOTHING, readStep } from "./read-step";
import { changeText, moveText, openText, remainsText, shareText } from "./dial-words";
import { checksFor } from "./before";
import { stateText, warningText } from "./words";

const ROW: AlignmentRow = { group: "IF", adjust: "T2 top", aim: "maximum", hertz: 465e3 };

describe("a step as it is typed", () => {
  it("becomes an entry, with units carried from one output to the other", () => {
    const read = readStep(ROW, "moved", {
      ...NOTHING,
      before: "0.8 V",
      after: "1.2",
      turned: "3/8 out",
      loudest: "467,5",
    });
    expect(read).toMatchObject({
      ok: true,
      payload: { before: { scale: "V" }, after: { scale: "V", value: 1.2 }, eighths: -3, loudest: 467_500 },
    });
    expect(
      read.ok &&
        contentSchema.safeParse({ kind: "aligned", payload: { v: 1, preflight: [], ...read.payload } }).success,
    ).toBe(true);
  });
  it("keeps no turn of what was right, and wants a word where nothing was typed", () => {
    expect(readStep(ROW, "right", { ...NOTHING, before: "1 V", turned: "1/8 in" })).toMatchObject({
      ok: true,
      payload: { outcome: "right" },
    });
    const right = readStep(ROW, "right", { ...NOTHING, turned: "1/8 in" });
    expect(right.ok && "eighths" in right.payload).toBe(false);
    expect(readStep(ROW, "moved", NOTHING)).toMatchObject({ ok: false, field: "after" });
  });
  it.each([
    ["before", "loud"],
    ["after", "1 furlong"],
    ["turned", "a bit"],
    ["loudest", "-3"],
  ] as const)("names the field that does not read: %s “%s”", (field, text) => {
    expect(readStep(ROW, "moved", { ...NOTHING, after: "1 V", [field]: text })).toMatchObject({ ok: false, field });
  });
});

describe("what the dial says, in words", () => {
  const band = { coil: "L5", trimmer: "C21", padder: "C22" };
  it("names the part by its place, with its bounds", () => {
    const change = { part: "padder" as const, drawn: 430e-12, now: 344e-12, change: -0.2, within: 0.023 };
    expect(changeText(change, band)).toBe("padder C22: 344 pF where it should be 430 pF (−20 %, within 2 %)");
    expect(changeText({ ...change, within: Infinity }, { padder: undefined })).toContain("padder: 344 pF");
    expect(changeText({ ...change, within: Infinity }, band)).toContain("not held by these points");
  });
  it("says which way to turn and what remains", () => {
    expect(moveText({ part: "trimmer", from: 50e-12, to: 44e-12, change: -0.12 }, band)).toBe(
      "trimmer C21: less capacity (usually out), by about 6 pF (−12 %)",
    );
    expect(moveText({ part: "l", from: 1e-4, to: 1.05e-4, change: 0.05 }, band)).toContain("core in");
    expect(remainsText({ worst: 0.002 })).toBe("Then the dial is within 0.2 % at every point.");
    expect(remainsText({ worst: 0.02 })).toContain("turning does not cure it");
    expect([shareText(0.003), shareText(-0.25)]).toEqual(["+0.3 %", "−25 %"]);
  });
  it("says what is open", () => {
    const fit = { points: [], right: false, explanations: [], outside: [] };
    expect(openText({ ...fit, open: "none" })).toContain("slipped pointer");
    expect(openText({ ...fit, open: "points" })).toContain("Measure a third one");
    expect(openText(fit)).toBeUndefined();
  });
});

it("warnings say what to look for", () => {
  expect(warningText({ kind: "moved-far", adjust: "T2 top", eighths: 10 })).toContain("1 1/4 in in all");
  expect(warningText({ kind: "end-of-travel", adjust: "C21", end: "high" })).toContain("The tab Dial says which one");
  expect(warningText({ kind: "end-of-travel", adjust: "T2 top" })).toContain("fixed capacitor across it");
});

it("a group says why it is done, or why another round is worth it", () => {
  const group = { group: "IF", rows: [], rounds: [{ number: 1, steps: [], complete: true }] };
  expect(stateText({ ...group, state: "again", last: { change: 2, dialMoved: false } })).toBe(
    "round 1, +2.0 dB at most: another round is worth it",
  );
  expect(stateText({ ...group, state: "again", last: { dialMoved: true } })).toContain("moved the dial");
  expect(stateText({ ...group, state: "done", last: { change: 0.2, dialMoved: false } })).toContain("less than 0.5 dB");
});

it("what is looked at first follows from the set", () => {
  const keys = (supply: "transformer" | "live-chassis", highestVolts: number) =>
    checksFor({ supply, highestVolts }).map(({ key }) => key);
  expect(keys("live-chassis", 310)).toContain("isolated");
  expect(keys("transformer", 90)).not.toContain("high");
  expect(keys("transformer", 425)).toContain("high");
});
