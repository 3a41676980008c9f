/** Invoices and credit notes: lines, sums by rate of tax, the rules of EN 16931, UBL 2.1. */
export { billingSchema, missingOf, type Billing } from "./billing";
export { creditable, creditLines } from "./credit";
export { linesFrom } from "./from-price";
export {
  lineOf,
  rateOn,
  storageLine,
  storedWeeks,
  totalsOf,
  UNITS,
  type Invoice,
  type InvoiceKind,
  type InvoiceLine,
  type Party,
  type TaxCategory,
} from "./invoice";
export { marginOf, type PartsMargin } from "./margin";
export { breaches, type Breach } from "./rules";
export { CUSTOMIZATION, ublOf, type Piece } from "./ubl";
