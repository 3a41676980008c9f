import { describe, expect, it } from "vitest";
import {
  allocate,
  asItem,
  capacitorPlace,
  CAPACITOR_RULES,
  costOf,
  electrodeVolts,
  loadedRail,
  lowRail,
  marginsOf,
  needText,
  piecesOf,
  ruleFor,
  rulesOf,
  shopRulesSchema,
  shortages,
  stageBias,
  tubeOfStage,
  type PlanInput,
  type PlanLine,
  type PlanNeed,
} from ".";
import { COUPLING_NEED, PLANNED, stockItem } from "../fixtures";
import type { Component, Sheet } from "../model";

/** Small rules of the parts, each at its limits. */

const voltage = (point: string, expected: number, more = {}) => ({
  point,
  quantity: "voltage" as const,
  expected,
  ...more,
});

describe("the rails of a sheet", () => {
  it("is the highest of several, whatever its sign", () => {
    const points = [voltage("B+ 2", 180), voltage("B+", -260), voltage("B+ 3", 90)];
    expect(loadedRail({ ...PLANNED, points })).toEqual({ volts: 260, from: "B+ of the chart" });
  });
  it("of low voltage is a rail, a supply or an LT of the chart, and else the line", () => {
    for (const name of ["12 V rail", "Supply", "LT"])
      expect(lowRail({ ...PLANNED, points: [voltage("B+", 260), voltage(name, -12)] })).toEqual({
        volts: 12,
        from: `${name} of the chart`,
      });
    expect(lowRail(PLANNED)).toEqual({ volts: 230, from: "the line" });
    const current = { ...voltage("Supply current", 0.1), quantity: "current" as const };
    expect(lowRail({ ...PLANNED, points: [current] }).from).toBe("the line");
  });
});

describe("the tube of a stage", () => {
  const tubes = [
    { position: "V1", type: "6K7", work: "" },
    { position: "V2", type: "6K7", work: "second IF" },
    { position: "V3", type: "6K7", work: "IF" },
  ];
  it("is the one whose work has just its name, before one whose work holds it", () => {
    expect(tubeOfStage({ tubes }, "if")?.position).toBe("V3");
    expect(tubeOfStage({ tubes: tubes.slice(0, 2) }, "IF")?.position).toBe("V2");
    expect(tubeOfStage({ tubes }, "")).toBeUndefined();
    expect(tubeOfStage({ tubes: tubes.slice(0, 1) }, "mixer")).toBeUndefined();
  });
});

describe("an electrode's volts", () => {
  const chart = { meter: { ohmsPerVolt: 1000 } };
  it("are the chart's, and free of the meter's load only where the source is known", () => {
    expect(electrodeVolts({ points: [voltage("V3 plate", 47)], chart }, "V3", "plate")).toBe(47);
    expect(
      electrodeVolts({ points: [voltage("V3 plate", 47, { sourceOhms: 200e3, range: 250 })] }, "V3", "plate"),
    ).toBe(47);
    // Without a range of its own the chart's meter was on the next one above: 47 V on 50 V is 50 kΩ.
    const [loaded, free] = [
      47,
      electrodeVolts({ points: [voltage("V3 plate", 47, { sourceOhms: 50e3 })], chart }, "V3", "plate"),
    ];
    expect(free).toBeGreaterThan(loaded);
    const current = { ...voltage("V3 plate", 2e-3), quantity: "current" as const };
    expect(electrodeVolts({ points: [current], chart }, "V3", "plate")).toBeUndefined();
  });
  it("tell the bias of a stage; a cathode at chassis says nothing, and then its type does", () => {
    const sheet = { tubes: PLANNED.tubes, points: [voltage("V4 cathode", -12.5)] };
    expect(stageBias(sheet, "output")).toEqual({ volts: 12.5, from: "V4 cathode of the chart" });
    const grounded = { tubes: PLANNED.tubes, points: [voltage("V4 cathode", 0)] };
    expect(stageBias(grounded, "output")?.from).toBe("typical bias of the 6V6");
    expect(
      stageBias({ tubes: [{ position: "V4", type: "no such", work: "output" }], points: [] }, "output"),
    ).toBeUndefined();
  });
});

