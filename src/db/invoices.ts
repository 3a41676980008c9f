import { and, asc, desc, eq, gte, inArray, lt, sql } from "drizzle-orm";
import { storedWeeks, type Invoice, type InvoiceKind } from "@/core/invoice";
import { modelName } from "@/core/model";
import type { Db, Tx } from "./client";
import { iso } from "./moment";
import { invoice, payment } from "./money-schema";
import { customer, model, person, set, visit } from "./schema";
import { freshSummaries } from "./summaries";
import { setSummary } from "./summary-schema";

export type InvoiceRow = {
  id: string;
  number: number;
  kind: InvoiceKind;
  ofId: string | null;
  visitId: string;
  job: number;
  doc: Invoice;
  by: string;
  at: string;
};

const fields = {
  id: invoice.id,
  number: invoice.number,
  kind: invoice.kind,
  ofId: invoice.ofId,
  visitId: invoice.visitId,
  doc: invoice.doc,
  at: invoice.at,
  by: person.name,
  job: visit.job,
};
const rows = (db: Tx) =>
  db
    .select(fields)
    .from(invoice)
    .innerJoin(person, eq(person.id, invoice.by))
    .innerJoin(visit, eq(visit.id, invoice.visitId));
const read = ({ at, ...row }: Awaited<ReturnType<typeof rows>>[number]): InvoiceRow => ({ ...row, at: iso(at) });

/** The lock under which numbers are given: one invoice is written at a time. */
const NUMBERS = 7_410_021;

/**
 * Writes an invoice with the next number. Sending it again changes nothing.
 * @param make puts it together once its number is known; what it throws is thrown, and no number is used up
 */
export async function writeInvoice(
  db: Db,
  row: { id: string; kind: InvoiceKind; ofId: string | null; visitId: string; by: string },
  make: (number: number, tx: Tx) => Promise<Invoice>,
): Promise<number> {
  return db.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(${NUMBERS})`);
    const [known] = await tx.select({ number: invoice.number }).from(invoice).where(eq(invoice.id, row.id));
    if (known) return known.number;
    const [last] = await tx
      .select({ number: sql<number>`coalesce(max(${invoice.number}), 0)`.mapWith(Number) })
      .from(invoice);
    const number = (last?.number ?? 0) + 1;
    const doc = await make(number, tx);
    const { issued: issuedOn, currency, netMinor, taxMinor, totalMinor } = doc;
    await tx.insert(invoice).values({ ...row, number, issuedOn, currency, netMinor, taxMinor, totalMinor, doc });
    return number;
  });
}

export const invoiceByNumber = async (db: Tx, number: number): Promise<InvoiceRow | undefined> => {
  const [row] = await rows(db).where(eq(invoice.number, number));
  return row && read(row);
};

/** Invoices and credit notes of a visit, in the order in which they were written. */
export const invoicesOf = async (db: Tx, visitIds: readonly string[]): Promise<InvoiceRow[]> =>
  visitIds.length === 0
    ? []
    : (
        await rows(db)
          .where(inArray(invoice.visitId, [...visitIds]))
          .orderBy(asc(invoice.number))
      ).map(read);

/** First day of a month and of the one behind it. @param month like 2026-11 */
export function monthOf(month: string): { from: string; to: string } {
  const [year = 0, number = 1] = month.split("-").map(Number);
  return { from: `${month}-01`, to: new Date(Date.UTC(year, number, 1)).toISOString().slice(0, 10) };
}

/** What was written in a month, or the latest. */
export async function invoicesIn(db: Tx, month?: string): Promise<InvoiceRow[]> {
  if (!month) return (await rows(db).orderBy(desc(invoice.number)).limit(100)).map(read);
  const { from, to } = monthOf(month);
  return (
    await rows(db)
      .where(and(gte(invoice.issuedOn, from), lt(invoice.issuedOn, to)))
      .orderBy(asc(invoice.number))
  ).map(read);
}

export const PAID_BY = ["cash", "card", "transfer"] as const;
export type PaidBy = (typeof PAID_BY)[number];

export type Payment = {
  id: string;
  visitId: string;
  job: number;
  minor: number;
  currency: string;
  paidOn: string;
  how: PaidBy;
  note: string;
  by: string;
};

const paid = {
  id: payment.id,
  visitId: payment.visitId,
  minor: payment.minor,
  currency: payment.currency,
  paidOn: payment.paidOn,
  how: payment.how,
  note: payment.note,
  by: person.name,
  job: visit.job,
};
const payments = (db: Tx) =>
  db
    .select(paid)
    .from(payment)
    .innerJoin(person, eq(person.id, payment.by))
    .innerJoin(visit, eq(visit.id, payment.visitId));

/** Payments for visits, in the order of their days. */
export const paymentsOf = async (db: Tx, visitIds: readonly string[]): Promise<Payment[]> =>
  visitIds.length === 0
    ? []
    : ((await payments(db)
        .where(inArray(payment.visitId, [...visitIds]))
        .orderBy(asc(payment.paidOn), asc(payment.at))) as Payment[]);

export async function paymentsIn(db: Tx, month: string): Promise<Payment[]> {
  const { from, to } = monthOf(month);
  return (await payments(db)
    .where(and(gte(payment.paidOn, from), lt(payment.paidOn, to)))
    .orderBy(asc(payment.paidOn), asc(payment.at))) as Payment[];
}

/** Writes a payment down. Sending it again changes nothing. */
export const writePayment = async (db: Tx, row: typeof payment.$inferInsert): Promise<void> =>
  void (await db.insert(payment).values(row).onConflictDoNothing());

/** A job that went out and has no invoice yet. */
export type ToInvoice = { visitId: string; job: number; owner: string; set: string; closedAt: string };

/** So many days back a job without an invoice is asked after. */
const ASKED_AFTER = 90;

/** Jobs of the last months that were handed back, on which something was done, and that nobody has invoiced. */
export async function notInvoiced(db: Db, now: string): Promise<ToInvoice[]> {
  await freshSummaries(db);
  const since = new Date(Date.parse(now) - ASKED_AFTER * 86_400_000).toISOString();
  const found = await db
    .select({
      stays: setSummary.stays,
      owner: customer.name,
      maker: model.maker,
      designation: model.designation,
      nickname: model.nickname,
    })
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .innerJoin(customer, eq(customer.id, set.ownerId))
    .where(gte(setSummary.lastAt, since));
  const gone = found.flatMap(({ stays, owner, ...kind }) =>
    stays
      .filter(
        ({ closedAt, labour, parts }) =>
          closedAt && closedAt >= since && (Object.keys(labour).length > 0 || parts.length > 0),
      )
      .map(({ visitId, job, closedAt = "" }): ToInvoice => ({ visitId, job, owner, set: modelName(kind), closedAt })),
  );
  const written = new Set(
    (
      await invoicesOf(
        db,
        gone.map(({ visitId }) => visitId),
      )
    )
      // An invoice for storage alone says nothing of the work.
      .filter(({ doc }) => storedWeeks(doc) === 0)
      .map(({ visitId }) => visitId),
  );
  return gone.filter(({ visitId }) => !written.has(visitId)).sort((a, b) => a.closedAt.localeCompare(b.closedAt));
}
