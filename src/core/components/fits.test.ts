import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  choose,
  lacks,
  lineOf,
  mostByTouch,
  needsOf,
  propose,
  readStock,
  rulesOf,
  touchCurrent,
  type PlanInput,
  type PlanNeed,
} from ".";
import { PLANNED, stockItem } from "../fixtures";
import { ROLES, type Component, type Role, type Sheet } from "../model";
import { lacksOf } from "./fits";

const input = (change: Partial<PlanInput> = {}): PlanInput => ({
  sheet: { ...PLANNED, lineHz: 50 },
  year: 1937,
  policy: "original",
  switches: {},
  rules: rulesOf(),
  ...change,
});
const part = (role: Role, drawn: string, more: Partial<Component> = {}): Component => ({
  designator: "C1",
  role,
  drawn,
  ...more,
});
const fitted = (component: Component, markings: string | string[], change: Partial<PlanInput> = {}) =>
  propose(component, input(change), { state: "replaced", fitted: [markings].flat() })!;
const action = (...of: Parameters<typeof fitted>) => fitted(...of).action;

describe("between mains and chassis", () => {
  const chassis = part("mains-to-chassis", "4700p/1500");
  it("class Y alone may stay, no larger than the original, and rated for the line", () => {
    expect(action(chassis, "4.7 nF 300 V Y2")).toBe("done");
    expect(action(chassis, "2.2 nF 400 V Y1")).toBe("done");
    for (const wrong of ["4.7 nF 275 V X2", "4.7 nF 1.6 kV film", "47 nF 300 V Y2", "4.7 nF 125 V Y2", "10n 250V Y2"])
      expect([wrong, action(chassis, wrong)]).toEqual([wrong, "replace"]);
    expect(fitted(chassis, "4.7 nF 275 V X2").reason).toContain("class X2 between the mains and the chassis");
    expect(fitted(chassis, "47 nF 300 V Y2").reason).toContain("above the 4.7 nF allowed here");
    expect(fitted(chassis, "4.7 nF 275 V X2").cautions.join(" ")).toContain("do not power it");
  });
  it("a Y part whose rating is not on record is looked at, not taken for good", () => {
    expect(fitted(chassis, "4.7n Y2")).toMatchObject({ action: "test" });
    expect(fitted(chassis, "4.7n Y2").reason).toContain("230 V of alternating voltage or more");
  });
  it("says what flows through a person: 2π · 50 Hz · 4.7 nF · 230 V is 0.34 mA", () => {
    expect(touchCurrent(4.7e-9, { volts: 230, hertz: 50 })).toBeCloseTo(0.3396e-3, 7);
    expect(fitted(chassis, "4.7 nF 300 V Y2").cautions.join(" ")).toContain(
      "lets 340 µA through a person at 230 V 50 Hz",
    );
  });
  it("warns above 0.5 mA, and offers nothing above 3.5 mA whatever was drawn: 48 nF at 230 V 50 Hz", () => {
    const ten = propose(part("mains-to-chassis", ".01/1000"), input())!;
    // 2π · 50 Hz · 10 nF · 230 V = 0.72 mA
    expect(ten.cautions.join(" ")).toContain("720 µA");
    expect(ten.cautions.join(" ")).toContain("it is felt");
    const large = propose(part("mains-to-chassis", ".1/1000"), input())!;
    expect(large.needs[0]?.window[1]).toBeCloseTo(48.4e-9, 10);
    expect(large.needs[0]?.value).toBeCloseTo(48.4e-9, 10);
    expect(large.cautions.join(" ")).toContain("3.5 mA");
    expect(action(part("mains-to-chassis", ".1/1000"), "0.1 µF 300 V Y2")).toBe("replace");
  });
  it("never lets more through than 3.5 mA, at any line", () => {
    const volts = fc.integer({ min: 90, max: 250 });
    fc.assert(
      fc.property(volts, fc.constantFrom(50, 60), fc.integer({ min: 1, max: 1000 }), (line, hertz, nano) => {
        const sheet: Sheet = { ...PLANNED, lineVolts: line, lineHz: hertz };
        const [need] = needsOf(part("mains-to-chassis", `${nano} nF`), input({ sheet }));
        expect(touchCurrent(need!.window[1], lineOf(sheet))).toBeLessThanOrEqual(3.5e-3 * (1 + 1e-9));
        expect(need!.window[1]).toBeLessThanOrEqual(nano * 1e-9 * (1 + 1e-9));
        expect(need!.window[0]).toBeLessThan(need!.window[1]);
        expect(mostByTouch({ volts: line, hertz })).toBeGreaterThan(0);
      }),
    );
  });
  it("the line is the highest that the set can be set to; 50 Hz is taken from 200 V on", () => {
    expect(lineOf({ lineVolts: 117, taps: [117, 234] })).toEqual({ volts: 234, hertz: 50 });
    expect(lineOf({ lineVolts: 117 })).toEqual({ volts: 117, hertz: 60 });
  });
});

