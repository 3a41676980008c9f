import { and, asc, eq, gte, inArray } from "drizzle-orm";
import { rightOfKind, type Right } from "@/core/access";
import { barredByStays } from "@/core/handback";
import {
  draftSchema,
  BY_LINK,
  kindOf,
  marked,
  readAnyBody,
  sentences,
  settle,
  showable,
  partsTaken,
  type Content,
  type Draft,
  type Entry,
} from "@/core/kinds";
import { wrongDate } from "@/core/log";
import { again } from "./again";
import { holdSet, sealEntries } from "./chain";
import type { Db, Tx } from "./client";
import { databaseError } from "./error";
import { logEntry, visit } from "./schema";
import { giveBack, take, takenBy } from "./stock";
import { iso } from "./moment";

export type Problem = { path: string; message: string };
export type Appended = { ok: true; entry: Entry } | { ok: false; problems: Problem[] };

/** A stored row as an entry. One that cannot be read costs its own line, never the page. */
function read(row: typeof logEntry.$inferSelect): Entry {
  const { id, setId, visitId, by, amends } = row;
  const body = readAnyBody(row.kind, row.payload, id.slice(-8));
  return { id, setId, visitId, at: iso(row.at), recordedAt: iso(row.recordedAt), by, amends, ...body };
}

const FOREIGN_KEYS: Record<string, string> = {
  entry_visit: "This visit does not belong to this set: reload the page.",
  entry_amends: "The entry to amend is not in this set's logbook: reload the page.",
  log_entry_by_person_id_fk: "The person at the bench is not known: choose one in the header.",
  log_entry_set_id_set_id_fk: "This set is not in the books: reload the page.",
};

/** The stock cannot give what an entry takes: the whole of it is refused. */
class OutOfStock extends Error {}

/** Pieces of each stock part that an entry uses, as it reads now. */
function usedBy(content: Content | null): Map<string, number> {
  const used = new Map<string, number>();
  for (const { stock } of content ? partsTaken(content) : [])
    if (stock) used.set(stock.part, (used.get(stock.part) ?? 0) + 1);
  return used;
}

/** A visit to another shop took its parts from that shop's stock. */
async function fromElsewhere(tx: Tx, visitId: string): Promise<boolean> {
  const [row] = await tx.select({ shop: visit.shop }).from(visit).where(eq(visit.id, visitId));
  return row !== undefined && row.shop !== "";
}

type Row = typeof logEntry.$inferSelect;

/**
 * Rows with every amendment that leads to one of them, generation by generation. Most have none: one look at the index
 * says so, however long the log is. (A recursive query is planned as if each generation were large, and reads the
 * whole table.)
 */
async function withAmendments(tx: Tx, roots: readonly Row[]): Promise<Entry[]> {
  const all = [...roots];
  for (let last = roots; last.length > 0;) {
    const ids = last.map(({ id }) => id);
    last = await tx.select().from(logEntry).where(inArray(logEntry.amends, ids));
    all.push(...last);
  }
  return all.map(read);
}

/** The piece of work that an entry is, or that it amends in however many steps. */
async function workOf(tx: Tx, row: Row): Promise<Row> {
  let work = row;
  while (work.amends !== null) {
    const [target] = await tx.select().from(logEntry).where(eq(logEntry.id, work.amends));
    if (!target) break;
    work = target;
  }
  return work;
}

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** An entry that does not fit to the set's comings and goings is refused. */
class Barred extends Error {}

async function heedStays(tx: Tx, entry: Entry): Promise<void> {
  if (entry.kind === "amendment" || kindOf(entry).afterHandBack === "taken") return;
  // Two that open or close a stay at once would not see one another.
  if (entry.kind === "take-in" || entry.kind === "hand-back") await holdSet(tx, entry.setId);
  const rows = await tx
    .select()
    .from(logEntry)
    .where(and(eq(logEntry.setId, entry.setId), inArray(logEntry.kind, ["take-in", "hand-back"])));
  const stays = await withAmendments(tx, rows);
  const barred = barredByStays(entry, settle(stays).settled);
  if (barred) throw new Barred(barred);
}

/**
 * Makes the stock follow the log: what a piece of work uses after all its amendments against what its moves have taken
 * so far. So a correction, a withdrawal and the undoing of either move the stock as the record moves.
 */
async function moveStock(tx: Tx, entry: Entry, row: Row): Promise<void> {
  if (entry.kind !== "amendment" && usedBy(entry as Content).size === 0) return;
  // Two amendments of one piece of work must not both bring its parts back: a set's stock is moved by one at a time.
  await holdSet(tx, entry.setId);
  // What was written just now is amended by nothing yet.
  const own = entry.kind === "amendment" ? await withAmendments(tx, [await workOf(tx, row)]) : [entry];
  const [work] = settle(own).settled;
  if (!work || (await fromElsewhere(tx, work.entry.visitId))) return;
  const wanted = usedBy(work.content);
  const taken = await takenBy(tx, work.entry.id);
  const at = { visitId: work.entry.visitId, entryId: entry.id, workId: work.entry.id, by: entry.by, at: entry.at };
  // Always in the same order, so that two entries cannot wait for one another.
  for (const partId of [...new Set([...wanted.keys(), ...taken.keys()])].sort()) {
    const difference = (wanted.get(partId) ?? 0) - (taken.get(partId) ?? 0);
    if (difference < 0) await giveBack(tx, partId, -difference, at);
    if (difference <= 0) continue;
    const outcome = await take(tx, partId, difference, at);
    if (!outcome.ok) throw new OutOfStock(outcome.message);
  }
}

/**
 * The right that an entry asks of its writer: that of its kind, and for an amendment that of the entry it amends.
 * Whatever is no entry asks nothing here: it is refused as what it is.
 */
