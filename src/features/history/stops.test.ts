import { expect, it } from "vitest";
import { settle } from "@/core/kinds";
import { atOf, entry, note, SET, VISIT } from "@/core/fixtures";
import { momentOf, stopsOf } from "./stops";

it("offers the day before a visit, the days with work, and today", () => {
  const { settled } = settle([entry(60, note("x")), entry(61, note("y")), entry(130, note("z"))]);
  const stops = stopsOf(settled, [{ id: VISIT, setId: SET, job: 7, openedAt: atOf(60) }], atOf(2000));
  expect(stops.map((stop) => stop.label)).toEqual(["before job 7", "job 7", "job 7", "today"]);
  expect(stops.map((stop) => stop.day)).toEqual([...stops.map((stop) => stop.day)].sort());
});

it("stands at the end of a day", () => {
  expect(Date.parse(momentOf("2026-01-05"))).toBeGreaterThan(Date.parse("2026-01-05T12:00:00"));
  expect(Date.parse(momentOf("2026-01-05"))).toBeLessThan(new Date("2026-01-06T00:00:00").getTime());
});
