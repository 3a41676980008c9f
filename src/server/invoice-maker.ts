import { closedAt } from "@/core/history";
import { priceOf } from "@/core/handback";
import { creditable, creditLines, linesFrom, missingOf, rateOn, totalsOf, type Invoice } from "@/core/invoice";
import { ofKind, settle } from "@/core/kinds";
import { daysLater } from "@/core/plan";
import { modelName } from "@/core/model";
import { formatMoney } from "@/core/quantity";
import type { Tx } from "@/db/client";
import { invoicesOf, paymentsOf, type InvoiceRow } from "@/db/invoices";
import { setFile, visitById } from "@/db/sets";
import { shopBilling, shopOf, shopTerms } from "@/db/shop";

/** Why an invoice cannot be written, in a sentence. */
export class NotYet extends Error {
  /** it can be written so after all, where somebody says that these parts cost nothing */
  unpriced = false;
}

const notYet = (sentence: string): never => {
  throw new NotYet(sentence);
};

/** What is left of an invoice after its credit notes. */
export const leftOfInvoice = (of: InvoiceRow, all: readonly InvoiceRow[]): number =>
  creditable(
    of.doc,
    all.filter(({ ofId }) => ofId === of.id).map(({ doc }) => doc),
  );

/**
 * Puts the invoice of a visit together, from its log.
 * @param today the day that stands on it
 * @param free parts without a price cost nothing: somebody has said so
 * @throws NotYet with the reason, where something is missing
 */
export async function composeInvoice(
  tx: Tx,
  visitId: string,
  number: number,
  { today, free }: { today: string; free: boolean },
): Promise<Invoice> {
  const visit = await visitById(tx, visitId);
  const file = visit ? await setFile(tx, visit.setId) : undefined;
  if (!visit || !file) return notYet("That visit is not in the books any more: reload the page.");
  const [shop, { terms }, { billing }] = [await shopOf(tx), await shopTerms(tx), await shopBilling(tx)];
  const missing = missingOf(billing);
  if (!shop.name.trim()) missing.unshift("name");
  if (missing.length > 0)
    return notYet(`The shop’s ${missing.join(", ")} is missing: an invoice has to say it. See Desk, Money.`);
  const { settled } = settle(file.entries);
  const gone = closedAt(settled, visitId);
  if (!gone) return notYet(`Job ${visit.job} is not handed back: an invoice is written when the work is done.`);
  const before = await invoicesOf(tx, [visitId]);
  const stands = before.find((one) => one.kind === "invoice" && leftOfInvoice(one, before) > 0);
  if (stands)
    return notYet(
      `Invoice ${stands.number} stands for job ${visit.job}: write a credit note to it before another one.`,
    );
  const price = priceOf(settled, visitId, terms, shop.currency);
  if (price.unpriced.length > 0 && !free) {
    const parts = price.unpriced.map(({ designator, text }) => designator || text).join(", ");
    const reason = new NotYet(`These parts have no price in ${shop.currency}: ${parts}. Shall they cost nothing?`);
    reason.unpriced = true;
    throw reason;
  }
  const rate = rateOn(billing.rates, gone.slice(0, 10), terms.tax);
  const word = ofKind(settled, "warranty").findLast(({ entry }) => entry.visitId === visitId)?.content.payload;
  const warranty = word?.counts === true;
  const lines = linesFrom(price, { hourMinor: terms.hourMinor, category: rate > 0 ? "S" : "E", rate, warranty });
  if (lines.length === 0)
    return notYet(`Nothing is written down for job ${visit.job} that could be charged: labour, or parts with a price.`);
  const totals = totalsOf(lines, billing.untaxed);
  const paid = (await paymentsOf(tx, [visitId])).reduce((sum, { minor }) => sum + minor, 0);
  const { street, postcode, city, country, vatId, registration, iban, payDays } = billing;
  return {
    kind: "invoice",
    number: String(number),
    issued: today,
    delivered: gone.slice(0, 10),
    due: daysLater(today, payDays),
    currency: shop.currency,
    seller: {
      name: shop.name,
      street,
      city,
      postcode,
      country,
      ...(vatId ? { vatId } : {}),
      ...(registration ? { registration } : {}),
    },
    buyer: { name: file.owner.name, street: file.owner.contact, city: "", postcode: "", country },
    ...(iban ? { iban: iban.replaceAll(/\s/g, "") } : {}),
    job: visit.job,
    about: `${modelName(file.model)}${file.serial ? `, No. ${file.serial}` : ""}`,
    lines,
    ...totals,
    paidMinor: Math.min(Math.max(0, paid), totals.totalMinor),
    ...(warranty ? { note: `Work under the warranty of job ${word.job}: nothing is charged.` } : {}),
  };
}

/**
 * Puts a credit note together.
 * @param totalMinor what is taken back, tax included; all that is left of the invoice where it is not said
 * @throws NotYet where there is not so much left
 */
export async function composeCredit(
  tx: Tx,
  of: InvoiceRow,
  number: number,
  { today, totalMinor, why }: { today: string; totalMinor?: number | undefined; why: string },
): Promise<Invoice> {
  if (of.kind === "credit") return notYet("A credit note is not taken back by another one: write an invoice.");
  const left = leftOfInvoice(of, await invoicesOf(tx, [of.visitId]));
  const currency = of.doc.currency;
  if (left <= 0 && of.doc.totalMinor > 0) return notYet(`All of invoice ${of.number} is taken back already.`);
  const wanted = totalMinor ?? left;
  if (wanted > left)
    return notYet(`Of invoice ${of.number} only ${formatMoney({ minor: left, currency })} are left to take back.`);
  const lines = creditLines(of.doc, wanted);
  const { paidMinor: _paid, note: _note, ...rest } = of.doc;
  return {
    ...rest,
    kind: "credit",
    number: String(number),
    of: { number: of.doc.number, issued: of.doc.issued },
    issued: today,
    due: today,
    lines,
    ...totalsOf(lines, of.doc.taxes.find(({ reason }) => reason)?.reason),
    paidMinor: 0,
    note: why,
  };
}
