import { describe, expect, it } from "vitest";
import {
  baselineWarning,
  compareVisit,
  coldRows,
  passesOf,
  powerProgress,
  runSheet,
  safeLacks,
  safeLines,
  stoppedAt,
} from ".";
import { openPoints } from "../history";
import { settle, type Content, type Entry } from "../kinds";
import { powerPlan } from "../power";
import type { Step } from "../model";
import { amend, atOf, entry, idOf, powerStep, replace, SHEET, VISIT, withdraw } from "../fixtures";

const NOW = atOf(1000);
const settled = (entries: Entry[]) => settle(entries).settled;
const stateOf = (entries: Entry[], step: Step) => {
  const input = { sheet: SHEET, year: 1937, settled: settled(entries), visitId: VISIT, now: NOW };
  return runSheet(input).find((item) => item.step === step);
};
const typed = (value: number) => ({ text: String(value), value });

const check = (key: string, extra: object = {}): Content => ({
  kind: "check",
  payload: { v: 1, list: "make-safe", key, text: key, state: "done", ...extra },
});
const lines = safeLines(SHEET, 1937, [], VISIT);
const ticks = lines
  .filter((line) => line.limitVolts === undefined)
  .map((line, index) => entry(index + 1, check(line.key)));
const residual = entry(50, check("residual", { measured: typed(0.3) }));

describe("making safe", () => {
  it("is done only when every line is looked at and the reservoir measured", () => {
    expect(stateOf(ticks, "make-safe")).toMatchObject({
      state: "lacking",
      lacks: ["What is left on the reservoir is not measured"],
    });
    expect(stateOf([...ticks, residual], "make-safe")?.state).toBe("done");
    expect(stateOf([residual], "make-safe")?.lacks[0]).toMatch(/lines not looked at/);
  });
  it("is undone by withdrawing the measurement", () => {
    expect(stateOf([...ticks, residual, amend(51, residual.id, withdraw())], "make-safe")?.state).toBe("lacking");
  });
  it("keeps a line that is wrong open until it is put right", () => {
    const wrong = entry(60, check("lead", { state: "trouble", remark: "cracked at the plug" }));
    const all = [...ticks, residual, wrong];
    expect(stateOf(all, "make-safe")?.lacks).toEqual(["cracked at the plug"]);
    expect(openPoints(settled(all), NOW).map((point) => point.kind)).toEqual(["check"]);
    const mended = [...all, entry(61, check("lead"))];
    expect(stateOf(mended, "make-safe")?.state).toBe("done");
    expect(openPoints(settled(mended), NOW)).toEqual([]);
  });
  it("takes a word with what was seen as passed, not as done", () => {
    const word = (reason?: string): Entry =>
      entry(1, { kind: "step", payload: { v: 1, step: "make-safe", state: "passed", ...(reason ? { reason } : {}) } });
    expect(stateOf([word("0.3 V by the meter")], "make-safe")?.state).toBe("overridden");
    expect(stateOf([word()], "make-safe")?.state).toBe("lacking");
  });
  it("forgets a tick for a caution that was reworded since", () => {
    const sheet = { ...SHEET, cautions: [{ step: "make-safe" as const, text: "new words" }] };
    const old = settled([entry(1, check("caution-1", { text: "old words" }))]);
    expect(safeLacks(safeLines(sheet, null, old, VISIT)).join()).toContain("not looked at");
    expect(safeLines(sheet, null, old, VISIT).at(-1)).not.toHaveProperty("record");
  });
});

const power = (
  stage: "rectifier-out" | "rectifier-in" | "all-in",
  fraction: number,
  amps: number,
  extra: object = {},
) =>
  powerStep({
    stage,
    fraction,
    amps: typed(amps),
    expected: { fullVolts: 230, fullAmps: 0.32, bplus: 250, ceiling: 340, warm: true },
    ...extra,
  });
const out = [0.25, 0.5, 0.75, 1].map((f, n) => entry(100 + n, power("rectifier-out", f, 0.06 * f)));
const rise = (from: number) =>
  [0.25, 0.5, 0.75, 1].map((f, n) =>
    entry(from + n, power("rectifier-in", f, 0.3 * f, { bplus: typed(f < 0.6 ? 0 : 250 * f) })),
  );
const halted = entry(114, power("rectifier-in", 0.75, 0.41, { bplus: typed(120) }));
const sheet = {
  ...SHEET,
  tubes: [
    { position: "V4", type: "6V6", work: "output" },
    { position: "V5", type: "5Y3", work: "rectifier" },
  ],
};
const plan = powerPlan({ sheet, policy: "original", tap: 230, line: { volts: 230, hz: 50 } });
const progress = (entries: Entry[]) => powerProgress(plan, settled(entries), VISIT);

