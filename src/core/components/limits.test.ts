import { describe, expect, it } from "vitest";
import {
  choose,
  esrLimit,
  FLOOR_BY_CIRCUIT,
  gridShift,
  hotSpot,
  judgeCapacitor,
  judgeResistor,
  propose,
  readStock,
  resistorSchool,
  ruleFor,
  rulesOf,
  tanLimit,
  type CapacitorPlace,
  type PlaceHistory,
  type PlanInput,
  type PlanNeed,
} from ".";
import { COUPLING_NEED, PLANNED, stockItem } from "../fixtures";
import { ROLES, type Component } from "../model";
import { POLICIES } from "../policy";

/** The rules of parts at their limits, and the plan of every role under every policy. */

const place = (more: Partial<CapacitorPlace> = {}): CapacitorPlace => ({
  role: "decoupling",
  nominal: 100e-9,
  low: -0.2,
  high: 0.2,
  electrolytic: false,
  ...more,
});
const electrolytic = place({ role: "reservoir", nominal: 16e-6, low: -0.1, high: 0.5, electrolytic: true });

describe("a capacitor's value", () => {
  it("lies in the window of its role, its ends included", () => {
    const verdict = (farads: number) => judgeCapacitor({ farads }, place()).verdict;
    expect([80e-9, 79.9e-9, 120e-9, 120.1e-9].map(verdict)).toEqual(["good", "bad", "good", "bad"]);
    expect(judgeCapacitor({ farads: 130e-9 }, place()).reasons).toEqual([
      "130 nF is +30 %, outside −20 % to +20 %.",
      "A paper capacitor that reads high usually leaks: measure that.",
    ]);
    expect(judgeCapacitor({ farads: 25e-6 }, electrolytic).reasons).toEqual([
      "25 µF is +56 %, outside −10 % to +50 %.",
    ]);
    expect(judgeCapacitor({ farads: 100e-9 }, place()).reasons).toEqual([
      "100 nF is 0 %.",
      "Its leakage at working voltage was not measured: that is what paper fails on.",
    ]);
    expect(judgeCapacitor({ farads: 16e-6 }, electrolytic).reasons).toEqual(["16 µF is 0 %."]);
    expect(judgeCapacitor({}, place())).toEqual({ verdict: "none", reasons: [] });
    expect(judgeCapacitor({ farads: 1e-9 }, place({ nominal: undefined })).verdict).toBe("none");
  });
});

describe("losses", () => {
  it("of an electrolytic: tan δ by its rating, and the ESR from it", () => {
    expect([16, 17, 160, 161, 450, undefined].map(tanLimit)).toEqual([0.25, 0.2, 0.2, 0.15, 0.15, 0.2]);
    // 0.2 / (2π · 100 Hz · 16 µF) = 19.9 Ω
    expect(esrLimit(16e-6)).toBeCloseTo(19.894, 3);
    const esr = (ohms: number, more = {}) => judgeCapacitor({ esr: ohms }, { ...electrolytic, ...more });
    expect([19.8, 20, 39.7, 39.9].map((ohms) => esr(ohms).verdict)).toEqual(["good", "watch", "watch", "bad"]);
    expect(esr(10, { ratedVolts: 450 }).reasons).toEqual(["ESR 10 Ω, limit 14.9 Ω (tan δ 0.15 for 450 V at 100 Hz)."]);
    expect(esr(10).reasons[0]).toContain("(tan δ 0.2 at 100 Hz)");
    expect(judgeCapacitor({ esr: 10, farads: 8e-6 }, electrolytic).reasons.join()).toContain("limit 39.8 Ω");
    expect(judgeCapacitor({ esr: 10, hertz: 1000 }, electrolytic).reasons[0]).toContain("limit 1.99 Ω");
    expect(judgeCapacitor({ esr: 10 }, place()).verdict).toBe("none");
  });
  it("of a film capacitor: tan δ of 0.02, bad from twice that", () => {
    const tan = (value: number, where = place()) => judgeCapacitor({ tan: value }, where).verdict;
    expect([0.02, 0.021, 0.04, 0.041].map((value) => tan(value))).toEqual(["good", "watch", "watch", "bad"]);
    expect(tan(0.2, electrolytic)).toBe("good");
    expect(tan(0.21, electrolytic)).toBe("watch");
    expect(judgeCapacitor({ tan: 0.0301 }, place()).reasons[0]).toBe("tan δ 0.03, limit 0.02.");
  });
});

