import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { notNumber, readNumber, readWhole } from ".";

describe("a plain number", () => {
  it.each([
    ["12", 12],
    [" 2.5 ", 2.5],
    ["2,5", 2.5],
    [",5", 0.5],
    ["−3", -3],
    ["+3", 3],
    ["½", 0.5],
    ["1½", 1.5],
    ["0,125", 0.125],
    ["1.500", 1.5],
    ["50 000", 50_000],
    ["1,500,000", 1_500_000],
  ])("“%s” is %d", (text, number) => expect(readNumber(text)).toBe(number));

  it.each(["", " ", "much", "1e3", "0x10", "Infinity", "12 %", "1.2.3", "12-", "--1", "5 5", "1,500"])(
    "“%s” is none",
    (text) => expect(readNumber(text)).toBeUndefined(),
  );

  it("may have the field's own unit behind it, and no other", () => {
    expect(readNumber("12 %", /%/)).toBe(12);
    expect(readNumber("4h", /h|hours?/)).toBe(4);
    expect(readNumber("4 Hours", /h|hours?/)).toBe(4);
    expect(readNumber("4 W", /h|hours?/)).toBeUndefined();
    expect(readNumber("%", /%/)).toBeUndefined();
  });

  it("with one comma before three digits is said to be either", () => {
    expect(notNumber(" 1,500 ")).toBe("“1,500” may be 1.500 or 1500: write it without the comma.");
    expect(notNumber("much")).toBe("“much” is not a number.");
  });

  it("is read back however it is printed", () => {
    fc.assert(
      fc.property(fc.integer({ min: -9_999_999, max: 9_999_999 }), (n) => {
        expect(readNumber(String(n / 1000))).toBe(n / 1000);
        expect(readNumber(String(n / 100).replace(".", ","))).toBe(n / 100);
      }),
    );
  });

  it("is whole where pieces, days or minutes are counted", () => {
    expect(readWhole("12 days", /days?/)).toBe(12);
    expect(readWhole("0")).toBe(0);
    for (const text of ["1.5", "-1", "", "many"]) expect(readWhole(text), text).toBeUndefined();
  });
});
