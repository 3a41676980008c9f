import { closedAt } from "@/core/history";
import { priceOf } from "@/core/handback";
import {
  creditable,
  creditLines,
  linesFrom,
  missingOf,
  rateOn,
  storageLine,
  storedWeeks,
  totalsOf,
  type Invoice,
} from "@/core/invoice";
import { ofKind, settle } from "@/core/kinds";
import { storageFee } from "@/core/letters";
import { daysLater } from "@/core/days";
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

type Grounds = Awaited<ReturnType<typeof groundsOf>>;

/** What an invoice of a visit stands on. @throws NotYet where the shop or the visit lacks something */
async function groundsOf(tx: Tx, visitId: string) {
  const visit = await visitById(tx, visitId);
  const file = visit ? await setFile(tx, visit.setId) : undefined;
  if (!visit || !file) return notYet("That visit is not in the books any more: reload the page.");
  const [shop, { terms }, { billing }] = [await shopOf(tx), await shopTerms(tx), await shopBilling(tx)];
  const missing = missingOf(billing);
  if (!shop.name.trim()) missing.unshift("name");
  if (missing.length > 0)
    return notYet(`The shop’s ${missing.join(", ")} is missing: an invoice has to say it. See Desk, Money.`);
  const before = await invoicesOf(tx, [visitId]);
  return { visit, file, shop, terms, billing, before, settled: settle(file.entries).settled };
}

/** Everything on an invoice but its lines and sums. @param delivered the day by which the tax goes */
function headOf({ visit, file, shop, billing }: Grounds, number: number, today: string, delivered: string) {
  const { street, postcode, city, country, vatId, registration, iban, payDays } = billing;
  return {
    kind: "invoice" as const,
    number: String(number),
    issued: today,
    delivered,
    due: daysLater(today, payDays),
    currency: shop.currency,
    seller: {
      ...{ name: shop.name, street, city, postcode, country },
      ...(vatId ? { vatId } : {}),
      ...(registration ? { registration } : {}),
    },
    buyer: { name: file.owner.name, street: file.owner.contact, city: "", postcode: "", country },
    ...(iban ? { iban: iban.replaceAll(/\s/g, "") } : {}),
    job: visit.job,
    about: `${modelName(file.model)}${file.serial ? `, No. ${file.serial}` : ""}`,
  };
}

/** How an amount is taxed that was delivered on a day. */
function taxOn({ billing, terms }: Grounds, day: string) {
  const rate = rateOn(billing.rates, day, terms.tax);
  return { rate, category: rate > 0 ? ("S" as const) : ("E" as const) };
}

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
  const grounds = await groundsOf(tx, visitId);
  const { visit, shop, terms, billing, before, settled } = grounds;
  const gone = closedAt(settled, visitId);
  if (!gone) return notYet(`Job ${visit.job} is not handed back: an invoice is written when the work is done.`);
  const stands = before.find(
    (one) => one.kind === "invoice" && storedWeeks(one.doc) === 0 && leftOfInvoice(one, before) > 0,
  );
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
  const day = gone.slice(0, 10);
  const word = ofKind(settled, "warranty").findLast(({ entry }) => entry.visitId === visitId)?.content.payload;
  const warranty = word?.counts === true;
  const lines = linesFrom(price, { hourMinor: terms.hourMinor, ...taxOn(grounds, day), warranty });
  if (lines.length === 0)
    return notYet(`Nothing is written down for job ${visit.job} that could be charged: labour, or parts with a price.`);
  const totals = totalsOf(lines, billing.untaxed);
  const paid = (await paymentsOf(tx, [visitId])).reduce((sum, { minor }) => sum + minor, 0);
  return {
    ...headOf(grounds, number, today, day),
    lines,
    ...totals,
    paidMinor: Math.min(Math.max(0, paid), totals.totalMinor),
    ...(warranty ? { note: `Work under the warranty of job ${word.job}: nothing is charged.` } : {}),
  };
}

/**
 * Puts an invoice for storage together: the weeks that were begun since the free ones, without those that stand on an
 * invoice before.
 * @param now ISO
 * @throws NotYet with the reason, where nothing is due
 */
export async function composeStorage(
  tx: Tx,
  visitId: string,
  number: number,
  { today, now }: { today: string; now: string },
): Promise<Invoice> {
  const grounds = await groundsOf(tx, visitId);
  const { visit, billing, before, settled } = grounds;
  const last = (kind: "told" | "collected") =>
    ofKind(settled, kind).findLast(({ entry }) => entry.visitId === visitId)?.at;
  const told = last("told");
  if (!told) return notYet(`The owner of job ${visit.job} was not told that it is ready: storage begins with that.`);
  const charged = before
    .filter((one) => one.kind === "invoice" && (one.doc.totalMinor === 0 || leftOfInvoice(one, before) > 0))
    .reduce((sum, { doc }) => sum + storedWeeks(doc), 0);
  const weeks = storageFee(told, last("collected") ?? now, billing).charged - charged;
  if (weeks <= 0 || billing.storageMinor === 0)
    return notYet(`No storage is due for job ${visit.job}${charged > 0 ? " beyond what was charged" : ""}.`);
  const lines = [storageLine(weeks, billing.storageMinor, taxOn(grounds, today))];
  return { ...headOf(grounds, number, today, today), lines, ...totalsOf(lines, billing.untaxed), paidMinor: 0 };
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
