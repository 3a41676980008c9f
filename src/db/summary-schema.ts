import { sql } from "drizzle-orm";
import { bigint, boolean, index, integer, jsonb, pgTable, primaryKey, text, uuid } from "drizzle-orm/pg-core";
import type { Failed, OpenVisit, Stay, Wanted } from "@/core/across";
import type { HandedBack } from "@/core/exchange";
import type { FoundOnce } from "@/core/visit";
import { moment } from "./columns";
import { set } from "./schema";

/** So much of what is written about a set is searched by the stems of its words; PostgreSQL takes no list of more than 1 MB. */
export const STEMMED = 200_000;

/**
 * What lists and searches ask of a set: a cache of the fold of its log (core/across). A trigger marks it as stale in the
 * transaction that writes to the log, or changes the set's model or owner; it is made anew when it is read next.
 */
export const setSummary = pgTable(
  "set_summary",
  {
    setId: uuid("set_id")
      .primaryKey()
      .references(() => set.id),
    stale: boolean("stale").notNull().default(true),
    /** counts every change, so that a summary that was overtaken while it was made is made once more */
    rev: bigint("rev", { mode: "number" }).notNull().default(0),
    /** the job that is open, the last of them; none when the set is away */
    job: integer("job"),
    lastAt: moment("last_at"),
    stays: jsonb("stays").$type<Stay[]>().notNull().default([]),
    open: jsonb("open").$type<OpenVisit[]>().notNull().default([]),
    failed: jsonb("failed").$type<Failed[]>().notNull().default([]),
    findings: jsonb("findings").$type<FoundOnce[]>().notNull().default([]),
    handedBack: jsonb("handed_back").$type<HandedBack | null>(),
    text: text("text").notNull().default(""),
    words: text("words").array().notNull().default([]),
  },
  (t) => [
    index("set_summary_stale")
      .on(t.setId)
      .where(sql`${t.stale}`),
    index("set_summary_here")
      .on(t.job)
      .where(sql`${t.job} is not null`),
    index("set_summary_last").on(t.lastAt.desc().nullsLast(), t.setId.desc().nullsLast()),
    index("set_summary_text").using("gin", sql`${t.text} gin_trgm_ops`),
    index("set_summary_stems").using("gin", sql`to_tsvector('english', left(${t.text}, ${sql.raw(String(STEMMED))}))`),
    index("set_summary_words").using("gin", t.words),
  ],
);

/** What sets hold: a part of a batch, a tube, a modification. Part of the summary. */
export const setHolds = pgTable(
  "set_holds",
  {
    setId: uuid("set_id")
      .notNull()
      .references(() => set.id),
    seq: integer("seq").notNull(),
    kind: text("kind").$type<Wanted["kind"]>().notNull(),
    key: text("key").notNull(),
    name: text("name").notNull(),
    where: text("place").notNull(),
    what: text("what").notNull(),
    since: moment("since"),
  },
  (t) => [primaryKey({ columns: [t.setId, t.seq] }), index("set_holds_key").on(t.kind, t.key)],
);
