import { sql } from "drizzle-orm";
import { boolean, check, date, index, integer, pgTable, text, uuid } from "drizzle-orm/pg-core";
import type { Arrived } from "@/core/orders";
import { moment, now } from "./columns";
import { person, visit } from "./schema";
import { stockPart } from "./stock-schema";

/** What a supplier asks beside the price of its parts, in minor units of the shop's currency. */
export const supplier = pgTable(
  "supplier",
  {
    name: text("name").primaryKey(),
    minimumMinor: integer("minimum_minor").notNull().default(0),
    postageMinor: integer("postage_minor").notNull().default(0),
    /** from here on the postage is theirs */
    freeFromMinor: integer("free_from_minor"),
    /** working days from the order to the bench */
    deliveryDays: integer("delivery_days"),
    /** where to order: an address, a number */
    reach: text("reach").notNull().default(""),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    check(
      "supplier_money",
      sql`${t.minimumMinor} >= 0 and ${t.postageMinor} >= 0 and coalesce(${t.freeFromMinor}, 0) >= 0`,
    ),
    check("supplier_days", sql`coalesce(${t.deliveryDays}, 0) between 0 and 365`),
  ],
);

/** An order to a supplier. What came of it is in its arrivals. */
export const partOrder = pgTable(
  "part_order",
  {
    id: uuid("id").primaryKey(),
    number: integer("number").notNull().unique().generatedAlwaysAsIdentity({ startWith: 1 }),
    supplier: text("supplier").notNull(),
    currency: text("currency").notNull(),
    postageMinor: integer("postage_minor").notNull().default(0),
    orderedOn: date("ordered_on", { mode: "string" }).notNull(),
    expectedOn: date("expected_on", { mode: "string" }),
    state: text("state").$type<OrderState>().notNull().default("open"),
    note: text("note").notNull().default(""),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    check("order_state", sql`${t.state} in ('open', 'closed')`),
    check("order_supplier", sql`length(trim(${t.supplier})) > 0 and ${t.currency} ~ '^[A-Z]{3}$'`),
    index("order_open").on(t.state, t.orderedOn),
  ],
);
export type OrderState = "open" | "closed";

/** An article of an order, with the price as it was then. */
export const orderLine = pgTable(
  "order_line",
  {
    id: uuid("id").primaryKey(),
    orderId: uuid("order_id")
      .notNull()
      .references(() => partOrder.id),
    orderNumber: text("order_number").notNull(),
    kind: text("kind").notNull(),
    marking: text("marking").notNull(),
    maker: text("maker").notNull().default(""),
    priceMinor: integer("price_minor").notNull(),
    pieces: integer("pieces").notNull(),
  },
  (t) => [
    check("order_line_pieces", sql`${t.pieces} > 0 and ${t.priceMinor} >= 0`),
    index("order_line_order").on(t.orderId),
  ],
);

/** What a line of an order is for: a place in a set, or a drawer. */
export const orderWant = pgTable(
  "order_want",
  {
    id: uuid("id").primaryKey(),
    lineId: uuid("line_id")
      .notNull()
      .references(() => orderLine.id),
    /** who gets theirs first when only a part of it comes */
    rank: integer("rank").notNull(),
    pieces: integer("pieces").notNull(),
    visitId: uuid("visit_id").references(() => visit.id),
    place: text("place").notNull().default(""),
    partId: uuid("part_id").references(() => stockPart.id),
    /** the entry in the set's logbook that says that it waits */
    waitId: uuid("wait_id"),
    /** the set waited for it before anything was ordered: an order that ends does not end that wait */
    waitedBefore: boolean("waited_before").notNull().default(false),
  },
  (t) => [
    check("order_want_for", sql`(${t.visitId} is null) <> (${t.partId} is null)`),
    check("order_want_pieces", sql`${t.pieces} > 0`),
    index("order_want_line").on(t.lineId),
    index("order_want_visit").on(t.visitId),
  ],
);

/** What came of a line. Rows are added and never changed. */
export const orderArrival = pgTable(
  "order_arrival",
  {
    id: uuid("id").primaryKey(),
    lineId: uuid("line_id")
      .notNull()
      .references(() => orderLine.id),
    pieces: integer("pieces").notNull(),
    verdict: text("verdict").$type<Arrived>().notNull(),
    /** the line of the stock that it went into, or left again */
    partId: uuid("part_id").references(() => stockPart.id),
    note: text("note").notNull().default(""),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
  },
  (t) => [
    check("arrival_verdict", sql`${t.verdict} in ('right', 'wrong', 'back')`),
    check("arrival_part", sql`(${t.verdict} = 'wrong') = (${t.partId} is null)`),
    check("arrival_pieces", sql`${t.pieces} > 0`),
    index("arrival_line").on(t.lineId),
    index("arrival_part_id").on(t.partId),
  ],
);
