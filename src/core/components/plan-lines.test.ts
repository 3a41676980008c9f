import { describe, expect, it } from "vitest";
import { propose, recapPlan, roleText, rulesOf, toleranceOf, type PlaceHistory, type PlanInput } from ".";
import { PLANNED } from "../fixtures";
import type { Component } from "../model";
import type { Policy } from "../policy";

/** What the plan says of a place, for every turn that its record may have taken. */

const input = (change: Partial<PlanInput> = {}): PlanInput => ({
  sheet: PLANNED,
  year: 1937,
  policy: "original",
  switches: {},
  rules: rulesOf(),
  ...change,
});
const part = (designator: string, role: Component["role"], drawn: string, stage = "output"): Component => ({
  designator,
  role,
  drawn,
  stage,
});
const PAPER = part("C14", "coupling", ".05/400");
const ELECTROLYTIC = part("C1", "reservoir", "16/500", "power");
const MAINS = part("C3", "mains", ".01/1000", "power");
const RESISTOR = part("R7", "anode-load", "470k 1W", "first audio");

const says = (component: Component, history: PlaceHistory = {}, change: Partial<PlanInput> = {}) => {
  const line = propose(component, input(change), history);
  return line && [line.action, line.reason, line.rule];
};
const fitted = (text: string, more: PlaceHistory = {}): PlaceHistory => ({
  state: "replaced",
  fitted: [text],
  age: 1,
  ...more,
});
const judged = (verdict: "good" | "watch" | "bad" | "none", ...reasons: string[]): PlaceHistory => ({
  verdict: { verdict, reasons },
});
const POLICIES: Policy[] = ["reliability", "original", "museum"];
const put = (policy: Policy) => (policy === "museum" ? "restuff" : "replace");

describe("a capacitor that measured bad", () => {
  it.each(POLICIES)("goes, under %s", (policy) => {
    expect(says(PAPER, judged("bad", "It leaks.", "And more."), { policy })).toEqual([
      put(policy),
      "It leaks.",
      "A part that measures bad goes",
    ]);
    expect(says(PAPER, judged("bad"), { policy })?.[1]).toBe("Measured bad.");
  });
  it("goes also where it is new", () => {
    expect(says(PAPER, { ...fitted("47 nF 630 V film"), ...judged("bad", "It leaks.") })?.[0]).toBe("replace");
  });
});

describe("a capacitor that measured good", () => {
  it("is kept, but not where all are replaced on sight", () => {
    const kept = ["keep", "As new.", "Test and keep what is good"];
    expect(says(PAPER, judged("good", "As new."))).toEqual(kept);
    expect(says(PAPER, judged("good", "As new."), { policy: "museum" })).toEqual(kept);
    expect(says(PAPER, judged("good"))?.[1]).toBe("Measured good.");
    expect(says(PAPER, judged("good", "As new."), { policy: "reliability" })).toEqual([
      "replace",
      "Paper, takes up damp and leaks.",
      "Replace on sight",
    ]);
  });
  it("and one that is to be watched, or was not measured, is tested first", () => {
    const first = ["test", "Paper, takes up damp and leaks.", "Test and keep what is good"];
    expect(says(PAPER, judged("watch", "A little."))).toEqual(first);
    expect(says(PAPER, judged("none"))).toEqual(first);
    expect(says(PAPER)).toEqual(first);
  });
});

