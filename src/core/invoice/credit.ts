import { share } from "../quantity";
import { totalsOf, type Invoice } from "./invoice";

/** What is still left of an invoice after the credit notes to it, minor units, tax included. */
export const creditable = (
  invoice: Pick<Invoice, "totalMinor">,
  credits: readonly Pick<Invoice, "totalMinor">[],
): number => invoice.totalMinor - credits.reduce((sum, { totalMinor }) => sum + totalMinor, 0);

/**
 * The lines of a credit note that takes back a sum of an invoice, tax included: every line in proportion, so that each
 * rate gets its share. What rounding leaves over goes to the largest line.
 * @param totalMinor above zero and at most what is left of the invoice
 */
export function creditLines(invoice: Pick<Invoice, "lines" | "totalMinor">, totalMinor: number): Invoice["lines"] {
  const whole = totalMinor === invoice.totalMinor;
  if (whole) return invoice.lines.map(({ costMinor: _cost, ...line }) => line);
  const lines = invoice.lines
    .filter(({ netMinor }) => netMinor > 0)
    .map((line) => {
      const netMinor = share(line.netMinor, totalMinor, invoice.totalMinor);
      return {
        name: line.name,
        quantity: 1,
        unit: "C62" as const,
        priceMinor: netMinor,
        per: 1,
        netMinor,
        category: line.category,
        rate: line.rate,
      };
    });
  // A cent or two that rounding leaves: the largest line takes them, as far as a net sum with that total exists.
  const largest = lines.reduce((best, line) => (line.netMinor > (best?.netMinor ?? -1) ? line : best), lines[0]);
  for (let turn = 0; turn < 5 && largest; turn += 1) {
    const off = totalMinor - totalsOf(lines).totalMinor;
    if (off === 0) break;
    largest.netMinor += Math.sign(off) * Math.max(1, Math.round(Math.abs(off) / (1 + largest.rate)));
    largest.priceMinor = largest.netMinor;
  }
  return lines.filter(({ netMinor }) => netMinor > 0);
}