export async function rightFor(db: Tx, draft: unknown): Promise<Right> {
  const { kind, amends } = (typeof draft === "object" && draft !== null ? draft : {}) as Record<string, unknown>;
  const rightOf = (name: unknown): Right => rightOfKind(typeof name === "string" ? name : "");
  if (kind !== "amendment" || typeof amends !== "string" || !UUID.test(amends)) return rightOf(kind);
  const [target] = await db.select().from(logEntry).where(eq(logEntry.id, amends));
  return rightOf(target && (await workOf(db, target)).kind);
}

/** What the network may not say of itself. */
export type Writing = {
  /** the writer is an apprentice: what counts for safety waits for a confirmation */
  apprentice?: boolean;
  /** it comes from the page of the set's owner */
  byLink?: boolean;
};

const saysLink = (payload: unknown): boolean =>
  typeof payload === "object" &&
  payload !== null &&
  (("how" in payload && payload.how === BY_LINK) ||
    ("content" in payload && saysLink((payload.content as { payload?: unknown } | undefined)?.payload)));

/** Writes an entry, moves its stock and seals it, in one transaction. */
async function write(db: Db, draft: Draft, by: string): Promise<Entry> {
  return db.transaction(async (tx) => {
    const { id, setId, visitId, kind, payload, amends } = draft;
    // Offsets that JavaScript reads and PostgreSQL does not (16 hours) are written as what they mean.
    const at = new Date(draft.at).toISOString();
    const [added] = await tx
      .insert(logEntry)
      .values({ id, setId, visitId, kind, payload, at, amends, by })
      .onConflictDoNothing({ target: logEntry.id })
      .returning();
    // A retry of an entry that arrived before: the first one stands, and its stock moves with it.
    const [row] = added ? [added] : await tx.select().from(logEntry).where(eq(logEntry.id, id));
    if (!row) throw new Error(`entry ${id} vanished`);
    const entry = read(row);
    if (added) await heedStays(tx, entry);
    if (added) await moveStock(tx, entry, row);
    if (added) await sealEntries(tx, entry.setId, [row]);
    return entry;
  });
}

/**
 * The one way into the logbook.
 *
 * @param draft as a client sends it; anything is validated here again
 * @param by the person who writes it
 * @param now milliseconds since 1970, to refuse dates in the future
 * @param writing what is known of the writer beside their name
 * Stock that the work takes or returns moves in the same transaction.
 * @returns the entry as it stands in the log (a retry with the same id returns the first one), or what is wrong
 */
export async function append(
  db: Db,
  draft: unknown,
  by: string,
  now: number,
  { apprentice = false, byLink = false }: Writing = {},
): Promise<Appended> {
  const read = draftSchema.safeParse(draft);
  if (!read.success) return { ok: false, problems: sentences(read.error) };
  const parsed = { data: marked(read.data, apprentice) };
  if (parsed.data.kind === "approval" || parsed.data.kind === "amendment")
    if (!byLink && saysLink(parsed.data.payload))
      return {
        ok: false,
        problems: [{ path: "how", message: "An approval by the owner’s page is written by that page alone." }],
      };
  const { payload, at } = parsed.data;
  const corrected = "action" in payload && payload.action === "correct" ? payload.at : undefined;
  const wrong = wrongDate(at, now) ?? (corrected ? wrongDate(corrected, now) : undefined);
  if (wrong) return { ok: false, problems: [{ path: "at", message: wrong }] };
  if (!showable(parsed.data)) return { ok: false, problems: [{ path: "", message: "Its figures make no sense." }] };
  try {
    const entry = await again(() => write(db, parsed.data, by));
    if (entry.setId !== parsed.data.setId)
      return { ok: false, problems: [{ path: "id", message: "This id belongs to an entry of another set." }] };
    return { ok: true, entry };
  } catch (error) {
    if (error instanceof Barred) return { ok: false, problems: [{ path: "", message: error.message }] };
    if (error instanceof OutOfStock) return { ok: false, problems: [{ path: "stock", message: error.message }] };
    const { code, constraint = "" } = databaseError(error);
    const unknown = code === "23503" ? FOREIGN_KEYS[constraint] : undefined;
    if (unknown) return { ok: false, problems: [{ path: "", message: unknown }] };
    throw error;
  }
}

/** All entries of a set, as they happened. */
export async function entriesOfSet(db: Tx, setId: string): Promise<Entry[]> {
  const rows = await db
    .select()
    .from(logEntry)
    .where(eq(logEntry.setId, setId))
    .orderBy(asc(logEntry.at), asc(logEntry.id));
  return rows.map(read);
}

/** A transaction that began earlier may end later: so much before the moment is read once more, ms. */
const OVERLAP_MS = 10_000;

/** Entries of a set that were taken after a moment, or shortly before it. */
export async function entriesSince(db: Tx, setId: string, moment: string): Promise<Entry[]> {
  const from = new Date(Date.parse(moment) - OVERLAP_MS).toISOString();
  const rows = await db
    .select()
    .from(logEntry)
    .where(and(eq(logEntry.setId, setId), gte(logEntry.recordedAt, from)))
    .orderBy(asc(logEntry.at), asc(logEntry.id));
  return rows.map(read);
}

/** The entries of several sets at once, by set. */
export async function entriesOfSets(db: Tx, setIds: readonly string[]): Promise<Map<string, Entry[]>> {
  const bySet = new Map<string, Entry[]>(setIds.map((id) => [id, []]));
  if (setIds.length === 0) return bySet;
  const rows = await db
    .select()
    .from(logEntry)
    .where(inArray(logEntry.setId, [...setIds]))
    .orderBy(asc(logEntry.at), asc(logEntry.id));
  for (const row of rows) bySet.get(row.setId)?.push(read(row));
  return bySet;
}