describe("what it is made of", () => {
  it.each([
    ["100p mica", "tuned", "Mica: keeps for decades."],
    ["100p ceramic", "decoupling", "Ceramic: keeps for decades."],
    [".05/400 film", "coupling", "Plastic film: keeps for decades."],
  ] as const)("%s is kept under every policy", (drawn, role, reason) => {
    for (const policy of POLICIES)
      expect(says(part("C8", role, drawn), {}, { policy })).toEqual(["keep", reason, "Kept within tolerance"]);
  });
  it("paper and electrolytics follow the policy", () => {
    expect(says(ELECTROLYTIC)).toEqual(["test", "Electrolytic, dries out.", "Test and keep what is good"]);
    expect(says(ELECTROLYTIC, {}, { policy: "reliability" })).toEqual([
      "replace",
      "Electrolytic, dries out.",
      "Replace on sight",
    ]);
    expect(says(ELECTROLYTIC, {}, { policy: "museum" })).toEqual([
      "restuff",
      "Electrolytic, dries out; the shell stays in sight.",
      "Restuff",
    ]);
  });
  it("an electrolytic that stands above its rating goes, and one exactly at it does not", () => {
    const strained = says(part("C1", "reservoir", "16/350", "power"));
    expect(strained).toEqual(["replace", "Rated 350 V, and it stands at 424 V.", "No electrolytic above its rating"]);
    expect(says(part("C1", "reservoir", "16/350", "power"), judged("good", "As new."))).toEqual(strained);
    expect(says(part("C1", "reservoir", "16/350", "power"), {}, { policy: "museum" })?.[0]).toBe("restuff");
    const circuit = new Map([["C1", { works: 350, highest: 360, watts: 0 }]]);
    expect(says(part("C1", "reservoir", "16/350", "power"), {}, { circuit })?.[0]).toBe("test");
    // Without a rating on the drawing nobody can say so.
    expect(says(part("C1", "reservoir", "16 electrolytic", "power"))?.[2]).toBe("Test and keep what is good");
  });
});

describe("a new capacitor", () => {
  it("is done, whatever the policy", () => {
    for (const policy of POLICIES)
      for (const state of ["replaced", "restuffed"] as const)
        expect(says(PAPER, fitted("47 nF 630 V film", { state }), { policy })).toEqual([
          "done",
          "A new part sits there.",
          "Work on record",
        ]);
  });
  it("of another kind, put there by somebody before, is held to what would be chosen, and then like an old one", () => {
    const film = fitted("47 nF 630 V film", { state: "substituted" });
    expect(says(PAPER, film)?.[0]).toBe("test");
    expect(says(PAPER, { ...film, ...judged("good", "As new.") })?.[0]).toBe("keep");
    expect(says(PAPER, fitted("47 nF 100 V film", { state: "substituted" }))?.[0]).toBe("replace");
  });
  it("that lacks what its place asks for goes, and says what it lacks", () => {
    for (const policy of POLICIES) {
      const [action, reason, rule] = says(PAPER, fitted("47 nF 100 V film"), { policy }) ?? [];
      expect(action).toBe(put(policy));
      expect(reason).toMatch(/^A new part sits there: rated 100 V: less than the .* needed here\.$/);
      expect(rule).toBe("What is fitted is held to what would be chosen");
    }
  });
  it("whose marking does not say is looked at first", () => {
    const [action, reason] = says(PAPER, fitted("47 nF film")) ?? [];
    expect(action).toBe("test");
    expect(reason).toContain("its rating is not on record");
  });
  it("of several sections names the one that lacks", () => {
    const can: Component = {
      designator: "C3",
      role: "smoothing",
      drawn: "16+25",
      stage: "output",
      sections: [
        { role: "reservoir", drawn: "16/450" },
        { role: "cathode-bypass", drawn: "25/25" },
      ],
    };
    // Nothing is on record for the second section: the one sentence is of it.
    const [, reason] = says(can, { state: "replaced", fitted: ["16 µF 100 V"], age: 1 }) ?? [];
    expect(reason).toMatch(/^C3[AB]: a new part sits there: /);
  });
  it("that is an electrolytic is looked at again at fifteen years", () => {
    expect(says(ELECTROLYTIC, fitted("16 µF 500 V", { age: 14.9 }))?.[0]).toBe("done");
    expect(says(ELECTROLYTIC, fitted("16 µF 500 V", { age: 15 }))).toEqual([
      "test",
      "Fitted 15 years ago.",
      "An electrolytic is looked at again after 15 years",
    ]);
    expect(says(ELECTROLYTIC, fitted("16 µF 500 V", { age: 16.9 }))?.[1]).toBe("Fitted 16 years ago.");
    const { age: _age, ...unknown } = fitted("16 µF 500 V");
    expect(says(ELECTROLYTIC, unknown)?.[0]).toBe("done");
    expect(says(PAPER, fitted("47 nF 630 V film", { age: 40 }))?.[0]).toBe("done");
  });
});

