import { describe, expect, it } from "vitest";
import {
  aroundFitting,
  baselineWarning,
  chartRows,
  currentStep,
  passesOf,
  pointRows,
  runSheet,
  takenIn,
  workWarning,
  type VisitInput,
} from ".";
import {
  atOf,
  bareModification,
  entry,
  idOf,
  note,
  replace,
  resistance,
  SHEET,
  symptom,
  VISIT,
  work,
} from "../fixtures";
import { modificationsOf, settle, type Content, type Entry } from "../kinds";
import type { Step } from "../model";
import type { Phase } from "../readings";
import { changedBeforeBaseline, setupFor } from "./passes";

/** What each step of the run sheet still asks for, and what belongs to this visit alone. */

const OTHER = idOf(700);
const inOther = (n: number, content: Content): Entry => ({ ...entry(n, content), visitId: OTHER });
const settled = (contents: (Content | Entry)[]) =>
  settle(contents.map((one, index) => ("visitId" in one ? one : entry(index + 1, one)))).settled;
const input = (contents: (Content | Entry)[], more: Partial<VisitInput> = {}): VisitInput => ({
  sheet: SHEET,
  year: 1937,
  settled: settled(contents),
  visitId: VISIT,
  now: atOf(900),
  ...more,
});
const step = (name: Step, contents: (Content | Entry)[], more: Partial<VisitInput> = {}) =>
  runSheet(input(contents, more)).find((item) => item.step === name);

const reads = (point: string, value: number, phase: Phase = "baseline", more: object = {}): Content => ({
  kind: "reading",
  payload: { v: 1, phase, point, quantity: "voltage", measured: { text: String(value), value }, ...more },
});
const tests = (phase: "baseline" | "prove" | "check", more: object = {}): Content => ({
  kind: "test-result",
  payload: { v: 1, phase, test: "output", measured: { text: "62", value: 62 }, sense: "at-least", ...more },
});
const word = (name: Step, state: "passed" | "overridden", reason?: string): Content => ({
  kind: "step",
  payload: { v: 1, step: name, state, ...(reason ? { reason } : {}) } as never,
});
const takeIn: Content = {
  kind: "take-in",
  payload: { v: 1, complaint: "hum", policy: "original", received: [], missing: [] },
};

describe("a step", () => {
  it("of another visit is no step of this one", () => {
    expect(step("take-in", [takeIn])).toMatchObject({ state: "done", lacks: [], gate: [] });
    expect(step("take-in", [inOther(1, takeIn)])?.state).toBe("lacking");
    expect(step("fix", [inOther(1, word("fix", "overridden", "why"))])?.state).toBe("lacking");
    expect(
      step("hand-back", [inOther(1, { kind: "hand-back", payload: { v: 1, summary: "x", oldParts: "none" } })])?.lacks,
    ).toEqual(["Not handed back"]);
  });
  it("waits for those before it that are neither done nor passed", () => {
    expect(step("fix", [])?.gate).toEqual(["make-safe", "baseline"]);
    expect(step("fix", [word("make-safe", "overridden", "seen")])?.gate).toEqual(["baseline"]);
    expect(step("prove", [])?.gate).toEqual(["fix"]);
    expect(step("take-in", [])?.gate).toEqual([]);
    expect(step("fix", [replace("C14", "47n/630")])?.gate).toEqual([]);
    expect(step("make-safe", [word("make-safe", "overridden", "seen")])).toMatchObject({
      state: "overridden",
      reason: "seen",
    });
    expect(step("align", [])).toEqual({ step: "align", name: "Align", state: "optional", lacks: [], gate: ["fix"] });
  });
  it("is the one to work on when it is the first that lacks something; what is still to find waits once it was mended", () => {
    const now = (contents: Content[]) => currentStep(runSheet(input(contents)));
    expect(now([])).toBe("take-in");
    const before = [takeIn, word("make-safe", "overridden", "x"), word("first-power", "overridden", "x")];
    expect(now(before)).toBe("baseline");
    const open = [...before, word("baseline", "overridden", "x"), symptom("hum")];
    expect(now(open)).toBe("find");
    expect(now([...open, replace("C14", "47n/630")])).toBe("prove");
  });
});

