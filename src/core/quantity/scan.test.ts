import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { scanValue } from "./scan";
import { scanNumber, skipSpace } from "./scan-number";
import { spellings } from "./units";

describe("a number in a text", () => {
  it("is found where it stands, with its end", () => {
    expect(scanNumber("C14 0.05", 4)).toEqual([{ value: 0.05, end: 8 }]);
    expect(scanNumber(",5", 0)).toEqual([{ value: 0.5, end: 2 }]);
    expect(scanNumber("−2,1V", 0)).toEqual([{ value: -2.1, end: 4 }]);
    expect(scanNumber("+3", 0)).toEqual([{ value: 3, end: 2 }]);
    expect(scanNumber("¼W", 0)).toEqual([{ value: 0.25, end: 1 }]);
    expect(scanNumber("leaky", 0)).toEqual([]);
  });

  it("has two readings only where a comma or a point parts three digits from a number without a leading nought", () => {
    expect(scanNumber("1,000", 0).map(({ value }) => value)).toEqual([1, 1000]);
    expect(scanNumber("0,047", 0)).toHaveLength(1);
    expect(scanNumber("1,00", 0)).toHaveLength(1);
    expect(scanNumber("1.000", 0).map(({ value }) => value)).toEqual([1, 1000]);
    expect(scanNumber("0.047", 0)).toHaveLength(1);
    expect(scanNumber("50 000", 0).map(({ value }) => value)).toEqual([50, 50_000]);
    expect(scanNumber("1,500,000", 0)).toEqual([{ value: 1.5e6, end: 9 }]);
    expect(scanNumber("1.500.000,5", 0)).toEqual([{ value: 1_500_000.5, end: 11 }]);
    expect(scanNumber("1000,000", 0)).toHaveLength(1);
  });

  it("is read to its last digit, whatever follows", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999 }), fc.constantFrom("", " V", "k", "/400", ")"), (n, tail) => {
        expect(scanNumber(`${n}${tail}`, 0)).toEqual([{ value: n, end: String(n).length }]);
      }),
    );
  });
});

describe("a value in a text", () => {
  const ends = (text: string, ...rest: [Parameters<typeof scanValue>[2]]) =>
    scanValue(text, 0, ...rest).map(({ end }) => text.slice(0, end));

  it("ends with its unit, and a unit ends with its letters", () => {
    expect(ends("470k 1W", "resistance")).toEqual(["470k"]);
    expect(ends("8 mfd 450 V", "capacitance")).toEqual(["8 mfd"]);
    expect(ends("0.5 meg", "resistance")).toEqual(["0.5 meg"]);
    expect(ends("470kilo", "resistance")).toEqual([]);
    expect(ends("20 kc/s", "frequency")).toEqual(["20 kc/s"]);
  });

  it("is none where another unit stands", () => {
    expect(ends("470k", "capacitance")).toEqual([]);
    expect(ends("20%", "voltage")).toEqual([]);
    expect(ends("5 V", "current")).toEqual([]);
  });
});

it("meets longer spellings before shorter ones", () => {
  const lengths = spellings("capacitance").map(({ text }) => text.length);
  expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
});

it("skips white space of every kind", () => {
  expect(skipSpace(" \t\u00a0x", 0)).toBe(3);
  expect(skipSpace("x", 0)).toBe(0);
  expect(skipSpace("  ", 0)).toBe(2);
});