describe("leakage", () => {
  const next = { plateVolts: 200, gridOhms: 500e3, bias: 10, name: "V4" };
  const coupling = place({ role: "coupling", next });
  it("of a coupling capacitor is what it lifts the next grid by: 3 % of its bias is watched, 10 % is bad", () => {
    expect(gridShift(200, 500e3, 99.5e6)).toBe(1);
    expect(() => gridShift(200, 0, 1)).toThrow(RangeError);
    expect(() => gridShift(200, 1, 0)).toThrow(RangeError);
    // 1 V of 10 V is a tenth: through 99.5 MΩ
    const leak = (ohms: number) => judgeCapacitor({ leakAmps: 200 / ohms, atVolts: 200 }, coupling).verdict;
    expect([99.4e6, 99.6e6, 332e6, 334e6].map(leak)).toEqual(["bad", "watch", "watch", "good"]);
    expect(judgeCapacitor({ leakAmps: 0, atVolts: 200 }, coupling).reasons[0]).toMatch(
      /^No leakage lifts the grid of V4/,
    );
    expect(judgeCapacitor({ leakAmps: 2e-6, atVolts: 200 }, coupling).reasons[0]).toBe(
      "100 MΩ of leakage lifts the grid of V4 by 995 mV, 10 % of its 10 V bias.",
    );
  });
  it("of an electrolytic is 0.01·C·V or 3 µA; five times that is its end", () => {
    // 0.01 · 16 µF · 450 V = 72 µA
    const leak = (amps: number, atVolts = 450, more = {}) =>
      judgeCapacitor({ leakAmps: amps, atVolts }, { ...electrolytic, ...more });
    expect([72e-6, 73e-6, 360e-6, 361e-6].map((amps) => leak(amps).verdict)).toEqual(["good", "watch", "watch", "bad"]);
    expect(leak(50e-6).reasons).toEqual(["Leaks 50 µA at 450 V, limit 72 µA: as new."]);
    expect(leak(100e-6).reasons[0]).toContain("reform it and measure again");
    expect(leak(400e-6).reasons[0]).toContain("beyond reforming");
    expect(leak(3e-6, 10).verdict).toBe("good");
    expect(leak(3.1e-6, 10).verdict).toBe("watch");
  });
  it("of any other is its insulation: good from 50 MΩ, bad below 10 MΩ", () => {
    const leak = (ohms: number, where = place()) =>
      judgeCapacitor({ leakAmps: 200 / ohms, atVolts: 200 }, where).verdict;
    expect([50.1e6, 49.9e6, 10.1e6, 9.9e6].map((ohms) => leak(ohms))).toEqual(["good", "watch", "watch", "bad"]);
    expect(judgeCapacitor({ leakAmps: 0, atVolts: 200 }, place())).toEqual({ verdict: "good", reasons: [] });
    expect(leak(20e6, place({ electrolytic: true, nominal: undefined }))).toBe("watch");
  });
  it("counts at working voltage: below four fifths of it nothing is proved good", () => {
    const at = (atVolts: number, leakAmps = 0) => judgeCapacitor({ leakAmps, atVolts }, place({ workingVolts: 250 }));
    expect([200, 199].map((volts) => at(volts).verdict)).toEqual(["good", "watch"]);
    expect(at(100).reasons.at(-1)).toBe("Measured at 100 V; it works at 250 V: leakage counts at working voltage.");
    expect(at(100, 1e-3).verdict).toBe("bad");
    expect(at(100, 1e-3).reasons).toHaveLength(1);
  });
  it("without its voltage says nothing", () => {
    expect(judgeCapacitor({ leakAmps: 1e-6 }, place())).toEqual({
      verdict: "none",
      reasons: ["At which voltage was the leakage measured? Without it nothing follows."],
    });
  });
  it("decides where it is the worst, and its reason comes first", () => {
    const both = judgeCapacitor({ farads: 100e-9, leakAmps: 1e-3, atVolts: 200 }, place());
    expect(both.verdict).toBe("bad");
    expect(both.reasons[0]).toMatch(/^Insulation/);
    expect(both.reasons).toHaveLength(2);
  });
});

