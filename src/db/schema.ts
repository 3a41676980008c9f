import type { InstrumentKind, Link } from "@/core/instruments";
import { sql } from "drizzle-orm";
import type { Role } from "@/core/access";
import type { ShopRules } from "@/core/components";
import type { Figures } from "@/core/diagnosis";
import type { OwnAir } from "@/core/frequencies";
import type { Terms } from "@/core/handback";
import type { Billing } from "@/core/invoice";
import type { View } from "@/core/model";
import type { RecipeFields } from "@/core/modifications";
import type { PlanRules } from "@/core/plan";
import type { TestSheet } from "@/core/sheets";
import type { DummyLoad } from "@/core/transmit";
import {
  bigint,
  boolean,
  check,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  unique,
  uuid,
} from "drizzle-orm/pg-core";
import { bytes, moment, now } from "./columns";

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
    /** dummy loads with what each takes, and for how long */
    loads: jsonb("loads").$type<DummyLoad[]>().notNull().default([]),
    /** ITU region, and allocations of the shop's own */
    air: jsonb("air").$type<OwnAir>().notNull().default({}),
    /** what the shop has changed of the rules for parts; its shape is shopRulesSchema in core/components */
    rules: jsonb("rules").$type<ShopRules>().notNull().default({ roles: [] }),
    /** the shop's own figures for faults; its shape is figuresSchema in core/diagnosis */
    figures: jsonb("figures").$type<Figures>().notNull().default({ often: {}, learns: true }),
    /** what it works by, where it is not the usual; its shape is termsSchema in core/handback */
    terms: jsonb("terms").$type<Partial<Terms>>().notNull().default({}),
    /** what its invoices say of it; its shape is billingSchema in core/invoice */
    billing: jsonb("billing").$type<Partial<Billing>>().notNull().default({}),
    /** what its plan goes by, where it is not the usual; its shape is planRulesSchema in core/plan */
    plan: jsonb("plan").$type<Partial<PlanRules>>().notNull().default({}),
    /** a screen that nobody has touched for so long is locked, minutes; 0: never */
    lockMinutes: integer("lock_minutes").notNull().default(10),
    /** is everybody asked for a code from a phone at sign-in? */
    codesAsked: boolean("codes_asked").notNull().default(false),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    check("one_shop", sql`${t.id} = 1`),
    check("shop_line", sql`${t.lineVolts} between 90 and 480 and ${t.lineHz} between 16 and 400`),
    check("shop_currency", sql`${t.currency} ~ '^[A-Z]{3}$'`),
    check("shop_lock", sql`${t.lockMinutes} between 0 and 480`),
  ],
);

/** Who this shop is to other shops, whatever it is called: one row, made together with the database. */
export const shopIdentity = pgTable(
  "shop_identity",
  {
    id: integer("id").primaryKey().default(1),
    uid: uuid("uid").notNull().defaultRandom(),
    /** is all that was written before there were seals sealed? From then on a missing seal is an alarm */
    allSealed: boolean("all_sealed").notNull().default(false),
    /** the demo's shop, which signs everybody in: its data are made up */
    demo: boolean("demo").notNull().default(false),
  },
  (t) => [check("one_identity", sql`${t.id} = 1`)],
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
    /** where it answers, where it can be asked by the program */
    link: jsonb("link").$type<Link | null>(),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    check("meter_named", sql`length(trim(${t.name})) > 0`),
    check("meter_input", sql`(${t.ohmsPerVolt} is null) <> (${t.inputOhms} is null)`),
    check("meter_positive", sql`coalesce(${t.ohmsPerVolt}, ${t.inputOhms}) > 0`),
    check("meter_months", sql`${t.everyMonths} between 1 and 120`),
  ],
);

/** Instruments beside the meters: generators, counters, power meters, oscilloscopes, supplies. */
export const instrument = pgTable(
  "instrument",
  {
    id: uuid("id").primaryKey(),
    name: text("name").notNull().unique(),
    kind: text("kind").$type<InstrumentKind>().notNull(),
    /** where it stands: a bench, a shelf */
    place: text("place").notNull().default(""),
    calibratedOn: date("calibrated_on", { mode: "string" }),
    everyMonths: integer("every_months").notNull().default(12),
    retired: boolean("retired").notNull().default(false),
    /** where it answers, where it can be asked by the program */
    link: jsonb("link").$type<Link | null>(),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    check("instrument_named", sql`length(trim(${t.name})) > 0`),
    check("instrument_kind", sql`${t.kind} in ('generator', 'counter', 'power meter', 'oscilloscope', 'supply')`),
    check("instrument_months", sql`${t.everyMonths} between 1 and 120`),
  ],
);

