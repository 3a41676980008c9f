import type { Invoice, InvoiceLine } from "./invoice";

/** What was earned on parts over some invoices, minor units before tax. */
export type PartsMargin = {
  pieces: number;
  soldMinor: number;
  costMinor: number;
  /** sold less what they cost, as a share of what they cost; none where they cost nothing */
  share?: number;
  /** pieces on invoices that do not say what they cost: they are in no sum */
  unknown: number;
  /** parts that were put in under warranty, at what they cost */
  warrantyMinor: number;
};

/** A part that was sold or cost something; one without a price says nothing. */
const isPart = ({ unit, priceMinor, costMinor }: InvoiceLine): boolean =>
  unit === "C62" && (priceMinor > 0 || (costMinor ?? 0) > 0);

/** The margin on parts. Whole credit notes take their invoice out; one in part takes nothing of the parts. */
export function marginOf(
  invoices: readonly Pick<Invoice, "kind" | "lines" | "number" | "of" | "netMinor">[],
): PartsMargin {
  const whole = new Set(
    invoices.flatMap(({ kind, of, netMinor }) => {
      const taken = kind === "credit" ? invoices.find(({ number }) => number === of?.number) : undefined;
      return taken?.netMinor === netMinor && of ? [of.number] : [];
    }),
  );
  const sum: PartsMargin = { pieces: 0, soldMinor: 0, costMinor: 0, unknown: 0, warrantyMinor: 0 };
  for (const { lines } of invoices.filter((one) => one.kind === "invoice" && !whole.has(one.number)))
    for (const { quantity, netMinor, costMinor } of lines.filter(isPart)) {
      if (costMinor === undefined) sum.unknown += quantity;
      else if (netMinor === 0) sum.warrantyMinor += costMinor;
      else {
        sum.pieces += quantity;
        sum.soldMinor += netMinor;
        sum.costMinor += costMinor;
      }
    }
  return { ...sum, ...(sum.costMinor > 0 ? { share: sum.soldMinor / sum.costMinor - 1 } : {}) };
}