describe("across the mains", () => {
  it("takes X or Y of the line's rating, and smaller is allowed", () => {
    const across = part("mains", ".01/1000");
    for (const right of ["10 nF 275 V X2", "4.7 nF 300 V Y2", "1 nF 275 V X1"])
      expect(action(across, right)).toBe("done");
    for (const wrong of ["10 nF 63 V X2", "10 nF 125VAC X2", "22 nF 275 V X2", "10 nF 630 V film"])
      expect([wrong, action(across, wrong)]).toEqual([wrong, "replace"]);
  });
  it("does not take a direct rating for an alternating one", () => {
    const across = part("mains", ".01/1000");
    expect(action(across, "10 nF 630 VDC X2")).toBe("test");
    expect(action(across, "10 nF 630 VDC / 275 VAC X2")).toBe("done");
  });
  it("and the stock offers by the same figures", () => {
    const [need] = needsOf(part("mains", ".01/1000"), input());
    const stock = (marking: string) => readStock([stockItem({ kind: "X", marking })]);
    expect(choose(need!, stock("10 nF 275 V X2"), 2026)).toHaveLength(1);
    for (const wrong of ["10 nF 63 V X2", "10 nF 125 V X2", "10 nF X2", "10 nF 630 VDC X2"])
      expect(choose(need!, stock(wrong), 2026)).toEqual([]);
  });
});