/** Who writes in the logbooks. People of another shop came with a set's file and never stand at this bench. */
export const person = pgTable(
  "person",
  {
    id: uuid("id").primaryKey(),
    name: text("name").notNull(),
    /** what they may do; a role of core/access */
    access: text("access").$type<Role>().notNull().default("technician"),
    /** they work here no more: nothing of theirs is deleted, and they cannot sign in */
    retired: boolean("retired").notNull().default(false),
    /** what an older program knew them as */
    role: text("role").notNull().default(""),
    /** the shop that they work for; empty: this one */
    shop: text("shop").notNull().default(""),
    /** that shop's id, where its file said so */
    shopId: uuid("shop_id"),
  },
  (t) => [
    unique("person_name").on(t.name, t.shop),
    check("person_access", sql`${t.access} in ('owner', 'lead', 'technician', 'desk', 'apprentice', 'reader')`),
  ],
);

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
    /** the shop whose sheet it is; empty: this one */
    shop: text("shop").notNull().default(""),
    /** that shop's id, where its file said so */
    shopId: uuid("shop_id"),
  },
  (t) => [
    unique("model_name").on(t.maker, t.designation, t.shop),
    check("model_year", sql`${t.year} between 1880 and 2100`),
  ],
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

/** A picture of a model, one for each view: pins in its sheet point into it. Made smaller when it is taken. */
export const modelPicture = pgTable(
  "model_picture",
  {
    /** a new picture of a view has a new id: what lies behind an id never changes */
    id: uuid("id").primaryKey(),
    modelId: uuid("model_id")
      .notNull()
      .references(() => model.id),
    view: text("view").$type<View>().notNull(),
    type: text("type").notNull(),
    width: integer("width").notNull(),
    height: integer("height").notNull(),
    content: bytes("content").notNull(),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
  },
  (t) => [
    unique("model_picture_view").on(t.modelId, t.view),
    check("model_picture_size", sql`${t.width} > 0 and ${t.height} > 0 and length(${t.content}) > 0`),
  ],
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
    job: integer("job").notNull().generatedByDefaultAsIdentity({ startWith: 1001 }),
    openedAt: moment("opened_at").notNull().default(now()),
    /** the shop that it was in; empty: this one */
    shop: text("shop").notNull().default(""),
    /** that shop's id, where its file said so */
    shopId: uuid("shop_id"),
  },
  (t) => [
    unique("visit_job").on(t.job, t.shop),
    unique("visit_of_set").on(t.id, t.setId),
    check("job_positive", sql`${t.job} > 0`),
  ],
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
    index("log_entry_kind").on(t.setId, t.kind),
    index("log_entry_amends").on(t.amends),
    index("log_entry_payload").using("gin", t.payload.op("jsonb_path_ops")),
  ],
);

/** The seal on a logbook: each entry of a set hashed with the one before it. Rows are added and never changed. */
export const logChain = pgTable(
  "log_chain",
  {
    entryId: uuid("entry_id")
      .primaryKey()
      .references(() => logEntry.id),
    setId: uuid("set_id").notNull(),
    /** its place in the chain of its set, from 1 */
    seq: integer("seq").notNull(),
    /** SHA-256 in hexadecimal; see core/exchange */
    hash: text("hash").notNull(),
  },
  (t) => [unique("chain_place").on(t.setId, t.seq), check("chain_hash", sql`${t.hash} ~ '^[0-9a-f]{64}$'`)],
);

/** The seal on the files of a set, as on its logbook: each hashed with the one before it. Rows are added and never changed. */
export const fileChain = pgTable(
  "file_chain",
  {
    attachmentId: uuid("attachment_id")
      .primaryKey()
      .references(() => attachment.id),
    setId: uuid("set_id").notNull(),
    seq: integer("seq").notNull(),
    /** SHA-256 of the content, in hexadecimal */
    sha256: text("sha256").notNull(),
    hash: text("hash").notNull(),
  },
  (t) => [
    unique("file_chain_place").on(t.setId, t.seq),
    check("file_chain_hash", sql`${t.hash} ~ '^[0-9a-f]{64}$' and ${t.sha256} ~ '^[0-9a-f]{64}$'`),
  ],
);

/** When the seals of a set were checked last, and what was wrong. */
export const sealCheck = pgTable("seal_check", {
  setId: uuid("set_id")
    .primaryKey()
    .references(() => set.id),
  at: moment("at").notNull().default(now()),
  /** sentences; empty when all seals held */
  troubles: jsonb("troubles").$type<string[]>().notNull(),
});

/** Backups that were written and read back whole: what the shop is told by how old its last one is. */
export const backup = pgTable("backup", {
  id: uuid("id").primaryKey(),
  at: moment("at").notNull().default(now()),
  /** where it was laid, as the command was told */
  file: text("file").notNull(),
  bytes: bigint("bytes", { mode: "number" }).notNull(),
  rows: integer("rows").notNull(),
});

/** Modifications as the shop keeps them; the shape of the body is recipeSchema in core/modifications. */
export const recipe = pgTable("recipe", {
  id: uuid("id").primaryKey(),
  name: text("name").notNull().unique(),
  body: jsonb("body").$type<RecipeFields>().notNull(),
  version: integer("version").notNull().default(1),
});

/** Test sheets of the shop's own, by their key; the shape of the body is testSheetSchema in core/sheets. */
export const testSheet = pgTable("test_sheet", {
  key: text("key").primaryKey(),
  name: text("name").notNull(),
  body: jsonb("body").$type<TestSheet>().notNull(),
  version: integer("version").notNull().default(1),
});

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
