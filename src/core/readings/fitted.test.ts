import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { compareParts } from ".";
import type { PartSpec } from "../quantity";

const farads = (value: number, extra: Partial<PartSpec> = {}): PartSpec => ({
  quantity: "capacitance",
  sections: [value],
  ...extra,
});
const ohms = (value: number, extra: Partial<PartSpec> = {}): PartSpec => ({
  quantity: "resistance",
  sections: [value],
  ...extra,
});

describe("a part that goes in against the one that was there", () => {
  it("is worth no word within a tenth", () => {
    expect(compareParts(farads(50e-9), [farads(47e-9)])).toEqual([]);
    expect(compareParts(ohms(100), [ohms(110)])).toEqual([]);
    expect(compareParts(ohms(100), [ohms(90)])).toEqual([]);
  });

  it("says by how much it differs, either way", () => {
    expect(compareParts(farads(50e-9), [farads(68e-9)])).toEqual(["68 nF is +36 % against 50 nF."]);
    expect(compareParts(ohms(220e3), [ohms(100e3)])).toEqual(["100 kΩ is −55 % against 220 kΩ."]);
    expect(compareParts(ohms(100), [ohms(111)])).toHaveLength(1);
    expect(compareParts(ohms(100), [ohms(89)])).toHaveLength(1);
  });

  it("is compared by all sections of a can together", () =>
    expect(compareParts({ quantity: "capacitance", sections: [8e-6, 8e-6] }, [farads(16e-6)])).toEqual([]));

  it("of another kind is said to be so, and nothing else is", () =>
    expect(compareParts(farads(1e-6, { volts: 400 }), [ohms(1, { volts: 100 })])).toEqual([
      "The new part is of another kind than the old one.",
    ]));

  it("that is one of several is not compared by its value, but each by its rating", () => {
    const was = farads(1e-6, { volts: 400 });
    expect(compareParts(was, [farads(2e-6), farads(2e-6)])).toEqual([]);
    expect(compareParts(was, [farads(2e-6, { volts: 250 }), farads(2e-6, { volts: 250 })])).toHaveLength(2);
  });

  it("with a lower voltage or less power is said to be so; the same or more is not", () => {
    expect(compareParts(farads(1e-6, { volts: 400 }), [farads(1e-6, { volts: 250 })])).toEqual([
      "Rated 250 V, the old one 400 V: check the highest voltage there first.",
    ]);
    expect(compareParts(ohms(100, { watts: 2 }), [ohms(100, { watts: 0.5 })])).toEqual([
      "0.5 W in place of 2 W: twice the dissipation is the rule.",
    ]);
    for (const extra of [{ volts: 400 }, { volts: 630 }, {}])
      expect(compareParts(farads(1e-6, { volts: 400 }), [farads(1e-6, extra)])).toEqual([]);
    for (const extra of [{ watts: 2 }, { watts: 5 }, {}])
      expect(compareParts(ohms(100, { watts: 2 }), [ohms(100, extra)])).toEqual([]);
    expect(compareParts(farads(1e-6), [farads(1e-6, { volts: 25 })])).toEqual([]);
    expect(compareParts(ohms(100), [ohms(100, { watts: 0.1 })])).toEqual([]);
  });

  it("in place of one without a value has nothing to be compared with", () => {
    for (const sections of [[], [0]])
      expect(compareParts({ quantity: "capacitance", sections }, [farads(1e-6)])).toEqual([]);
  });

  it("is never remarked on where it is the same part", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1e-12, max: 1, noNaN: true }),
        fc.option(fc.integer({ min: 1, max: 1000 }), { nil: undefined }),
        (value, volts) => {
          const part = farads(value, volts === undefined ? {} : { volts });
          expect(compareParts(part, [part])).toEqual([]);
        },
      ),
    ));
});
