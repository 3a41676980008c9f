import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { COLOURS, decodeBodyEndDot, decodeDots } from ".";

describe("body, end and dot", () => {
  it("reads a yellow body with a violet end and a yellow dot as 470 kΩ ±20 %", () => {
    expect(decodeBodyEndDot({ body: "yellow", end: "violet", dot: "yellow" })).toEqual({
      ok: true,
      value: { value: 470e3, tolerance: 0.2 },
    });
    expect(decodeBodyEndDot({ body: "green", end: "black", dot: "orange", otherEnd: "silver" })).toEqual({
      ok: true,
      value: { value: 50e3, tolerance: 0.1 },
    });
  });
  it("says which colour cannot stand there", () => {
    expect(decodeBodyEndDot({ body: "gold", end: "black", dot: "orange" })).toMatchObject({ ok: false, at: 0 });
  });
});

describe("three and five dots", () => {
  it("three are two digits and a multiplier, always ±20 % and 500 V: red, green, brown is 250 pF", () => {
    expect(decodeDots(["red", "green", "brown"])).toEqual([
      { code: "RMA", value: 250e-12, tolerance: 0.2, volts: 500 },
    ]);
    expect(decodeDots(["black", "green", "brown"])).toEqual([]);
  });
  it("five are two digits on top; voltage, tolerance and multiplier below: 250 pF ±5 % 500 V", () => {
    expect(decodeDots(["red", "green", "green", "green", "brown"])).toEqual([
      { code: "RMA", value: 250e-12, tolerance: 0.05, volts: 500 },
    ]);
    expect(decodeDots(["red", "green"])).toEqual([]);
  });
});

describe("six dots", () => {
  it("with silver first say moulded paper, which is replaced: 10 nF ±20 %", () => {
    expect(decodeDots(["silver", "brown", "black", "brown", "black", "orange"])).toEqual([
      { code: "JAN, paper", value: 10e-9, tolerance: 0.2, paper: true },
    ]);
  });
  it("with a colour that is in no code have no reading, and never one below zero", () => {
    const odd = "turquoise" as never;
    for (const at of [0, 1, 2, 3, 4, 5]) {
      const dots = ["red", "green", "black", "green", "green", "black"].with(at, odd) as never;
      expect(decodeDots(dots).every(({ value }) => value > 0)).toBe(true);
    }
    expect(decodeDots([odd, odd, odd])).toEqual([]);
  });
  it("reads the RMA code with three digits and the voltage", () => {
    // 250 pF, ±5 %, 500 V: 2 5 0 on top; 5, 5, ×1 below.
    expect(decodeDots(["red", "green", "black", "green", "green", "black"])).toEqual([
      { code: "RMA", value: 250e-12, tolerance: 0.05, volts: 500 },
    ]);
  });
  it("reads the later codes, whose first dot says mica", () => {
    expect(decodeDots(["black", "yellow", "violet", "red", "silver", "brown"])).toEqual([
      { code: "EIA or JAN", value: 470e-12, tolerance: 0.1 },
    ]);
  });
  it("gives both readings where a white first dot can be a nine", () => {
    const readings = decodeDots(["white", "brown", "black", "green", "green", "brown"]);
    expect(readings.map((reading) => [reading.code, reading.value])).toEqual([
      ["RMA", 9100e-12],
      ["EIA or JAN", 100e-12],
    ]);
  });
  it("takes any six colours: readings are positive or there are none", () => {
    const colour = fc.constantFrom(...COLOURS);
    fc.assert(
      fc.property(fc.tuple(colour, colour, colour, colour, colour, colour), (dots) => {
        for (const { value, tolerance, volts } of decodeDots(dots)) {
          expect(value).toBeGreaterThanOrEqual(0);
          expect(tolerance).toBeGreaterThan(0);
          if (volts !== undefined) expect(volts).toBeGreaterThan(0);
        }
      }),
    );
  });
});
