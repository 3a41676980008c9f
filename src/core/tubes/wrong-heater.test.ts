import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { settleString, tubeType, tubeTypes, wrongHeater, type StringHeater } from ".";

const string = (...types: string[]): StringHeater[] =>
  types.map((type, index) => ({ position: `V${index + 1}`, type, heater: tubeType(type)!.heaters[0]! }));
const FJORD = string("UCH42", "UF41", "UBC41", "UL41", "UY41");
const DROPPER = 1034;

/** What is measured with another tube at a place. */
const measured = (position: string, heater: { volts: number; amps: number }, error = (_: number) => 1) =>
  new Map(
    settleString(220, DROPPER, FJORD.map((one) => (one.position === position ? { ...one, heater } : one))) // prettier-ignore
      .each.map(({ position: at, volts }, index) => [at, volts * error(index)]),
  );

describe("a wrong tube in a series string", () => {
  it("is named from the volts across the heaters, with the types that it may be", () => {
    const found = wrongHeater(220, DROPPER, FJORD, measured("V2", { volts: 6.3, amps: 0.3 }));
    expect(found?.position).toBe("V2");
    expect(found?.heater).toMatchObject({ volts: 6.3, amps: 0.3 });
    expect(found?.types).toContain("6K7");
    expect(found?.volts.get("V2")).toBeLessThan(2);
  });

  it("is none where the string is as it is drawn, on a line that is a little high too", () => {
    const right = (line: number) =>
      new Map(settleString(line, DROPPER, FJORD).each.map(({ position, volts }) => [position, volts]));
    expect(wrongHeater(220, DROPPER, FJORD, right(220))).toBeUndefined();
    expect(wrongHeater(220, DROPPER, FJORD, right(226))).toBeUndefined();
  });

  it("needs two heaters that were measured", () => {
    expect(wrongHeater(220, DROPPER, FJORD, new Map([["V2", 40]]))).toBeUndefined();
    expect(wrongHeater(0, DROPPER, FJORD, measured("V2", { volts: 6.3, amps: 0.3 }))).toBeUndefined();
  });

  it("is found for any heater of the table that makes its tube a stranger, in spite of the meter", () => {
    const heaters = tubeTypes().flatMap((one) => one.heaters);
    fc.assert(
      fc.property(
        fc.constantFrom(...heaters),
        fc.constantFrom("V1", "V2", "V3", "V4"),
        fc.array(fc.double({ min: -0.015, max: 0.015, noNaN: true }), { minLength: 5, maxLength: 5 }),
        (heater, position, errors) => {
          const right = settleString(220, DROPPER, FJORD).each.find((one) => one.position === position);
          const read = measured(position, heater, (index) => 1 + (errors[index] ?? 0));
          const ratio = (read.get(position) ?? 0) / (right?.volts ?? 1);
          // What hardly differs from the right tube is none that anybody would look for.
          fc.pre(Math.abs(Math.log(ratio)) > 0.4);
          expect(wrongHeater(220, DROPPER, FJORD, read)?.position).toBe(position);
        },
      ),
      { numRuns: 60 },
    );
  });
});
