import { share } from "../quantity";

/** Who sends or gets an invoice. */
export type Party = {
  name: string;
  street: string;
  city: string;
  postcode: string;
  /** two letters of ISO 3166-1 */
  country: string;
  /** number for the tax on sales, with its country */
  vatId?: string;
  /** number at a court or a tax office, where there is no number for the tax on sales */
  registration?: string;
};

/** How an amount is taxed (UNTDID 5305): at a rate, exempt with a reason, or not at all. */
export const TAX_CATEGORIES = { S: "standard rate", E: "exempt", O: "not subject to tax" } as const;
export type TaxCategory = keyof typeof TAX_CATEGORIES;

/** Units of quantities (UN/ECE recommendation 20): minutes, pieces, weeks. */
export const UNITS = { MIN: "min", C62: "pcs", WEE: "weeks" } as const;
export type Unit = keyof typeof UNITS;

export type InvoiceLine = {
  name: string;
  quantity: number;
  unit: Unit;
  /** price of so many units, minor units of the currency before tax: an hour is 60 minutes */
  priceMinor: number;
  per: number;
  netMinor: number;
  category: TaxCategory;
  rate: number;
  /** what it cost the shop: of a part, and of work under warranty, which is not charged */
  costMinor?: number;
};

export type TaxSum = { category: TaxCategory; rate: number; netMinor: number; taxMinor: number; reason?: string };

export const INVOICE_KINDS = ["invoice", "credit"] as const;
export type InvoiceKind = (typeof INVOICE_KINDS)[number];

/** An invoice or a credit note as it went out. It is never changed: a credit note takes back what was wrong. */
export type Invoice = {
  kind: InvoiceKind;
  number: string;
  /** the invoice that a credit note takes back, in whole or in part */
  of?: { number: string; issued: string };
  issued: string;
  /** when the work was handed over: the tax goes by this day */
  delivered: string;
  due: string;
  currency: string;
  seller: Party;
  buyer: Party;
  iban?: string;
  /** job number and set, as a reference for both sides */
  job: number;
  about: string;
  lines: InvoiceLine[];
  taxes: TaxSum[];
  netMinor: number;
  taxMinor: number;
  totalMinor: number;
  /** what was paid before it was written */
  paidMinor: number;
  note?: string;
};

/** A line: its net is quantity × price, rounded half up once (EN 16931, calculation of BT-131). */
export function lineOf(line: Omit<InvoiceLine, "netMinor">): InvoiceLine {
  return { ...line, netMinor: share(line.priceMinor, line.quantity, line.per) };
}

/** Storage as a line: a week of it costs so much. */
export const storageLine = (
  weeks: number,
  weekMinor: number,
  tax: Pick<InvoiceLine, "category" | "rate">,
): InvoiceLine => lineOf({ name: "Storage", quantity: weeks, unit: "WEE", priceMinor: weekMinor, per: 1, ...tax });

/** Weeks of storage that an invoice charges. */
export const storedWeeks = ({ lines }: Pick<Invoice, "lines">): number =>
  lines.reduce((sum, { unit, quantity }) => sum + (unit === "WEE" ? quantity : 0), 0);

/**
 * Sums of an invoice. Tax is reckoned on the sum of all lines of a rate and rounded once for each rate (EN 16931, BR-CO-17).
 * @param reason why nothing is taxed, for lines that are exempt or not subject to it
 */
export function totalsOf(
  lines: readonly InvoiceLine[],
  reason?: string,
): Pick<Invoice, "taxes" | "netMinor" | "taxMinor" | "totalMinor"> {
  const sums = new Map<string, TaxSum>();
  for (const { category, rate, netMinor } of lines) {
    const key = `${category} ${rate}`;
    const sum = sums.get(key) ?? {
      category,
      rate,
      netMinor: 0,
      taxMinor: 0,
      ...(category !== "S" && reason ? { reason } : {}),
    };
    sums.set(key, { ...sum, netMinor: sum.netMinor + netMinor });
  }
  const taxes = [...sums.values()]
    .map((sum) => ({ ...sum, taxMinor: share(sum.netMinor, sum.rate) }))
    .sort((a, b) => b.rate - a.rate);
  const netMinor = taxes.reduce((all, sum) => all + sum.netMinor, 0);
  const taxMinor = taxes.reduce((all, sum) => all + sum.taxMinor, 0);
  return { taxes, netMinor, taxMinor, totalMinor: netMinor + taxMinor };
}

/** The rate of a day: the last that began on it or before. Later ones are of later days. */
export function rateOn(rates: readonly { from: string; rate: number }[], day: string, usual: number): number {
  return [...rates].sort((a, b) => a.from.localeCompare(b.from)).findLast(({ from }) => from <= day)?.rate ?? usual;
}