describe("what is fitted is held to what would be chosen", () => {
  it("a rating below the need, none at all, and a value outside the window", () => {
    const reservoir = part("reservoir", "16/450");
    expect(action(reservoir, "16 µF 500 V")).toBe("done");
    expect(fitted(reservoir, "22/250")).toMatchObject({ action: "replace" });
    expect(fitted(part("smoothing", "16/450"), "22/250").reason).toBe(
      "A new part sits there: rated 250 V: less than the 467 V needed here.",
    );
    expect(action(part("smoothing", "16/450"), "22")).toBe("test");
    expect(action(reservoir, "220µ 500V")).toBe("replace");
    expect(action(part("coupling", ".02/400", { stage: "output" }), "0.22/630")).toBe("replace");
    expect(action(part("coupling", ".02/400", { stage: "output" }), "0.022/630")).toBe("done");
  });
  it("16 V are too little on a rail of 13.6 V, which is at most 80 % of the rating", () => {
    const rig: Sheet = {
      ...PLANNED,
      supply: "low-voltage",
      lineVolts: 13.6,
      highestVolts: 13.6,
      tubes: [],
      points: [],
    };
    expect(action(part("rail", "100/16"), "100 µF 16 V", { sheet: rig })).toBe("replace");
    expect(action(part("rail", "100/16"), "100 µF 25 V", { sheet: rig })).toBe("done");
  });
  it("a can by its sections, whichever was written first", () => {
    const can = part("reservoir", "16+25", {
      sections: [
        { role: "smoothing", drawn: "16/450" },
        { role: "cathode-bypass", drawn: "25/25" },
      ],
      stage: "output",
    });
    expect(action(can, ["16 µF 500 V", "25 µF 50 V"])).toBe("done");
    expect(action(can, ["25 µF 50 V", "16 µF 500 V"])).toBe("done");
    expect(fitted(can, ["16 µF 250 V", "25 µF 50 V"])).toMatchObject({ action: "replace" });
    expect(fitted(can, "16 µF 500 V").reason).toContain("no part is on record for this section");
    const double = part("smoothing", "16+16/450");
    expect(action(double, "16+16 µF 500 V")).toBe("done");
    expect(action(double, "16+16 µF 350 V")).toBe("replace");
  });
  it("a pair by what it is together: 33 + 33 µF in parallel for 66, and two 470 kΩ of ½ W for 940 kΩ", () => {
    expect(action(part("smoothing", "66/450"), ["33 µF 500 V", "33 µF 500 V"])).toBe("done");
    expect(action(part("smoothing", "66/450"), ["33 µF 500 V", "33 µF 250 V"])).toBe("replace");
    expect(action({ designator: "R1", role: "other", drawn: "940k 1W" }, ["470k 0.5W", "470k 0.5W"])).toBe("done");
  });
  it("a resistor by its value and its watts", () => {
    const load: Component = { designator: "R1", role: "other", drawn: "10k 2W" };
    expect(action(load, "10k 3W")).toBe("done");
    expect(fitted(load, "10k 0.5W").reason).toContain("rated 0.5 W: less than the 2 W needed here");
    expect(action(load, "12k 3W")).toBe("replace");
    expect(action(load, "10k")).toBe("test");
  });
  it("an original electrolytic above its rating goes, however well it measured: 350 V at 424 V", () => {
    const good = { verdict: { verdict: "good" as const, reasons: ["As new."] } };
    expect(propose(part("smoothing", "16/350"), input(), good)).toMatchObject({
      action: "replace",
      reason: "Rated 350 V, and it stands at 424 V.",
    });
    expect(propose(part("smoothing", "16/450"), input(), good)?.action).toBe("keep");
    const paper = propose(part("coupling", ".05/400", { stage: "output" }), input(), good)!;
    expect(paper.action).toBe("keep");
    expect(paper.cautions.join(" ")).toContain("rated 400 V and stands at 424 V before the tubes draw");
  });
  it("whatever the stock offers for a need lacks nothing, for every role", () => {
    const markings = ["10 nF 275 V X2", "4.7 nF 300 V Y2", "47 nF 630 V", "0.1 µF 400 V", "16 µF 500 V", "100 µF 25 V"];
    const kinds = ["X", "Y", "film", "film", "electrolytic", "electrolytic"] as const;
    const stock = readStock(markings.map((marking, at) => stockItem({ id: marking, kind: kinds[at]!, marking })));
    fc.assert(
      fc.property(
        fc.constantFrom(...ROLES.filter((role) => role !== "control")),
        fc.double({ min: 1e-10, max: 2e-4, noNaN: true }),
        (role, farads) => {
          for (const need of needsOf(part(role, `${farads * 1e12} pF`), input()))
            for (const { items, pair } of choose(need, stock, 2026))
              if (!pair) {
                const line = propose(part(role, `${farads * 1e12} pF`), input(), {
                  state: "replaced",
                  fitted: items.map(({ marking }) => marking),
                });
                expect(line?.action).toBe("done");
              }
        },
      ),
    );
  });
});

describe("sections of a can", () => {
  it("share their unit: 8 | 8 | 4 asks for 4 µF, not 4 pF, and counts as stored charge", () => {
    const can = part("smoothing", "8+8+4", {
      sections: [
        { role: "reservoir", drawn: "8" },
        { role: "smoothing", drawn: "8" },
        { role: "decoupling", drawn: "4" },
      ],
    });
    expect(needsOf(can, input()).map(({ value }) => value)).toEqual([8e-6, 8e-6, 4e-6]);
    const told = part("other", "block", {
      sections: [
        { role: "decoupling", drawn: "0.5 µF" },
        { role: "decoupling", drawn: "2" },
      ],
    });
    expect(needsOf(told, input()).map(({ value }) => value)).toEqual([0.5e-6, 2e-6]);
  });
});

describe("what a part lacks", () => {
  it("is nothing at the very edge of a window", () => {
    const asked = { quantity: "capacitance", value: 10e-6, window: [8e-6, 20e-6], mains: false, kind: "film" } as const;
    expect(lacks({ ...asked, window: [8e-6, 20e-6] }, { quantity: "capacitance" }, 0.8 * 10e-6)).toEqual([]);
  });
});

