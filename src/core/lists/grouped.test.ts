import fc from "fast-check";
import { expect, it } from "vitest";
import { groupedBy } from ".";

it("has every item once, under its key, in the order in which they came", () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 50 })), (items) => {
      const groups = groupedBy(items, (one) => one % 7);
      expect([...groups.keys()]).toEqual([...new Set(items.map((one) => one % 7))]);
      for (const [key, group] of groups) expect(group).toEqual(items.filter((one) => one % 7 === key));
    }),
  );
});
