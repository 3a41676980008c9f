import { describe, expect, it } from "vitest";
import { rulesOf } from "../components";
import { entry, SHEET, stockItem, VISIT } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import type { Sheet } from "../model";
import type { Offer, StockItem } from "../stock";
import { offersFor, readLists } from "./suits";
import { drawerKey, drawerWants, notOnOrder, placeKey, setWants, type OrderingSet } from "./wants";

const sheet: Sheet = {
  ...SHEET,
  supply: "transformer",
  supplyRms: 300,
  tubes: [{ position: "V4", type: "6V6", work: "output" }],
  components: [{ designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" }],
  points: [],
};
const OTHER = VISIT.replace(/2$/, "9");
const NOW = "2026-11-27T10:00:00.000Z";
const film = (id: string, onHand: number, change: Partial<StockItem> = {}) =>
  stockItem({ id, marking: "0.047 µF 630 V", onHand, ...change });

const decided = (visitId: string): Entry => ({
  ...entry(90, { kind: "plan-line", payload: { v: 1, designator: "C14", action: "replace", why: "wax paper" } }),
  visitId,
});
const set = (job: number, contents: Content[] = [], change: Partial<OrderingSet> = {}): OrderingSet => ({
  job,
  name: `Set ${job}`,
  agreed: true,
  reserved: new Map(),
  input: {
    sheet,
    year: 1937,
    settled: settle([decided(VISIT), ...contents.map((content, index) => entry(index, content))]).settled,
    visitId: VISIT,
    now: NOW,
    rules: rulesOf(),
  },
  ...change,
});
const other = (job: number, change: Partial<OrderingSet> = {}): OrderingSet => {
  const one = set(job, [], change);
  return { ...one, input: { ...one.input, visitId: OTHER, settled: settle([decided(OTHER)]).settled } };
};
const wantsOf = (sets: OrderingSet[], stock: StockItem[]) => setWants(sets, stock, 2026);

describe("what all sets lack", () => {
  it("is what the stock cannot give, the last piece going to the set that was promised first", () => {
    const wants = wantsOf([set(1187), other(1190, { promised: "2026-12-04" })], [film("b14", 1)]);
    expect(wants).toHaveLength(1);
    expect(wants[0]).toMatchObject({
      key: placeKey(VISIT, "C14"),
      pieces: 1,
      for: { to: "set", job: 1187, place: "C14" },
    });
    expect(wantsOf([set(1187), other(1190)], [film("b14", 2)])).toEqual([]);
  });

  it("leaves to a set what was set aside for it", () => {
    const aside = set(1187, [], { reserved: new Map([["b14", 1]]) });
    const wants = wantsOf([other(1190, { promised: "2026-12-04" }), aside], [film("b14", 1, { reserved: 1 })]);
    expect(wants.map(({ for: of }) => of)).toMatchObject([{ job: 1190 }]);
  });

  it("has a tube that a test found bad, unless a good one lies in stock", () => {
    const weak: Content = {
      kind: "tube-test",
      payload: { v: 1, phase: "check", designator: "V4", shorts: "found" },
    };
    const stock = [film("b14", 1)];
    expect(wantsOf([set(1187, [weak])], stock)).toMatchObject([
      { key: placeKey(VISIT, "V4"), ask: { kind: "tube", marking: "6V6" } },
    ]);
    const tube = stockItem({ id: "t1", kind: "tube", marking: "6V6GT", onHand: 1 });
    expect(wantsOf([set(1187, [weak])], [...stock, tube])).toEqual([]);
    const shorted = {
      at: NOW,
      test: "gm",
      measured: null,
      nominal: null,
      shorts: "found",
      between: "",
      gas: null,
      unit: "",
      setup: "",
    } as const;
    expect(wantsOf([set(1187, [weak])], [...stock, { ...tube, tests: [shorted] }])).toHaveLength(1);
  });

  it("says why it is not ordered yet: the owner has not agreed, or a parcel is awaited that has it", () => {
    expect(wantsOf([set(1187, [], { agreed: false })], [])[0]?.held).toBe("the owner has not agreed yet");
    const parcel: Content = {
      kind: "note",
      payload: { v: 1, text: "C14 from the fair", open: true, waits: "parts", closes: [] },
    };
    expect(wantsOf([set(1187, [parcel])], [])[0]?.held).toBe("waited for already: C14 from the fair");
    const another: Content = {
      kind: "note",
      payload: { v: 1, text: "C1 and XC14 from the fair", open: true, waits: "parts", closes: [] },
    };
    expect(wantsOf([set(1187, [another])], [])[0]?.held).toBeUndefined();
  });
});

describe("drawers", () => {
  // By hand: ordered again at 5, two of three are free: twice 5 less 2 are 8.
  it("are filled up to twice their reorder point", () => {
    const [want] = drawerWants([film("b14", 3, { reorderAt: 5, reserved: 1 }), film("full", 9, { reorderAt: 5 })]);
    expect(want).toMatchObject({ key: drawerKey("b14"), pieces: 8 });
    expect(drawerWants([film("zero", 0, { reorderAt: 0 })])[0]?.pieces).toBe(1);
  });

  it("want less by what is on order", () => {
    const wants = drawerWants([film("b14", 3, { reorderAt: 5 })]);
    expect(notOnOrder(wants, new Map([[drawerKey("b14"), 5]]))[0]?.pieces).toBe(2);
    expect(notOnOrder(wants, new Map([[drawerKey("b14"), 7]]))).toEqual([]);
  });
});

describe("what suppliers have", () => {
  const offer = (supplier: string, kind: Offer["kind"], marking: string, priceMinor: number): Offer => ({
    ...{ supplier, kind, marking, priceMinor },
    orderNumber: marking,
    maker: "",
    currency: "EUR",
    pack: 1,
  });
  const lists = readLists([
    offer("Harbour", "film", "0.047 µF 250 V polyester", 20),
    offer("Harbour", "film", "0.047 µF 630 V", 45),
    offer("Quay", "film", "0.05 µF 600 V", 90),
    offer("Quay", "film", "0.1 µF 630 V", 30),
    offer("Salt", "tube", "6V6GT", 2600),
  ]);
  it("is one article of each that fits by value and rating", () => {
    const [want] = wantsOf([set(1187)], []);
    expect(offersFor(want!, lists, 2026).map(({ orderNumber }) => orderNumber)).toEqual([
      "0.047 µF 630 V",
      "0.05 µF 600 V",
    ]);
  });
  it("is of a drawer the same article, of a tube the same type", () => {
    const [want] = drawerWants([film("b14", 0, { reorderAt: 2 })]);
    expect(offersFor(want!, lists, 2026).map(({ supplier }) => supplier)).toEqual(["Harbour"]);
    const tube = { ...want!, ask: { kind: "tube", marking: "6V6" } as const };
    expect(offersFor(tube, lists, 2026).map(({ marking }) => marking)).toEqual(["6V6GT"]);
  });
});
