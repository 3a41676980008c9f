import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { leastVolts, madeOf, needsOf, rulesOf, type InCircuit, type PlanInput } from ".";
import { PLANNED } from "../fixtures";
import type { Component, Role, Sheet } from "../model";
import { parsePart, type PartSpec } from "../quantity";
import { ruleFor } from "./rules";

const input = (sheet: Partial<Sheet> = {}, more: Partial<PlanInput> = {}): PlanInput => ({
  sheet: { ...PLANNED, ...sheet },
  year: 1937,
  policy: "original",
  switches: {},
  rules: rulesOf(),
  ...more,
});
const part = (role: Role, drawn: string, more: Partial<Component> = {}): Component => ({
  designator: "C1",
  role,
  drawn,
  ...more,
});
const spec = (text: string): PartSpec | undefined => {
  const read = parsePart(text, { quantity: "capacitance" });
  return read.ok ? read.value : undefined;
};
const [need, least] = [
  (component: Component, asked = input()) => needsOf(component, asked)[0]!,
  (role: Role, asked = input(), drawn?: string) =>
    leastVolts(ruleFor(asked.rules, role), asked, part(role, drawn ?? "50n"), drawn ? spec(drawn) : undefined),
];
const inCircuit = (one: InCircuit) => new Map([["C1", one]]);

describe("what an original is made of", () => {
  it.each([
    ["47n paper", "coupling", 1975, "paper"],
    ["47n", "coupling", 1937, "paper"],
    ["47n", "coupling", 1965, "paper"],
    ["47n", "coupling", 1966, "film"],
    ["47n", "coupling", null, "paper"],
    ["999p", "coupling", 1937, "mica"],
    ["1n", "coupling", 1937, "paper"],
    ["200p ceramic", "tuned", 1937, "ceramic"],
    ["200p", "tuned", 1970, "mica"],
    ["8µ", "reservoir", 1937, "electrolytic"],
  ] as const)("%s as %s of %s is %s", (text, role, year, made) => expect(madeOf(spec(text), role, year)).toBe(made));
  it("is told by role and year where nothing is drawn", () => {
    expect(madeOf(undefined, "coupling", 1937)).toBe("paper");
    expect(madeOf(undefined, "coupling", 1970)).toBe("film");
    expect(madeOf(undefined, "smoothing", 1970)).toBe("electrolytic");
  });
});

describe("the rating that a place asks for", () => {
  it("across the line is that of the highest voltage the selector can be set to", () => {
    expect(least("mains", input({ taps: [110, 240, 220] }))).toMatchObject({ volts: 240 });
    expect(least("mains")).toMatchObject({ volts: 230, from: "230 V (the line, alternating)" });
  });
  it("on a rail is 1.25 × B+, and never below what stands there until the tubes draw: 300 V · √2 = 424 V", () => {
    expect(least("decoupling")?.volts).toBeCloseTo(424.3, 0);
    expect(least("decoupling")?.from).toContain("until the tubes draw");
    // Without a transformer's figure the highest voltage inside is what the rail rises to.
    const high = input({ points: [{ point: "B+", quantity: "voltage", expected: 400 }] });
    expect(least("decoupling", high)).toMatchObject({ volts: 500, works: 400 });
    expect(least("decoupling", high)?.from).toMatch(/^1\.25 × 400 V/);
  });
  it("of a tuned circuit is the original's own, and none where the drawing has none", () => {
    expect(least("tuned", input(), "200p 500V")).toMatchObject({ volts: 500, from: "500 V (the original)" });
    expect(least("tuned", input(), "200p")).toBeUndefined();
    expect(least("tuned")).toBeUndefined();
  });
  it("of the AVC line is fixed, and says so", () =>
    expect(least("avc")).toEqual({ volts: 100, from: "at least 100 V" }));
  it("of a cathode is the bias with its margin, and not below the least", () => {
    const at = (expected: number) =>
      leastVolts(
        ruleFor(rulesOf(), "cathode-bypass"),
        input({ points: [{ point: "V4 cathode", quantity: "voltage", expected }] }),
        part("cathode-bypass", "25µ", { stage: "output" }),
      );
    expect(at(20)).toMatchObject({ volts: 40, works: 20 });
    expect(at(20)?.from).toMatch(/^2 × 20 V/);
    expect(at(5)).toMatchObject({ volts: 25, works: 5 });
    expect(at(5)?.from).toMatch(/^at least 25 V; 2 × 5 V/);
  });
  it("by the set's net is the margin on what it works at, or the most that it sees, or the floor", () => {
    const by = (works: number, highest: number, drawn?: string) =>
      least("coupling", input({}, { circuit: inCircuit({ works, highest, watts: 0 }) }), drawn)!;
    expect(by(200, 220)).toMatchObject({ volts: 250, works: 200 });
    expect(by(200, 220).from).toContain("across it by the set's net");
    expect(by(200, 380)).toMatchObject({ volts: 380, from: "line high, tubes cold, by the set's net" });
    expect(by(0.01, 0.02)).toMatchObject({ volts: 50 });
    expect(by(0.01, 0.02).from).toMatch(/^at least 50 V; 20 mV at most/);
    // An original of less shows that less will do.
    expect(by(0.01, 0.02, "10µ 12V")).toMatchObject({ volts: 12 });
  });
  it("across the line is never taken from the net", () =>
    expect(least("mains", input({}, { circuit: inCircuit({ works: 1, highest: 2, watts: 0 }) }))?.volts).toBe(230));
  it("in a low-voltage set is that of its one rail, without a cold start", () => {
    const low = input({
      supply: "low-voltage",
      lineVolts: 12,
      points: [{ point: "12 V rail", quantity: "voltage", expected: 12 }],
    });
    expect(least("decoupling", low)?.volts).toBe(15);
    expect(least("decoupling", low)?.from).toMatch(/^1\.25 × 12 V/);
  });
});

