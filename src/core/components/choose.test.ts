import { describe, expect, it } from "vitest";
import fc from "fast-check";
import { allocate, choose, costOf, needText, piecesOf, readStock, shortages, type PlanNeed, type PlanLine } from ".";
import { COUPLING_NEED, MAINS_NEED, stockItem } from "../fixtures";

const coupling: PlanNeed = { ...COUPLING_NEED, volts: 530 };
const mains = MAINS_NEED;
const film = (id: string, marking: string, change = {}) => stockItem({ id, kind: "film", marking, ...change });
const best = (need: PlanNeed, items: ReturnType<typeof stockItem>[]) => choose(need, readStock(items), 2026)[0];

describe("from stock", () => {
  it("the nearest value with enough rating comes first", () => {
    const found = best(coupling, [
      film("a", "0.047 µF 400 V"),
      film("b", "0.047 µF 630 V"),
      film("c", "0.056 µF 630 V"),
    ]);
    expect(found?.items[0]?.id).toBe("b");
    expect(found?.margin).toBeCloseTo(630 / 530, 6);
  });
  it("much more rating than needed, age and price count against a part", () => {
    const alike = [
      film("far", "0.047 µF 2 kV"),
      film("dear", "0.047 µF 630 V", { priceMinor: 900 }),
      film("plain", "0.047 µF 630 V", { priceMinor: 60 }),
    ];
    expect(choose(coupling, readStock(alike), 2026).map(({ items }) => items[0]?.id)).toEqual(["plain", "far", "dear"]);
    const old = stockItem({ kind: "electrolytic", marking: "47 µF 50 V", madeIn: 2009 });
    const bypass: PlanNeed = { ...coupling, value: 50e-6, window: [40e-6, 125e-6], volts: 25, kind: "electrolytic" };
    expect(best(bypass, [old])?.remarks.join(" ")).toContain("reform");
  });
  it("what is gone or promised elsewhere is not offered", () => {
    expect(best(coupling, [film("a", "0.047 µF 630 V", { onHand: 0 })])).toBeUndefined();
    expect(best(coupling, [film("a", "0.047 µF 630 V", { onHand: 2, reserved: 2 })])).toBeUndefined();
    expect(best(coupling, [film("a", "0.047 µF 630 V", { onHand: 2, reserved: 2, reservedHere: 1 })])).toBeDefined();
  });
  it("a pair stands in where no single part fits, with what each bears", () => {
    const found = best(coupling, [
      film("a", "0.022 µF 630 V"),
      film("b", "0.033 µF 630 V"),
      film("c", "0.1 µF 400 V", { onHand: 2 }),
    ]);
    expect(found?.pair?.way).toBeDefined();
    expect(found?.value).toBeGreaterThanOrEqual(40e-9);
    expect(found?.remarks[0]).toMatch(/bear/);
  });
  it("a mains role gets its safety class or nothing: no film, no pair, and Y for Y", () => {
    const drawer = [film("film", "0.01 µF 1.6 kV"), film("half", "0.0047 µF 1.6 kV", { onHand: 9 })];
    expect(best(mains, drawer)).toBeUndefined();
    const x2 = stockItem({ id: "x2", kind: "X", marking: "0.01 µF 275 V X2" });
    const y2 = stockItem({ id: "y2", kind: "Y", marking: "0.01 µF 300 V Y2" });
    expect(best(mains, [...drawer, y2, x2])?.items[0]?.id).toBe("x2");
    expect(best(mains, [...drawer, y2])?.items[0]?.id).toBe("y2");
    expect(best({ ...mains, kind: "Y" }, [...drawer, x2])).toBeUndefined();
  });
  it("whatever is offered lies in its window and stands its rating", () => {
    const value = fc.integer({ min: 1, max: 999 });
    const item = fc.record({
      nano: value,
      volts: fc.constantFrom(100, 250, 400, 630, 1000),
      onHand: fc.integer({ min: 0, max: 3 }),
    });
    fc.assert(
      fc.property(
        fc.array(item, { maxLength: 30 }),
        value,
        fc.integer({ min: 50, max: 800 }),
        (drawer, nano, volts) => {
          const need: PlanNeed = { ...coupling, value: nano * 1e-9, window: [nano * 0.8e-9, nano * 1.2e-9], volts };
          const stock = drawer.map((one, index) =>
            film(String(index), `${one.nano} nF ${one.volts} V`, { onHand: one.onHand }),
          );
          for (const choice of choose(need, readStock(stock), 2026)) {
            expect(choice.value).toBeGreaterThanOrEqual(need.window[0] * (1 - 1e-9));
            expect(choice.value).toBeLessThanOrEqual(need.window[1] * (1 + 1e-9));
            expect(choice.margin).toBeGreaterThanOrEqual(1 - 1e-9);
          }
        },
      ),
    );
  });
});

const planLine = (need: PlanNeed): PlanLine => ({
  designator: need.designator,
  role: "coupling",
  drawn: ".05/400",
  action: "replace",
  proposed: "replace",
  reason: "",
  rule: "",
  needs: [need],
  cautions: [],
});

describe("a whole plan from stock", () => {
  const one = film("a", "0.047 µF 630 V", { onHand: 1, priceMinor: 120 });
  const lines = [planLine(coupling), planLine({ ...coupling, designator: "C9" })];
  it("promises no piece twice, and says what is short", () => {
    const filled = allocate(lines, [one], 2026);
    expect(filled[0]?.filled[0]?.chosen?.items[0]?.id).toBe("a");
    expect(shortages(filled).map(({ designator }) => designator)).toEqual(["C9"]);
    expect(costOf(filled)).toEqual({ parts: 120, unpriced: 0, toOrder: 1 });
    expect(piecesOf(filled).get("a")?.count).toBe(1);
  });
  it("takes what the technician picked where it fits", () => {
    const other = film("b", "0.056 µF 630 V", { priceMinor: 90 });
    const filled = allocate(lines, [one, other], 2026, new Map([["C14", ["b"]]]));
    expect(filled[0]?.filled[0]?.chosen?.items[0]?.id).toBe("b");
    expect(filled[1]?.filled[0]?.chosen?.items[0]?.id).toBe("a");
  });
  it("takes nothing for a line that is kept or tested first", () => {
    expect(allocate([{ ...lines[0]!, action: "test" }], [one], 2026)[0]?.filled).toEqual([]);
  });
});

it("says a need in words for a supplier's clerk", () => {
  expect(needText({ ...coupling, value: 7e-6, window: [6e-6, 8e-6] })).toBe("7 µF 530 V or more, film");
});
