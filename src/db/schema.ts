import { sql } from "drizzle-orm";
import {
  bigint,
  boolean,
  check,
  customType,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from "drizzle-orm/pg-core";

const moment = (name: string) => timestamp(name, { withTimezone: true, mode: "string" });
const now = () => sql`now()`;

const bytes = customType<{ data: Uint8Array; driverData: Uint8Array }>({ dataType: () => "bytea" });

/** What the shop says of itself: one row. */
export const shop = pgTable(
  "shop",
  {
    id: integer("id").primaryKey().default(1),
    name: text("name").notNull(),
    /** what comes out of the wall at the bench */
    lineVolts: doublePrecision("line_volts").notNull().default(230),
    lineHz: doublePrecision("line_hz").notNull().default(50),
    currency: text("currency").notNull().default("EUR"),
    /** series lamps in the box, W */
    lamps: jsonb("lamps").$type<number[]>().notNull().default([25, 40, 60, 100, 150, 200]),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    check("one_shop", sql`${t.id} = 1`),
    check("shop_line", sql`${t.lineVolts} between 90 and 480 and ${t.lineHz} between 16 and 400`),
    check("shop_currency", sql`${t.currency} ~ '^[A-Z]{3}$'`),
  ],
);

/** Meters that the shop owns, with what each is to a circuit. */
export const meter = pgTable(
  "meter",
  {
    id: uuid("id").primaryKey(),
    name: text("name").notNull().unique(),
    /** a pointer meter: so many ohms for each volt of its range */
    ohmsPerVolt: doublePrecision("ohms_per_volt"),
    /** a meter with one input resistance on all ranges, Ω */
    inputOhms: doublePrecision("input_ohms"),
    calibratedOn: date("calibrated_on", { mode: "string" }),
    /** how long a calibration is good for */
    everyMonths: integer("every_months").notNull().default(12),
    retired: boolean("retired").notNull().default(false),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    check("meter_named", sql`length(trim(${t.name})) > 0`),
    check("meter_input", sql`(${t.ohmsPerVolt} is null) <> (${t.inputOhms} is null)`),
    check("meter_positive", sql`coalesce(${t.ohmsPerVolt}, ${t.inputOhms}) > 0`),
    check("meter_months", sql`${t.everyMonths} between 1 and 120`),
  ],
);

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

/** The sheets that a model had before: what it said at any version stays to be read. */
export const modelRevision = pgTable(
  "model_revision",
  {
    modelId: uuid("model_id")
      .notNull()
      .references(() => model.id),
    version: integer("version").notNull(),
    sheet: jsonb("sheet").notNull(),
    /** who replaced it, and when */
    replacedBy: uuid("replaced_by").references(() => person.id),
    replacedAt: moment("replaced_at").notNull().default(now()),
  },
  (t) => [primaryKey({ columns: [t.modelId, t.version] })],
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

/** A photo or file that belongs to an entry. Taken away, it is hidden and stays. */
export const attachment = pgTable(
  "attachment",
  {
    id: uuid("id").primaryKey(),
    entryId: uuid("entry_id").notNull(),
    setId: uuid("set_id").notNull(),
    name: text("name").notNull(),
    /** found in its content, never taken from its name */
    type: text("type").notNull(),
    size: integer("size").notNull(),
    content: bytes("content").notNull(),
    /** a small picture of it, where it is one */
    thumb: bytes("thumb"),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
    hidden: boolean("hidden").notNull().default(false),
  },
  (t) => [
    foreignKey({
      name: "attachment_entry",
      columns: [t.entryId, t.setId],
      foreignColumns: [logEntry.id, logEntry.setId],
    }),
    check("attachment_size", sql`${t.size} = length(${t.content}) and ${t.size} > 0`),
    index("attachment_set").on(t.setId),
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
