import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatPart, parsePart, quantityOfDesignator, SAFETY_CLASSES, type PartSpec } from ".";

const read = (text: string, rules = {}) => {
  const parsed = parsePart(text, rules);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed));
  return parsed.value;
};
const capacitor = { quantity: "capacitance" } as const;
const resistor = { quantity: "resistance" } as const;

describe("parsePart", () => {
  it("reads value, ratings and tolerance from one text", () => {
    expect(read(".05/400", capacitor)).toEqual({
      quantity: "capacitance",
      sections: [expect.closeTo(5e-8)],
      volts: 400,
    });
    expect(read("8 mfd 450 V")).toEqual({ quantity: "capacitance", sections: [expect.closeTo(8e-6)], volts: 450 });
    expect(read("470k 1W 10%")).toEqual({ quantity: "resistance", sections: [470e3], watts: 1, tolerance: 0.1 });
    expect(read("470 1/2W", resistor)).toMatchObject({ sections: [470], watts: 0.5 });
    expect(read("0.047/630 film", capacitor)).toMatchObject({ volts: 630, construction: "film" });
    expect(read("0.1 µF 275 VAC X2")).toMatchObject({ volts: 275, safety: "X2" });
    expect(read("8 mfd 450WV")).toMatchObject({ volts: 450 });
    expect(read("4k7 ±5%")).toMatchObject({ sections: [4700], tolerance: 0.05 });
    expect(read("4n7K")).toMatchObject({ sections: [expect.closeTo(4.7e-9)], tolerance: 0.1 });
  });

  it("reads cans of several sections", () => {
    expect(read("2x16µ 350V").sections).toEqual([expect.closeTo(1.6e-5), expect.closeTo(1.6e-5)]);
    expect(read("2×16µF").sections).toHaveLength(2);
    const unequal = read("8+16 µF 450 V");
    expect(unequal.sections[0]).toBeCloseTo(8e-6, 12);
    expect(unequal.sections[1]).toBeCloseTo(16e-6, 12);
  });

  it("reads digit codes on capacitors, and asks where nobody said what the part is", () => {
    expect(read("104K", capacitor)).toMatchObject({ sections: [expect.closeTo(1e-7)], tolerance: 0.1 });
    expect(read("104K", resistor)).toMatchObject({ sections: [104e3] });
    expect(parsePart("104K")).toMatchObject({ kind: "ambiguous" });
    expect(parsePart("104", capacitor)).toMatchObject({ kind: "ambiguous" });
  });

  it("points at the place that it does not understand", () => {
    expect(parsePart("0.047/630 bananas", capacitor)).toMatchObject({ kind: "unreadable", at: 10 });
    expect(parsePart("470k", capacitor)).toMatchObject({
      kind: "unreadable",
      message: expect.stringContaining("is a resistance"),
    });
    expect(parsePart("47")).toMatchObject({ kind: "unreadable" });
    expect(parsePart("<b>", resistor)).toMatchObject({ kind: "unreadable" });
  });

  it("reads every marking that formatPart prints", () => {
    const threeDigits = fc.integer({ min: 100, max: 999 });
    const rating = fc.option(fc.integer({ min: 1, max: 999 }), { nil: undefined });
    const marking = fc
      .record({
        quantity: fc.constantFrom("capacitance", "resistance", "inductance"),
        digits: threeDigits,
        count: fc.integer({ min: 1, max: 4 }),
        volts: rating,
        watts: rating,
        tolerance: fc.option(fc.constantFrom(0.01, 0.05, 0.1, 0.2), { nil: undefined }),
        safety: fc.option(fc.constantFrom(...SAFETY_CLASSES), { nil: undefined }),
      })
      .map(({ digits, count, quantity, ...rest }): PartSpec => {
        const unit = quantity === "capacitance" ? 1e-9 : quantity === "resistance" ? 1e3 : 1e-3;
        return { quantity, sections: Array<number>(count).fill(digits * unit), ...rest } as PartSpec;
      });
    fc.assert(
      fc.property(marking, (spec) => {
        const back = read(formatPart(spec));
        expect(formatPart(back)).toBe(formatPart(spec));
        expect(back.sections[0]).toBeCloseTo(spec.sections[0] ?? 0, 12);
        expect(back.sections).toHaveLength(spec.sections.length);
        expect(back.volts).toBe(spec.volts);
      }),
    );
  });

  it("takes any text without an exception", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (text) => {
        const parsed = parsePart(text);
        expect(parsed.ok || parsed.kind === "ambiguous" || parsed.message.length > 0).toBe(true);
      }),
      { numRuns: 500 },
    );
  });
});

describe("words before a value", () => {
  it.each([
    ["film 47n/630", "47n/630 film"],
    ["X2 100n", "100n X2"],
    ["Y2 safety cap 4.7n", "4.7n Y2"],
    ["class Y1 2.2n", "2.2n Y1"],
    ["a new polypropylene 47n 630V", "47n 630V polypropylene"],
    ["new 47n/630", "47n/630"],
    ["silver mica 220p 5%", "220p 5% silver mica"],
    ["metal film 47k 1W", "47k 1W metal film"],
    ["wirewound resistor 1k 10W", "1k 10W wirewound"],
    ["100n film capacitor 400V", "100n 400V film"],
  ])("%s is %s", (before, behind) => expect(read(before)).toEqual(read(behind)));
  it("what a part is made of says what a bare figure means", () => {
    const bare = (text: string) => parsePart(text, { quantity: "capacitance" });
    expect(bare("8/450")).toMatchObject({ ok: false, kind: "ambiguous" });
    expect(bare("electrolytic 8/450")).toMatchObject({ ok: true, value: { sections: [8e-6], volts: 450 } });
    expect(bare("mica 220")).toMatchObject({ ok: true, value: { sections: [expect.closeTo(220e-12, 15)] } });
  });
  it("words alone are no value, and the same cannot be said twice", () => {
    const of = (text: string) => parsePart(text, { quantity: "capacitance" });
    for (const text of ["film", "a new capacitor", "X2", "film 47n mica"])
      expect([text, of(text).ok]).toEqual([text, false]);
  });
});

it("knows a part's kind from its designator", () => {
  expect(quantityOfDesignator("C14")).toBe("capacitance");
  expect(quantityOfDesignator("r7")).toBe("resistance");
  expect(quantityOfDesignator("V3")).toBeUndefined();
});
