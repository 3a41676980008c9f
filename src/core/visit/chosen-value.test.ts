import { expect, it } from "vitest";
import { entry, SHEET, VISIT } from "../fixtures";
import { settle } from "../kinds";
import { recapOf } from "./recap";

const plan = (...lines: Parameters<typeof entry>[1][]) =>
  recapOf({
    sheet: SHEET,
    year: 1937,
    settled: settle(lines.map((line, n) => entry(n + 1, line))).settled,
    visitId: VISIT,
    now: "2026-06-01T00:00:00Z",
  }).find(({ designator }) => designator === "C14");

it("a value that was chosen by ear is looked for in place of the drawn one, with the rating of the place", () => {
  const drawn = plan();
  const chosen = plan({
    kind: "plan-line",
    payload: { v: 1, designator: "C14", action: "replace", value: { text: "22 nF", value: 22e-9 }, why: "by ear" },
  });
  expect(drawn?.needs[0]?.window[0]).toBeGreaterThan(30e-9);
  expect(chosen).toMatchObject({ action: "replace" });
  const [low = 0, high = 0] = chosen?.needs[0]?.window ?? [];
  expect(low).toBeLessThanOrEqual(22e-9);
  expect(high).toBeGreaterThanOrEqual(22e-9);
  expect(high).toBeLessThan(30e-9);
  expect(chosen?.needs[0]?.volts).toBe(drawn?.needs[0]?.volts);
});
