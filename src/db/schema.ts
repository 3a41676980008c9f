import { sql } from "drizzle-orm";
import {
  bigint,
  check,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
  unique,
  uuid,
} from "drizzle-orm/pg-core";

const moment = (name: string) => timestamp(name, { withTimezone: true, mode: "string" });
const now = () => sql`now()`;

export const person = pgTable("person", {
  id: uuid("id").primaryKey(),
  name: text("name").notNull().unique(),
  role: text("role").notNull(),
});

export const customer = pgTable(
  "customer",
  {
    id: uuid("id").primaryKey(),
    name: text("name").notNull(),
    contact: text("contact").notNull().default(""),
    remarks: text("remarks").notNull().default(""),
    /** grows with every change: a write that saw an older one is refused */
    version: integer("version").notNull().default(1),
  },
  (t) => [check("customer_named", sql`length(trim(${t.name})) > 0`)],
);

export const model = pgTable(
  "model",
  {
    id: uuid("id").primaryKey(),
    maker: text("maker").notNull(),
    designation: text("designation").notNull(),
    nickname: text("nickname"),
    year: integer("year"),
    /** the reference sheet; its shape is sheetSchema in core/model */
    sheet: jsonb("sheet").notNull(),
    version: integer("version").notNull().default(1),
  },
  (t) => [unique("model_name").on(t.maker, t.designation), check("model_year", sql`${t.year} between 1880 and 2100`)],
);

export const set = pgTable("set", {
  id: uuid("id").primaryKey(),
  modelId: uuid("model_id")
    .notNull()
    .references(() => model.id),
  ownerId: uuid("owner_id")
    .notNull()
    .references(() => customer.id),
  serial: text("serial").notNull().default(""),
});

export const visit = pgTable(
  "visit",
  {
    id: uuid("id").primaryKey(),
    setId: uuid("set_id")
      .notNull()
      .references(() => set.id),
    /** the number on the tag */
    job: integer("job").notNull().unique().generatedByDefaultAsIdentity({ startWith: 1001 }),
    openedAt: moment("opened_at").notNull().default(now()),
  },
  (t) => [unique("visit_of_set").on(t.id, t.setId), check("job_positive", sql`${t.job} > 0`)],
);

/** The logbook. Rows are added and never changed: a trigger refuses UPDATE, DELETE and TRUNCATE. */
export const logEntry = pgTable(
  "log_entry",
  {
    id: uuid("id").primaryKey(),
    setId: uuid("set_id")
      .notNull()
      .references(() => set.id),
    visitId: uuid("visit_id").notNull(),
    kind: text("kind").notNull(),
    payload: jsonb("payload").notNull(),
    at: moment("at").notNull(),
    recordedAt: moment("recorded_at").notNull().default(now()),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    amends: uuid("amends"),
  },
  (t) => [
    unique("entry_of_set").on(t.id, t.setId),
    foreignKey({ name: "entry_visit", columns: [t.visitId, t.setId], foreignColumns: [visit.id, visit.setId] }),
    // An amendment stays within its set.
    foreignKey({ name: "entry_amends", columns: [t.amends, t.setId], foreignColumns: [t.id, t.setId] }),
    check("amendment_points", sql`(${t.kind} = 'amendment') = (${t.amends} is not null)`),
    check("amends_another", sql`${t.amends} is distinct from ${t.id}`),
    index("log_entry_set").on(t.setId, t.at),
    index("log_entry_visit").on(t.visitId),
    index("log_entry_payload").using("gin", t.payload.op("jsonb_path_ops")),
  ],
);

export const stockPart = pgTable(
  "stock_part",
  {
    id: uuid("id").primaryKey(),
    /** the marking, as core/quantity prints and reads it */
    marking: text("marking").notNull(),
    bin: text("bin").notNull().default(""),
    /** minor units of the currency */
    priceMinor: integer("price_minor"),
    currency: text("currency").notNull().default("EUR"),
  },
  (t) => [
    check("price_positive", sql`${t.priceMinor} >= 0`),
    check("currency_code", sql`${t.currency} ~ '^[A-Z]{3}$'`),
  ],
);

/** What went into and out of stock; the stock of a part is the sum of its moves. */
export const stockMove = pgTable(
  "stock_move",
  {
    id: bigint("id", { mode: "number" }).primaryKey().generatedAlwaysAsIdentity(),
    partId: uuid("part_id")
      .notNull()
      .references(() => stockPart.id),
    /** the work that took or returned it, written in the same transaction */
    entryId: uuid("entry_id").references(() => logEntry.id),
    quantity: integer("quantity").notNull(),
    at: moment("at").notNull().default(now()),
  },
  (t) => [check("moves_something", sql`${t.quantity} <> 0`), index("stock_move_part").on(t.partId)],
);
