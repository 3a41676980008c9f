import { describe, expect, it } from "vitest";
import { COLOURS, decade, decodeBands, parsePart } from "./quantity";
import { cathodeBias, pointNear, tubeType } from "./tubes";

/** Tables as they are published, typed in, against what the code works out. */

describe("preferred values, IEC 60063", () => {
  const hundredths = (series: "E24" | "E48" | "E96") => decade(series).map((value) => Math.round(value * 100));
  const read = (table: string) => table.split(" ").map(Number);
  const E96 = read(
    "100 102 105 107 110 113 115 118 121 124 127 130 133 137 140 143 147 150 154 158 162 165 169 174 178 182 187 191 196 200 205 210 215 221 226 232 237 243 249 255 261 267 274 280 287 294 301 309 316 324 332 340 348 357 365 374 383 392 402 412 422 432 442 453 464 475 487 499 511 523 536 549 562 576 590 604 619 634 649 665 681 698 715 732 750 768 787 806 825 845 866 887 909 931 953 976",
  );
  it("E24, E48 and E96 in full", () => {
    expect(hundredths("E24")).toEqual(
      read("100 110 120 130 150 160 180 200 220 240 270 300 330 360 390 430 470 510 560 620 680 750 820 910"),
    );
    expect(hundredths("E96")).toEqual(E96);
    expect(hundredths("E48")).toEqual(E96.filter((_, index) => index % 2 === 0));
  });
});

describe("the colour code, IEC 60062", () => {
  const bands = (...colours: (typeof COLOURS)[number][]) => {
    const read = decodeBands(colours);
    return read.ok ? read.value : undefined;
  };
  it("digits and multipliers", () => {
    const digits = ["black", "brown", "red", "orange", "yellow", "green", "blue", "violet", "grey", "white"] as const;
    digits.forEach((colour, digit) => {
      expect(bands("brown", colour, "black")?.value).toBe(10 + digit);
      expect(bands("brown", "black", colour)?.value).toBe(10 * 10 ** digit);
    });
    expect(bands("brown", "black", "gold")?.value).toBe(1);
    expect(bands("brown", "black", "silver")?.value).toBe(0.1);
    expect(bands("brown", "black", "pink")?.value).toBe(0.01);
  });
  it.each([
    ["brown", 1],
    ["red", 2],
    ["green", 0.5],
    ["blue", 0.25],
    ["violet", 0.1],
    ["gold", 5],
    ["silver", 10],
  ] as const)("tolerance: %s is ±%d %%", (colour, percent) =>
    expect(bands("brown", "black", "red", colour)?.tolerance).toBeCloseTo(percent / 100, 12),
  );
  it.each([
    ["B", 0.1],
    ["C", 0.25],
    ["D", 0.5],
    ["F", 1],
    ["G", 2],
    ["J", 5],
    ["K", 10],
    ["M", 20],
  ] as const)("tolerance letter %s is ±%d %%", (letter, percent) => {
    const read = parsePart(`100 nF ${letter}`, { quantity: "capacitance" });
    expect(read.ok && read.value.tolerance).toBeCloseTo(percent / 100, 12);
  });
});

describe("typical operation of the data sheets", () => {
  // Cathode resistors that the sheets of these types give for the operation in the table, Ω.
  it.each([
    ["EL84", 135],
    ["EL41", 170],
    ["UL41", 140],
    ["6F6", 410],
    ["45", 1500],
    ["2A3", 750],
    ["47", 450],
    ["ECL82", 390],
    ["EL34", 120],
    ["6L6", 170],
    ["EL86", 165],
  ])("of the %s has the sheet's cathode resistor: %d Ω", (name, ohms) => {
    const point = pointNear(tubeType(name)!);
    const bias = cathodeBias({ grid: point!.grid, amps: point!.amps!, screenAmps: point!.screenAmps });
    expect(Math.abs(bias.ohms / ohms - 1)).toBeLessThan(0.08);
  });
});
