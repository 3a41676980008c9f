import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { beginning, clockOf, ending, joined, windowAt, worked } from "./clock";

/** Two days, nine to five. */
const TWO_DAYS = clockOf([
  { from: 540, to: 1020 },
  { from: 1980, to: 2460 },
]);

const windows = fc
  .array(fc.record({ from: fc.integer({ min: 0, max: 20_000 }), length: fc.integer({ min: 0, max: 600 }) }), {
    minLength: 1,
    maxLength: 12,
  })
  .map((all) => all.map(({ from, length }) => ({ from, to: from + length })));

describe("a clock of working time", () => {
  it("stands still over night", () => {
    expect(worked(TWO_DAYS, 600)).toBe(60);
    expect(worked(TWO_DAYS, 1500)).toBe(480);
    expect(worked(TWO_DAYS, 1990)).toBe(490);
    expect(worked(TWO_DAYS, 100)).toBe(0);
  });

  it("begins work in the morning and ends it in the evening", () => {
    expect(beginning(TWO_DAYS, 480)).toBe(1980);
    expect(ending(TWO_DAYS, 480)).toBe(1020);
    expect(ending(TWO_DAYS, 481)).toBe(1981);
  });

  it("has no time behind its last window", () => {
    expect(beginning(TWO_DAYS, 960)).toBe(Number.POSITIVE_INFINITY);
    expect(ending(TWO_DAYS, 960)).toBe(2460);
    expect(ending(TWO_DAYS, 961)).toBe(Number.POSITIVE_INFINITY);
    expect(windowAt(TWO_DAYS, 960)).toBe(-1);
  });

  it("joins windows that touch or overlap, and leaves empty ones out", () => {
    expect(
      joined([
        { from: 30, to: 40 },
        { from: 0, to: 10 },
        { from: 10, to: 20 },
        { from: 15, to: 25 },
        { from: 50, to: 50 },
      ]),
    ).toEqual([
      { from: 0, to: 25 },
      { from: 30, to: 40 },
    ]);
  });

  it("comes back to the minutes that it was asked for", () => {
    fc.assert(
      fc.property(windows, fc.nat(7000), (all, minutes) => {
        const clock = clockOf(all);
        if (minutes < clock.total) expect(worked(clock, beginning(clock, minutes))).toBe(minutes);
        if (minutes > 0 && minutes <= clock.total) expect(worked(clock, ending(clock, minutes))).toBe(minutes);
      }),
    );
  });
});
