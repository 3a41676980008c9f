import { expect, it } from "vitest";
import { clock, dateField, day, dayAndClock, momentField, since } from "./dates";

it("writes the day first and the month in letters", () => {
  expect(day("2026-09-07T23:30:00.000Z", "utc")).toBe("7 Sep 2026");
  expect(clock("2026-09-07T00:05:00.000Z", "utc")).toBe("00:05");
  expect(dayAndClock("2026-12-31T23:59:00.000Z", "utc")).toBe("31 Dec 2026, 23:59");
});

it("fills the fields of dates with the reader's own time", () => {
  const noon = new Date(2026, 2, 9, 8, 4);
  expect(dateField(noon.toISOString())).toBe("2026-03-09");
  expect(momentField(noon.toISOString())).toBe("2026-03-09T08:04");
});

it.each([
  ["2026-05-01T12:00:20.000Z", "0 minutes"],
  ["2026-05-01T11:59:00.000Z", "1 minute"],
  ["2026-05-01T11:00:40.000Z", "59 minutes"],
  ["2026-05-01T11:00:20.000Z", "1 hour"],
  ["2026-04-30T11:00:00.000Z", "1 day"],
  ["2026-04-03T12:00:00.000Z", "28 days"],
  ["2026-03-01T12:00:00.000Z", "2 months"],
  ["2024-05-01T12:00:00.000Z", "2 years"],
])("says how long ago %s was: %s", (iso, text) => {
  expect(since(iso, "2026-05-01T12:00:00.000Z")).toBe(text);
});