describe("a resistor", () => {
  const verdict = (ohms: number, school: "nominal" | "twice" | "keep", where: "lifted" | "in-circuit" = "lifted") =>
    judgeResistor({ ohms, where }, 1000, 0.1, school).verdict;
  it("is judged by its school once it is beyond its tolerance", () => {
    expect(POLICIES.map((policy) => [policy, resistorSchool(policy)])).toEqual([
      ["reliability", "nominal"],
      ["original", "twice"],
      ["museum", "keep"],
    ]);
    for (const school of ["nominal", "twice", "keep"] as const) expect(verdict(1100, school)).toBe("good");
    expect([1101, 700].map((ohms) => verdict(ohms, "nominal"))).toEqual(["bad", "bad"]);
    expect([1200, 1201, 800, 799].map((ohms) => verdict(ohms, "twice"))).toEqual(["watch", "bad", "watch", "bad"]);
    expect([1500, 1501, 500, 499].map((ohms) => verdict(ohms, "keep"))).toEqual(["watch", "bad", "watch", "bad"]);
    expect(verdict(1e12, "keep")).toBe("bad");
    expect(verdict(500, "nominal", "in-circuit")).toBe("none");
    expect(verdict(1300, "nominal", "in-circuit")).toBe("bad");
  });
  it("says why", () => {
    const reasons = (ohms: number, school: "nominal" | "twice" | "keep") =>
      judgeResistor({ ohms, where: "lifted" }, 1000, 0.1, school).reasons.at(-1);
    expect(reasons(1150, "nominal")).toBe("Beyond its tolerance: replaced under this school.");
    expect(reasons(1150, "twice")).toBe("Within twice its tolerance (±20 %): stays, noted.");
    expect(reasons(1300, "twice")).toBe("Beyond twice its tolerance (±20 %).");
    expect(reasons(1300, "keep")).toBe("Left while the set works, and noted.");
    expect(reasons(1600, "keep")).toBe("Half its value off: it no longer does its work.");
  });
  it("is a hot spot above half of its wattage", () => {
    expect(hotSpot(0.5, 1)).toEqual({ share: 0.5, hot: false });
    expect(hotSpot(0.51, 1).hot).toBe(true);
    expect(hotSpot(0, 1).hot).toBe(false);
    expect(() => hotSpot(-1, 1)).toThrow(RangeError);
    expect(() => hotSpot(1, 0)).toThrow(RangeError);
  });
});

const RESISTORS: readonly string[] = ["anode-load", "screen", "bias", "grid-leak", "dropper", "bleeder", "control"];

