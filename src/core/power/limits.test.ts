import { describe, expect, it } from "vitest";
import {
  bestTap,
  coldChecks,
  discharge,
  dischargeResistor,
  finalList,
  hazards,
  hazardsAt,
  heatersAlone,
  lampFor,
  lineCurrent,
  lineRemarks,
  makeSafeList,
} from ".";
import { SHEET } from "../fixtures";
import { SUPPLIES, type Sheet, type Supply } from "../model";

/** The rules of power at their limits: 60 V, 1975, the lamp's range, a tenth of the line. */

const set = (supply: Supply, more: Partial<Sheet> = {}): Sheet => ({
  ...SHEET,
  supply,
  watts: 68,
  highestVolts: 300,
  tubes: [{ position: "V1", type: "6V6", work: "" }],
  cautions: [],
  ...more,
});

describe("hazards", () => {
  const shorts = (supply: Supply, highestVolts: number, year: number | null = null) =>
    hazards({ supply, highestVolts, lineVolts: 230 }, year).map(({ level, short }) => `${level}: ${short}`);
  it("are those of the supply", () => {
    expect(SUPPLIES.map((supply) => [supply, shorts(supply, 300)])).toEqual([
      ["transformer", ["danger: 300 V stays after unplugging", "caution: Mains"]],
      ["live-chassis", ["danger: Live chassis at 230 V", "danger: 300 V stays after unplugging", "caution: Mains"]],
      ["battery", ["danger: 300 V while its batteries are in"]],
      ["low-voltage", ["danger: 300 V stays after unplugging"]],
      ["high-voltage", ["danger: 300 V and RF", "caution: Mains"]],
    ]);
  });
  it("count 60 V as safe to touch, and not one volt more", () => {
    for (const supply of ["transformer", "battery"] as const) {
      expect(shorts(supply, 60).at(-1)).toBe("caution: Low voltage, 60 V at most");
      expect(shorts(supply, 60).some((text) => text.startsWith("danger"))).toBe(false);
      expect(shorts(supply, 61)[0]).toMatch(/^danger: 61 V/);
      expect(shorts(supply, 61).join()).not.toContain("Low voltage");
    }
  });
  it("expect old materials up to 1975, where the year is known, and not in a transistor set", () => {
    const old = (supply: Supply, year: number | null) => shorts(supply, 300, year).includes("caution: Old materials");
    expect([old("transformer", 1975), old("transformer", 1976), old("transformer", null)]).toEqual([
      true,
      false,
      false,
    ]);
    expect(old("low-voltage", 1960)).toBe(false);
  });
  it("are said in full with hands inside, and the worst one at the desk", () => {
    const list = hazards(set("live-chassis"), 1950);
    expect(hazardsAt("take-in", list)).toEqual(list.slice(0, 1));
    expect(hazardsAt("hand-back", list)).toEqual(list.slice(0, 1));
    expect(hazardsAt("make-safe", list)).toEqual(list);
  });
});

describe("the series lamp", () => {
  it("fits from one to two times the watts of the set", () => {
    const fits = (lamp: number) => lampFor(60, [lamp])?.fits;
    expect([fits(59), fits(60), fits(120), fits(121)]).toEqual([false, true, true, false]);
    expect(lampFor(60, [40, 100, 300])).toEqual({ watts: 100, fits: true, range: [60, 120] });
  });
  it("is none where the box holds none, and never one of 0 W", () => {
    expect(lampFor(60, [])).toBeUndefined();
    expect(lampFor(60, [0])).toBeUndefined();
    expect(lampFor(60, [0, 75])?.watts).toBe(75);
    expect(() => lampFor(0)).toThrow(RangeError);
  });
});

describe("the line at the bench", () => {
  const remarks = (supply: Supply, lineHz: number | undefined, tap: number, volts: number, hz: number) =>
    lineRemarks({ supply, lineHz }, tap, { volts, hz }).remarks;
  it("is another voltage beyond a tenth of the tap", () => {
    expect(remarks("transformer", 50, 220, 242, 50)).toEqual([]);
    expect(remarks("transformer", 50, 220, 243, 50)[0]).toContain("bring it down");
    expect(remarks("transformer", 50, 250, 225, 50)).toEqual([]);
    expect(remarks("transformer", 50, 250, 224, 50)[0]).toContain("step-up");
  });
  it("drives more flux through iron that was made for a higher frequency, a transmitter's too", () => {
    for (const supply of ["transformer", "high-voltage"] as const)
      expect(remarks(supply, 60, 240, 240, 50)).toEqual([
        "Made for 60 Hz, run on 50 Hz: 20 % more flux in the iron at full voltage. Watch its heat; 200 V gives the flux it was made for.",
      ]);
    expect(remarks("transformer", 55, 230, 230, 50)).toEqual([]);
    expect(remarks("transformer", 50, 230, 230, 60)).toEqual([]);
  });
  it("only hums elsewhere in a set without iron", () => {
    expect(remarks("live-chassis", 60, 230, 230, 50)).toEqual(["The line is 50 Hz: hum lies at that and at 100 Hz."]);
    expect(remarks("live-chassis", 50, 230, 230, 50)).toEqual([]);
    expect(remarks("live-chassis", undefined, 230, 230, 50)).toEqual([]);
  });
  it("between two taps is the higher one; a tap of another line is never proposed", () => {
    const at = (volts: number, ...taps: number[]) => bestTap({ lineVolts: taps[0] ?? 230, taps }, volts);
    expect([at(225, 220, 240), at(230, 220, 240), at(240, 220, 240)]).toEqual([240, 240, 240]);
    // on the tap, within a meter's width
    expect([at(220, 220, 240), at(222, 220, 240), at(223, 220, 240)]).toEqual([220, 220, 240]);
    expect([at(118, 110, 117, 220), at(125, 110, 220), at(260, 220, 240)]).toEqual([117, 110, 240]);
    expect(bestTap({ lineVolts: 117 }, 230)).toBe(117);
  });
  it("goes with the share of the line", () => {
    expect(lineCurrent(90, 100, 0.5)).toEqual({ expected: 0.5, full: 1, stop: 0.75 });
  });
  it("of the heaters alone is theirs at the share to the power 0.6, and a tenth of the nameplate for the iron", () => {
    expect(heatersAlone(23, 46, 230, 1)).toBeCloseTo(0.1 + 0.02, 9);
    expect(heatersAlone(23, 46, 230, 0.5)).toBeCloseTo(0.1 * 0.5 ** 0.6 + 0.01, 9);
  });
});

