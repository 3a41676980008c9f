import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { COLOURS, decodeBodyEndDot, decodeSixDots, type SixDots } from ".";

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

describe("six dots", () => {
  it("reads the RMA code with three digits and the voltage", () => {
    // 250 pF, ±5 %, 500 V: 2 5 0 on top; 5, 5, ×1 below.
    expect(decodeSixDots(["red", "green", "black", "green", "green", "black"])).toEqual([
      { code: "RMA", value: 250e-12, tolerance: 0.05, volts: 500 },
    ]);
  });
  it("reads the later codes, whose first dot says mica", () => {
    expect(decodeSixDots(["black", "yellow", "violet", "red", "silver", "brown"])).toEqual([
      { code: "EIA or JAN", value: 470e-12, tolerance: 0.1 },
    ]);
  });
  it("gives both readings where a white first dot can be a nine", () => {
    const readings = decodeSixDots(["white", "brown", "black", "green", "green", "brown"]);
    expect(readings.map((reading) => [reading.code, reading.value])).toEqual([
      ["RMA", 9100e-12],
      ["EIA or JAN", 100e-12],
    ]);
  });
  it("takes any six colours: readings are positive or there are none", () => {
    const colour = fc.constantFrom(...COLOURS);
    fc.assert(
      fc.property(fc.tuple(colour, colour, colour, colour, colour, colour), (dots) => {
        for (const { value, tolerance, volts } of decodeSixDots(dots as SixDots)) {
          expect(value).toBeGreaterThanOrEqual(0);
          expect(tolerance).toBeGreaterThan(0);
          if (volts !== undefined) expect(volts).toBeGreaterThan(0);
        }
      }),
    );
  });
});