describe("the baseline", () => {
  it("asks for every point of the chart, and says what was changed before it", () => {
    expect(step("baseline", [])?.lacks).toEqual([
      "Nothing measured: without a baseline nobody can say later what the repair did.",
    ]);
    expect(step("baseline", [replace("C14", "47n/630")])?.lacks).toEqual([
      "Nothing measured, and C14 changed already: what that did cannot be shown.",
    ]);
    expect(step("baseline", [reads("B+", 250)])?.lacks).toEqual(["1 of 2 chart points not read: V4 grid"]);
    expect(step("baseline", [reads("B+", 250), reads("V4 grid", -12)])?.state).toBe("done");
    expect(step("baseline", [inOther(1, reads("B+", 250))])?.lacks[0]).toMatch(/^Nothing measured/);
  });
  it("is warned of in a sentence, of this visit alone, each part once, six at most", () => {
    const warning = (contents: (Content | Entry)[]) => baselineWarning(settled(contents), VISIT);
    const c14 = replace("C14", "47n/630");
    expect(warning([])).toBeUndefined();
    expect(warning([reads("B+", 250), c14])).toBeUndefined();
    expect(warning([inOther(1, c14)])).toBeUndefined();
    expect(warning([work(["C14"], "left", { why: "good" })])).toBeUndefined();
    expect(warning([c14, c14])).toBe("C14 was changed and there is no baseline: what that did cannot be shown.");
    expect(warning([c14, replace("C1", "16µ/450"), reads("B+", 250)])).toBe(
      "C14, C1 were changed before the baseline was measured: what that did cannot be shown.",
    );
    expect(warning([c14, reads("B+", 250)])).toBe(
      "C14 was changed before the baseline was measured: what that did cannot be shown.",
    );
    expect(warning([c14, reads("B+", 250, "check")])).toContain("there is no baseline");
    expect(warning([c14, inOther(2, reads("B+", 250))])).toContain("there is no baseline");
    const many = Array.from({ length: 8 }, (_, n) => replace(`C${n + 1}`, "47n/630"));
    expect(warning(many)).toMatch(/^C1, C2, C3, C4, C5, C6 and 2 more were changed/);
    expect(warning(many.slice(0, 6))).toMatch(/^C1, C2, C3, C4, C5, C6 were changed/);
    expect(changedBeforeBaseline(settled([c14, c14, replace("C1", "x")]), VISIT)).toEqual(["C14", "C1"]);
  });
  it("is asked for above any work on parts", () => {
    const warning = (contents: Content[]) => workWarning(settled(contents), VISIT);
    expect(warning([])).toMatch(/^Nothing is measured yet/);
    expect(warning([reads("B+", 250)])).toBeUndefined();
    expect(warning([replace("C14", "47n/630")])).toMatch(/^C14 was changed/);
  });
});

describe("finding and fixing", () => {
  it("counts symptoms and readings that are out", () => {
    expect(step("find", [])).toMatchObject({ state: "optional", lacks: [] });
    expect(step("find", [symptom("hum")])).toMatchObject({ state: "lacking", lacks: ["1 symptom to explain"] });
    expect(step("find", [symptom("hum"), symptom("fades"), resistance("R7", 700e3, 470e3)])?.lacks).toEqual([
      "2 symptoms to explain",
      "1 reading out of tolerance",
    ]);
    expect(step("find", [note("renew the lead", { open: true })])?.lacks).toEqual([]);
    expect(step("find", [resistance("R7", 700e3, 470e3)])?.lacks).toEqual(["1 reading out of tolerance"]);
    expect(step("find", [symptom("hum"), word("find", "passed", "C14 leaks")])?.state).toBe("done");
  });
  it("names a part that drifted, and not a voltage that is out", () => {
    expect(step("fix", [])?.lacks).toEqual(["No work on a part recorded yet"]);
    expect(step("fix", [inOther(1, replace("C14", "47n/630"))])?.lacks).toEqual(["No work on a part recorded yet"]);
    const out = reads("B+", 100, "baseline", { expected: { text: "250 V", value: 250, tolerance: 0.1 } });
    expect(step("fix", [replace("C14", "47n/630"), out])?.state).toBe("done");
    expect(step("fix", [replace("C14", "47n/630"), resistance("R7", 700e3, 470e3)])?.lacks).toEqual([
      "R7 reads 700 kΩ, high: nothing done about it",
    ]);
  });
});

describe("modifying", () => {
  it("is asked for where one is begun in this visit, and done once one is fitted", () => {
    const mod = (state: "planned" | "fitted" | "kept" | "found", more = {}) =>
      bareModification("Outlet", { state, ...more });
    expect(step("modify", [])?.state).toBe("optional");
    expect(step("modify", [mod("planned")])).toMatchObject({
      state: "lacking",
      lacks: ["Outlet is begun: fit it, or say why not"],
    });
    expect(step("modify", [mod("planned"), word("modify", "passed", "x")])?.state).toBe("lacking");
    expect(step("modify", [word("modify", "passed", "none wanted")])?.state).toBe("done");
    expect(step("modify", [mod("fitted")])).toMatchObject({ state: "done", lacks: [] });
    expect(step("modify", [mod("kept")])?.state).toBe("done");
    expect(step("modify", [mod("found")])?.state).toBe("optional");
    expect(step("modify", [inOther(1, mod("planned"))])?.state).toBe("optional");
    expect(step("modify", [inOther(1, mod("fitted"))])?.state).toBe("optional");
    expect(step("modify", [inOther(1, mod("found")), mod("fitted")])?.state).toBe("done");
  });
});

