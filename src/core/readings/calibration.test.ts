import { expect, it } from "vitest";
import { calibrationOf } from ".";

it("is good until its day, announced a month before, overdue after", () => {
  expect(calibrationOf("2026-01-15", 12, "2026-06-01")).toEqual({ state: "good", due: "2027-01-15" });
  expect(calibrationOf("2026-01-15", 12, "2026-12-20").state).toBe("soon");
  expect(calibrationOf("2026-01-15", 12, "2027-01-15").state).toBe("soon");
  expect(calibrationOf("2026-01-15", 12, "2027-01-16").state).toBe("overdue");
  expect(calibrationOf(null, 12, "2026-06-01")).toEqual({ state: "never" });
});

it("counts months by the calendar: a month after the 31st of January is the end of February", () => {
  expect(calibrationOf("2027-01-31", 1, "2027-02-01").due).toBe("2027-02-28");
  expect(calibrationOf("2028-01-31", 1, "2028-02-01").due).toBe("2028-02-29");
});
