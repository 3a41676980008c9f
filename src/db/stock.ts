import { and, asc, desc, eq, inArray, sql, type SQL } from "drizzle-orm";
import { v7 } from "uuid";
import { groupedBy } from "@/core/lists";
import {
  counted,
  issue,
  labelCode,
  labelNumber,
  printMarking,
  reserve,
  stockFieldsSchema,
  stockKey,
  type Balance,
  type MoveKind,
  type Planned,
  type StockFields,
  type StockItem,
  type StockKind,
  type StockTest,
  type StockRow,
} from "@/core/stock";
import { again } from "./again";
import type { Db, Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { person, visit } from "./schema";
import { stockMove, stockPart, stockTest } from "./stock-schema";
import { iso } from "./moment";

export const NONE = "00000000-0000-0000-0000-000000000000";

/** Lines of the stock with what there is of each; what is reserved for a visit is told apart. */
async function read(db: Tx, where: SQL | undefined, visitId: string | undefined): Promise<StockItem[]> {
  const balances = db
    .select({
      partId: stockMove.partId,
      onHand: sql<number>`sum(${stockMove.quantity})::int`.as("on_hand"),
      reserved: sql<number>`sum(${stockMove.reserved})::int`.as("all_reserved"),
      reservedHere:
        sql<number>`coalesce(sum(${stockMove.reserved}) filter (where ${stockMove.visitId} = ${visitId ?? NONE}), 0)::int`.as(
          "reserved_here",
        ),
    })
    .from(stockMove)
    .groupBy(stockMove.partId)
    .as("balances");
  const rows = await db
    .select({
      part: stockPart,
      onHand: balances.onHand,
      reserved: balances.reserved,
      reservedHere: balances.reservedHere,
    })
    .from(stockPart)
    .leftJoin(balances, eq(balances.partId, stockPart.id))
    .where(where)
    .orderBy(asc(stockPart.kind), asc(stockPart.marking), asc(stockPart.number));
  const tubes = rows.filter(({ part }) => part.kind === "tube").map(({ part }) => part.id);
  const tests =
    tubes.length === 0
      ? []
      : await db.select().from(stockTest).where(inArray(stockTest.partId, tubes)).orderBy(asc(stockTest.at));
  const testsOf = groupedBy(tests, ({ partId }) => partId);
  return rows.map(({ part: { number, kind, ...part }, onHand, reserved, reservedHere }) => ({
    ...part,
    kind: kind as StockKind,
    code: labelCode(number),
    onHand: onHand ?? 0,
    reserved: reserved ?? 0,
    reservedHere: reservedHere ?? 0,
    tests: (testsOf.get(part.id) ?? []).map(({ at, test, measured, nominal, unit, setup, shorts, between, gas }) => ({
      ...{ at: iso(at), test, measured, nominal, unit, setup, between },
      shorts: shorts as StockTest["shorts"],
      gas: gas as StockTest["gas"],
    })),
  }));
}

/** The whole stock. @param visitId whose own reservations count as free */
export const stockItems = (db: Tx, visitId?: string): Promise<StockItem[]> => read(db, undefined, visitId);

/** Some lines of the stock. */
export const stockLines = async (db: Tx, ids: readonly string[]): Promise<StockItem[]> =>
  ids.length === 0 ? [] : read(db, inArray(stockPart.id, [...ids]), undefined);

/** A stock line by its id or by the code on its label. */
export async function stockItem(db: Tx, idOrCode: string): Promise<StockItem | undefined> {
  const number = labelNumber(idOrCode);
  const [found] = await read(
    db,
    number === undefined ? eq(stockPart.id, idOrCode) : eq(stockPart.number, number),
    undefined,
  );
  return found;
}

export type MoveBy = { by: string | null; note?: string };

/** Holds a part's line for the rest of the transaction, and tells what there is of it. */
export async function hold(
  tx: Tx,
  partId: string,
  visitId: string,
): Promise<(Balance & { here: number; what: string }) | undefined> {
  const [part] = await tx.select().from(stockPart).where(eq(stockPart.id, partId)).for("update");
  if (!part) return undefined;
  const [sum] = await tx
    .select({
      onHand: sql<number>`coalesce(sum(${stockMove.quantity}), 0)::int`,
      reserved: sql<number>`coalesce(sum(${stockMove.reserved}), 0)::int`,
      here: sql<number>`coalesce(sum(${stockMove.reserved}) filter (where ${stockMove.visitId} = ${visitId}), 0)::int`,
    })
    .from(stockMove)
    .where(eq(stockMove.partId, partId));
  const what = `${printMarking({ kind: part.kind as StockKind, marking: part.marking })}${part.bin ? ` in ${part.bin}` : ""}`;
  return { onHand: sum?.onHand ?? 0, reserved: sum?.reserved ?? 0, here: sum?.here ?? 0, what };
}

export const GONE = "This part is not in the stock list: scan it again.";

/** What a move belongs to, who made it, and when it happened. */
export type MoveFor = { visitId: string; entryId: string; workId: string; by: string; at: string };

/** Takes parts for the work of an entry, inside its transaction. */
export async function take(
  tx: Tx,
  partId: string,
  count: number,
  at: MoveFor,
): Promise<{ ok: true } | { ok: false; message: string }> {
  const held = await hold(tx, partId, at.visitId);
  if (!held) return { ok: false, message: GONE };
  const planned = issue(held, held.here, count, at.visitId, held.what);
  if (!planned.ok) return planned;
  await tx.insert(stockMove).values(planned.moves.map((move) => ({ ...move, ...at, partId })));
  return { ok: true };
}

/** Brings parts back that the work of an entry no longer uses, inside its transaction. */
export async function giveBack(tx: Tx, partId: string, count: number, at: MoveFor): Promise<void> {
  await tx.insert(stockMove).values({ ...at, partId, kind: "returned", quantity: count, reserved: 0 });
}

/** What the moves of a piece of work have taken, by part. */
export async function takenBy(tx: Tx, workId: string): Promise<Map<string, number>> {
  const rows = await tx
    .select({ partId: stockMove.partId, count: sql<number>`(-sum(${stockMove.quantity}))::int` })
    .from(stockMove)
    .where(eq(stockMove.workId, workId))
    .groupBy(stockMove.partId);
  return new Map(rows.filter(({ count }) => count !== 0).map(({ partId, count }) => [partId, count]));
}

export type Moved = { ok: true } | { ok: false; message: string };

/** A move by hand: received, scrapped, counted, reserved, released. */
export async function move(
  db: Db,
  change: { partId: string; kind: MoveKind; count: number; visitId?: string | undefined },
  { by, note = "" }: MoveBy,
): Promise<Moved> {
  const { partId, kind, count, visitId } = change;
  if (!Number.isInteger(count) || count < 0 || (count === 0 && kind !== "counted"))
    return { ok: false, message: "A number of pieces is a whole number above zero." };
  return db.transaction(async (tx): Promise<Moved> => {
    const held = await hold(tx, partId, visitId ?? NONE);
    if (!held) return { ok: false, message: GONE };
    const planned = plan(held, kind, count, visitId);
    if (!planned.ok) return planned;
    if (planned.moves.length > 0)
      await tx.insert(stockMove).values(planned.moves.map((one) => ({ ...one, partId, by, note })));
    return { ok: true };
  });
}

function plan(
  held: Balance & { here: number; what: string },
  kind: MoveKind,
  count: number,
  visitId?: string,
): Planned {
  const free = held.onHand - held.reserved;
  if (kind === "counted") return counted(held, count, held.what);
  if (kind === "received") return { ok: true, moves: [{ kind, quantity: count, reserved: 0 }] };
  if (kind === "scrapped" || kind === "sent-back")
    return count > free
      ? {
          ok: false,
          message: `${held.what}: only ${free} are free to be ${kind === "scrapped" ? "scrapped" : "sent back"}.`,
        }
      : { ok: true, moves: [{ kind, quantity: -count, reserved: 0 }] };
  if (!visitId) return { ok: false, message: "Say for which job." };
  if (kind === "reserved") return reserve(held, count, visitId, held.what);
  if (kind === "released")
    return count > held.here
      ? { ok: false, message: `${held.what}: only ${held.here} are reserved for this job.` }
      : { ok: true, moves: [{ kind, quantity: 0, reserved: -count, visitId }] };
  return { ok: false, message: "Parts are issued and returned by the work in a logbook." };
}

/**
 * Makes a plan's reservations what they should be, all or none: `wanted` pieces of each part for the visit.
 * A part that is reserved and no longer wanted is released.
 */
export async function reserveFor(
  db: Db,
  visitId: string,
  wanted: ReadonlyMap<string, number>,
  by: string,
): Promise<Moved> {
  class Refused extends Error {}
  try {
    return await db.transaction(async (tx): Promise<Moved> => {
      const now = await tx
        .select({ partId: stockMove.partId, here: sql<number>`sum(${stockMove.reserved})::int` })
        .from(stockMove)
        .where(eq(stockMove.visitId, visitId))
        .groupBy(stockMove.partId);
      const has = new Map(now.map(({ partId, here }) => [partId, here]));
      // Always in the same order, so that two plans cannot wait for one another.
      const parts = [...new Set([...wanted.keys(), ...has.keys()])].sort();
      for (const partId of parts) {
        const difference = (wanted.get(partId) ?? 0) - (has.get(partId) ?? 0);
        if (difference === 0) continue;
        const held = await hold(tx, partId, visitId);
        if (!held) throw new Refused(GONE);
        const planned = plan(held, difference > 0 ? "reserved" : "released", Math.abs(difference), visitId);
        if (!planned.ok) throw new Refused(planned.message);
        await tx.insert(stockMove).values(planned.moves.map((one) => ({ ...one, partId, by })));
      }
      return { ok: true };
    });
  } catch (error) {
    if (error instanceof Refused) return { ok: false, message: error.message };
    throw error;
  }
}

/** Makes or changes a stock line; version 0 makes it, with so many on hand. */
export async function saveStock(
  db: Db,
  change: StockFields & { id: string; version: number; onHand?: number | undefined },
  by: string | null,
): Promise<Saved> {
  const { id, version, onHand = 0, ...rest } = change;
  const fields = stockFieldsSchema.parse(rest);
  return db.transaction(async (tx): Promise<Saved> => {
    if (version > 0) {
      const [row] = await tx
        .update(stockPart)
        .set({ ...fields, version: sql`${stockPart.version} + 1` })
        .where(and(eq(stockPart.id, id), eq(stockPart.version, version)))
        .returning({ version: stockPart.version });
      return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
    }
    const [made] = await tx
      .insert(stockPart)
      .values({ id, ...fields })
      .onConflictDoNothing({ target: stockPart.id })
      .returning();
    if (!made) return { ok: false, message: STALE };
    if (onHand > 0) await tx.insert(stockMove).values({ partId: id, kind: "received", quantity: onHand, by });
    return { ok: true, version: 1 };
  });
}

export type Imported = { made: number; changed: number; counted: number };

/** Rows that go in with one statement. */
const BATCH = 500;

const differs = (item: StockItem, fields: StockFields): boolean =>
  Object.entries(fields).some(([key, value]) => item[key as keyof StockFields] !== value);

/**
 * Lays a stock list over the stock, all or nothing: known lines are changed, others made; counts become moves.
 * Lines are held in the order of their ids, as the work in a logbook holds them, so that neither waits for the other.
 */
export const importStock = (db: Db, rows: readonly StockRow[], by: string | null): Promise<Imported> =>
  again(() =>
    db.transaction(async (tx) => {
      // Held before it is counted: two lists at once would both take away what is too much.
      await tx.execute(sql`select id from stock_part order by id for update`);
      const known = new Map((await read(tx, undefined, undefined)).map((item) => [stockKey(item), item]));
      const planned = rows
        .map(({ onHand, ...fields }) => {
          const old = known.get(stockKey(fields));
          return {
            old,
            id: old?.id ?? v7(),
            fields,
            difference: onHand === undefined ? 0 : onHand - (old?.onHand ?? 0),
          };
        })
        .sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
      for (const { old, id, fields } of planned)
        if (old && differs(old, fields))
          await tx
            .update(stockPart)
            .set({ ...fields, version: sql`${stockPart.version} + 1` })
            .where(eq(stockPart.id, id));
      const fresh = planned.filter(({ old }) => !old).map(({ id, fields }) => ({ id, ...fields }));
      for (let from = 0; from < fresh.length; from += BATCH)
        await tx.insert(stockPart).values(fresh.slice(from, from + BATCH));
      const moves = planned
        .filter(({ difference }) => difference !== 0)
        .map(({ old, id, difference }) => ({
          partId: id,
          kind: old ? "counted" : "received",
          quantity: difference,
          by,
          note: "from a list",
        }));
      for (let from = 0; from < moves.length; from += BATCH)
        await tx.insert(stockMove).values(moves.slice(from, from + BATCH));
      return { made: fresh.length, changed: planned.length - fresh.length, counted: moves.length };
    }),
  );

/** A tube's test while it lies in stock. */
export async function addStockTest(
  db: Tx,
  test: {
    id: string;
    partId: string;
    test: string;
    measured: number | null;
    nominal: number | null;
    shorts?: StockTest["shorts"];
    between?: string;
    gas?: StockTest["gas"];
    unit: string;
    setup: string;
    at?: string;
  },
  by: string | null,
): Promise<void> {
  await db
    .insert(stockTest)
    .values({ ...test, by })
    .onConflictDoNothing({ target: stockTest.id });
}

export type StockMoveRow = {
  id: number;
  kind: MoveKind;
  quantity: number;
  reserved: number;
  at: string;
  by: string | null;
  note: string;
  job: number | null;
};

/** The moves of a part, the newest first. */
export async function movesOf(db: Tx, partId: string): Promise<StockMoveRow[]> {
  const rows = await db
    .select({ move: stockMove, name: person.name, job: visit.job })
    .from(stockMove)
    .leftJoin(person, eq(person.id, stockMove.by))
    .leftJoin(visit, eq(visit.id, stockMove.visitId))
    .where(eq(stockMove.partId, partId))
    .orderBy(desc(stockMove.id));
  return rows.map(({ move: row, name, job }) => ({
    id: row.id,
    kind: row.kind as MoveKind,
    quantity: row.quantity,
    reserved: row.reserved,
    at: iso(row.at),
    by: name,
    note: row.note,
    job,
  }));
}

/** Other lines of the same maker's batch: a bad batch rarely lies in one drawer. */
export async function sameBatch(db: Tx, item: StockItem): Promise<StockItem[]> {
  if (!item.batch) return [];
  const found = await read(db, and(eq(stockPart.batch, item.batch), eq(stockPart.maker, item.maker)), undefined);
  return found.filter(({ id }) => id !== item.id);
}
