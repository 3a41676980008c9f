import { describe, expect, it } from "vitest";
import {
  choicesFor,
  propose,
  recapPlan,
  roleText,
  rulesOf,
  toleranceOf,
  type PlaceHistory,
  type PlanInput,
  type PlanLine,
} from ".";
import { PLANNED } from "../fixtures";
import type { Component } from "../model";

const input = (change: Partial<PlanInput> = {}): PlanInput => ({
  ...{ sheet: PLANNED, year: 1937, policy: "original" as const, switches: {}, rules: rulesOf() },
  ...change,
});
const part = (designator: string, role: Component["role"], drawn: string, stage?: string): Component => ({
  ...{ designator, role, drawn },
  ...(stage ? { stage } : {}),
});
type Said = Pick<PlanLine, "action" | "reason" | "rule">;
function says(component: Component, history: PlaceHistory = {}, change: Partial<PlanInput> = {}): Said {
  const { action, reason, rule } = propose(component, input(change), history)!;
  return { action, reason, rule };
}
const POLICIES = ["reliability", "original", "museum"] as const;
const verdict = (one: "good" | "watch" | "bad" | "none", ...reasons: string[]): PlaceHistory => ({
  verdict: { verdict: one, reasons },
});

const couple = part("C14", "coupling", ".05/400 paper", "output");
const reservoir = part("C1", "reservoir", "16/600", "power");
const mains = part("C3", "mains", ".01/1000", "power");
const load = part("R7", "anode-load", "470k", "first audio");
const fitted = (marking: string, more: PlaceHistory = {}): PlaceHistory => ({
  state: "replaced",
  fitted: [marking],
  age: 3,
  ...more,
});

describe("a capacitor that nobody measured", () => {
  it("goes by what it is made of and by the policy", () => {
    expect(POLICIES.map((policy) => says(couple, {}, { policy }))).toEqual([
      { action: "replace", reason: "Paper, takes up damp and leaks.", rule: "Replace on sight" },
      { action: "test", reason: "Paper, takes up damp and leaks.", rule: "Test and keep what is good" },
      { action: "restuff", reason: "Paper, takes up damp and leaks; the shell stays in sight.", rule: "Restuff" },
    ]);
    expect(says(reservoir)).toMatchObject({ action: "test", reason: "Electrolytic, dries out." });
  });

  it("is kept where it is made of what lasts", () => {
    for (const [made, word] of [
      ["mica", "Mica"],
      ["ceramic", "Ceramic"],
      ["film", "Plastic film"],
    ])
      for (const policy of POLICIES)
        expect(says(part("C8", "coupling", `.05/400 ${made}`, "output"), {}, { policy })).toEqual({
          ...{ action: "keep", reason: `${word}: keeps for decades.`, rule: "Kept within tolerance" },
        });
  });
});

describe("a capacitor that was measured", () => {
  it("goes when it is bad, with the first reason, as the policy lets it go", () => {
    expect(POLICIES.map((policy) => says(couple, verdict("bad", "Leaks.", "Old."), { policy }).action)).toEqual([
      "replace",
      "replace",
      "restuff",
    ]);
    expect(says(couple, verdict("bad", "Leaks.", "Old."))).toMatchObject({
      ...{ reason: "Leaks.", rule: "A part that measures bad goes" },
    });
    expect(says(couple, verdict("bad")).reason).toBe("Measured bad.");
  });

  it("stays when it is good, but where all go on sight", () => {
    const good = verdict("good");
    expect(POLICIES.map((policy) => says(couple, good, { policy }).action)).toEqual(["replace", "keep", "keep"]);
    expect(says(couple, good)).toEqual({
      ...{ action: "keep", reason: "Measured good.", rule: "Test and keep what is good" },
    });
    expect(says(couple, verdict("good", "As new.")).reason).toBe("As new.");
    expect(says(couple, verdict("none")).action).toBe("test");
    expect(says(couple, verdict("watch", "A little.")).action).toBe("test");
  });

  it("goes all the same where it stands above its own rating, as an electrolytic alone", () => {
    const low = says(part("C1", "reservoir", "16/400", "power"), verdict("good"));
    expect(low).toMatchObject({ action: "replace", rule: "No electrolytic above its rating" });
    expect(low.reason).toMatch(/^Rated 400 V, and it stands at 4\d\d V\.$/);
    expect(says(part("C1", "reservoir", "16/600", "power"), verdict("good")).action).toBe("keep");
    expect(says(part("C1", "reservoir", "16/400", "power"), verdict("good"), { policy: "museum" }).action).toBe(
      "restuff",
    );
    expect(says(part("C14", "coupling", ".05/100 paper", "output"), verdict("good")).action).toBe("keep");
    // Exactly at its rating it is not above it.
    const circuit = new Map([["C1", { works: 400, highest: 410, watts: 0 }]]);
    expect(says(part("C1", "reservoir", "16/400", "power"), verdict("good"), { circuit }).action).toBe("keep");
  });
});