describe("a mains capacitor", () => {
  const ordinary = [
    "An ordinary capacitor in a mains role: when it fails it puts the line where hands are.",
    "Mains roles take safety-rated parts only",
  ];
  it("goes, also where it measured good, and where only the record says that it is new", () => {
    for (const policy of POLICIES) {
      expect(says(MAINS, {}, { policy })).toEqual([put(policy), ...ordinary]);
      expect(says(MAINS, judged("good", "As new."), { policy })).toEqual([put(policy), ...ordinary]);
      expect(says(MAINS, { state: "replaced" }, { policy })).toEqual([put(policy), ...ordinary]);
      expect(says(MAINS, { state: "replaced", fitted: [] }, { policy })).toEqual([put(policy), ...ordinary]);
      expect(says(MAINS, { state: "left", fitted: ["0.01 µF 275 V X2"] }, { policy })).toEqual([
        put(policy),
        ...ordinary,
      ]);
    }
  });
  it("of the right class is done, of no class goes", () => {
    expect(says(MAINS, fitted("0.01 µF 275 V X2"))).toEqual([
      "done",
      "A safety-rated part of the right class sits there.",
      "Mains roles take safety-rated parts only",
    ]);
    const [action, reason] = says(MAINS, fitted("0.01 µF 630 V film")) ?? [];
    expect(action).toBe("replace");
    expect(reason).toContain("an ordinary capacitor in a mains role");
  });
});

describe("a resistor", () => {
  const RULES = {
    nominal: "Replace all beyond their tolerance",
    twice: "Replace beyond twice the tolerance",
    keep: "Leave those that work",
  } as const;
  const unmeasured = {
    nominal: ["test", "Not measured yet: high in circuit is proof, low is none."],
    twice: ["test", "Not measured yet: high in circuit is proof, low is none."],
    keep: ["keep", "Not measured; left while the set works."],
  } as const;
  it.each(["nominal", "twice", "keep"] as const)("under the school “%s”", (resistors) => {
    const rule = RULES[resistors];
    const at = (history: PlaceHistory) => says(RESISTOR, history, { switches: { resistors } });
    expect(at({})).toEqual([...unmeasured[resistors], rule]);
    expect(at(judged("none"))).toEqual([...unmeasured[resistors], rule]);
    expect(at(judged("bad", "+30 %."))).toEqual(["replace", "+30 %.", rule]);
    expect(at(judged("bad"))).toEqual(["replace", "Drifted.", rule]);
    expect(at(judged("good", "+2 %."))).toEqual(["keep", "+2 %.", rule]);
    expect(at(judged("watch", "+15 %."))).toEqual(["keep", "+15 %.", rule]);
    expect(at(judged("good"))).toEqual(["keep", "Measured good.", rule]);
    expect(at(fitted("470k 1W"))).toEqual(["done", "A new part sits there.", "Work on record"]);
    expect(at(fitted("470k 1W", { state: "restuffed" }))?.[0]).toBe("done");
    expect(at(fitted("47k 1W"))?.[0]).toBe("replace");
    expect(at(fitted("470k 1W", { state: "substituted" }))).toEqual([...unmeasured[resistors], rule]);
  });
  it("has the school of the policy where the visit has none", () => {
    expect(says(RESISTOR, {}, { policy: "museum" })?.[2]).toBe(RULES.keep);
    expect(says(RESISTOR, {}, { policy: "museum", switches: { resistors: "nominal" } })?.[2]).toBe(RULES.nominal);
  });
});

