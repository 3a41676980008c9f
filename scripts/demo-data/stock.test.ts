import { describe, expect, it } from "vitest";
import { allocate, needsOf, propose, rulesOf, shortages, type PlanInput } from "@/core/components";
import { priceListTable, specOf, stockFieldsSchema, stockKey } from "@/core/stock";
import { offersFor, readLists } from "@/core/orders";
import { readRows } from "@/core/tables";
import { tubeType } from "@/core/tubes";
import { stockItem } from "@/core/fixtures";
import { MADE_UP_SETS } from "@/core/practice";
import { priceLists, STOCK } from "./stock";

const items = STOCK.map(({ onHand = 0, ...fields }, index) => stockItem({ ...fields, id: String(index), onHand }));
const offers = priceLists().flatMap(({ supplier, cells }) => readRows(priceListTable(supplier, "EUR"), cells, {}).rows);

describe("the drawers of the demo shop", () => {
  it("hold about 250 lines, each in a bin of its own and each readable", () => {
    expect(STOCK.length).toBeGreaterThanOrEqual(240);
    expect(new Set(STOCK.map(({ bin }) => bin)).size).toBe(STOCK.length);
    expect(new Set(STOCK.map(stockKey)).size).toBe(STOCK.length);
    for (const { onHand: _onHand, ...fields } of STOCK)
      expect(stockFieldsSchema.safeParse(fields).success, fields.marking).toBe(true);
  });
  it("name tubes that the table knows, one in each box", () => {
    for (const { marking, onHand } of STOCK.filter(({ kind }) => kind === "tube")) {
      expect(tubeType(marking), marking).toBeDefined();
      expect(onHand).toBeLessThanOrEqual(1);
    }
  });
  it("hold safety-rated parts with their class", () => {
    for (const item of items.filter(({ kind }) => kind === "X" || kind === "Y"))
      expect(specOf(item)?.safety).toMatch(/^[XY]2$/);
  });
});

describe("the suppliers' price lists", () => {
  it("ship with the shop, read in full, and are in its currency", () => {
    expect(priceLists().map(({ supplier }) => supplier)).toEqual(["Harbour Components", "Salt Lane Tubes"]);
    expect(offers.flatMap(({ problems }) => problems)).toEqual([]);
    expect(offers.length).toBeGreaterThan(100);
  });
  it("name tubes that the table knows", () => {
    for (const { row } of offers) if (row?.kind === "tube") expect(tubeType(row.marking), row.marking).toBeDefined();
  });
});

describe("a full recap of each demo set", () => {
  for (const [name, { sheet, year }] of Object.entries(MADE_UP_SETS))
    it(`${name}: every capacitor that is to be replaced is in stock and fits, and what is offered for the others fits as well`, () => {
      const input: PlanInput = { sheet, year, policy: "reliability", switches: {}, rules: rulesOf() };
      const lines = sheet.components.flatMap((component) => propose(component, input) ?? []);
      const filled = allocate(lines, items, 2026);
      const short = shortages(filled);
      const lists = readLists(offers.flatMap(({ row }) => row ?? []));
      const place = { to: "set", visit: "v", job: 1, set: name, place: "" } as const;
      for (const need of short)
        for (const offer of offersFor({ key: need.designator, for: place, pieces: 1, ask: need }, lists, 2026)) {
          const spec = specOf(offer);
          expect(spec?.sections[0]).toBeGreaterThanOrEqual(need.window[0] * (1 - 1e-9));
          expect(spec?.sections[0]).toBeLessThanOrEqual(need.window[1] * (1 + 1e-9));
          if (need.volts) expect(spec?.volts).toBeGreaterThanOrEqual(need.volts);
        }
      for (const { filled: places } of filled)
        for (const { need, chosen } of places)
          if (chosen) {
            expect(chosen.value).toBeGreaterThanOrEqual(need.window[0] * (1 - 1e-9));
            expect(chosen.value).toBeLessThanOrEqual(need.window[1] * (1 + 1e-9));
            if (need.volts) expect(chosen.margin).toBeGreaterThanOrEqual(1 - 1e-9);
            if (need.mains) expect(chosen.items.every(({ kind }) => kind === "X" || kind === "Y")).toBe(true);
          }
    });
  it("of the Lantern asks for 467 V at the reservoir and for X2 at the mains", () => {
    const { sheet, year } = MADE_UP_SETS.lantern!;
    const input: PlanInput = { sheet, year, policy: "original", switches: {}, rules: rulesOf() };
    const need = (designator: string) =>
      needsOf(
        sheet.components.find((one) => one.designator === designator)!,
        input,
      )[0];
    expect(need("C1")?.volts).toBeCloseTo(466.7, 1);
    expect(need("C3")).toMatchObject({ kind: "X", mains: true });
    expect(need("C14")?.volts).toBeCloseTo(530.3, 1);
  });
});