describe("a capacitor that was put in", () => {
  it("is done where it does for the place", () => {
    expect(says(couple, fitted("0.047 µF 630 V film"))).toEqual({
      ...{ action: "done", reason: "A new part sits there.", rule: "Work on record" },
    });
    expect(says(couple, fitted("0.047 µF 630 V film", { age: 40 })).action).toBe("done");
  });

  it("is looked at again when it is an electrolytic of fifteen years", () => {
    const at = (age?: number) => says(reservoir, fitted("16 µF 600 V", age === undefined ? { age: 0 } : { age }));
    expect(at(14.9).action).toBe("done");
    expect(at(15)).toEqual({
      ...{ action: "test", reason: "Fitted 15 years ago." },
      rule: "An electrolytic is looked at again after 15 years",
    });
    expect(at(22.7).reason).toBe("Fitted 22 years ago.");
    const { age: _age, ...undated } = fitted("16 µF 600 V");
    expect(says(reservoir, undated).action).toBe("done");
  });

  it("goes again where it lacks something, and is looked at where its marking does not say", () => {
    expect(says(couple, fitted("0.047 µF 100 V film"))).toMatchObject({
      ...{ action: "replace", rule: "What is fitted is held to what would be chosen" },
      reason: expect.stringMatching(/^A new part sits there: rated 100 V: less than the 5\d\d V needed here\.$/),
    });
    expect(says(couple, fitted("0.047 µF 100 V film"), { policy: "museum" }).action).toBe("restuff");
    expect(says(couple, fitted("0.047 µF"))).toMatchObject({
      ...{ action: "test", reason: expect.stringContaining("its rating is not on record") },
    });
    // What is wrong comes before what is not known.
    expect(says(couple, fitted("0.1 µF"))).toMatchObject({
      ...{ action: "replace", reason: expect.stringContaining("above the") },
    });
  });

  it("names the section where several lack something", () => {
    const can: Component = {
      ...{ designator: "C3", role: "smoothing", drawn: "16+25", stage: "output" },
      sections: [
        { role: "reservoir", drawn: "16/450" },
        { role: "cathode-bypass", drawn: "25/25" },
      ],
    };
    const found = says(can, { state: "replaced", fitted: ["16 µF 100 V", "25 µF 10 V"], age: 1 });
    expect(found.reason).toMatch(/^C3A: a new part sits there: rated 100 V/);
    expect(says(can, { state: "replaced", fitted: ["16 µF 600 V", "25 µF 10 V"], age: 1 }).reason).toMatch(
      /^A new part sits there: rated 10 V/,
    );
  });

  it("of another kind than the original goes by the rules for what is there", () => {
    const other = fitted("0.047 µF 630 V film", { state: "substituted" });
    expect(says(couple, other)).toMatchObject({ action: "test", rule: "Test and keep what is good" });
    // What still is the original is held to nothing that would be chosen.
    expect(says(couple, { ...fitted("0.047 µF 100 V film"), state: "original" }).action).toBe("test");
  });
});

describe("a mains capacitor", () => {
  it("goes, and is done when a part of the right class sits there", () => {
    const rule = "Mains roles take safety-rated parts only";
    const reason = "An ordinary capacitor in a mains role: when it fails it puts the line where hands are.";
    expect(POLICIES.map((policy) => says(mains, {}, { policy }))).toEqual([
      { action: "replace", reason, rule },
      { action: "replace", reason, rule },
      { action: "restuff", reason, rule },
    ]);
    expect(says(mains, fitted("0.01 µF 275 V X2"))).toEqual({
      ...{ action: "done", reason: "A safety-rated part of the right class sits there.", rule },
    });
    expect(says(mains, { state: "replaced", fitted: [] })).toEqual({ action: "replace", reason, rule });
    expect(says(mains, { ...fitted("0.01 µF 275 V X2"), state: "original" }).action).toBe("replace");
    // Measured good it goes all the same.
    expect(says(mains, verdict("good")).action).toBe("replace");
  });
});

