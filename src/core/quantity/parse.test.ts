import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { format, parseQuantity, QUANTITIES, type Quantity } from ".";
import { PRINTED } from "./units";

const value = (text: string, quantity: Quantity, rules = {}) => {
  const parsed = parseQuantity(text, quantity, rules);
  return parsed.ok ? parsed.value : parsed.kind;
};

describe("parseQuantity", () => {
  it.each([
    ["8 mfd", "capacitance", 8e-6],
    ["8 mf", "capacitance", 8e-6],
    ["8MFD", "capacitance", 8e-6],
    ["0.047uF", "capacitance", 4.7e-8],
    ["0,047 µF", "capacitance", 4.7e-8],
    ["0.047 μF", "capacitance", 4.7e-8],
    [".005", "capacitance", 5e-9],
    ["100mmf", "capacitance", 1e-10],
    ["250 mmfd", "capacitance", 2.5e-10],
    ["250 uuf", "capacitance", 2.5e-10],
    ["250µµF", "capacitance", 2.5e-10],
    ["470 pF", "capacitance", 4.7e-10],
    ["4n7", "capacitance", 4.7e-9],
    ["n47", "capacitance", 4.7e-10],
    ["4.7n", "capacitance", 4.7e-9],
    ["500 cm", "capacitance", 500 * 1.11265e-12],
    ["470k", "resistance", 470e3],
    ["4k7", "resistance", 4700],
    ["4R7", "resistance", 4.7],
    ["R47", "resistance", 0.47],
    ["2M2", "resistance", 2.2e6],
    ["0.5 meg", "resistance", 0.5e6],
    ["1.5 MΩ", "resistance", 1.5e6],
    ["½ meg", "resistance", 0.5e6],
    ["330", "resistance", 330],
    ["330 ohms", "resistance", 330],
    ["1.2 mH", "inductance", 1.2e-3],
    ["10 H", "inductance", 10],
    ["−2,1 V", "voltage", -2.1],
    ["-2.1", "voltage", -2.1],
    ["1.5kV", "voltage", 1500],
    ["300 mA", "current", 0.3],
    ["65 watts", "power", 65],
    ["465 kc", "frequency", 465e3],
    ["1.65 Mc/s", "frequency", 1.65e6],
    ["50 c/s", "frequency", 50],
    ["20%", "percent", 0.2],
    ["90 min", "time", 5400],
    ["1h30", "time", 5400],
  ] as [string, Quantity, number][])("reads %s as %s", (text, quantity, expected) => {
    expect(value(text, quantity)).toBeCloseTo(expected, 14);
  });

  it("asks about a bare number that may be picofarad or an electrolytic's microfarad", () => {
    expect(value("8", "capacitance")).toBe("ambiguous");
    expect(value("8", "capacitance", { electrolytic: true })).toBeCloseTo(8e-6);
    expect(value("250", "capacitance", { electrolytic: false })).toBeCloseTo(2.5e-10);
  });

  it("reads a capital M by the drawing's dialect and asks without one", () => {
    expect(value("50M", "resistance", { dialect: "m-is-thousand" })).toBe(50e3);
    expect(value("50M", "resistance", { dialect: "m-is-million" })).toBe(50e6);
    const open = parseQuantity("50M", "resistance");
    expect(open).toMatchObject({ ok: false, kind: "ambiguous" });
    if (!open.ok && open.kind === "ambiguous") expect(open.choices.map((c) => c.value)).toEqual([50e3, 50e6]);
  });

  it("asks whether 1,000 is one or a thousand, and whether mF is micro or milli", () => {
    expect(value("1,000", "resistance")).toBe("ambiguous");
    expect(value("0,047µ", "capacitance")).toBeCloseTo(4.7e-8);
    expect(value("10 mF", "capacitance")).toBe("ambiguous");
  });

  it("says what a value of the wrong kind is", () => {
    expect(parseQuantity("470k", "capacitance")).toMatchObject({
      kind: "unreadable",
      message: "“470k” is a resistance (470 kΩ); a capacitance belongs here.",
    });
    expect(parseQuantity("465", "frequency")).toMatchObject({ message: "“465” needs its unit." });
    expect(parseQuantity("", "voltage")).toMatchObject({ kind: "unreadable" });
    expect(parseQuantity("9".repeat(10_000), "voltage")).toMatchObject({ kind: "unreadable" });
  });

  it("every choice of an ambiguity reads in one way", () => {
    for (const [text, quantity] of [
      ["50M", "resistance"],
      ["8", "capacitance"],
      ["1,000", "voltage"],
      ["3 mF", "capacitance"],
    ] as const) {
      const parsed = parseQuantity(text, quantity);
      if (parsed.ok || parsed.kind !== "ambiguous") throw new Error("expected a question");
      for (const choice of parsed.choices) expect(value(choice.text, quantity)).toBeCloseTo(choice.value, 12);
    }
  });
});

/** Values that three significant digits in a printed unit can show. */
const printable = (quantity: Quantity) =>
  fc
    .tuple(fc.integer({ min: 100, max: 999 }), fc.constantFrom(0.01, 0.1, 1), fc.constantFrom(...PRINTED[quantity]))
    .map(([digits, scale, unit]) => digits * scale * unit.factor);

describe("format", () => {
  it.each([
    [4.7e-8, "capacitance", "47 nF"],
    [8e-6, "capacitance", "8 µF"],
    [0.0047, "capacitance", "4700 µF"],
    [470e3, "resistance", "470 kΩ"],
    [0.47, "resistance", "0.47 Ω"],
    [999.6, "resistance", "1 kΩ"],
    [-2.1, "voltage", "−2.1 V"],
    [0, "voltage", "0 V"],
    [0.2, "percent", "20 %"],
    [465e3, "frequency", "465 kHz"],
  ] as [number, Quantity, string][])("prints %s %s as %s", (number, quantity, text) => {
    expect(format(number, quantity)).toBe(text);
  });

  it.each(QUANTITIES)("then parse returns the value: %s", (quantity) => {
    fc.assert(
      fc.property(printable(quantity), (number) => {
        const back = parseQuantity(format(number, quantity), quantity);
        expect(back.ok).toBe(true);
        if (back.ok) expect(Math.abs(back.value / number - 1)).toBeLessThan(1e-9);
      }),
    );
  });

  it("prints a dash for what is no number, and never an exponent or a stray point", () => {
    expect(format(Number.NaN, "voltage")).toBe("– V");
    expect(format(Infinity, "resistance")).toBe("– Ω");
    fc.assert(
      fc.property(fc.double(), fc.constantFrom(...QUANTITIES), (value, quantity) => {
        expect(format(value, quantity)).toMatch(/^(−?\d|–)/);
        expect(format(value, quantity)).not.toMatch(/\. /);
      }),
    );
  });
});

describe("any text", () => {
  it("gives a result and never an exception", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), fc.constantFrom(...QUANTITIES), (text, quantity) => {
        const parsed = parseQuantity(text, quantity);
        if (parsed.ok) expect(Number.isFinite(parsed.value)).toBe(true);
        else if (parsed.kind === "ambiguous") expect(parsed.choices.length).toBeGreaterThan(1);
        else expect(parsed.message).not.toBe("");
      }),
      { numRuns: 500 },
    );
  });
});
