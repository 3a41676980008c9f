import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Offer } from "../stock";
import { inPacks, split, type Split, type SupplierTerms, type Wanted } from "./split";

const offer = (supplier: string, priceMinor: number, fields: Partial<Offer> = {}): Offer => ({
  supplier,
  orderNumber: `${supplier}-${priceMinor}`,
  kind: "film",
  marking: "0.047 µF 630 V",
  maker: "",
  currency: "EUR",
  pack: 1,
  priceMinor,
  ...fields,
});
const terms = (supplier: string, fields: Partial<SupplierTerms> = {}): SupplierTerms => ({
  supplier,
  minimumMinor: 0,
  postageMinor: 0,
  freeFromMinor: null,
  deliveryDays: 2,
  ...fields,
});

describe("what is wanted, divided among suppliers", () => {
  // By hand: three at 0.38 and 6.00 postage are 7.14; three at 0.60 without postage are 1.80.
  it("weighs postage against the price of the parts", () => {
    const found = split(
      [{ key: "C14", pieces: 3, offers: [offer("Harbour", 38), offer("Quay", 60)] }],
      [terms("Harbour", { postageMinor: 600 }), terms("Quay")],
    );
    expect(found.baskets).toHaveLength(1);
    expect(found.baskets[0]).toMatchObject({ supplier: "Quay", goodsMinor: 180, postageMinor: 0, shortMinor: 0 });
    expect(found.totalMinor).toBe(180);
  });

  // By hand: 40 × 0.38 = 15.20 reach the 15.00 from which Harbour pays the postage; at Quay they cost 24.00.
  it("knows from which sum on the postage is the supplier's", () => {
    const found = split(
      [{ key: "C14", pieces: 40, offers: [offer("Harbour", 38), offer("Quay", 60)] }],
      [terms("Harbour", { postageMinor: 600, freeFromMinor: 1500 }), terms("Quay")],
    );
    expect(found.baskets[0]).toMatchObject({ supplier: "Harbour", goodsMinor: 1520, postageMinor: 0 });
  });

  it("buys whole packs, one for several places, and says what is missing to the least order", () => {
    const one = offer("Harbour", 20, { pack: 10 });
    const found = split(
      [
        { key: "C3", pieces: 1, offers: [one] },
        { key: "C14", pieces: 3, offers: [one] },
      ],
      [terms("Harbour", { minimumMinor: 1000 })],
    );
    expect(found.baskets[0]?.lines).toEqual([{ offer: one, wants: ["C3", "C14"], wanted: 4, pieces: 10, minor: 200 }]);
    expect(found.baskets[0]?.shortMinor).toBe(800);
    expect(found.totalMinor).toBe(1000);
  });

  it("does as it is told by hand, and says what nobody has", () => {
    const wanted = [
      { key: "C14", pieces: 1, offers: [offer("Harbour", 38), offer("Quay", 60)] },
      { key: "V3", pieces: 1, offers: [] },
    ];
    const found = split(wanted, [], new Map([["C14", "Quay"]]));
    expect(found.baskets.map(({ supplier }) => supplier)).toEqual(["Quay"]);
    expect(found.nowhere).toEqual(["V3"]);
    expect(split([], [])).toEqual({ baskets: [], nowhere: [], totalMinor: 0 });
  });

  it("is of whole packs", () => {
    expect(inPacks(7, 5)).toBe(10);
    expect(inPacks(5, 5)).toBe(5);
    expect(inPacks(1, 1)).toBe(1);
  });

  const SUPPLIERS = ["a", "b", "c"];
  const price = fc.integer({ min: 10, max: 900 });
  const wantedArbitrary = fc.array(
    fc.record({
      pieces: fc.integer({ min: 1, max: 12 }),
      prices: fc.tuple(...SUPPLIERS.map(() => fc.option(price))).filter((all) => all.some((one) => one !== null)),
      pack: fc.constantFrom(1, 1, 5, 10),
    }),
    { minLength: 1, maxLength: 6 },
  );
  const termsArbitrary = fc.tuple(
    ...SUPPLIERS.map((supplier) =>
      fc.record({
        supplier: fc.constant(supplier),
        minimumMinor: fc.constantFrom(0, 500, 2000),
        postageMinor: fc.constantFrom(0, 300, 900),
        freeFromMinor: fc.constantFrom(null, 2500),
        deliveryDays: fc.constant(null),
      }),
    ),
  );

  /** What an assignment costs, added up anew, article by article. */
  function costOf(taken: readonly [Wanted, Offer][], suppliers: readonly SupplierTerms[]): number {
    return suppliers.reduce((total, { supplier, minimumMinor, postageMinor, freeFromMinor }) => {
      const mine = taken.filter(([, one]) => one.supplier === supplier);
      if (mine.length === 0) return total;
      const goods = mine.reduce((sum, [{ pieces }, one]) => {
        let bought = 0;
        while (bought < pieces) bought += one.pack;
        return sum + bought * one.priceMinor;
      }, 0);
      const postage = freeFromMinor !== null && goods >= freeFromMinor ? 0 : postageMinor;
      return total + Math.max(goods, minimumMinor) + postage;
    }, 0);
  }

  const every = (wanted: readonly Wanted[]): [Wanted, Offer][][] =>
    wanted.reduce<[Wanted, Offer][][]>(
      (all, one) => all.flatMap((before) => one.offers.map((of): [Wanted, Offer][] => [...before, [one, of]])),
      [[]],
    );

  type Drawn = { pieces: number; prices: (number | null)[]; pack: number };
  const wantedOf = (drawn: readonly Drawn[]): Wanted[] =>
    drawn.map(({ pieces, prices, pack }, index) => ({
      key: `C${index}`,
      pieces,
      offers: prices.flatMap((one, at) =>
        one === null ? [] : [offer(SUPPLIERS[at] ?? "", one, { orderNumber: `${index}-${at}`, pack })],
      ),
    }));
  const takenBy = (found: Split, wanted: readonly Wanted[]): [Wanted, Offer][] =>
    found.baskets.flatMap(({ lines }) =>
      lines.flatMap(({ offer: of, wants }) =>
        wants.map((key): [Wanted, Offer] => [wanted.find((one) => one.key === key) as Wanted, of]),
      ),
    );

  it("takes every want once, and costs what it says", () => {
    fc.assert(
      fc.property(wantedArbitrary, termsArbitrary, (drawn, suppliers) => {
        const wanted = wantedOf(drawn);
        const found = split(wanted, suppliers);
        const taken = takenBy(found, wanted);
        expect(taken.map(([{ key }]) => key).sort()).toEqual(wanted.map(({ key }) => key).sort());
        expect(found.totalMinor).toBe(costOf(taken, suppliers));
      }),
    );
  });

  it("is the best of all ways in nineteen of twenty small orders, and near it in the others", () => {
    const drawn = fc.sample(fc.tuple(wantedArbitrary, termsArbitrary), { seed: 21, numRuns: 600 });
    const over = drawn.map(([lines, suppliers]) => {
      const wanted = wantedOf(lines);
      const least = Math.min(...every(wanted).map((one) => costOf(one, suppliers)));
      return split(wanted, suppliers).totalMinor / least - 1;
    });
    expect(over.filter((one) => one === 0).length / over.length).toBeGreaterThan(0.95);
    expect(over.reduce((sum, one) => sum + one, 0) / over.length).toBeLessThan(0.005);
    expect(Math.max(...over)).toBeLessThan(0.2);
  });
});
