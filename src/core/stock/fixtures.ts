import type { StockItem } from "./item";

/** A stock line for tests; what is not given is the usual. */
export const stockItem = (change: Partial<StockItem>): StockItem => ({
  id: "one",
  code: "",
  kind: "film",
  marking: "0.047 µF 630 V",
  bin: "",
  maker: "",
  partNumber: "",
  batch: "",
  supplier: "",
  size: "",
  priceMinor: null,
  currency: "EUR",
  reorderAt: null,
  warrantyMonths: null,
  provenance: "",
  madeIn: null,
  onHand: 5,
  reserved: 0,
  reservedHere: 0,
  tests: [],
  version: 1,
  ...change,
});