describe("a power-up", () => {
  it("goes through its plan step by step", () => {
    expect(progress([]).next?.key).toBe("rectifier-out-25");
    expect(progress(out).next?.key).toBe("rectifier-in-25");
    expect(progress([...out, ...rise(110)]).next).toBeUndefined();
    expect(stateOf([...out, ...rise(110)], "first-power")?.state).toBe("done");
  });
  it("is stopped by its figures, stays open, and begins its stage again after the fix", () => {
    const entries = [...out, ...rise(110).slice(0, 2), halted];
    expect(stoppedAt(settled(entries), VISIT)?.id).toBe(halted.id);
    const { steps, next } = progress(entries);
    expect(steps.slice(4).map((step) => step.state)).toEqual(["before-stop", "before-stop", "stopped", "to-do"]);
    expect(next?.key).toBe("rectifier-in-25");
    expect(stateOf(entries, "first-power")?.lacks[0]).toMatch(/^Stopped: /);
    expect(openPoints(settled(entries), NOW)[0]).toMatchObject({ kind: "stop" });
    const resumed = [...entries, entry(120, replace("C1", "22µ/450")), ...rise(130)];
    expect(progress(resumed).next).toBeUndefined();
    expect(openPoints(settled(resumed), NOW)).toEqual([]);
    expect(stateOf(resumed, "first-power")?.state).toBe("done");
  });
  it("is not through while full line was reached only before a stop, or only behind a lamp", () => {
    expect(stateOf([...rise(100), halted], "first-power")?.state).toBe("lacking");
    const lit = entry(1, power("all-in", 1, 0.2, { lamp: "dim", method: "lamp" }));
    expect(stateOf([lit], "first-power")?.state).toBe("lacking");
  });
  it("takes a lamp that stays bright for a stop", () => {
    const bright = entry(1, power("all-in", 1, 0.2, { lamp: "bright", method: "lamp" }));
    expect(stoppedAt(settled([bright]), VISIT)?.judgement.reasons[0]?.rule).toBe("lamp-bright");
  });
});

const setup = (n: number, phase: "baseline" | "check" | "prove", extra: object = {}): Entry =>
  entry(n, { kind: "setup", payload: { v: 1, phase, name: "evening", checked: [], ...extra } });
const volts = (n: number, value: number, phase: "cold" | "baseline" | "check" | "prove", extra: object = {}): Entry =>
  entry(n, {
    kind: "reading",
    payload: {
      v: 1,
      phase,
      point: "B+",
      quantity: "voltage",
      measured: typed(value),
      expected: { text: "250", value: 250, tolerance: 0.2 },
      ...extra,
    },
  });

describe("passes", () => {
  it("are the readings of a set-up, and those without one; cold checks are none", () => {
    const entries = [
      volts(1, 0, "cold"),
      setup(2, "baseline"),
      volts(3, 200, "baseline", { setup: idOf(2) }),
      volts(4, 240, "check"),
      setup(5, "prove", { name: "again", like: idOf(2) }),
      volts(6, 251, "prove", { setup: idOf(5) }),
    ];
    const passes = passesOf(settled(entries), VISIT);
    expect(passes.map(({ phase, name }) => [phase, name])).toEqual([
      ["baseline", "evening"],
      ["check", "In between"],
      ["prove", "again"],
    ]);
    expect(passes[0]?.taken.get("B+")?.payload.measured.value).toBe(200);
  });
  it("compare like with like: what the set-ups say differently is said", () => {
    const entries = [
      setup(2, "baseline", { signal: "none", load: "loudspeaker" }),
      volts(3, 200, "baseline", { setup: idOf(2) }),
      setup(5, "prove", { signal: "1 kHz", load: "loudspeaker" }),
      volts(6, 251, "prove", { setup: idOf(5) }),
    ];
    const row = compareVisit(SHEET, 1937, settled(entries), VISIT).find((one) => one.point === "B+");
    expect(row?.setup).toEqual(["signal “none” before, “1 kHz” now"]);
  });
});

describe("work before a baseline", () => {
  it("is named, whether the baseline came later or never", () => {
    const early = entry(1, replace("C14", "47n/630"));
    expect(baselineWarning(settled([early]), VISIT)).toContain("C14 was changed and there is no baseline");
    expect(baselineWarning(settled([early, volts(2, 250, "baseline")]), VISIT)).toContain(
      "before the baseline was measured",
    );
    expect(
      baselineWarning(settled([volts(2, 250, "baseline"), entry(3, replace("C14", "47n/630"))]), VISIT),
    ).toBeUndefined();
    expect(stateOf([early], "baseline")?.lacks[0]).toContain("C14 changed already");
  });
});

it("brings the cold checks as rows of their own phase", () => {
  expect(coldRows(SHEET)).toEqual(
    expect.arrayContaining([expect.objectContaining({ point: "B+ to chassis", phase: "cold" })]),
  );
});
