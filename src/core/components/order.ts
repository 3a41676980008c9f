import { formatPart, roundTo } from "../quantity";
import type { Offer, StockItem } from "../stock";
import type { PlanNeed } from "./needs";
import { KIND_WORDS } from "./rules";

/** An offer stands in for a stock line with plenty of it, so that it is weighed by the same rules; its id is its place in the list. */
export const asItem = (offer: Offer, index: number): StockItem => ({
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