describe("stored charge at its limits", () => {
  const farads = 16e-6;
  it("takes no time at the safe voltage, and none is reckoned outside the ranges", () => {
    expect(discharge({ farads, volts: 60, ohms: 1e3 }).seconds).toBe(0);
    expect(discharge({ farads, volts: 61, ohms: 1e3 }).seconds).toBeGreaterThan(0);
    expect(discharge({ farads, volts: 0, ohms: 1e3 }).seconds).toBe(0);
    expect(() => discharge({ farads, volts: -1, ohms: 1e3 })).toThrow(RangeError);
    expect(() => discharge({ farads, volts: 300, ohms: 0 })).toThrow(RangeError);
    expect(() => discharge({ farads, volts: 300, ohms: 1e3, safeVolts: 0 })).toThrow(RangeError);
  });
  it("goes through the smallest resistor that stays below its first watts", () => {
    const watts = (volts: number) => volts ** 2 / dischargeResistor(volts);
    for (const volts of [100, 300, 380, 700]) expect(watts(volts)).toBeLessThanOrEqual(60);
  });
});

const lines = (items: readonly { key: string; text: string; limitVolts?: number; seen?: boolean }[]) =>
  items
    .map(
      ({ key, text, limitVolts, seen }) =>
        `${key}${seen ? " (written down)" : ""}: ${text}${limitVolts ? ` (at most ${limitVolts} V)` : ""}`,
    )
    .join("\n");

describe("lists in full", () => {
  it.each(SUPPLIES)("make safe: %s", (supply) => {
    expect(lines(makeSafeList(set(supply), 1950))).toMatchSnapshot();
  });
  it.each(SUPPLIES)("the last look: %s", (supply) => {
    expect(lines(finalList(set(supply)))).toMatchSnapshot();
  });
  it("nothing stored at 60 V, old materials to 1975 where the year is known", () => {
    const keys = (more: Partial<Sheet>, year: number | null) =>
      makeSafeList(set("transformer", more), year).map(({ key }) => key);
    expect(keys({ highestVolts: 60 }, 1976)).toEqual(
      expect.not.arrayContaining(["discharged", "residual", "materials"]),
    );
    expect(keys({ highestVolts: 61 }, 1975)).toEqual(expect.arrayContaining(["discharged", "residual", "materials"]));
    expect(keys({}, null)).not.toContain("materials");
  });
  it("one tube is one, two are two, transistors are transistors, and none is no line", () => {
    const tubes = (...types: [string, string][]) => {
      const line = set("transformer", { tubes: types.map(([position, type]) => ({ position, type, work: "" })) });
      return makeSafeList(line, null).find(({ key }) => key === "tubes")?.text;
    };
    expect(tubes(["V1", "6V6"])).toBe("1 tube as the line-up has them: V1 6V6");
    expect(tubes(["V1", "6V6"], ["V2", "5Y3"])).toBe("2 tubes as the line-up has them: V1 6V6, V2 5Y3");
    expect(tubes(["Q1", "AC128"])).toBe("1 transistor as the line-up has them: Q1 AC128");
    expect(tubes()).toBeUndefined();
  });
  it("a set without watts names no fuse; a model's cautions are counted from one", () => {
    const { watts: _watts, ...unknown } = set("transformer", {
      cautions: [
        { step: "fix", text: "elsewhere" },
        { step: "make-safe", text: "a short lead" },
        { step: "make-safe", text: "a sharp edge" },
      ],
    });
    const list = makeSafeList(unknown, null);
    expect(list.find(({ key }) => key === "fuse")?.text).toBe("Fuse present, not bridged, of the rating on the plate");
    expect(list.slice(-2)).toEqual([
      { key: "caution-1", text: "a short lead", learnt: true },
      { key: "caution-2", text: "a sharp edge", learnt: true },
    ]);
  });
  it.each(SUPPLIES)("cold checks: %s", (supply) => {
    const sheet = set(supply, {
      windings: [{ winding: "output primary", from: "1", to: "2", ohms: 300 } as never],
      tubes: [
        { position: "V1", type: "6V6", work: "output" },
        { position: "V2", type: "5Y3", work: "rectifier" },
      ],
    });
    const checks = coldChecks(sheet).map(
      ({ point, expected, how }) =>
        `${point}: ${expected ? `${expected.text} (${expected.value} Ω, ${expected.rule}, ±${expected.tolerance})` : "no figure"}; ${how ?? ""}`,
    );
    expect(checks.join("\n")).toMatchSnapshot();
  });
});
