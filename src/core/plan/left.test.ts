import { describe, expect, it } from "vitest";
import { atOf, entry, note, PLANNED, replace, SHEET, VISIT } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import type { Sheet } from "../model";
import { runSheet } from "../visit";
import { leftOf, namedIn } from "./left";
import { setClass } from "./set-class";

const of = (entries: Entry[], sheet: Sheet = SHEET) => {
  const input = { sheet, year: 1937, settled: settle(entries).settled, visitId: VISIT, now: atOf(1000) };
  return leftOf(input, runSheet(input));
};
const asTaken = { v: 1 as const, complaint: "fades", policy: "original" as const, received: [], missing: [] };
const takeIn: Content = { kind: "take-in", payload: asTaken };
const waits = (text: string): Content => ({
  kind: "note",
  payload: { v: 1, text, open: true, waits: "parts", closes: [] },
});

describe("what is left on a set", () => {
  it("is what its run sheet lacks, with how much of each step", () => {
    const left = of([entry(1, takeIn)]);
    expect(left.steps.map(({ step }) => step)).toEqual([
      "make-safe",
      "first-power",
      "baseline",
      "fix",
      "prove",
      "hand-back",
    ]);
    expect(left.steps.find(({ step }) => step === "baseline")).toMatchObject({ share: 1 });
  });

  it("counts the parts of the plan that are still to do", () => {
    const capacitor = (designator: string) => ({ designator, role: "coupling", drawn: ".05/400" }) as const;
    const sheet: Sheet = { ...PLANNED, components: [capacitor("C1"), capacitor("C2"), capacitor("C3")] };
    const takeIn: Content = { kind: "take-in", payload: { ...asTaken, policy: "reliability" } };
    const parts = (entries: Entry[]) => of(entries, sheet).steps.find(({ step }) => step === "fix")?.parts ?? 0;
    expect(parts([entry(1, takeIn)])).toBe(3);
    // One is done, so Fix is no longer lacking; before that it is one less.
    expect(
      of([entry(1, takeIn), entry(2, replace("C1", "0.047/630"))], sheet).steps.some(({ step }) => step === "fix"),
    ).toBe(false);
  });

  it("has the waits with the day and the job that they name", () => {
    const left = of([
      entry(1, takeIn),
      entry(2, waits("C14 ordered, by 2026-12-03")),
      entry(3, waits("V4 from job 1043")),
    ]);
    expect(left.waits).toMatchObject([
      { for: "parts", until: "2026-12-03", at: atOf(2) },
      { for: "parts", job: 1043 },
    ]);
    const settled = entry(4, note("it came", { closes: [entry(2, takeIn).id] }));
    expect(of([entry(1, takeIn), entry(2, waits("x")), settled]).waits).toEqual([]);
  });

  it("takes the last promise, and how far a soak had come", () => {
    const promise = (day: string): Content => ({
      kind: "promised",
      payload: { v: 1, day, to: "Marguerite Osei", how: "phone" },
    });
    const soak = (state: "start" | "pause"): Content => ({
      kind: "soak",
      payload: { v: 1, state, ...(state === "start" ? { hours: 4 } : {}) },
    });
    const left = of([
      entry(1, promise("2026-12-01")),
      entry(2, promise("2026-12-04")),
      entry(3, soak("start")),
      entry(4, soak("pause")),
    ]);
    expect(left.promised).toEqual({ day: "2026-12-04", at: atOf(2) });
    expect(left.soaking).toEqual({ hours: 3, at: atOf(4), running: false });
  });

  it("reads days and jobs out of words, and no others", () => {
    expect(namedIn("by 2026-12-03, at the latest 2026-12-08")).toEqual({ until: "2026-12-08" });
    expect(namedIn("from Job 1043")).toEqual({ job: 1043 });
    expect(namedIn("2026-13-40, job done, 0.047/630")).toEqual({});
  });

  it("knows kinds of sets by supply, size and whether they send", () => {
    const sheet = (more: Partial<Sheet>) => setClass({ ...SHEET, ...more });
    expect(sheet({})).toBe("mains receiver");
    expect(sheet({ supply: "live-chassis" })).toBe("AC/DC receiver");
    expect(sheet({ supply: "battery" })).toBe("battery portable");
    expect(sheet({ supply: "low-voltage" })).toBe("transistor portable");
    expect(sheet({ supply: "high-voltage" })).toBe("transmitter or amplifier");
    const tubes = Array.from({ length: 11 }, (_, index) => ({ position: `V${index}`, type: "6BA6", work: "" }));
    expect(sheet({ tubes })).toBe("communications receiver");
  });
});
