import { sql } from "drizzle-orm";
import { check, date, index, integer, jsonb, pgTable, primaryKey, text, unique, uuid } from "drizzle-orm/pg-core";
import type { RoughPrice, Skill, Week } from "@/core/plan";
import { moment, now } from "./columns";
import { model, person, visit } from "./schema";

/** Somebody's week and what they can do, where it is not the usual. */
export const worker = pgTable("worker", {
  personId: uuid("person_id")
    .primaryKey()
    .references(() => person.id),
  week: jsonb("week").$type<Week>().notNull(),
  skills: jsonb("skills").$type<Skill[]>().notNull(),
  version: integer("version").notNull().default(1),
});

/** Days on which somebody is away; without a person the shop is closed. */
export const away = pgTable(
  "away",
  {
    id: uuid("id").primaryKey(),
    personId: uuid("person_id").references(() => person.id),
    from: date("first_day", { mode: "string" }).notNull(),
    to: date("last_day", { mode: "string" }).notNull(),
    why: text("why").notNull().default(""),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
  },
  (t) => [check("away_order", sql`${t.from} <= ${t.to}`), index("away_to").on(t.to)],
);

/** Who has a set on the bench. */
export const setHolder = pgTable("set_holder", {
  visitId: uuid("visit_id")
    .primaryKey()
    .references(() => visit.id),
  personId: uuid("person_id")
    .notNull()
    .references(() => person.id),
  since: moment("since").notNull().default(now()),
});

/** Work that was put on a day or given to somebody by hand, and the day on which something that is waited for is expected. */
export const planPin = pgTable(
  "plan_pin",
  {
    visitId: uuid("visit_id")
      .notNull()
      .references(() => visit.id),
    task: text("task").notNull(),
    personId: uuid("person_id").references(() => person.id),
    day: date("day", { mode: "string" }),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
  },
  (t) => [
    primaryKey({ columns: [t.visitId, t.task] }),
    check("pin_says_something", sql`${t.personId} is not null or ${t.day} is not null`),
  ],
);

/** Somebody asked, before a set is here. */
export const enquiry = pgTable(
  "enquiry",
  {
    id: uuid("id").primaryKey(),
    number: integer("number").notNull().generatedAlwaysAsIdentity({ startWith: 1 }),
    caller: text("caller").notNull(),
    /** telephone number or address, as it was given */
    reach: text("reach").notNull().default(""),
    /** the digits of it: a number is found however it is written */
    digits: text("digits").notNull().default(""),
    /** what the caller called the set */
    what: text("what").notNull().default(""),
    modelId: uuid("model_id").references(() => model.id),
    setClass: text("set_class").notNull().default(""),
    complaint: text("complaint").notNull().default(""),
    /** what was said: a price, a day, a condition */
    said: text("said").notNull().default(""),
    /** the day on which the set is to come */
    expectedOn: date("expected_on", { mode: "string" }),
    /** the rough price, as it stood when it was told */
    price: jsonb("price").$type<RoughPrice | null>(),
    state: text("state").$type<EnquiryState>().notNull().default("open"),
    /** the job that it became */
    visitId: uuid("visit_id").references(() => visit.id),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
    version: integer("version").notNull().default(1),
  },
  (t) => [
    unique("enquiry_number").on(t.number),
    check("enquiry_named", sql`length(trim(${t.caller})) > 0`),
    check("enquiry_state", sql`${t.state} in ('open', 'came', 'dropped')`),
    check("enquiry_came", sql`(${t.state} = 'came') = (${t.visitId} is not null)`),
    index("enquiry_open").on(t.state, t.at.desc()),
  ],
);
export type EnquiryState = "open" | "came" | "dropped";
