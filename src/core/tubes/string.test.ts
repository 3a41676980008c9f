import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  dropper,
  openHeater,
  parseHeater,
  settleString,
  strangers,
  tappedDropper,
  tubeType,
  type StringHeater,
} from ".";

const string = (...types: string[]): StringHeater[] =>
  types.map((type, index) => ({ position: `V${index + 1}`, type, heater: tubeType(type)!.heaters[0]! }));
const FJORD = ["UCH42", "UF41", "UBC41", "UL41", "UY41"];

describe("the dropper of a series string", () => {
  it("takes what the heaters leave: (220 − 116.6) V / 100 mA = 1034 Ω, 10.3 W, rated 20.7 W", () => {
    const found = dropper(
      220,
      string(...FJORD).map(({ heater }) => heater),
    );
    expect(found.heaterVolts).toBeCloseTo(116.6, 6);
    expect(found.ohms).toBeCloseTo(1034, 6);
    expect(found.watts).toBeCloseTo(10.34, 6);
    expect(found.rated).toBeCloseTo(20.68, 6);
    expect(found.preferred).toBe(1000);
  });

  it("says when the heaters want more than the line", () => {
    const found = dropper(
      110,
      string(...FJORD).map(({ heater }) => heater),
    );
    expect(found.ohms).toBeLessThan(0);
    expect(found.watts).toBe(0);
    expect(found.preferred).toBeUndefined();
  });

  it("has a section for each line, summing to the whole", () => {
    const heaters = string("UCH42", "UF41", "UBC41", "UL41").map(({ heater }) => heater);
    const taps = tappedDropper([220, 110], heaters);
    expect(taps.map(({ line }) => line)).toEqual([110, 220]);
    expect(taps[0]!.section).toBeCloseTo((110 - 85.6) / 0.1, 6);
    expect(taps[1]!.section).toBeCloseTo(1100, 6);
    expect(taps[1]!.ohms).toBeCloseTo(taps[0]!.section + taps[1]!.section, 6);
  });

  it("counts a dial lamp with its shunt: 6.3 V 50 mA beside 126 Ω is 6.3 V at 100 mA", () => {
    const lamp = { volts: 6.3, amps: 0.05, shuntOhms: 126 };
    const found = dropper(
      220,
      string(...FJORD).map(({ heater }) => heater),
      lamp,
    );
    expect(found.lampVolts).toBeCloseTo(6.3, 6);
    expect(found.ohms).toBeCloseTo(1034 - 63, 5);
  });
});

describe("a string as it settles", () => {
  it("gives every right tube its rating", () => {
    const { amps, each } = settleString(220, 1034, string(...FJORD));
    expect(amps).toBeCloseTo(0.1, 9);
    for (const { ratio, verdict } of each) {
      expect(ratio).toBeCloseTo(1, 6);
      expect(verdict).toBe("good");
    }
  });

  it("over-volts a tube of less current and starves the others", () => {
    // By hand, with V ~ I^(5/3): at 90 mA the dropper takes 93 V, four tubes 104·0.9^(5/3) = 87 V, the 26A6
    // 26.5·(90/70)^(5/3) = 40 V; together 220 V.
    const heaters = string("UCH42", "26A6", "UBC41", "UL41", "UY41");
    const { amps, each } = settleString(220, 1034, heaters);
    expect(amps).toBeCloseTo(0.09, 3);
    expect(each[1]).toMatchObject({ verdict: "over" });
    expect(each[1]!.volts).toBeCloseTo(40.3, 0);
    expect(each[3]).toMatchObject({ verdict: "under" });
    expect(strangers(heaters).map(({ type }) => type)).toEqual(["26A6"]);
  });

  it("draws several times its current in the first moment", () => {
    const { inrush } = settleString(220, 1034, string(...FJORD));
    // Cold, 1166 Ω are 167 to 233 Ω: 220 V / (1034 + 233 Ω) = 174 mA to 220 V / (1034 + 167 Ω) = 183 mA.
    expect(inrush[0]).toBeCloseTo(0.1736, 3);
    expect(inrush[1]).toBeCloseTo(0.1832, 3);
  });

  it("has voltages that sum to the line, whatever is in it", () => {
    const heater = fc.record({
      volts: fc.double({ min: 1, max: 60, noNaN: true }),
      amps: fc.double({ min: 0.03, max: 0.5, noNaN: true }),
    });
    const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    const lamp = fc.option(
      fc.record({
        volts: figure(3, 20),
        amps: figure(0.04, 0.4),
        shuntOhms: fc.option(figure(10, 400), { nil: undefined }),
      }),
      { nil: undefined },
    );
    fc.assert(
      fc.property(
        figure(90, 250),
        figure(0, 2000),
        fc.array(heater, { minLength: 1, maxLength: 8 }),
        lamp,
        (line, ohms, heaters, dial) => {
          const one = heaters.map((each, index) => ({ position: `V${index}`, type: "x", heater: each }));
          const settled = settleString(line, ohms, one, dial);
          const sum =
            settled.dropperVolts +
            settled.each.reduce((total, { volts }) => total + volts, 0) +
            (settled.lamp?.volts ?? 0);
          expect(Math.abs(sum / line - 1)).toBeLessThan(1e-6);
        },
      ),
    );
  });
});

describe("a dark string", () => {
  it("has its break where the line voltage sits", () => {
    const across = new Map([
      ["V1", 0],
      ["V2", 217],
      ["V3", 0],
    ]);
    expect(openHeater(220, across).position).toBe("V2");
  });
  it("is looked for before the tubes when none has any voltage, and asks again when two have all of it", () => {
    expect(
      openHeater(
        220,
        new Map([
          ["V1", 0],
          ["V2", 0.4],
        ]),
      ).text,
    ).toContain("before the string");
    expect(
      openHeater(
        220,
        new Map([
          ["V1", 215],
          ["V2", 214],
        ]),
      ).text,
    ).toContain("measure both again");
    expect(openHeater(220, new Map()).text).toContain("Measure across each");
    expect(
      openHeater(
        220,
        new Map([
          ["V1", 15],
          ["V2", 40],
        ]),
      ).text,
    ).toContain("has a path");
  });
});

describe("a heater as it is typed", () => {
  it("is a type or its volts and amps", () => {
    expect(parseHeater("UL41")).toEqual({ ok: true, value: { volts: 45, amps: 0.1 } });
    expect(parseHeater("14 V 0.1 A")).toEqual({ ok: true, value: { volts: 14, amps: 0.1 } });
    expect(parseHeater("12.6/150 mA")).toEqual({ ok: true, value: { volts: 12.6, amps: 0.15 } });
  });
  it("is never a resistance, which was measured cold", () => {
    for (const text of ["24 Ω", "24 ohm", "24R"]) {
      const read = parseHeater(text);
      expect(!read.ok && read.message).toContain("cold");
    }
  });
  it("that is no tube is answered with the nearest", () => {
    const read = parseHeater("UCH43");
    expect(!read.ok && read.message).toContain("UCH42");
    expect(parseHeater("0 V 0.1 A").ok).toBe(false);
    expect(parseHeater("-6 V 0.1 A").ok).toBe(false);
  });
});
