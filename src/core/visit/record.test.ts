import { describe, expect, it } from "vitest";
import { compareVisit, currentStep, runSheet, setupDifferences, takenIn, workSummary, type ReadingPayload } from ".";
import { settle, type Content, type Entry } from "../kinds";
import {
  amend,
  atOf,
  correct,
  entry,
  idOf,
  note,
  PERSON,
  replace,
  resistance,
  SET,
  SHEET,
  VISIT,
  withdraw,
  work,
} from "../fixtures";

const OTHER_VISIT = idOf(900);
const volts = (point: string, value: number, phase: "baseline" | "prove"): Content => ({
  kind: "reading",
  payload: {
    v: 1,
    phase,
    point,
    quantity: "voltage",
    measured: { text: String(value), value },
    expected: { text: "250 V", value: 250, tolerance: 0.2 },
  },
});
const elsewhere = (n: number, content: Content): Entry => ({
  id: idOf(n),
  setId: SET,
  visitId: OTHER_VISIT,
  at: atOf(n),
  recordedAt: atOf(n),
  by: PERSON,
  amends: null,
  ...content,
});
const settled = (...entries: Entry[]) => settle(entries).settled;

describe("readings of a visit", () => {
  it("are its own, the last one of each point, as they read now", () => {
    const all = settled(
      elsewhere(1, volts("B+", 100, "baseline")),
      entry(2, volts("B+", 320, "baseline")),
      entry(3, volts("B+", 310, "baseline")),
      amend(4, idOf(3), correct(volts("B+", 301, "baseline"))),
      entry(5, volts("B+", 252, "prove")),
    );
    expect(takenIn(all, VISIT, "baseline").get("B+")?.payload.measured.value).toBe(301);
    expect(takenIn(all, OTHER_VISIT, "baseline").get("B+")?.payload.measured.value).toBe(100);
    expect(takenIn(all, VISIT, "check").size).toBe(0);
  });

  it("forget one that was withdrawn", () => {
    const all = settled(entry(1, volts("B+", 320, "baseline")), amend(2, idOf(1), withdraw()));
    expect(takenIn(all, VISIT, "baseline").size).toBe(0);
  });
});

describe("the comparison", () => {
  it("leaves out parts that were measured: work on them is the answer", () => {
    const drifted = resistance("R7", 612e3, 470e3);
    if (drifted.kind !== "reading") throw new Error("a reading");
    const baseline: Content = { kind: "reading", payload: { ...drifted.payload, phase: "baseline" } };
    const rows = compareVisit(SHEET, 1937, settled(entry(1, baseline), entry(2, volts("B+", 320, "baseline"))), VISIT);
    expect(rows.map((row) => row.point)).toEqual(["B+", "V4 grid"]);
  });

  it("keeps a proof that is older than the last work, and says what was changed since", () => {
    const proof = entry(5, volts("B+", 252, "prove"));
    const outcome = (...entries: Entry[]) => compareVisit(SHEET, 1937, settled(...entries), VISIT)[0]?.outcome;
    const baseline = entry(1, volts("B+", 320, "baseline"));
    expect(outcome(baseline, { ...entry(4, replace("C14", "47n/630")), at: atOf(5) }, proof)).toBe("mended");
    const older = compareVisit(SHEET, 1937, settled(baseline, entry(6, replace("C14", "47n/630")), proof), VISIT)[0];
    expect(older).toMatchObject({ outcome: "mended", mark: "before C14 was replaced" });
    // Leaving a part changes nothing on the bench.
    expect(outcome(baseline, proof, entry(7, work(["R9"], "left", { why: "sound" })))).toBe("mended");
  });

  it("names every difference of the set-up, and none where there is none", () => {
    const reading = (extra: Partial<ReadingPayload>): ReadingPayload => ({
      v: 1,
      phase: "baseline",
      point: "R7",
      quantity: "resistance",
      measured: { text: "1", value: 1 },
      ...extra,
    });
    expect(setupDifferences(reading({}), reading({}))).toEqual([]);
    expect(setupDifferences(reading({ inCircuit: true }), reading({}))).toEqual(["in circuit before, lifted now"]);
    expect(setupDifferences(reading({ lineVolts: 230 }), reading({}))).toEqual(["line 230 V before, not noted now"]);
    expect(setupDifferences(reading({}), reading({ meter: "digital" }))).toEqual([
      "meter not noted before, digital now",
    ]);
    expect(setupDifferences(reading({ lineVolts: 230 }), reading({ lineVolts: 234 }))).toEqual([]);
    expect(setupDifferences(reading({ lineVolts: 230 }), reading({ lineVolts: 235 }))).toHaveLength(1);
  });
});

describe("the run sheet over several visits", () => {
  const input = (...entries: Entry[]) => ({
    sheet: SHEET,
    year: 1937,
    settled: settled(...entries),
    visitId: VISIT,
    now: atOf(999),
  });

  it("takes nothing from another visit but its open points", () => {
    const sheet = runSheet(
      input(
        elsewhere(1, volts("B+", 250, "baseline")),
        elsewhere(2, replace("C14", "47n/630")),
        elsewhere(3, { kind: "step", payload: { v: 1, step: "make-safe", state: "passed" } }),
        elsewhere(4, note("look at the mains lead", { open: true })),
      ),
    );
    const state = Object.fromEntries(sheet.map((item) => [item.step, item.state]));
    expect(state).toMatchObject({ "make-safe": "lacking", baseline: "lacking", fix: "lacking" });
    expect(sheet.at(-1)?.lacks[0]).toBe("1 open point to clear or explain");
    expect(currentStep(sheet)).toBe("take-in");
  });

  it("forgets a step's word when it is withdrawn", () => {
    const done = entry(1, { kind: "step", payload: { v: 1, step: "align", state: "passed" } });
    const state = (...entries: Entry[]) => runSheet(input(...entries)).find((item) => item.step === "align")?.state;
    expect(state(done)).toBe("done");
    expect(state(done, amend(2, done.id, withdraw()))).toBe("optional");
  });

  it("summarises its own work and nobody else's", () => {
    const all = settled(elsewhere(1, replace("C1", "22µ/450")), entry(2, replace("C14", "47n/630")));
    expect(workSummary(all, VISIT).done).toBe("C14 replaced: 47 nF 630 V.");
    expect(workSummary(all, OTHER_VISIT).done).toBe("C1 replaced: 22 µF 450 V.");
    expect(workSummary(settled(), VISIT)).toEqual({ done: "", left: "" });
  });
});
