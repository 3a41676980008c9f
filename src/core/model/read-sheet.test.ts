import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readSheet, sheetSchema } from ".";
import { SHEET } from "../fixtures";

const plain = JSON.parse(JSON.stringify(SHEET)) as typeof SHEET;

describe("a stored sheet", () => {
  it("is read as it is", () => expect(readSheet(plain)).toEqual(sheetSchema.parse(plain)));

  it("loses the row that cannot be read, and says so at the first step", () => {
    const points = plain.points.map((point, index) => (index === 0 ? { ...point, expected: 5e-324 } : point));
    const read = readSheet({ ...plain, points, watts: -1 });
    expect(read.points).toHaveLength(plain.points.length - 1);
    expect(read.components).toHaveLength(plain.components.length);
    expect(read.watts).toBeUndefined();
    expect(read.cautions.at(-1)).toMatchObject({ step: "take-in", text: expect.stringContaining("2 rows or figures") });
  });

  it("of which nothing can be read takes everything for deadly, and never throws", () => {
    expect(readSheet(null).highestVolts).toBe(20_000);
    expect(readSheet({ ...plain, lineVolts: "a" }).cautions[0]?.text).toContain("cannot be read");
    fc.assert(fc.property(fc.jsonValue(), (value) => void readSheet(value)));
    fc.assert(
      fc.property(fc.constantFrom(...Object.keys(plain)), fc.jsonValue(), (key, value) => {
        expect(sheetSchema.safeParse(readSheet({ ...plain, [key]: value })).success).toBe(true);
      }),
    );
  });
});
