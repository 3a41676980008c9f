import { describe, expect, it } from "vitest";
import { boardState, compareVisit, currentStep, pointRows, runSheet, workSummary } from ".";
import { settle, type Content, type Entry } from "../kinds";
import type { Phase } from "../readings";
import type { Step } from "../model";
import { atOf, entry, note, replace, resistance, SHEET, symptom, VISIT, work } from "../fixtures";

const NOW = atOf(1000);
const input = (entries: Entry[]) => ({
  sheet: SHEET,
  year: 1937,
  settled: settle(entries).settled,
  visitId: VISIT,
  now: NOW,
});
const step = (entries: Entry[], name: Step) => {
  const found = runSheet(input(entries)).find((item) => item.step === name);
  if (!found) throw new Error(name);
  return found;
};
const takeIn: Content = {
  kind: "take-in",
  payload: { v: 1, complaint: "fades", policy: "original", received: [], missing: [] },
};
const word = (name: Step, state: "passed" | "overridden", reason?: string): Content => ({
  kind: "step",
  payload: { v: 1, step: name, state, ...(reason ? { reason } : {}) },
});
const volts = (point: string, value: number, phase: Phase, extra = {}): Content => ({
  kind: "reading",
  payload: {
    v: 1,
    phase,
    point,
    quantity: "voltage",
    measured: { text: String(value), value },
    expected: { text: "250 V", value: 250, tolerance: 0.2, lineVolts: 230 },
    lineVolts: 230,
    ...extra,
  },
});

describe("run sheet", () => {
  it("begins with the take-in and holds the gates", () => {
    const sheet = runSheet(input([]));
    expect(currentStep(sheet)).toBe("take-in");
    expect(sheet.find((item) => item.step === "baseline")?.gate).toEqual(["make-safe", "first-power"]);
    expect(step([entry(1, takeIn)], "take-in").state).toBe("done");
  });

  it("lets a gate be passed with a reason, and keeps the reason in sight", () => {
    const passed = step([entry(1, word("baseline", "overridden", "set does not power up"))], "baseline");
    expect(passed).toMatchObject({ state: "overridden", reason: "set does not power up" });
    expect(
      step([entry(1, word("baseline", "overridden", "x")), entry(2, word("make-safe", "passed", "0.2 V left"))], "fix")
        .gate,
    ).toEqual([]);
  });

  it("counts what the baseline lacks by the chart", () => {
    expect(step([], "baseline").lacks[0]).toContain("Nothing measured");
    expect(step([entry(1, volts("B+", 248, "baseline"))], "baseline").lacks).toEqual([
      "1 of 2 chart points not read: V4 grid",
    ]);
    expect(
      step([entry(1, volts("B+", 248, "baseline")), entry(2, volts("V4 grid", 1, "baseline"))], "baseline").state,
    ).toBe("done");
  });

  it("searches until something was mended, then proves", () => {
    const start = [
      entry(1, takeIn),
      entry(2, word("make-safe", "passed", "0.2 V left by the meter")),
      entry(3, word("first-power", "passed", "0.3 A at full line")),
      entry(4, word("baseline", "overridden", "x")),
      entry(5, symptom("hum")),
    ];
    expect(currentStep(runSheet(input(start)))).toBe("find");
    expect(currentStep(runSheet(input([...start, entry(6, replace("C14", "47n/630"))])))).toBe("prove");
  });

  it("asks for a word about every drifted part", () => {
    const drifted = entry(1, resistance("R7", 612e3, 470e3));
    expect(step([drifted], "fix").lacks).toContain("R7 reads 612 kΩ, high: nothing done about it");
    expect(step([drifted, entry(2, replace("R7", "470k 1W"))], "fix").state).toBe("done");
  });

  it("asks again for a proof from before the last work", () => {
    const early = [entry(1, volts("B+", 320, "baseline")), entry(2, volts("B+", 251, "prove"))];
    expect(step(early, "prove").state).toBe("done");
    expect(step([...early, entry(3, replace("C14", "47n/630"))], "prove").lacks).toEqual([
      "Measured before the last work: B+",
    ]);
    expect(step([entry(1, volts("B+", 320, "baseline")), entry(3, replace("C14", "47n/630"))], "prove").lacks).toEqual([
      "Nothing measured again since the last work",
    ]);
    expect(step([entry(1, volts("B+", 320, "baseline")), entry(2, volts("B+", 330, "prove"))], "prove").lacks).toEqual([
      "Out of tolerance: B+",
    ]);
  });

  it("holds the hand-back for open points", () => {
    expect(step([entry(1, note("mains lead", { open: true }))], "hand-back").lacks[0]).toBe(
      "1 open point to clear or explain",
    );
    expect(
      step([entry(1, { kind: "hand-back", payload: { v: 1, summary: "plays", oldParts: "none" } })], "hand-back").state,
    ).toBe("done");
  });
});

