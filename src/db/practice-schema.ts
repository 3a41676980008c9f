import { sql } from "drizzle-orm";
import {
  boolean,
  check,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  unique,
  uuid,
} from "drizzle-orm/pg-core";
import type { Done, Hidden, Review, Told } from "@/core/practice";
import { moment, now } from "./columns";
import { person } from "./schema";

/**
 * A set with a hidden fault, to practise on. It is no set of the shop: it has no number, no owner and no log, and nothing
 * that counts reads these tables.
 */
export const practiceExercise = pgTable(
  "practice_exercise",
  {
    id: uuid("id").primaryKey(),
    /** what its set is called, and its sheet as it was then */
    name: text("name").notNull(),
    year: integer("year"),
    sheet: jsonb("sheet").notNull(),
    /** what is wrong, and what is sealed with it */
    hidden: jsonb("hidden").$type<Hidden>().notNull(),
    salt: text("salt").notNull(),
    /** what its owner says, as it is read and in words */
    told: jsonb("told").$type<Told[]>().notNull(),
    complaint: text("complaint").notNull(),
    difficulty: text("difficulty").$type<"easy" | "middling" | "hard">().notNull(),
    /** the search's advice: off, on, or given when it is asked for */
    advice: text("advice").$type<"off" | "on" | "asked">().notNull(),
    /** what the teacher says at the end */
    notice: text("notice").notNull().default(""),
    /** of a course, and which of its cases */
    course: text("course"),
    place: integer("place"),
    /** several do it: each once, and whoever set it sees what came of it */
    forClass: boolean("for_class").notNull().default(false),
    closed: boolean("closed").notNull().default(false),
    by: uuid("by")
      .notNull()
      .references(() => person.id),
    at: moment("at").notNull().default(now()),
  },
  (t) => [
    check("practice_advice", sql`${t.advice} in ('off', 'on', 'asked')`),
    check("practice_difficulty", sql`${t.difficulty} in ('easy', 'middling', 'hard')`),
    index("practice_exercise_by").on(t.by, t.at),
  ],
);

/** Somebody at a practice set. What they did is a list that only grows. */
export const practiceRun = pgTable(
  "practice_run",
  {
    id: uuid("id").primaryKey(),
    exerciseId: uuid("exercise_id")
      .notNull()
      .references(() => practiceExercise.id),
    personId: uuid("person_id")
      .notNull()
      .references(() => person.id),
    done: jsonb("done").$type<Done[]>().notNull().default([]),
    startedAt: moment("started_at").notNull().default(now()),
    endedAt: moment("ended_at"),
    /** both ways, once it has ended */
    review: jsonb("review").$type<Review>(),
    /** of the review, for lists */
    kind: text("kind"),
    found: boolean("found"),
    points: integer("points"),
    minutes: doublePrecision("minutes"),
    best: doublePrecision("best_minutes"),
    /** grows with everything that is done: two tabs do not overwrite each other */
    version: integer("version").notNull().default(0),
  },
  (t) => [
    unique("practice_once").on(t.exerciseId, t.personId),
    check("practice_ended", sql`(${t.endedAt} is null) = (${t.review} is null)`),
    index("practice_run_person").on(t.personId, t.startedAt),
  ],
);