describe("the plan of every role", () => {
  const lineOf = (role: Component["role"], change: Partial<PlanInput> = {}, history: PlaceHistory = {}) => {
    const resistor = RESISTORS.includes(role);
    const component: Component = {
      designator: resistor ? "R1" : "C1",
      role,
      drawn: resistor ? "47k 1W" : ".05/400",
      stage: "output",
    };
    return propose(
      component,
      { sheet: PLANNED, year: 1937, policy: "reliability", switches: {}, rules: rulesOf(), ...change },
      history,
    );
  };
  const inFull = (change: Partial<PlanInput> = {}, history: PlaceHistory = {}) =>
    ROLES.map((role) => {
      const line = lineOf(role, change, history);
      if (!line) return `${role}: –`;
      const needs = line.needs.map(
        ({ value, window, volts, watts, kind, orientation, voltsFrom }) =>
          `${value.toPrecision(3)} in ${window.map((one) => one.toPrecision(3)).join(" to ")}, ${volts?.toFixed(0) ?? "–"} V (${voltsFrom ?? ""}), ${watts?.toFixed(2) ?? "–"} W, ${kind} ${orientation}`,
      );
      return `${role}: ${line.action} (rule ${line.proposed}). ${line.reason} [${line.rule}] ${needs.join("; ")} ! ${line.cautions.join(" ")}`;
    }).join("\n");

  it.each(POLICIES)("under %s", (policy) => {
    expect(inFull({ policy })).toMatchSnapshot();
  });
  it("of a set of 1965, of one without a chart, and of one of low voltage", () => {
    expect(inFull({ year: 1965, policy: "original" })).toMatchSnapshot();
    expect(inFull({ sheet: { ...PLANNED, points: [] } })).toMatchSnapshot();
    expect(inFull({ sheet: { ...PLANNED, supply: "low-voltage", lineVolts: 9, highestVolts: 9 } })).toMatchSnapshot();
  });
  it("where a new part sits, a bad one, an old new one, and where it was decided otherwise", () => {
    const fitted = (text: string, age: number): PlaceHistory => ({ state: "replaced", fitted: [text], age });
    expect(inFull({}, fitted("0.047/630 film", 1))).toMatchSnapshot();
    expect(inFull({}, fitted("0.047/100 film", 1))).toMatchSnapshot();
    expect(inFull({}, fitted("10nF X2 275V", 1))).toMatchSnapshot();
    expect(inFull({}, fitted("22/450 electrolytic", 20))).toMatchSnapshot();
    expect(inFull({}, { verdict: { verdict: "bad", reasons: ["It leaks."] } })).toMatchSnapshot();
    expect(inFull({ policy: "original" }, { verdict: { verdict: "good", reasons: ["As new."] } })).toMatchSnapshot();
    expect(inFull({}, { decided: { action: "keep", why: "the owner wants it" } })).toMatchSnapshot();
    expect(inFull({ policy: "museum" }, { decided: { action: "replace", why: "unsafe" } })).toMatchSnapshot();
  });
});

describe("choices from stock", () => {
  const need = COUPLING_NEED;
  const film = (id: string, marking: string, more = {}) => stockItem({ id, kind: "film", marking, onHand: 5, ...more });
  const found = (want: Partial<PlanNeed>, ...items: ReturnType<typeof stockItem>[]) =>
    choose({ ...need, ...want }, readStock(items), 2026);
  it("lie in the window and bear the voltage, both to the limit", () => {
    const ids = found(
      {},
      film("low", "40 nF 500 V"),
      film("high", "60 nF 500 V"),
      film("below", "39 nF 500 V"),
      film("above", "61 nF 500 V"),
      film("weak", "50 nF 499 V"),
    ).flatMap(({ items, pair }) => (pair ? [] : items.map(({ id }) => id)));
    expect(ids.toSorted()).toEqual(["high", "low"]);
  });
  it("say what is odd about them", () => {
    const remarks = (want: Partial<PlanNeed>, item: ReturnType<typeof stockItem>) =>
      found(want, item)[0]?.remarks ?? [];
    expect(remarks({}, film("a", "50 nF 500 V"))).toEqual([]);
    expect(remarks({}, film("a", "50 nF 3.5 kV"))).toEqual([]);
    expect(remarks({}, film("a", "50 nF 3.6 kV"))).toEqual(["Rated far above what is needed: check that it fits."]);
    expect(remarks({}, film("a", "44 nF 500 V"))).toEqual(["44 nF for 50 nF."]);
    expect(remarks({}, film("a", "46 nF 500 V"))).toEqual([]);
    const x = { kind: "X", mains: true, value: 10e-9, window: [3e-9, 10e-9], volts: 250 } as const;
    const bare: Partial<PlanNeed> = { ...x, window: [3e-9, 10e-9] };
    expect(remarks(bare, stockItem({ kind: "Y", marking: "10 nF Y2 300 V", onHand: 1 }))).toEqual([
      "A Y part in an X place: allowed.",
    ]);
    const bypass: Partial<PlanNeed> = { kind: "electrolytic", value: 50e-6, window: [40e-6, 60e-6], volts: 25 };
    const can = (madeIn: number | null) =>
      stockItem({ kind: "electrolytic", marking: "50 µF 50 V", onHand: 1, madeIn });
    expect(remarks(bypass, can(2020))).toEqual(["Made 2020: reform it before use."]);
    expect(remarks(bypass, can(2021))).toEqual([]);
    expect(remarks(bypass, can(null))).toEqual([]);
  });
  it("are four at most, the best first, with what they cost", () => {
    const many = Array.from({ length: 8 }, (_, n) => film(`f${n}`, `${45 + n} nF 500 V`, { priceMinor: 100 }));
    const choices = found({}, ...many);
    expect(choices).toHaveLength(4);
    expect(choices[0]?.items[0]?.id).toBe("f5");
    expect(choices[0]?.price).toBe(100);
    expect(found({}, film("a", "50 nF 500 V", { priceMinor: null }))[0]?.price).toBeNull();
  });
});