describe("the place of a capacitor", () => {
  const leaks: Component[] = [
    { designator: "R3", role: "grid-leak", drawn: "1 MΩ", stage: "first audio" },
    { designator: "R8", role: "grid-leak", drawn: "470k", stage: "output" },
    { designator: "R4", role: "anode-load", drawn: "220k", stage: "output" },
  ];
  const input = (sheet: Sheet): PlanInput => ({
    sheet,
    year: 1937,
    policy: "original",
    switches: {},
    rules: rulesOf(),
  });
  const couple: Component = { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" };
  it("that couples has the leak of its own stage, and works at the plate before it", () => {
    const place = capacitorPlace(couple, input({ ...PLANNED, components: leaks }));
    expect(place).toMatchObject({ ratedVolts: 400, nominal: 50e-9, low: -0.2, high: 0.2, electrolytic: false });
    expect(place.next).toMatchObject({ gridOhms: 470e3, name: "V4", bias: 12.5 });
    expect(place.workingVolts).toBe(place.next?.plateVolts);
  });
  it("of the first tube is driven by all of B+", () => {
    const first: Component = { ...couple, stage: "first audio" };
    expect(capacitorPlace(first, input({ ...PLANNED, components: leaks })).next).toMatchObject({
      plateVolts: 260,
      name: "V3",
    });
    expect(capacitorPlace({ ...couple, stage: "nowhere" }, input(PLANNED)).next?.name).toBe("the next stage");
  });
  it("in another role feeds no stage", () => {
    const place = capacitorPlace(
      { ...couple, role: "decoupling", drawn: "no value" },
      input({ ...PLANNED, components: leaks }),
    );
    expect(place).not.toHaveProperty("next");
    expect(place).not.toHaveProperty("nominal");
    expect(place).not.toHaveProperty("ratedVolts");
    expect(place.workingVolts).toBe(260);
  });
});

describe("a plan filled from stock", () => {
  const line = (designator: string, action: PlanLine["action"], needs?: PlanNeed[]): PlanLine => ({
    designator,
    role: "coupling",
    drawn: ".05/400",
    action,
    proposed: action,
    reason: "",
    rule: "",
    needs: needs ?? [{ ...COUPLING_NEED, designator }],
    cautions: [],
  });
  const stock = [
    stockItem({ id: "a", marking: "50 nF 500 V", onHand: 2, priceMinor: 120 }),
    stockItem({ id: "b", marking: "56 nF 500 V", onHand: 1, priceMinor: null }),
  ];
  it("takes pieces for what goes out, for nothing else, and none twice", () => {
    const lines = [
      line("C1", "replace"),
      line("C2", "keep"),
      line("C3", "restuff"),
      line("C4", "test"),
      line("C5", "replace"),
    ];
    const filled = allocate([...lines, line("C6", "replace"), line("C7", "done")], stock, 2026);
    expect(filled.map((one) => one.filled.map(({ chosen }) => chosen?.items[0]?.id ?? "none").join())).toEqual([
      "a",
      "",
      "a",
      "",
      "b",
      "none",
      "",
    ]);
    expect([...piecesOf(filled)].map(([id, { count }]) => [id, count])).toEqual([
      ["a", 2],
      ["b", 1],
    ]);
    expect(shortages(filled).map(({ designator }) => designator)).toEqual(["C6"]);
    expect(costOf(filled)).toEqual({ parts: 240, unpriced: 1, toOrder: 1 });
  });
  it("adds to what others have been promised, and takes what was picked only where it is offered", () => {
    const taken = new Map([["a", 1]]);
    allocate([line("C1", "replace")], stock, 2026, new Map(), taken);
    expect(taken.get("a")).toBe(2);
    const picked = (ids: string[]) =>
      allocate([line("C1", "replace")], stock, 2026, new Map([["C1", ids]]))[0]?.filled[0]?.chosen?.items[0]?.id;
    expect(picked(["b"])).toBe("b");
    expect(picked(["gone"])).toBe("a");
    expect(picked(["a", "b"])).toBe("a");
    expect(picked([])).toBe("a");
  });
  it("says what is asked for as a clerk reads it, and weighs an offer like a stock line with plenty of it", () => {
    expect(needText(COUPLING_NEED)).toBe("50 nF 500 V or more, film");
    const { volts: _volts, ...unrated } = COUPLING_NEED;
    expect(needText(unrated)).toBe("50 nF, film");
    const ohms: PlanNeed = {
      ...unrated,
      quantity: "resistance",
      value: 470e3,
      window: [423e3, 517e3],
      watts: 0.5,
      kind: "resistor",
    };
    expect(needText(ohms)).toBe("470 kΩ 0.5 W or more, resistor");
    expect(needText({ ...COUPLING_NEED, volts: 466.69 })).toContain("467 V or more");
    const offer = {
      kind: "film",
      marking: "50 nF 500 V",
      maker: "",
      orderNumber: "F-50",
      supplier: "Halden",
      priceMinor: 90,
      currency: "EUR",
    } as const;
    const item = asItem({ ...offer } as unknown as Parameters<typeof asItem>[0], 7);
    expect(item).toMatchObject({ id: "7", partNumber: "F-50", priceMinor: 90, reserved: 0, madeIn: null });
    expect(item.onHand).toBeGreaterThan(1000);
  });
});

describe("the rules of the shop", () => {
  it("change what they name and leave the rest; safety classes they never change", () => {
    const rules = rulesOf(
      shopRulesSchema.parse({
        roles: [
          { role: "coupling", factor: 2 },
          { role: "mains", factor: 3, high: 1 },
        ],
        wattMargin: 3,
        resistorWindow: 0.05,
      }),
    );
    expect(ruleFor(rules, "coupling")).toMatchObject({ factor: 2, least: 0, low: -0.2, high: 0.2, changed: true });
    expect(ruleFor(rules, "mains")).toMatchObject({ factor: 1, high: 0, changed: false });
    expect(rules).toMatchObject({ wattMargin: 3, resistorWindow: 0.05 });
    const usual = rulesOf();
    expect(usual.capacitors.every(({ changed }) => !changed)).toBe(true);
    expect(usual.capacitors).toHaveLength(CAPACITOR_RULES.length);
  });
  it("turn a window round that was turned inside out by one end", () => {
    const rules = rulesOf({ roles: [{ role: "coupling", low: 0.3 }] });
    expect(ruleFor(rules, "coupling")).toMatchObject({ low: 0.2, high: 0.3 });
  });
  it("refuse what makes no sense, at its limits", () => {
    const ok = (value: unknown) => shopRulesSchema.safeParse(value).success;
    const role = (more: object) => ok({ roles: [{ role: "coupling", ...more }] });
    expect([{ low: -1 }, { low: -1.01 }, { high: 5 }, { high: 5.01 }].map(role)).toEqual([true, false, true, false]);
    expect([{ factor: 1 }, { factor: 0.99 }, { factor: 10 }, { factor: 10.1 }].map(role)).toEqual([
      true,
      false,
      true,
      false,
    ]);
    expect([{ least: 0 }, { least: -1 }, { least: 10_000 }, { least: 10_001 }].map(role)).toEqual([
      true,
      false,
      true,
      false,
    ]);
    expect(
      [
        { low: 0.1, high: 0.1 },
        { low: 0.2, high: 0.1 },
      ].map(role),
    ).toEqual([true, false]);
    expect(
      [
        { wattMargin: 1 },
        { wattMargin: 0.9 },
        { resistorWindow: 0.5 },
        { resistorWindow: 0.51 },
        { resistorWindow: 0 },
      ].map(ok),
    ).toEqual([true, false, true, false, false]);
  });
  it("treat a role that no capacitor has as unknown, and hand on the margins of a bypass", () => {
    const rules = rulesOf({ roles: [{ role: "cathode-bypass", factor: 3, least: 35 }] });
    expect(ruleFor(rules, "grid-leak").role).toBe("other");
    expect(() => ruleFor({ ...rules, capacitors: [] }, "coupling")).toThrow(RangeError);
    expect(marginsOf(rules)).toEqual({ watts: rules.wattMargin, bypass: { factor: 3, least: 35 } });
  });
});
