"use server";

import { z } from "zod";
import { billingSchema } from "@/core/invoice";
import { database } from "@/db/client";
import { invoiceByNumber, PAID_BY, writeInvoice, writePayment } from "@/db/invoices";
import { visitById } from "@/db/sets";
import { saveBilling, shopOf } from "@/db/shop";
import { action, personId, read, refuse, type Answer } from "@/server/action";
import { composeCredit, composeInvoice, composeStorage, NotYet } from "@/server/invoice-maker";

const id = z.uuid();
const day = z.iso.date("A day is like 2026-12-04.");
const LONGEST = 200;

/** What is missing is said, and no number is used up. */
async function orSaid(write: () => Promise<number>): Promise<Written> {
  try {
    return { ok: true, number: await write() };
  } catch (error) {
    if (error instanceof NotYet) return { ok: false, message: error.message, unpriced: error.unpriced };
    throw error;
  }
}
type Written = { ok: true; number: number } | { ok: false; message: string; unpriced: boolean };

/** What the shop's invoices say of it. */
export async function changeBilling(billing: unknown, seen: unknown) {
  return action(
    "change billing",
    async () => saveBilling(database(), read(billingSchema, billing), z.number().int().min(0).parse(seen)),
    { shownOn: "/" },
  );
}

/** Writes the invoice of a job, out of its log. */
export async function makeInvoice(invoice: unknown, visit: unknown, today: unknown, free: unknown) {
  return action(
    "write invoice",
    async () => {
      const visitId = id.parse(visit);
      const how = { today: day.parse(today), free: z.boolean().parse(free) };
      const row = { id: id.parse(invoice), kind: "invoice" as const, ofId: null, visitId, by: personId() };
      return orSaid(() => writeInvoice(database(), row, (next, tx) => composeInvoice(tx, visitId, next, how)));
    },
    { shownOn: "/" },
  );
}

/** Writes an invoice for the storage of a set that nobody collected. */
export async function makeStorageInvoice(invoice: unknown, visit: unknown, today: unknown) {
  return action(
    "write invoice",
    async () => {
      const visitId = id.parse(visit);
      const how = { today: day.parse(today), now: new Date().toISOString() };
      const row = { id: id.parse(invoice), kind: "invoice" as const, ofId: null, visitId, by: personId() };
      return orSaid(() => writeInvoice(database(), row, (next, tx) => composeStorage(tx, visitId, next, how)));
    },
    { shownOn: "/" },
  );
}

const credited = z.object({
  id,
  of: z.number().int(),
  /** minor units, tax included; all of what is left where it is not said */
  totalMinor: z.number().int().positive("A credit note takes back something.").optional(),
  why: z.string().trim().min(1, "Say why.").max(LONGEST),
  today: day,
});

/** Writes a credit note to an invoice. */
export async function makeCredit(typed: unknown) {
  return action(
    "write credit note",
    async () => {
      const { id: own, of: which, totalMinor, why, today } = read(credited, typed);
      const of = await invoiceByNumber(database(), which);
      if (!of) return refuse("There is no such invoice.");
      const row = { id: own, kind: "credit" as const, ofId: of.id, visitId: of.visitId, by: personId() };
      return orSaid(() =>
        writeInvoice(database(), row, (next, tx) => composeCredit(tx, of, next, { today, totalMinor, why })),
      );
    },
    { shownOn: "/" },
  );
}

const paid = z.object({
  id,
  visit: id,
  minor: z
    .number()
    .int()
    .min(-1e9)
    .max(1e9)
    .refine((minor) => minor !== 0, "A payment is not zero."),
  on: day,
  how: z.enum(PAID_BY),
  note: z.string().trim().max(LONGEST),
});

/** Writes down what was paid, or paid back. */
export async function notePayment(typed: unknown) {
  return action(
    "note payment",
    async (): Promise<Answer> => {
      const { id: own, visit, minor, on, how, note } = read(paid, typed);
      if (!(await visitById(database(), visit)))
        return refuse("That visit is not in the books any more: reload the page.");
      const { currency } = await shopOf(database());
      await writePayment(database(), {
        id: own,
        visitId: visit,
        minor,
        currency,
        paidOn: on,
        how,
        note,
        by: personId(),
      });
      return { ok: true };
    },
    { shownOn: "/" },
  );
}