describe("proving", () => {
  const NOTHING = ["Nothing measured again since the last work"];
  it("begins with anything that was measured for it in this visit: a reading, a test, a tube, a soak that ended", () => {
    const soak = (state: "start" | "end"): Content => ({
      kind: "soak",
      payload: { v: 1, state, ...(state === "start" ? { hours: 1 } : {}) },
    });
    const tube = (phase: "prove" | "check"): Content => ({
      kind: "tube-test",
      payload: { v: 1, phase, designator: "V4", shorts: "none", gas: "none" },
    });
    expect(step("prove", [])?.lacks).toEqual(NOTHING);
    expect(step("prove", [reads("B+", 250), tests("baseline"), tube("check"), soak("start")])?.lacks).toEqual(NOTHING);
    expect(step("prove", [inOther(1, reads("B+", 250, "prove"))])?.lacks).toEqual(NOTHING);
    for (const measured of [
      [tests("prove")],
      [tube("prove")],
      [soak("start"), soak("end")],
      [reads("B+", 250, "prove")],
    ])
      expect(step("prove", measured)?.lacks).not.toEqual(NOTHING);
  });
  it("names what was not measured again, what is older than the work, and what is out", () => {
    const band = (name: string, phase: "baseline" | "prove", value: number): Content =>
      tests(phase, {
        condition: name,
        measured: { text: String(value), value },
        nominal: { text: "50", value: 50 },
        unit: "W",
      });
    const bands = ["80 m", "40 m", "20 m", "15 m", "10 m", "6 m", "2 m"];
    const baseline = bands.map((name) => band(name, "baseline", 40));
    expect(step("prove", [...baseline, reads("B+", 250, "prove")])?.lacks).toEqual([
      "Not measured again: output 80 m, output 40 m, output 20 m, output 15 m, output 10 m, output 6 m and 1 more",
    ]);
    expect(step("prove", [...baseline.slice(0, 6), reads("B+", 250, "prove")])?.lacks).toEqual([
      "Not measured again: output 80 m, output 40 m, output 20 m, output 15 m, output 10 m, output 6 m",
    ]);
    expect(
      step("prove", [
        tests("baseline"),
        tests("prove", { measured: { text: "3", value: 3 }, nominal: { text: "50", value: 50 } }),
      ])?.lacks,
    ).toEqual(["Out of tolerance: output"]);
    expect(
      step("prove", [band("80 m", "baseline", 40), band("80 m", "prove", 60), replace("C14", "47n/630")])?.lacks,
    ).toEqual(["Measured before the last work: output 80 m"]);
  });
});

describe("handing back", () => {
  it("counts open points that stand in the way", () => {
    expect(step("hand-back", [note("renew the lead", { open: true })])?.lacks).toEqual([
      "1 open point to clear or explain",
      "Not handed back",
    ]);
    expect(step("hand-back", [work(["C1"], "left", { why: "good" })])?.lacks).toEqual(["Not handed back"]);
  });
});