describe("a resistor", () => {
  const schools = (history: PlaceHistory) => POLICIES.map((policy) => says(load, history, { policy }));

  it("that nobody measured is tested, or left where the school leaves what works", () => {
    expect(schools({})).toEqual([
      {
        action: "test",
        reason: "Not measured yet: high in circuit is proof, low is none.",
        rule: "Replace all beyond their tolerance",
      },
      {
        action: "test",
        reason: "Not measured yet: high in circuit is proof, low is none.",
        rule: "Replace beyond twice the tolerance",
      },
      {
        action: "keep",
        reason: "Not measured; left while the set works.",
        rule: "Leave those that work",
      },
    ]);
    expect(says(load, verdict("none")).action).toBe("test");
    expect(says(load, {}, { switches: { resistors: "keep" } }).rule).toBe("Leave those that work");
  });

  it("that was measured goes or stays by it", () => {
    expect(schools(verdict("bad", "+40 %.")).map(({ action, reason }) => [action, reason])).toEqual([
      ["replace", "+40 %."],
      ["replace", "+40 %."],
      ["replace", "+40 %."],
    ]);
    expect(says(load, verdict("bad")).reason).toBe("Drifted.");
    expect(says(load, verdict("good", "+4 %."))).toMatchObject({ action: "keep", reason: "+4 %." });
    expect(says(load, verdict("watch", "+15 %."))).toMatchObject({ action: "keep", reason: "+15 %." });
    expect(says(load, verdict("good")).reason).toBe("Measured good.");
  });

  it("that was put in is done, unless it lacks something", () => {
    expect(says(load, fitted("470k 0.5W"))).toMatchObject({ action: "done", reason: "A new part sits there." });
    expect(says(load, fitted("470k 0.5W", { state: "restuffed" })).action).toBe("done");
    expect(says(load, fitted("470k 0.5W", { state: "substituted" })).action).toBe("test");
    expect(says(load, fitted("47k 0.5W"))).toMatchObject({
      action: "replace",
      reason: expect.stringContaining("below"),
    });
    expect(says(load, { ...fitted("47k 0.5W"), state: "original" }).action).toBe("test");
  });
});

describe("a line of the plan", () => {
  it("leaves out controls, trimmers, gangs, and what is neither capacitor nor resistor", () => {
    for (const one of [
      part("R9", "control", "500k"),
      part("TC1", "tuned", "30p"),
      part("VC1", "tuned", "500p"),
      part("T1", "other", "output"),
    ])
      expect(propose(one, input())).toBeUndefined();
    expect(propose(part("C9", "tuned", "30p"), input())).toBeDefined();
    const all = recapPlan(
      input({ sheet: { ...PLANNED, components: [couple, part("T1", "other", "output"), load] } }),
      (at) => (at === "R7" ? verdict("bad", "+40 %.") : {}),
    );
    expect(all.map(({ designator, action }) => [designator, action])).toEqual([
      ["C14", "test"],
      ["R7", "replace"],
    ]);
  });

  it("measures what cannot be read, and says what stands there", () => {
    expect(says(part("C20", "coupling", "see note"))).toEqual({
      action: "test",
      reason: "“see note” cannot be read as a value: look at the part itself.",
      rule: "A value that is not known is measured",
    });
  });

  it("carries its stage, its wattage, and the decision with its why", () => {
    const line = (component: Component, history: PlaceHistory = {}) => propose(component, input(), history)!;
    expect(line(couple).stage).toBe("output");
    expect(line(part("C14", "coupling", ".05/400"))).not.toHaveProperty("stage");
    // 12.5 V across 250 Ω are 0.625 W: five eighths of one watt, and nothing is said of a part without its watts.
    const bias = part("R10", "bias", "250", "output");
    expect(line({ ...bias, rating: "1 W" }).hot).toBeCloseTo(0.625, 6);
    expect(line(bias)).not.toHaveProperty("hot");
    expect(line(couple)).not.toHaveProperty("hot");
    const decided = { decided: { action: "replace" as const, why: "asked for" } };
    expect(line(couple, decided)).toMatchObject({ action: "replace", proposed: "test", override: "asked for" });
    expect(line(couple, { ...decided, ...fitted("0.047 µF 630 V film") })).toMatchObject({ action: "done" });
    expect(line(couple, { ...decided, ...fitted("0.047 µF 630 V film") })).not.toHaveProperty("override");
    expect(line(couple, { decided: { action: "keep", why: "new" } }).cautions.join(" ")).not.toContain("does not hold");
    expect(
      line(mains, { ...fitted("0.01 µF 275 V X2"), decided: { action: "keep", why: "X2" } }).cautions.join(" "),
    ).not.toContain("does not hold");
  });

  it("may be decided freely but in a mains role", () => {
    expect(choicesFor(mains)).toEqual(["replace", "restuff"]);
    expect(choicesFor(couple)).toEqual(["keep", "test", "replace", "restuff"]);
  });

  it("names its role, and the tolerance of its time where none is marked", () => {
    expect(roleText({ role: "coupling", stage: "output" })).toBe("coupling, output");
    expect(roleText({ role: "coupling" })).toBe("coupling");
    expect(toleranceOf({ quantity: "resistance", sections: [470e3], tolerance: 0.05 })).toBe(0.05);
    expect(toleranceOf({ quantity: "resistance", sections: [470e3] })).toBe(0.2);
    expect(toleranceOf(undefined)).toBe(0.2);
  });
});
