import { formatPart, roundTo } from "../quantity";
import type { Offer, StockItem } from "../stock";
import { choose, readStock } from "./choose";
import type { PlanNeed } from "./needs";
import { KIND_WORDS } from "./rules";

export type OrderLine = { need: PlanNeed; offer: Offer; count: number };
export type Order = {
  supplier: string;
  lines: { offer: Offer; count: number; for: string[] }[];
  minor: number;
  currency: string;
};

/** An offer stands in for a stock line with plenty of it, so that it is weighed by the same rules. */
const asItem = (offer: Offer, index: number): StockItem => ({
  id: String(index),
  code: "",
  kind: offer.kind,
  marking: offer.marking,
  bin: "",
  maker: offer.maker,
  partNumber: offer.orderNumber,
  batch: "",
  supplier: offer.supplier,
  size: "",
  priceMinor: offer.priceMinor,
  currency: offer.currency,
  reorderAt: null,
  warrantyMonths: null,
  provenance: "",
  madeIn: null,
  onHand: 1_000_000,
  reserved: 0,
  reservedHere: 0,
  tests: [],
  version: 0,
});

/** What is asked for, in words: for a supplier's clerk, or where no price list has it. */
export function needText(need: PlanNeed): string {
  const spec = formatPart({
    quantity: need.quantity,
    sections: [need.value],
    ...(need.volts ? { volts: Math.ceil(roundTo(need.volts, 4)) } : {}),
    ...(need.watts ? { watts: need.watts } : {}),
  });
  return `${spec}${need.volts || need.watts ? " or more" : ""}, ${KIND_WORDS[need.kind]}`;
}

/**
 * Shortages as orders, one for each supplier, each need from the offer that suits it best.
 * @returns the orders, and the needs that no price list has
 */
export function orderList(
  needs: readonly PlanNeed[],
  offers: readonly Offer[],
  year: number,
): { orders: Order[]; nowhere: PlanNeed[] } {
  const stock = readStock(offers.map(asItem));
  const nowhere: PlanNeed[] = [];
  const orders = new Map<string, Order>();
  for (const need of needs) {
    const best = choose(need, stock, year).find(({ items }) => items.length === 1)?.items[0];
    const offer = best ? offers[Number(best.id)] : undefined;
    if (!offer) {
      nowhere.push(need);
      continue;
    }
    const order = orders.get(offer.supplier) ?? {
      supplier: offer.supplier,
      lines: [],
      minor: 0,
      currency: offer.currency,
    };
    const line = order.lines.find((one) => one.offer === offer);
    if (line) {
      line.count += 1;
      line.for.push(need.designator);
    } else order.lines.push({ offer, count: 1, for: [need.designator] });
    order.minor += offer.priceMinor;
    orders.set(offer.supplier, order);
  }
  return { orders: [...orders.values()].sort((a, b) => a.supplier.localeCompare(b.supplier)), nowhere };
}
