import fc from "fast-check";
import { expect, it } from "vitest";
import { settle } from "@/core/history";
import { entry, note, replace, symptom } from "@/core/history/fixtures";
import { APART, LANES, marksOf, moved, spanOf, zoomed } from "./life";

const { settled } = settle([
  entry(1, symptom("hum")),
  entry(2, replace("C14", "47n/630")),
  entry(3, replace("C1", "22µ/450")),
  entry(9, note("x")),
]);
const all = new Set(LANES);

it("puts each entry on its lane, and those that touch into one mark", () => {
  const wide = marksOf(settled, all, (at) => Date.parse(at) / 60_000);
  expect(wide.map(({ lane, items }) => [lane, items.length])).toEqual([
    ["symptoms", 1],
    ["parts", 1],
    ["parts", 1],
    ["notes", 1],
  ]);
  const narrow = marksOf(settled, all, () => 5);
  expect(narrow.find(({ lane }) => lane === "parts")?.items.length).toBe(2);
});

it("shows the lanes that are chosen, within what is in sight", () => {
  expect(marksOf(settled, new Set(["parts"]), () => 5).every(({ lane }) => lane === "parts")).toBe(true);
  expect(marksOf(settled, all, () => undefined)).toEqual([]);
});

it("loses no entry and keeps marks apart, however the chart is drawn", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 100, noNaN: true }), (scale) => {
      const marks = marksOf(settled, all, (at) => (Date.parse(at) / 3_600_000) * scale);
      expect(marks.reduce((sum, { items }) => sum + items.length, 0)).toBe(4);
      for (const lane of LANES) {
        const xs = marks.filter((mark) => mark.lane === lane).map(({ x }) => x);
        for (const [index, x] of xs.entries())
          if (index > 0) expect(x - (xs[index - 1] ?? 0)).toBeGreaterThanOrEqual(APART);
      }
    }),
  );
});

it("zooms about a moment and stays within the whole life", () => {
  const whole = spanOf([0, 1e12]);
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0.1, max: 3, noNaN: true }),
      fc.double({ min: -1, max: 1, noNaN: true }),
      (at, factor, by) => {
        const span = moved(zoomed(whole, at * 1e12, factor, whole), by, whole);
        expect(span[0]).toBeGreaterThanOrEqual(whole[0] - 1);
        expect(span[1]).toBeLessThanOrEqual(whole[1] + 1);
        expect(span[1] - span[0]).toBeGreaterThanOrEqual(3_600_000 - 1);
      },
    ),
  );
  const half = zoomed([0, 1e12], 5e11, 0.5, [0, 1e12]);
  expect(half).toEqual([2.5e11, 7.5e11]);
});