describe("what has to go in", () => {
  it("is an electrolytic where one was drawn at a film's place, except where it couples", () => {
    expect(need(part("decoupling", "8µ electrolytic")).kind).toBe("electrolytic");
    expect(need(part("decoupling", "100n")).kind).toBe("film");
    expect(need(part("coupling", "8µ electrolytic")).kind).toBe("film");
  });
  it("keeps the rating of the original, where it has one", () => {
    expect(need(part("coupling", "47n 400V")).drawnVolts).toBe(400);
    expect(need(part("coupling", "47n"))).not.toHaveProperty("drawnVolts");
  });
  it("goes round the other way on a negative rail", () => {
    const rail = (expected: number) =>
      need(part("rail", "100µ 16V"), input({ points: [{ point: "12 V rail", quantity: "voltage", expected }] }))
        .orientation;
    expect(rail(-12)).toBe("the rail is negative: plus to ground");
    expect(rail(12)).toBe("plus to the positive side of the rail");
    expect(
      need(part("coupling", "47n"), input({ points: [{ point: "bias", quantity: "voltage", expected: -12 }] }))
        .orientation,
    ).toBe("outer foil to the driving plate");
  });
  it("has a letter for each section, and looks for each in the net by its number", () => {
    const can = part("reservoir", "", {
      sections: [
        { role: "reservoir", drawn: "8/450" },
        { role: "cathode-bypass", drawn: "25/25" },
      ],
    });
    const circuit = new Map([["C1/2", { works: 30, highest: 31, watts: 0 }]]);
    const [first, second] = needsOf(can, input({}, { circuit }));
    expect(first).toMatchObject({ designator: "C1A", value: expect.closeTo(8e-6, 12) });
    expect(second).toMatchObject({ designator: "C1B", works: 30 });
    expect(first?.works).not.toBe(30);
  });
  it("is nothing for a part that has no value, and one section is no can", () => {
    expect(needsOf(part("coupling", ""), input())).toEqual([]);
    expect(needsOf({ ...part("other", "0"), designator: "R1" }, input())).toEqual([]);
    const one = part("coupling", "47n", { sections: [{ role: "coupling", drawn: "47n" }] });
    expect(needsOf(one, input()).map(({ designator }) => designator)).toEqual(["C1"]);
  });
  it("is no need of a coil: nothing here chooses one", () =>
    expect(needsOf({ ...part("other", "10 mH"), designator: "L1" }, input())).toEqual([]));
});

describe("a resistor", () => {
  const resistor = (drawn: string, asked = input()) => need({ ...part("other", drawn), designator: "R1" }, asked);
  it("keeps its value within the shop's window, and its wattage", () => {
    expect(resistor("470k 0.5W")).toMatchObject({ quantity: "resistance", value: 470e3, watts: 0.5, mains: false });
    expect(resistor("470k").window.map(Math.round)).toEqual([423_000, 517_000]);
    expect(resistor("470k")).not.toHaveProperty("watts");
  });
  it("bears what the net says, with the margin, and says so", () => {
    const circuit = new Map([["R1", { works: 10, highest: 10, watts: 0.6 }]]);
    const asked = resistor("470 0.5W", input({}, { circuit }));
    expect(asked.watts).toBeCloseTo(0.6 * rulesOf().wattMargin, 9);
    expect(asked.wattsFrom).toBe("2 × 0.6 W by the set's net");
    expect(resistor("470 5W", input({}, { circuit })).watts).toBe(5);
  });
});

describe("whatever is drawn", () => {
  it("the value aimed at lies in its window, and a limit is only named where the drawing is above it", () =>
    fc.assert(
      fc.property(
        fc.constantFrom<Role>("reservoir", "smoothing", "coupling", "decoupling", "mains", "mains-to-chassis", "tone"),
        fc.double({ min: 1e-11, max: 1e-3, noNaN: true }),
        (role, farads) => {
          for (const { value, window, limit } of needsOf(part(role, `${farads * 1e9}n`), input())) {
            expect(window[0]).toBeLessThanOrEqual(value);
            expect(window[1]).toBeGreaterThanOrEqual(value * (1 - 1e-9));
            if (limit) expect(value).toBe(limit.farads);
          }
        },
      ),
    ));
});
