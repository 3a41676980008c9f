import fc from "fast-check";
import { expect, it } from "vitest";
import { parseMeterLoad, printMeterLoad } from ".";

it("reads what a meter is to the circuit", () => {
  expect(parseMeterLoad("20k/V")).toEqual({ ohmsPerVolt: 20e3 });
  expect(parseMeterLoad("1000 ohms per volt")).toEqual({ ohmsPerVolt: 1000 });
  expect(parseMeterLoad("11M")).toEqual({ inputOhms: 11e6 });
  for (const text of ["", "blue", "0", "-1k/V", "10 V"]) expect(parseMeterLoad(text)).toBeUndefined();
});

it("prints it so that it reads back", () => {
  expect(printMeterLoad({ ohmsPerVolt: 1000 })).toBe("1000 Ω/V");
  expect(printMeterLoad({ ohmsPerVolt: 20e3, inputOhms: null })).toBe("20 kΩ/V");
  expect(printMeterLoad(undefined)).toBe("");
  fc.assert(
    fc.property(fc.integer({ min: 50, max: 999_999 }), fc.boolean(), (ohms, perVolt) => {
      const read = parseMeterLoad(printMeterLoad(perVolt ? { ohmsPerVolt: ohms } : { inputOhms: ohms }));
      expect((perVolt ? read?.ohmsPerVolt : read?.inputOhms) ?? 0).toBeCloseTo(ohms, 6);
    }),
  );
});

it("with thousands is what a meter can be: 20,000 ohms per volt is not twenty", () => {
  for (const text of ["20,000 ohms per volt", "20.000 Ω/V", "20 000 ohms/volt"])
    expect(parseMeterLoad(text)).toEqual({ ohmsPerVolt: 20_000 });
  expect(parseMeterLoad("1,000 ohms per volts")).toEqual({ ohmsPerVolt: 1000 });
});

it.each(["10 mΩ", "0.5 Ω", "49 Ω"])("“%s” is no input of a meter: another unit was meant", (text) =>
  expect(parseMeterLoad(text)).toBeUndefined(),
);
