import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { settle } from "@/core/kinds";
import type { Visit } from "@/core/history";
import { atOf, entry, idOf, note, replace, SET, symptom } from "@/core/fixtures";
import { erasOf, eraScale, gapWords } from "./eras";
import { APART, LANES, marksOf, moved, WHOLE, zoomed } from "./life";

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

it("zooms about a place and stays within the whole", () => {
  const part = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(
      part,
      fc.double({ min: 0.1, max: 3, noNaN: true }),
      fc.double({ min: -1, max: 1, noNaN: true }),
      (at, factor, by) => {
        const [from, to] = moved(zoomed(WHOLE, at, factor), by);
        expect(from).toBeGreaterThanOrEqual(-1e-9);
        expect(to).toBeLessThanOrEqual(1 + 1e-9);
        expect(to - from).toBeGreaterThanOrEqual(0.001 - 1e-9);
      },
    ),
  );
  expect(zoomed(WHOLE, 0.5, 0.5)).toEqual([0.25, 0.75]);
  expect(zoomed([0.25, 0.75], 0.25, 0.5)).toEqual([0.25, 0.5]);
});

describe("eras", () => {
  const visit = (n: number, at: number) => ({ id: idOf(n), setId: SET, job: n, openedAt: atOf(at) });
  const of = (...visits: Visit[]) => erasOf(settled, visits);

  it("give every visit the same room, and nine years between them little", () => {
    const eras = of(visit(1, 0), visit(2, 79_000));
    const place = eraScale(eras, atOf(90_000));
    const width = (index: number) => place(eras[index]?.to ?? 0) - place(eras[index]?.from ?? 0);
    expect(width(0)).toBeCloseTo(width(1));
    expect(place(eras[1]?.from ?? 0) - place(eras[0]?.to ?? 0)).toBeLessThan(width(0) / 4);
  });

  it("keep time in its order and lie within 0 and 1", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 80_000 }), { maxLength: 5 }),
        fc.array(fc.integer({ min: 0, max: 90_000 }), { minLength: 2, maxLength: 9 }),
        (opened, hours) => {
          const place = eraScale(of(...opened.map((at, index) => visit(index + 1, at))), atOf(90_000));
          const places = [...hours].sort((a, b) => a - b).map((hour) => place(Date.parse(atOf(hour))));
          for (const [index, one] of places.entries()) {
            expect(one).toBeGreaterThanOrEqual(0);
            expect(one).toBeLessThanOrEqual(1);
            if (index > 0) expect(one).toBeGreaterThanOrEqual(places[index - 1] ?? 0);
          }
        },
      ),
    );
  });

  it("name a gap as people do", () => {
    const DAY = 86_400_000;
    expect([9 * 365.25, 5 * 30.44, 12, 1].map((days) => gapWords(days * DAY))).toEqual([
      "9 years",
      "5 months",
      "12 days",
      "1 day",
    ]);
  });
});
