import type { Offer, StockItem } from "../stock";
import { choose, readStock } from "./choose";
import type { PlanNeed } from "./needs";
import { orderList } from "./order";

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
  const inCurrency = offers.filter((offer) => offer.currency === currency);
  const cost: PartsCost = { minor: 0, priced: 0, unpriced: [] };
  for (const need of needs) {
    const taken = choose(need, shelves, year)[0];
    const ordered = taken ? undefined : orderList([need], inCurrency, year).orders[0];
    const price = taken ? taken.price : ordered?.minor;
    if (price === null || price === undefined) cost.unpriced.push(need.designator);
    else {
      cost.minor += price;
      cost.priced += 1;
    }
  }
  return cost;
}
