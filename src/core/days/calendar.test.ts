import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dayInWords, daysBetween, daysLater, monthsLater, weekday, workdaysLater } from ".";

describe("the calendar", () => {
  it("counts over months, leap days and changes of the clock", () => {
    expect(daysLater("2028-02-27", 3)).toBe("2028-03-01");
    expect(daysBetween("2026-03-28", "2026-03-30")).toBe(2);
    expect(weekday("2026-11-27")).toBe(4);
    expect(weekday("2026-11-30")).toBe(0);
  });

  it("counts working days over a weekend", () => {
    expect(workdaysLater("2026-11-27", 2)).toBe("2026-12-01");
    expect(workdaysLater("2026-11-28", 1)).toBe("2026-11-30");
    expect(workdaysLater("2026-11-30", 0)).toBe("2026-11-30");
  });

  it("goes there and back", () => {
    fc.assert(
      fc.property(fc.integer({ min: -400, max: 400 }), (days) => {
        expect(daysBetween("2026-11-27", daysLater("2026-11-27", days))).toBe(days);
      }),
    );
  });

  it("says a day in words", () => {
    expect(dayInWords("2026-12-04")).toBe("Friday, 4 December 2026");
    expect(dayInWords("2027-01-31")).toBe("Sunday, 31 January 2027");
  });

  it("counts months, and ends a shorter one on its last day", () => {
    expect(monthsLater("2026-11-29", 3)).toBe("2027-02-28");
    expect(monthsLater("2027-11-29", 3)).toBe("2028-02-29");
    expect(monthsLater("2026-11-30", 1)).toBe("2026-12-30");
    expect(monthsLater("2026-12-31", 12)).toBe("2027-12-31");
    expect(monthsLater("2026-01-31", -2)).toBe("2025-11-30");
  });
});