describe("before and after", () => {
  const row = (entries: Entry[], point = "B+") =>
    compareVisit(SHEET, 1937, settle(entries).settled, VISIT).find((r) => r.point === point);

  it.each([
    [320, 251, "mended"],
    [248, 251, "good"],
    [320, 330, "still-out"],
    [400, 320, "better"],
    [248, 330, "worse"],
  ] as const)("%s V before and %s V after is %s", (before, after, outcome) => {
    expect(row([entry(1, volts("B+", before, "baseline")), entry(2, volts("B+", after, "prove"))])?.outcome).toBe(
      outcome,
    );
  });

  it("says when there is nothing to compare with", () => {
    expect(row([entry(2, volts("B+", 251, "prove"))])?.outcome).toBe("good-alone");
    expect(row([entry(2, volts("B+", 251, "baseline"))])?.outcome).toBe("to-measure");
  });

  it("shows where the set-up differs", () => {
    const other = row([
      entry(1, volts("B+", 248, "baseline", { meter: "20 kΩ/V" })),
      entry(2, volts("B+", 251, "prove", { lineVolts: 240 })),
    ]);
    expect(other?.setup).toEqual(["line 230 V before, 240 V now", "meter 20 kΩ/V before, not noted now"]);
    expect(
      row([entry(1, volts("B+", 248, "baseline")), entry(2, volts("B+", 251, "prove", { lineVolts: 231 }))])?.setup,
    ).toEqual([]);
  });

  it("keeps points beyond the chart", () => {
    const rows = pointRows(SHEET, 1937, settle([entry(1, volts("AVC", -3, "baseline"))]).settled, VISIT);
    expect(rows.map((r) => r.point)).toEqual(["B+", "V4 grid", "AVC"]);
    expect(rows[0]?.expected).toMatchObject({ tolerance: 0.2, lineVolts: 230 });
  });
});

it("summarises the work, and what was left apart from it", () => {
  const done = work(["C14"], "replaced", { was: ".05/400", now: [{ designator: "C14", text: "47n/630" }] });
  const { settled } = settle([entry(1, done), entry(2, work(["R9"], "left", { why: "within twice the tolerance" }))]);
  expect(workSummary(settled, VISIT)).toEqual({
    done: "C14 replaced: 50 nF 400 V → 47 nF 630 V.",
    left: "R9 left: within twice the tolerance.",
  });
});

it("tells the board where a set stands", () => {
  const waiting: Content = {
    kind: "note",
    payload: { v: 1, text: "0.047/630 on order", open: true, waits: "parts", closes: [] },
  };
  const state = boardState(input([entry(1, takeIn), entry(2, waiting), entry(3, symptom("hum"))]));
  expect(state).toMatchObject({
    step: "Make safe",
    complaint: "fades",
    waits: [{ for: "parts", text: "0.047/630 on order" }],
    open: 1,
  });
});
