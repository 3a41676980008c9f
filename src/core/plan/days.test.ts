import { describe, expect, it } from "vitest";
import { dayOf, windowsOf } from "./days";
import { USUAL_WEEK } from "./rules";

describe("days of a plan", () => {
  it("reckons the end of a day to that day", () => {
    expect(dayOf(1440)).toBe(0);
    expect(dayOf(1441)).toBe(1);
    expect(dayOf(0)).toBe(0);
  });
});

describe("when somebody is here", () => {
  it("has no window at the weekend, and the day ends sooner by what is no bench time", () => {
    // Friday to Monday.
    expect(windowsOf(USUAL_WEEK, "2026-11-27", 4, [], 0.75)).toEqual([
      { from: 540, to: 900 },
      { from: 3 * 1440 + 540, to: 3 * 1440 + 900 },
    ]);
  });

  it("leaves out days on which they are away, the last one included", () => {
    const away = [{ from: "2026-11-30", to: "2026-12-01", why: "ill" }];
    const days = windowsOf(USUAL_WEEK, "2026-11-30", 4, away, 1).map(({ from }) => Math.floor(from / 1440));
    expect(days).toEqual([2, 3]);
  });
});