describe("a reservoir drawn above its rectifier's limit", () => {
  it("keeps a window below the limit, and asks which of the two is wrong", () => {
    const [need] = needsOf(part("reservoir", "50/450"), input());
    // the 5Y3 takes 20 µF
    expect(need?.value).toBeCloseTo(20e-6, 12);
    expect(need?.window).toEqual([expect.closeTo(18e-6, 12), expect.closeTo(20e-6, 12)]);
    expect(propose(part("reservoir", "50/450"), input())?.cautions.join(" ")).toContain("One of the two is wrong");
  });
});

describe("several places and parts", () => {
  const need = (designator: string, value: number, volts: number): PlanNeed => ({
    designator,
    quantity: "capacitance",
    value,
    window: [value * 0.8, value * 1.2],
    volts,
    kind: "electrolytic",
    orientation: "",
    mains: false,
  });
  const held = (needs: PlanNeed[], ...markings: string[]) =>
    lacksOf(part("smoothing", "16/450"), input().sheet, needs, markings).map(
      ({ designator, lack: { what } }) => `${designator} ${what}`,
    );

  it("the place that asks for most takes its part first, whichever is written first", () => {
    const [low, high] = [need("C1A", 16e-6, 50), need("C1B", 16e-6, 450)];
    for (const needs of [
      [low, high],
      [high, low],
    ])
      for (const markings of [
        ["16 µF 63 V", "16 µF 500 V", "1 µF 10 V"],
        ["1 µF 10 V", "16 µF 500 V", "16 µF 63 V"],
      ])
        expect(held(needs, ...markings)).toEqual([]);
  });
  it("each place takes the part that is nearest to it, and says of each what it lacks", () => {
    const three = [need("C1A", 8e-6, 50), need("C1B", 16e-6, 50), need("C1C", 32e-6, 50)];
    expect(held(three, "32 µF 63 V", "8 µF 63 V", "16 µF 63 V")).toEqual([]);
    expect(held(three, "32 µF 63 V", "8 µF 63 V", "47 µF 63 V")).toEqual(["C1B value"]);
    expect(held(three, "32 µF 63 V", "8 µF 63 V")).toEqual(["C1B count"]);
  });
  it("two parts at two places are no pair, and three at one place are none either", () => {
    expect(held([need("C1A", 8e-6, 50), need("C1B", 8e-6, 50)], "8 µF 63 V", "8 µF 63 V")).toEqual([]);
    expect(held([need("C1", 24e-6, 50)], "8 µF 63 V", "8 µF 63 V", "8 µF 63 V")).toEqual(["C1 value"]);
    // A part with two sections beside another is no pair of two.
    expect(held([need("C1", 24e-6, 50)], "8+8 µF 63 V", "16 µF 63 V")).toEqual(["C1 value"]);
  });
  it("a pair is of a safety class only where both are, and its rating is direct where one of the two is", () => {
    const chassis = {
      ...need("C1", 4.4e-9, 230),
      window: [1e-9, 4.4e-9] as [number, number],
      kind: "Y",
      mains: true,
    } as const;
    const of = (...markings: string[]) =>
      lacksOf(part("mains-to-chassis", "4700p"), input().sheet, [chassis], markings).map(({ lack }) => lack.what);
    expect(of("2.2 nF 300 V Y2", "2.2 nF 300 V Y2")).toEqual([]);
    expect(of("2.2 nF 300 V Y2", "2.2 nF 1600 V film")).toContain("class");
    expect(of("2.2 nF 1600 V film", "2.2 nF 300 V Y2")).toContain("class");
  });
  it("nothing that sits there, or nothing that is asked for, lacks nothing; an odd marking is looked at", () => {
    expect(held([need("C1", 16e-6, 450)])).toEqual([]);
    expect(held([], "16 µF 500 V")).toEqual([]);
    expect(held([need("C1", 16e-6, 450)], "an odd thing")).toEqual(["C1 unknown"]);
  });
  it("the edge of a window and of a rating is still right", () => {
    const asked = need("C1", 10e-6, 450);
    expect(held([asked], "12 µF 450 V")).toEqual([]);
    expect(held([asked], "8 µF 450 V")).toEqual([]);
    expect(held([asked], "12.1 µF 450 V")).toEqual(["C1 value"]);
    expect(held([asked], "10 µF 449 V")).toEqual(["C1 volts"]);
  });
});
