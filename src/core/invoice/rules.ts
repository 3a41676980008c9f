import { share } from "../quantity";
import type { Invoice } from "./invoice";

/** A rule of the standard that an invoice breaks: the name that EN 16931 gives it. */
export type Breach = { rule: string; about?: string };

const COUNTRY = /^[A-Z]{2}$/;
const CURRENCY = /^[A-Z]{3}$/;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/**
 * Holds an invoice to the rules of EN 16931 that concern what it can say. Sentences for people are made where it is shown.
 * @returns nothing when every rule is kept
 */
export function breaches(invoice: Invoice): Breach[] {
  const found: Breach[] = [];
  const ask = (rule: string, kept: boolean, about?: string) => {
    if (!kept) found.push(about === undefined ? { rule } : { rule, about });
  };
  const { seller, buyer, lines, taxes } = invoice;
  ask("BR-02", invoice.number.trim() !== "");
  ask("BR-03", DAY.test(invoice.issued));
  ask("BR-05", CURRENCY.test(invoice.currency));
  ask("BR-06", seller.name.trim() !== "");
  ask("BR-07", buyer.name.trim() !== "");
  ask("BR-09", COUNTRY.test(seller.country));
  ask("BR-11", COUNTRY.test(buyer.country));
  ask("BR-16", lines.length > 0);
  for (const [index, line] of lines.entries()) {
    const about = String(index + 1);
    ask("BR-22", Number.isFinite(line.quantity), about);
    ask("BR-25", line.name.trim() !== "", about);
    ask("BR-27", line.priceMinor >= 0, about);
    ask("BR-24", line.netMinor === share(line.priceMinor, line.quantity, line.per), about);
    ask("BR-S-05", line.category !== "S" || line.rate > 0, about);
    ask("BR-E-05", line.category === "S" || line.rate === 0, about);
  }
  const netMinor = lines.reduce((sum, line) => sum + line.netMinor, 0);
  ask("BR-CO-10", invoice.netMinor === netMinor);
  ask("BR-CO-14", invoice.taxMinor === taxes.reduce((sum, one) => sum + one.taxMinor, 0));
  ask("BR-CO-15", invoice.totalMinor === invoice.netMinor + invoice.taxMinor);
  ask("BR-CO-16", invoice.totalMinor - invoice.paidMinor >= 0 || invoice.kind === "credit");
  ask("BR-CO-18", taxes.length > 0);
  for (const one of taxes) {
    const about = `${one.category} ${one.rate}`;
    const mine = lines.filter(({ category, rate }) => category === one.category && rate === one.rate);
    ask("BR-S-08", one.netMinor === mine.reduce((sum, line) => sum + line.netMinor, 0), about);
    ask("BR-CO-17", one.taxMinor === share(one.netMinor, one.rate), about);
    ask("BR-E-10", one.category !== "E" || (one.reason ?? "").trim() !== "");
    ask("BR-O-10", one.category !== "O" || (one.reason ?? "").trim() !== "");
    ask("BR-S-02", one.category !== "S" || Boolean(seller.vatId ?? seller.registration));
  }
  ask("BR-CO-26", Boolean(seller.vatId ?? seller.registration));
  ask("BR-55", invoice.kind !== "credit" || (invoice.of?.number ?? "") !== "");
  return found;
}