describe("the chart's rows", () => {
  const expected = (point: object, sheet: object = {}) =>
    chartRows(
      { ...SHEET, points: [{ point: "P", quantity: "voltage", expected: 250, ...point } as never], ...sheet },
      1950,
    )[0]?.expected;
  const meter = { chart: { meter: { ohmsPerVolt: 1000 } } };
  it("carry line, tap and meter where they count", () => {
    expect(expected({})).toEqual({ text: "250 V", value: 250, tolerance: 0.1, asFound: true });
    expect(expected({}, meter)).toEqual({ text: "250 V", value: 250, tolerance: 0.1 });
    expect(expected({ withLine: true }, { ...meter, taps: [110, 230] })).toMatchObject({
      lineVolts: 230,
      tapVolts: 230,
    });
    expect(expected({ withLine: true }, { ...meter, taps: [230] })).not.toHaveProperty("tapVolts");
    expect(expected({}, { ...meter, taps: [110, 230] })).not.toHaveProperty("tapVolts");
    expect(expected({ withLine: true }, { chart: { ...meter.chart, lineVolts: 220 } })).toMatchObject({
      lineVolts: 220,
    });
    expect(expected({ sourceOhms: 100e3 }, meter)).toMatchObject({ sourceOhms: 100e3, chartOhms: 250e3 });
    expect(expected({ sourceOhms: 100e3, range: 500 }, meter)).toMatchObject({ chartOhms: 500e3 });
    expect(expected({ sourceOhms: 100e3 })).toMatchObject({ sourceOhms: 100e3, asFound: true });
    expect(expected({ quantity: "current", expected: 0.1, sourceOhms: 100e3 }, meter)).toEqual({
      text: "100 mA",
      value: 0.1,
      tolerance: 0.1,
    });
    expect(expected({ quantity: "current", expected: 0.1 })).not.toHaveProperty("asFound");
    expect(expected({ tolerance: 0.05 }, meter)).toMatchObject({ tolerance: 0.05 });
  });
  it("are followed by what this visit measured beyond them, cold checks left out", () => {
    const names = (contents: (Content | Entry)[]) =>
      pointRows(SHEET, 1937, settled(contents), VISIT).map(({ point }) => point);
    expect(names([])).toEqual(["B+", "V4 grid"]);
    expect(names([reads("V4 plate", 240), reads("B+", 250), reads("V4 plate", 241)])).toEqual([
      "B+",
      "V4 grid",
      "V4 plate",
    ]);
    expect(names([reads("primary", 30, "cold"), inOther(2, reads("V3 plate", 90))])).toEqual(["B+", "V4 grid"]);
  });
});

describe("passes", () => {
  const setup = (n: number, name: string, phase: Phase = "check"): Entry =>
    entry(n, { kind: "setup", payload: { v: 1, phase, name, checked: [] } as never });
  it("are the readings of one set-up, and those of a phase without any; of this visit alone", () => {
    const [first, second] = [setup(1, "in the cabinet"), setup(2, "on the bench")];
    const log = [
      first,
      second,
      entry(3, reads("B+", 250, "check", { setup: first.id })),
      entry(4, reads("B+", 240, "check", { setup: second.id })),
      entry(5, reads("V4 grid", -12, "check")),
      entry(6, reads("B+", 260)),
      entry(7, reads("B+", 261, "soak")),
      entry(8, reads("primary", 30, "cold")),
      inOther(9, reads("B+", 1, "prove")),
    ];
    const passes = passesOf(settled(log), VISIT);
    expect(
      passes.map(({ name, taken }) => [
        name,
        [...taken].map(([point, one]) => `${point} ${one.payload.measured.value}`),
      ]),
    ).toEqual([
      ["in the cabinet", ["B+ 250"]],
      ["on the bench", ["B+ 240"]],
      [expect.any(String), ["V4 grid -12"]],
      [expect.any(String), ["B+ 260"]],
    ]);
    expect(passes[2]).not.toHaveProperty("setup");
    expect(setupFor(settled(log), VISIT, "check")?.payload.name).toBe("on the bench");
    expect(setupFor(settled([{ ...first, visitId: OTHER }]), VISIT, "check")).toBeUndefined();
    expect([...takenIn(settled(log), VISIT, "check", first.id).keys()]).toEqual(["B+"]);
    expect([...takenIn(settled(log), VISIT, "check").keys()]).toEqual(["B+", "V4 grid"]);
  });
});

describe("around a modification", () => {
  it("stand its tap points and the tests of its visit, last before it was fitted and last after", () => {
    const planned = entry(3, bareModification("Outlet", { state: "planned", taps: [{ kind: "rail", at: "b+ " }] }));
    const fitted = entry(
      5,
      bareModification("Outlet", { state: "fitted", about: planned.id, taps: [{ kind: "rail", at: "b+ " }] }),
    );
    const log = [
      entry(1, reads("B+", 240)),
      entry(2, reads("B+", 250)),
      planned,
      entry(4, tests("check", { condition: "80 m", unit: "W" })),
      fitted,
      entry(6, reads("B+", 245, "prove")),
      entry(7, reads("V4 grid", -12, "prove")),
      entry(8, reads("B+", 9, "cold")),
      entry(9, tests("prove", { condition: "80 m", unit: "W", measured: { text: "65", value: 65 } })),
      entry(10, tests("prove", { designator: "V4" })),
      inOther(11, tests("prove", { test: "hum" })),
    ];
    const [modification] = modificationsOf(settled(log));
    expect(modification && aroundFitting(settled(log), modification)).toEqual([
      { name: "B+", quantity: "voltage", before: 250, after: 245 },
      { name: "output at 80 m", unit: "W", before: 62, after: 65 },
    ]);
    const [begun] = modificationsOf(settled(log.slice(0, 4)));
    expect(begun && aroundFitting(settled(log), begun).every(({ after }) => after === undefined)).toBe(true);
  });
});
