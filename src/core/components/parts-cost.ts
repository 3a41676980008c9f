import type { Offer, StockItem } from "../stock";
import { choose, readStock } from "./choose";
import type { PlanNeed } from "./needs";
import { asItem } from "./order";

export type PartsCost = {
  /** minor units of the currency asked for */
  minor: number;
  /** needs that are in the sum */
  priced: number;
  /** places for which neither the stock nor a price list has a part with a price in that currency */
  unpriced: string[];
};

/** What the parts of a plan will cost: out of stock where there is one, else by the price lists. */
export function partsCost(
  needs: readonly PlanNeed[],
  stock: readonly StockItem[],
  offers: readonly Offer[],
  { year, currency }: { year: number; currency: string },
): PartsCost {
  const shelves = readStock(stock.filter((item) => item.currency === currency));
  const lists = readStock(offers.filter((offer) => offer.currency === currency).map(asItem));
  const cost: PartsCost = { minor: 0, priced: 0, unpriced: [] };
  for (const need of needs) {
    const taken = choose(need, shelves, year)[0];
    const ordered = taken ? undefined : choose(need, lists, year).find(({ items }) => items.length === 1);
    const price = (taken ?? ordered)?.price;
    if (price === null || price === undefined) cost.unpriced.push(need.designator);
    else {
      cost.minor += price;
      cost.priced += 1;
    }
  }
  return cost;
}
