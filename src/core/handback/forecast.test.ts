import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { STEPS } from "../model";
import { timesOf } from "../plan";
import { forecast } from "./forecast";

const TIMES = timesOf([])["mains receiver"];
const TERMS = { hourMinor: 4500, tax: 0.21 };
const step = (name: (typeof STEPS)[number], more = {}) => ({ step: name, text: "", share: 1, ...more });

describe("what a set will come to", () => {
  it("by hand: find, ten parts, prove, at 45 an hour, parts 18, tax 21 %", () => {
    const cost = forecast([step("find"), step("fix", { parts: 10 }), step("prove")], TIMES, TERMS, {
      partsMinor: 1800,
    });
    // 90, 120 and 35 min: to the quarter 90, 120 and 30, which is 4 h.
    expect(cost.steps.map(({ minutes }) => minutes)).toEqual([90, 120, 30]);
    expect(cost.labourMinutes).toBe(240);
    // 180.00 + 18.00 = 198.00, and 41.58 of tax.
    expect(cost).toMatchObject({ labourMinor: 18_000, netMinor: 19_800, taxMinor: 4158, totalMinor: 23_958 });
    // Spreads of 150, 25.3 and 30 min: together 155.0 min, 116.28 more before tax.
    expect(cost.upToMinor).toBeGreaterThan(37_800);
    expect(cost.upToMinor).toBeLessThan(38_200);
  });

  it("counts what was spent, and only what is left", () => {
    const cost = forecast([step("prove")], TIMES, TERMS, {
      partsMinor: 0,
      spent: { minutes: 200, partsMinor: 2500 },
      travelMinor: 1000,
      reserveMinor: 500,
    });
    expect(cost.labourMinutes).toBe(230);
    expect(cost.netMinor).toBe(17_250 + 2500 + 1000 + 500);
  });

  it("the most is never below the sum, and tax 0 adds nothing", () => {
    fc.assert(
      fc.property(
        fc.subarray([...STEPS]),
        fc.integer({ min: 0, max: 100_000 }),
        fc.constantFrom(0, 0.07, 0.21),
        (names, partsMinor, tax) => {
          const cost = forecast(
            names.map((one) => step(one)),
            TIMES,
            { hourMinor: 4500, tax },
            { partsMinor },
          );
          expect(cost.upToMinor).toBeGreaterThanOrEqual(cost.totalMinor);
          if (tax === 0) expect(cost.totalMinor).toBe(cost.netMinor);
        },
      ),
    );
  });
});
