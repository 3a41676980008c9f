import fc from "fast-check";
import { expect, it } from "vitest";
import { spread } from "./spread";

it("moves what is too near, and leaves what is not", () => {
  expect(spread([10, 12, 50], 8)).toEqual([10, 18, 50]);
  expect(spread([12, 10], 8)).toEqual([18, 10]);
  expect(spread([], 8)).toEqual([]);
});

it("keeps the order and the distance, whatever it is given", () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 300 }), { maxLength: 8 }), (places) => {
      const sorted = spread(places, 9).sort((a, b) => a - b);
      for (const [index, place] of sorted.entries())
        if (index > 0) expect(place - (sorted[index - 1] ?? 0)).toBeGreaterThanOrEqual(9);
    }),
  );
});
