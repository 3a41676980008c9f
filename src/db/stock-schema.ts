import { sql } from "drizzle-orm";
import { bigint, check, doublePrecision, index, integer, pgTable, primaryKey, text, uuid } from "drizzle-orm/pg-core";
import { moment, now } from "./columns";
import { logEntry, person, visit } from "./schema";

/** Lines of the stock. What there is of one is the sum of its moves. */
export const stockPart = pgTable(
  "stock_part",
  {
    id: uuid("id").primaryKey(),
    /** the number behind the code on its label */
    number: integer("number").notNull().unique().generatedAlwaysAsIdentity({ startWith: 1001 }),
    kind: text("kind").notNull(),
    /** the marking, as core/quantity prints and reads it; the type of a tube */
    marking: text("marking").notNull(),
    bin: text("bin").notNull().default(""),
    maker: text("maker").notNull().default(""),
    partNumber: text("part_number").notNull().default(""),
    batch: text("batch").notNull().default(""),
    supplier: text("supplier").notNull().default(""),
    size: text("size").notNull().default(""),
    /** minor units of the currency */
    priceMinor: integer("price_minor"),
    currency: text("currency").notNull().default("EUR"),
    reorderAt: integer("reorder_at"),
    warrantyMonths: integer("warranty_months"),
    provenance: text("provenance").notNull().default(""),
    madeIn: integer("made_in"),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    check("marked", sql`length(trim(${t.marking})) > 0`),
    check("price_positive", sql`${t.priceMinor} >= 0`),
    check("currency_code", sql`${t.currency} ~ '^[A-Z]{3}$'`),
    check("reorder_positive", sql`${t.reorderAt} >= 0`),
    index("stock_part_kind").on(t.kind, t.marking),
  ],
);

/** What went into and out of stock. Rows are added and never changed; a trigger keeps every balance from going below zero. */
export const stockMove = pgTable(
  "stock_move",
  {
    id: bigint("id", { mode: "number" }).primaryKey().generatedAlwaysAsIdentity(),
    partId: uuid("part_id")
      .notNull()
      .references(() => stockPart.id),
    kind: text("kind").notNull(),
    /** change of what is on hand */
    quantity: integer("quantity").notNull().default(0),
    /** change of what is reserved */
    reserved: integer("reserved").notNull().default(0),
    /** the visit that it was reserved for or issued to */
    visitId: uuid("visit_id").references(() => visit.id),
    /** the entry that caused it, written in the same transaction */
    entryId: uuid("entry_id").references(() => logEntry.id),
    /** the work that it belongs to: an amendment moves stock for the entry it amends */
    workId: uuid("work_id").references(() => logEntry.id),
    by: uuid("by").references(() => person.id),
    note: text("note").notNull().default(""),
    at: moment("at").notNull().default(now()),
  },
  (t) => [
    check("moves_something", sql`${t.quantity} <> 0 or ${t.reserved} <> 0`),
    check(
      "move_kind",
      sql`${t.kind} in ('received', 'reserved', 'released', 'issued', 'returned', 'scrapped', 'counted', 'sent-back')`,
    ),
    check("reserved_for", sql`${t.reserved} = 0 or ${t.visitId} is not null`),
    index("stock_move_part").on(t.partId),
    index("stock_move_work").on(t.workId),
  ],
);

/** Tests of a tube while it lies in stock. */
export const stockTest = pgTable(
  "stock_test",
  {
    id: uuid("id").primaryKey(),
    partId: uuid("part_id")
      .notNull()
      .references(() => stockPart.id),
    test: text("test").notNull(),
    /** none where the tube is shorted: it is not tested further */
    measured: doublePrecision("measured"),
    nominal: doublePrecision("nominal"),
    /** shorts and gas of the same test; none where nobody wrote them down */
    shorts: text("shorts"),
    between: text("between").notNull().default(""),
    gas: text("gas"),
    unit: text("unit").notNull().default(""),
    setup: text("setup").notNull().default(""),
    by: uuid("by").references(() => person.id),
    at: moment("at").notNull().default(now()),
  },
  (t) => [
    check("test_positive", sql`coalesce(${t.measured}, 0) >= 0 and coalesce(${t.nominal}, 1) > 0`),
    check("test_shorts", sql`coalesce(${t.shorts}, 'none') in ('none', 'found')`),
    check("test_gas", sql`coalesce(${t.gas}, 'none') in ('none', 'slight', 'gassy')`),
    check("test_order", sql`(${t.shorts} is distinct from 'found') or (${t.measured} is null and ${t.gas} is null)`),
    index("stock_test_part").on(t.partId),
  ],
);

/** Suppliers' price lists as they were read last. */
export const priceOffer = pgTable(
  "price_offer",
  {
    supplier: text("supplier").notNull(),
    orderNumber: text("order_number").notNull(),
    kind: text("kind").notNull(),
    marking: text("marking").notNull(),
    maker: text("maker").notNull().default(""),
    priceMinor: integer("price_minor").notNull(),
    currency: text("currency").notNull(),
    /** sold in packs of so many; the price is that of one piece */
    pack: integer("pack").notNull().default(1),
  },
  (t) => [
    primaryKey({ columns: [t.supplier, t.orderNumber] }),
    check("offer_price", sql`${t.priceMinor} > 0 and ${t.currency} ~ '^[A-Z]{3}$'`),
    check("offer_pack", sql`${t.pack} > 0`),
  ],
);