describe("a rating by the set's own circuit", () => {
  const RULES = rulesOf();
  const PARTS: Record<string, Component> = {
    C14: { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" },
    R7: { designator: "R7", role: "anode-load", drawn: "47k 1W", stage: "first audio" },
  };
  const needOf = (designator: string, circuit?: PlanInput["circuit"]) => {
    const component = PARTS[designator];
    if (!component) throw new Error(designator);
    const sheet = { ...PLANNED, components: [component] };
    const input = { sheet, year: 1937, policy: "reliability", switches: {}, rules: RULES } as const;
    return propose(component, circuit ? { ...input, circuit } : input, {})?.needs[0];
  };
  const known = (designator: string, works: number, highest: number, watts = 0): PlanInput["circuit"] =>
    new Map([[designator, { works, highest, watts }]]);

  it("takes the most that a capacitor sees where that is more than the rule asks of what it works at", () => {
    const need = needOf("C14", known("C14", 200, 417));
    expect(need).toMatchObject({ volts: 417, works: 200, voltsFrom: "line high, tubes cold, by the set's net" });
  });

  it("keeps the rule's margin on what it works at, and its least", () => {
    const { factor } = ruleFor(RULES, "coupling");
    const need = needOf("C14", known("C14", 400, 417));
    expect(need?.volts).toBeCloseTo(Math.max(factor * 400, 417), 6);
    const small = needOf("C14", known("C14", 1, 2));
    expect(small?.volts).toBe(FLOOR_BY_CIRCUIT);
    expect(small?.voltsFrom).toBe("at least 50 V; 2 V at most by the set's net");
  });

  it("asks for no more than the original bore where a part of a low-voltage set stands at next to nothing", () => {
    const component: Component = { designator: "C4", role: "coupling", drawn: "10 µF 10 V", stage: "driver" };
    const sheet = { ...PLANNED, components: [component] };
    const circuit = new Map([["C4", { works: 0.6, highest: 0.7, watts: 0 }]]);
    const input: PlanInput = { sheet, year: 1966, policy: "reliability", switches: {}, rules: RULES, circuit };
    expect(propose(component, input, {})?.needs[0]?.volts).toBe(10);
  });

  it("gives a resistor the shop's margin on its own watts, not less than the drawn rating", () => {
    const need = needOf("R7", known("R7", 200, 300, 1.2));
    expect(need?.watts).toBeCloseTo(RULES.wattMargin * 1.2, 6);
    expect(need?.wattsFrom).toContain("1.2 W by the set's net");
  });

  it("leaves a part that the net does not have to the rules", () => {
    expect(needOf("C14", known("C1", 1, 2))).toEqual(needOf("C14"));
  });
});
