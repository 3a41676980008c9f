import { sql } from "drizzle-orm";
import { check, date, index, integer, jsonb, pgTable, text, uuid, type AnyPgColumn } from "drizzle-orm/pg-core";
import type { Invoice, InvoiceKind } from "@/core/invoice";
import { moment, now } from "./columns";
import { person, visit } from "./schema";

/** Invoices and credit notes as they went out. Rows are added and never changed: a trigger refuses anything else. */
export const invoice = pgTable(
  "invoice",
  {
    id: uuid("id").primaryKey(),
    /** one after the other, without a gap: given under a lock in the transaction that writes it */
    number: integer("number").notNull().unique(),
    kind: text("kind").$type<InvoiceKind>().notNull(),
    /** the invoice that a credit note takes back */
    ofId: uuid("of_id").references((): AnyPgColumn => invoice.id),
    visitId: uuid("visit_id")
      .notNull()
      .references(() => visit.id),
    issuedOn: date("issued_on", { mode: "string" }).notNull(),
    currency: text("currency").notNull(),
    netMinor: integer("net_minor").notNull(),
    taxMinor: integer("tax_minor").notNull(),
    totalMinor: integer("total_minor").notNull(),
    doc: jsonb("doc").$type<Invoice>().notNull(),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
  },
  (t) => [
    check("invoice_number", sql`${t.number} > 0`),
    check("invoice_kind", sql`${t.kind} in ('invoice', 'credit')`),
    check("credit_of", sql`(${t.kind} = 'credit') = (${t.ofId} is not null)`),
    check("invoice_sum", sql`${t.netMinor} + ${t.taxMinor} = ${t.totalMinor} and ${t.totalMinor} >= 0`),
    index("invoice_visit").on(t.visitId),
    index("invoice_issued").on(t.issuedOn),
  ],
);

/** What was paid, and what was paid back. Rows are added and never changed. */
export const payment = pgTable(
  "payment",
  {
    id: uuid("id").primaryKey(),
    visitId: uuid("visit_id")
      .notNull()
      .references(() => visit.id),
    /** below zero: paid back */
    minor: integer("minor").notNull(),
    currency: text("currency").notNull(),
    paidOn: date("paid_on", { mode: "string" }).notNull(),
    how: text("how").notNull(),
    note: text("note").notNull().default(""),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
  },
  (t) => [
    check("payment_minor", sql`${t.minor} <> 0`),
    check("payment_how", sql`${t.how} in ('cash', 'card', 'transfer')`),
    index("payment_visit").on(t.visitId),
    index("payment_day").on(t.paidOn),
  ],
);
