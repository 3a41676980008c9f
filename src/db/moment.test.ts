import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { iso } from "./moment";

describe("a stored instant", () => {
  it.each([
    ["2026-05-01 10:00:00+00", "2026-05-01T10:00:00.000Z"],
    ["2026-05-01 10:00:00.1239+02", "2026-05-01T08:00:00.123Z"],
    ["2026-05-01 10:00:01.001-03:30", "2026-05-01T13:30:01.001Z"],
    // Amsterdam's own time until 1937.
    ["1930-05-01 10:19:32+00:19:32", "1930-05-01T10:00:00.000Z"],
    ["2026-05-01T10:00:00.000Z", "2026-05-01T10:00:00.000Z"],
    ["infinity", "1970-01-01T00:00:00.000Z"],
    ["0050-01-01 00:00:00+00 BC", "1970-01-01T00:00:00.000Z"],
    ["999999-01-01 00:00:00+00", "1970-01-01T00:00:00.000Z"],
  ])("%s is %s", (text, instant) => expect(iso(text)).toBe(instant));

  it("reads back what it wrote, and never throws", () => {
    const dates = fc.date({ min: new Date("1800-01-01"), max: new Date("2200-01-01"), noInvalidDate: true });
    fc.assert(fc.property(dates, (date) => void expect(iso(date.toISOString())).toBe(date.toISOString())));
    fc.assert(fc.property(fc.string(), (text) => void expect(iso(text)).toMatch(/Z$/)));
  });
});
