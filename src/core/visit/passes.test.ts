import { describe, expect, it } from "vitest";
import { entry, idOf, powerStep, replace, VISIT, voltage, work } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import type { Phase } from "../readings";
import {
  baselineWarning,
  changedBeforeBaseline,
  passesOf,
  setupFor,
  setupsOf,
  tapInForce,
  workWarning,
} from "./passes";

const OTHER = "01890000-0000-7000-8000-0000000000aa";
const settled = (...contents: (Content | Entry)[]) =>
  settle(contents.map((one, n) => ("id" in one ? one : entry(n + 1, one)))).settled;
const elsewhere = (n: number, content: Content): Entry => ({ ...entry(n, content), visitId: OTHER });
const setup = (phase: Phase, extra: object = {}): Content => ({
  kind: "setup",
  payload: { v: 1, phase, name: "evening", checked: [], ...extra },
});
const volts = (point: string, value: number, phase: Phase, extra: object = {}): Content => {
  const content = voltage(point, value, value);
  if (content.kind !== "reading") throw new Error("a reading");
  return { ...content, payload: { ...content.payload, phase, ...extra } };
};

describe("set-ups", () => {
  const log = settled(setup("baseline"), setup("prove", { name: "next day" }), elsewhere(3, setup("prove")));
  it("are those of the visit, in order; the last one of a phase is in force", () => {
    expect(setupsOf(log, VISIT).map(({ id, payload }) => [id, payload.name])).toEqual([
      [idOf(1), "evening"],
      [idOf(2), "next day"],
    ]);
    expect(setupFor(log, VISIT, "prove")?.id).toBe(idOf(2));
    expect(setupFor(log, VISIT, "check")).toBeUndefined();
    const again = settled(setup("prove"), setup("prove", { name: "again" }));
    expect(setupFor(again, VISIT, "prove")?.payload.name).toBe("again");
  });
});

describe("the tap in force", () => {
  const sheet = { taps: [110, 220], lineVolts: 220 };
  const step = (fullVolts: number) => powerStep({ expected: { fullVolts } });
  it("is the one that was chosen last, in a set-up or at a step of the power-up", () => {
    expect(tapInForce(settled(setup("baseline", { tapVolts: 110 })), VISIT, sheet)).toBe(110);
    expect(tapInForce(settled(setup("baseline", { tapVolts: 110 }), step(220)), VISIT, sheet)).toBe(220);
    expect(tapInForce(settled(step(220), setup("baseline", { tapVolts: 110 })), VISIT, sheet)).toBe(110);
  });
  it("is not what chose none, what the set has not, or what was chosen in another visit", () => {
    expect(tapInForce(settled(), VISIT, sheet)).toBeUndefined();
    expect(tapInForce(settled(step(110), setup("baseline"), step(230)), VISIT, sheet)).toBe(110);
    expect(tapInForce(settled(setup("baseline", { tapVolts: 150 })), VISIT, sheet)).toBeUndefined();
    expect(tapInForce(settled(elsewhere(1, step(110))), VISIT, sheet)).toBeUndefined();
  });
});

describe("passes", () => {
  it("are one for each set-up that was used, and one for readings of a phase without any, as they began", () => {
    const passes = passesOf(
      settled(
        setup("baseline"),
        volts("B+", 250, "baseline", { setup: idOf(1) }),
        volts("V4 plate", 240, "baseline"),
        volts("V4 cathode", 12, "baseline", { setup: idOf(1) }),
        setup("prove", { name: "never used" }),
      ),
      VISIT,
    );
    expect(passes.map(({ key, name, phase, setup: used }) => [key, name, phase, used?.id])).toEqual([
      [idOf(1), "evening", "baseline", idOf(1)],
      ["baseline", "Baseline", "baseline", undefined],
    ]);
    expect(passes.map(({ taken }) => [...taken.keys()].length)).toEqual([2, 1]);
  });

  it("take no cold checks, no readings of a soak or of a part, and none of another visit", () => {
    expect(
      passesOf(
        settled(
          volts("B+", 0, "cold"),
          volts("B+", 250, "soak"),
          volts("R7", 60, "baseline", { designator: "R7" }),
          elsewhere(4, volts("B+", 250, "baseline")),
        ),
        VISIT,
      ),
    ).toEqual([]);
  });

  it("go by their phase where the set-up is not in this visit", () => {
    const [pass] = passesOf(settled(volts("B+", 250, "prove", { setup: idOf(77) })), VISIT);
    expect(pass).toMatchObject({ key: "prove", phase: "prove" });
    expect(pass).not.toHaveProperty("setup");
  });
});

describe("work before the baseline", () => {
  const measured = volts("B+", 250, "baseline");

  it("is what changed something, each part once, until the first reading of the baseline", () => {
    const log = settled(
      replace("C1", "10u/450"),
      work(["R9"], "left", { why: "sound" }),
      replace("C1", "22u/450"),
      elsewhere(4, replace("C2", "10u/450")),
      volts("B+", 240, "check"),
      measured,
      replace("C3", "10n/630"),
    );
    expect(changedBeforeBaseline(log, VISIT)).toEqual(["C1"]);
    expect(baselineWarning(log, VISIT)).toBe(
      "C1 was changed before the baseline was measured: what that did cannot be shown.",
    );
    expect(workWarning(log, VISIT)).toBe(baselineWarning(log, VISIT));
  });

  it("is all of it where there is no baseline; more than six parts are counted", () => {
    const many = settled(work(["C1", "C2"], "restuffed"));
    expect(baselineWarning(many, VISIT)).toBe(
      "C1, C2 were changed and there is no baseline: what that did cannot be shown.",
    );
    const names = (count: number) => Array.from({ length: count }, (_, n) => `C${n + 1}`);
    expect(baselineWarning(settled(work(names(6), "restuffed")), VISIT)).toMatch(/^C1, C2, C3, C4, C5, C6 were/);
    expect(baselineWarning(settled(work(names(8), "restuffed")), VISIT)).toMatch(
      /^C1, C2, C3, C4, C5, C6 and 2 more were/,
    );
  });

  it("is nothing where the baseline came first; where nothing was done or measured, the baseline is asked for", () => {
    const first = settled(measured, replace("C1", "10u/450"));
    expect(baselineWarning(first, VISIT)).toBeUndefined();
    expect(workWarning(first, VISIT)).toBeUndefined();
    expect(baselineWarning(settled(), VISIT)).toBeUndefined();
    expect(workWarning(settled(), VISIT)).toMatch(/^Nothing is measured yet/);
  });
});