describe("what the technician decided", () => {
  const decided = (action: "keep" | "test" | "replace" | "restuff"): PlaceHistory => ({
    decided: { action, why: "as the owner wishes" },
  });
  it("wins over the rules until the work is done", () => {
    const line = propose(PAPER, input(), decided("replace"));
    expect(line).toMatchObject({ action: "replace", proposed: "test", override: "as the owner wishes" });
    const done = propose(PAPER, input(), { ...fitted("47 nF 630 V film"), ...decided("keep") });
    expect(done).toMatchObject({ action: "done", proposed: "done" });
    expect(done).not.toHaveProperty("override");
    expect(propose(PAPER, input())).not.toHaveProperty("override");
  });
  it("does not win in a mains role while an ordinary capacitor sits there, and the line says so", () => {
    for (const action of ["keep", "test"] as const) {
      const line = propose(MAINS, input(), decided(action));
      expect(line).toMatchObject({ action: "replace", proposed: "replace" });
      expect(line?.cautions.at(-1)).toBe(
        `The decision “${action === "keep" ? "keep" : "test first"}: as the owner wishes” does not hold here: in a mains role only a safety-rated part may stay.`,
      );
    }
    for (const action of ["replace", "restuff"] as const) {
      const line = propose(MAINS, input(), decided(action));
      expect(line).toMatchObject({ action, override: "as the owner wishes" });
      expect(line?.cautions.join(" ")).not.toContain("does not hold");
    }
    // A marking that does not say is looked at first: that may be decided otherwise.
    const unknown = { ...fitted("0.01 µF X2"), ...decided("keep") };
    expect(propose(MAINS, input(), unknown)).toMatchObject({ action: "keep", proposed: "test" });
  });
});

describe("a line of the plan", () => {
  it("has the stage, what is drawn, and how hot a resistor runs, where they are known", () => {
    const line = propose({ ...part("R10", "bias", "250"), rating: "1 W" }, input());
    expect(line).toMatchObject({ designator: "R10", role: "bias", stage: "output", spec: { sections: [250] } });
    expect(line?.hot).toBeCloseTo(12.5 ** 2 / 250, 6);
    expect(propose(part("R10", "bias", "250"), input())).not.toHaveProperty("hot");
    const { stage: _stage, ...bare } = RESISTOR;
    expect(propose(bare, input())).not.toHaveProperty("stage");
    expect(propose(part("C20", "coupling", "see note"), input())).toMatchObject({
      action: "test",
      reason: "“see note” cannot be read as a value: look at the part itself.",
      rule: "A value that is not known is measured",
    });
  });
  it("is there for every capacitor and resistor, and for nothing else", () => {
    const components = [PAPER, RESISTOR, part("VR1", "control", "500k"), part("TC1", "tuned", "30p")];
    const other = [part("VC1", "tuned", "500p"), part("L1", "other", "10 H"), part("R3", "control", "10k"), MAINS];
    const sheet = { ...PLANNED, components: [...components, ...other] };
    const asked: string[] = [];
    const plan = recapPlan(input({ sheet }), (designator) => {
      asked.push(designator);
      return designator === "C14" ? judged("good", "As new.") : {};
    });
    expect(plan.map(({ designator, action }) => [designator, action])).toEqual([
      ["C14", "keep"],
      ["R7", "test"],
      ["C3", "replace"],
    ]);
    expect(asked).toContain("C14");
  });
  it("says the role and the stage in words, and the tolerance of a part as drawn", () => {
    expect(roleText({ role: "coupling", stage: "output" })).toBe("coupling, output");
    expect(roleText({ role: "coupling" })).toBe("coupling");
    const spec = propose(part("R7", "anode-load", "470k 5%"), input())?.spec;
    expect(toleranceOf(spec)).toBe(0.05);
    expect(toleranceOf(undefined)).toBe(0.2);
  });
});
