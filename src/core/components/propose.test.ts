import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { choicesFor, propose, recapPlan, rulesOf, shopRulesSchema, type PlaceHistory, type PlanInput } from ".";
import { PLANNED } from "../fixtures";
import { ROLES, type Component, type Sheet } from "../model";

const sheet = PLANNED;
const input = (change: Partial<PlanInput> = {}): PlanInput => ({
  sheet,
  year: 1937,
  policy: "reliability",
  switches: {},
  rules: rulesOf(),
  ...change,
});
const part = (designator: string, role: Component["role"], drawn: string, stage?: string): Component => ({
  designator,
  role,
  drawn,
  ...(stage ? { stage } : {}),
});
const line = (component: Component, change: Partial<PlanInput> = {}, history: PlaceHistory = {}) =>
  propose(component, input(change), history)!;

const reservoir = part("C1", "reservoir", "16/450", "power");
const couple = part("C14", "coupling", ".05/400", "output");
const mains = part("C3", "mains", ".01/1000", "power");

describe("the rating asked for", () => {
  it("of a reservoir is 1.1 times the no-load peak: 1.1 × √2 × 300 V = 467 V, and its size ends at the rectifier's 20 µF", () => {
    const [need] = line(reservoir).needs;
    expect(need?.volts).toBeCloseTo(466.7, 1);
    expect(need?.voltsFrom).toContain("√2 × 300 V");
    expect(need?.window[0]).toBeCloseTo(14.4e-6, 9);
    expect(need?.window[1]).toBeCloseTo(20e-6, 9);
  });
  it("of a coupling capacitor is 1.25 times the no-load peak, since the plate stands at it until the tube draws", () => {
    const [need] = line(couple).needs;
    expect(need?.volts).toBeCloseTo(530.3, 1);
    expect(need).toMatchObject({
      kind: "film",
      orientation: "outer foil to the driving plate, the other lead to the grid of V4",
    });
  });
  it("of a cathode bypass is twice the bias, and 25 V at least", () => {
    expect(line(part("C15", "cathode-bypass", "25/50", "output")).needs[0]?.volts).toBe(25);
    const high = { ...sheet, points: [{ point: "V4 cathode", quantity: "voltage" as const, expected: 45 }] };
    expect(line(part("C15", "cathode-bypass", "25/50", "output"), { sheet: high }).needs[0]?.volts).toBe(90);
  });
  it("of a resistor is twice what it dissipates: (260 − 84.6 V)²/470 kΩ is 65 mW", () => {
    const load = part("R7", "anode-load", "470k", "first audio");
    expect(line(load).needs[0]?.watts).toBeCloseTo(2 * 0.0655, 3);
    const bias = line({ ...part("R10", "bias", "250", "output"), rating: "1 W" });
    expect(bias.hot).toBeCloseTo(12.5 ** 2 / 250, 6);
    expect(bias.cautions.join(" ")).toContain("hot spot");
  });
  it("of a low-voltage rail keeps the rail at 80 % of it", () => {
    const portable: Sheet = { ...sheet, supply: "low-voltage", lineVolts: 9, highestVolts: 9, tubes: [], points: [] };
    expect(line(part("C1", "rail", "100/12"), { sheet: portable }).needs[0]?.volts).toBeCloseTo(11.25, 9);
  });
  it("is never below the computed one, for any role and any rule the shop may make", () => {
    const change = fc.record({
      role: fc.constantFrom(...ROLES),
      factor: fc.double({ min: 1, max: 10, noNaN: true }),
      least: fc.double({ min: 0, max: 1000, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...ROLES),
        fc.array(change, { maxLength: 5 }),
        fc.integer({ min: 60, max: 800 }),
        (role, changes, rms) => {
          const unique = changes.filter(
            (one, index) => changes.findIndex(({ role: other }) => other === one.role) === index,
          );
          const rules = rulesOf(shopRulesSchema.parse({ roles: unique }));
          const found = propose(part("C1", role, "0.1/400"), input({ rules, sheet: { ...sheet, supplyRms: rms } }));
          const rule =
            rules.capacitors.find((one) => one.role === role) ?? rules.capacitors.find((one) => one.role === "other")!;
          for (const need of found?.needs ?? []) {
            if (rule.ratedFrom === "no-load")
              expect(need.volts).toBeGreaterThanOrEqual(Math.SQRT2 * rms * rule.factor - 1e-6);
            if (rule.ratedFrom === "mains") expect(need.mains).toBe(true);
            if (need.volts !== undefined) expect(need.volts).toBeGreaterThanOrEqual(rule.least - 1e-9);
          }
        },
      ),
    );
  });
});

describe("what is proposed", () => {
  it("follows the policy: replace on sight, test first, restuff", () => {
    expect(line(couple).action).toBe("replace");
    expect(line(couple, { policy: "original" }).action).toBe("test");
    expect(line(couple, { policy: "museum" }).action).toBe("restuff");
    expect(line(part("C8", "tuned", "100 mica", "detector")).action).toBe("keep");
  });
  it("follows the measurement where there is one", () => {
    const bad = { verdict: { verdict: "bad" as const, reasons: ["Lifts the grid by 3.8 V."] } };
    const good = { verdict: { verdict: "good" as const, reasons: ["As new."] } };
    expect(line(couple, { policy: "original" }, bad)).toMatchObject({
      action: "replace",
      reason: "Lifts the grid by 3.8 V.",
    });
    expect(line(couple, { policy: "original" }, good).action).toBe("keep");
    expect(line(couple, {}, good)).toMatchObject({ action: "replace", rule: "Replace on sight" });
    expect(line(couple, { policy: "museum" }, bad).action).toBe("restuff");
  });
  it("takes what the technician decided, says why, and keeps what the rules said", () => {
    const decided = { decided: { action: "keep" as const, why: "new in 2019" } };
    expect(line(couple, {}, decided)).toMatchObject({ action: "keep", proposed: "replace", override: "new in 2019" });
  });
  it("is done where a new part sits, until an electrolytic is fifteen years old", () => {
    const fitted = { state: "replaced" as const, fitted: ["18 µF 500 V"], age: 9 };
    expect(line(reservoir, {}, fitted)).toMatchObject({ action: "done", reason: "A new part sits there." });
    expect(line(reservoir, {}, { ...fitted, fitted: ["16 µF 500 V"], age: 16 }).action).toBe("test");
  });
  it("of a resistor follows the school of the visit", () => {
    const load = part("R7", "anode-load", "470k", "first audio");
    expect(line(load).action).toBe("test");
    expect(line(load, { policy: "museum" }).action).toBe("keep");
    expect(line(load, { switches: { resistors: "keep" } }).action).toBe("keep");
    const drifted = { verdict: { verdict: "bad" as const, reasons: ["+30 %, outside ±20 %."] } };
    expect(line(load, {}, drifted)).toMatchObject({ action: "replace", reason: "+30 %, outside ±20 %." });
  });
  it("leaves out what is neither capacitor nor resistor", () => {
    expect(propose(part("VR1", "control", "500k"), input())).toBeUndefined();
    expect(propose(part("L1", "other", "10 H"), input())).toBeUndefined();
    expect(recapPlan(input(), () => ({}))).toEqual([]);
  });
  it("measures a part whose value does not read", () => {
    expect(line(part("C20", "coupling", "see note", "output"))).toMatchObject({ action: "test", needs: [] });
  });
});

describe("a mains capacitor", () => {
  it("is only ever followed by a safety-rated part, whatever the policy, the record or the shop's rules say", () => {
    const rules = rulesOf({ roles: [{ role: "mains", factor: 1, least: 0, low: -0.2, high: 1 }] });
    for (const policy of ["reliability", "original", "museum"] as const)
      for (const history of [{}, { state: "replaced" as const, fitted: ["0.01 µF 630 V film"] }]) {
        const found = line(mains, { policy, rules }, history);
        expect(["replace", "restuff"]).toContain(found.action);
        expect(found.needs[0]).toMatchObject({ kind: "X", mains: true });
        expect(found.needs[0]?.window[1]).toBeCloseTo(10e-9, 15);
      }
    expect(line(part("C4", "mains-to-chassis", "5000p/1500"), {}).needs[0]).toMatchObject({ kind: "Y", mains: true });
  });
  it("goes out whatever was decided, and how it goes out may be chosen", () => {
    for (const action of ["keep", "test"] as const) {
      const found = line(mains, {}, { decided: { action, why: "looks fine" } });
      expect(found).toMatchObject({ action: "replace", proposed: "replace" });
      expect(found.override).toBeUndefined();
      expect(found.cautions.join(" ")).toContain("does not hold here");
    }
    expect(line(mains, {}, { decided: { action: "restuff", why: "shell is seen" } })).toMatchObject({
      action: "restuff",
      override: "shell is seen",
    });
    const can: Component = {
      designator: "C5",
      role: "other",
      drawn: ".01+.01",
      sections: [
        { role: "mains-to-chassis", drawn: ".01/1000" },
        { role: "decoupling", drawn: ".01/400" },
      ],
    };
    expect(line(can, {}, { decided: { action: "keep", why: "sound" } }).action).toBe("replace");
    expect(choicesFor(mains)).toEqual(["replace", "restuff"]);
    expect(choicesFor(couple)).toContain("keep");
  });
  it("of an ordinary kind is flagged, an X2 is not", () => {
    const ordinary = line(mains, {}, { state: "replaced", fitted: ["0.01 µF 630 V film"] });
    expect(ordinary.cautions.join(" ")).toContain("do not power it");
    expect(line(mains, {}, { state: "replaced", fitted: ["0.01 µF 275 V X2"] }).action).toBe("done");
  });
});

describe("an electrolytic in a coupling role", () => {
  it("is questioned, and film is proposed", () => {
    const found = line(part("C9", "coupling", "1 µF 50 V electrolytic", "output"));
    expect(found.needs[0]?.kind).toBe("film");
    expect(found.cautions.join(" ")).toContain("question the drawing");
  });
});

describe("a can of several sections", () => {
  it("asks for a part for each, by each section's own role", () => {
    const can: Component = {
      designator: "C3",
      role: "smoothing",
      drawn: "16+25",
      sections: [
        { role: "reservoir", drawn: "16/450" },
        { role: "cathode-bypass", drawn: "25/25" },
      ],
      stage: "output",
    };
    const { needs } = line(can);
    expect(needs.map(({ designator }) => designator)).toEqual(["C3A", "C3B"]);
    expect(needs[0]?.volts).toBeCloseTo(466.7, 1);
    expect(needs[1]?.volts).toBe(25);
  });
});

describe("the shop's rules", () => {
  it("take what makes sense, and refuse the rest with a sentence", () => {
    expect(
      rulesOf({ roles: [{ role: "coupling", factor: 1.5 }] }).capacitors.find(({ role }) => role === "coupling"),
    ).toMatchObject({
      factor: 1.5,
      high: 0.2,
      changed: true,
    });
    expect(shopRulesSchema.safeParse({ roles: [{ role: "coupling", factor: 0.5 }] }).success).toBe(false);
    expect(shopRulesSchema.safeParse({ roles: [{ role: "coupling", low: 0.5, high: 0.1 }] }).success).toBe(false);
    expect(shopRulesSchema.safeParse({ roles: [], resistorWindow: -1 }).success).toBe(false);
  });
});
