import { and, asc, desc, eq, inArray, isNotNull, sql, type SQL } from "drizzle-orm";
import { drawerKey, given, outstanding, placeKey, type Arrival, type Arrived, type OrderedLine } from "@/core/orders";
import type { SupplierTerms } from "@/core/orders";
import type { StockItem, StockKind } from "@/core/stock";
import { judgeStored, type StoredTest } from "@/core/tubes";
import { STALE, type Saved } from "./customers";
import type { Db, Tx } from "./client";
import { iso } from "./moment";
import { orderArrival, orderLine, orderWant, partOrder, supplier, type OrderState } from "./order-schema";
import { person, visit } from "./schema";
import { stockLines } from "./stock";
import { stockMove, stockPart, stockTest } from "./stock-schema";

export type Supplier = typeof supplier.$inferSelect;

/** A supplier that nobody has written anything of. */
export const unknownSupplier = (name: string): Supplier => ({
  ...{ name, minimumMinor: 0, postageMinor: 0, freeFromMinor: null, deliveryDays: null, reach: "" },
  version: 0,
});

export const suppliers = (db: Tx): Promise<Supplier[]> => db.select().from(supplier).orderBy(asc(supplier.name));

export const termsOf = ({
  name,
  minimumMinor,
  postageMinor,
  freeFromMinor,
  deliveryDays,
}: Supplier): SupplierTerms => ({
  ...{ supplier: name, minimumMinor, postageMinor, freeFromMinor, deliveryDays },
});

/** Keeps what a supplier asks; version 0 makes its row. */
export async function saveSupplier(db: Tx, change: Supplier): Promise<Saved> {
  const { name, version, ...fields } = change;
  if (version === 0) {
    const [made] = await db
      .insert(supplier)
      .values({ name, ...fields })
      .onConflictDoNothing()
      .returning();
    return made ? { ok: true, version: 1 } : { ok: false, message: STALE };
  }
  const [row] = await db
    .update(supplier)
    .set({ ...fields, version: sql`${supplier.version} + 1` })
    .where(and(eq(supplier.name, name), eq(supplier.version, version)))
    .returning({ version: supplier.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}

type ArrivalRow = Arrival & { id: string; at: string; by: string; note: string };
export type LineRow = Omit<typeof orderLine.$inferSelect, "orderId" | "kind"> &
  Omit<OrderedLine, "arrivals"> & {
    kind: StockKind;
    arrivals: ArrivalRow[];
    wants: (OrderedLine["wants"][number] & { waitId: string | null; waitedBefore: boolean; setId?: string })[];
  };
export type OrderRow = Omit<typeof partOrder.$inferSelect, "by" | "at"> & { by: string; at: string; lines: LineRow[] };

/** How the last test of a tube went, by stock line. */
async function testedTubes(db: Tx, parts: readonly string[]): Promise<Map<string, "good" | "bad">> {
  if (parts.length === 0) return new Map();
  const rows = await db
    .select()
    .from(stockTest)
    .where(inArray(stockTest.partId, [...parts]))
    .orderBy(asc(stockTest.at));
  return new Map(
    rows.map((row) => [row.partId, judgeStored(row as StoredTest).verdict === "bad" ? "bad" : "good"] as const),
  );
}

async function read(db: Tx, where: SQL | undefined, most: number): Promise<OrderRow[]> {
  const rows = await db
    .select({ row: partOrder, by: person.name })
    .from(partOrder)
    .innerJoin(person, eq(person.id, partOrder.by))
    .where(where)
    .orderBy(desc(partOrder.number))
    .limit(most);
  if (rows.length === 0) return [];
  const ids = rows.map(({ row }) => row.id);
  const lines = await db
    .select()
    .from(orderLine)
    .where(inArray(orderLine.orderId, ids))
    .orderBy(asc(orderLine.kind), asc(orderLine.orderNumber));
  const lineIds = lines.map(({ id }) => id);
  const wants =
    lineIds.length === 0
      ? []
      : await db
          .select({ want: orderWant, job: visit.job, setId: visit.setId })
          .from(orderWant)
          .leftJoin(visit, eq(visit.id, orderWant.visitId))
          .where(inArray(orderWant.lineId, lineIds))
          .orderBy(asc(orderWant.rank), asc(orderWant.id));
  const arrivals =
    lineIds.length === 0
      ? []
      : await db
          .select({ row: orderArrival, by: person.name })
          .from(orderArrival)
          .innerJoin(person, eq(person.id, orderArrival.by))
          .where(inArray(orderArrival.lineId, lineIds))
          .orderBy(asc(orderArrival.at), asc(orderArrival.id));
  const tested = await testedTubes(
    db,
    arrivals.flatMap(({ row }) => row.partId ?? []),
  );
  const linesOf = (orderId: string): LineRow[] =>
    lines
      .filter((line) => line.orderId === orderId)
      .map(({ orderId: _order, ...line }) => ({
        ...line,
        kind: line.kind as StockKind,
        wants: wants
          .filter(({ want }) => want.lineId === line.id)
          .map(({ want: { id, pieces, visitId, place, partId, waitId, waitedBefore }, job, setId }) => ({
            ...{ id, pieces, waitId, waitedBefore },
            ...(visitId ? { visit: visitId, place } : {}),
            ...(job === null ? {} : { job }),
            ...(setId === null ? {} : { setId }),
            ...(partId ? { part: partId } : {}),
          })),
        arrivals: arrivals
          .filter(({ row }) => row.lineId === line.id)
          .map(({ row: { id, pieces, verdict, partId, note, at }, by }) => {
            const test = partId ? tested.get(partId) : undefined;
            return {
              ...{ id, pieces, verdict, note, by, at: iso(at) },
              ...(partId ? { part: partId } : {}),
              ...(test ? { tested: test } : {}),
            };
          }),
      }));
  return rows.map(({ row, by }) => ({ ...row, at: iso(row.at), by, lines: linesOf(row.id) }));
}

/** So many closed orders are shown. */
const MOST_CLOSED = 30;

/** Orders that are on their way, or those that are through, the latest first. */
export const ordersIn = (db: Tx, state: OrderState): Promise<OrderRow[]> =>
  read(db, eq(partOrder.state, state), state === "open" ? 10_000 : MOST_CLOSED);

export const orderById = async (db: Tx, id: string): Promise<OrderRow | undefined> =>
  (await read(db, eq(partOrder.id, id), 1))[0];

/** Orders that brought a stock line. */
export async function ordersOfPart(db: Tx, partId: string): Promise<OrderRow[]> {
  const rows = await db
    .selectDistinct({ id: orderLine.orderId })
    .from(orderArrival)
    .innerJoin(orderLine, eq(orderLine.id, orderArrival.lineId))
    .where(and(eq(orderArrival.partId, partId), isNotNull(orderArrival.partId)));
  return rows.length === 0
    ? []
    : read(
        db,
        inArray(
          partOrder.id,
          rows.map(({ id }) => id),
        ),
        rows.length,
      );
}

/** Pieces that are on order and not here yet, by what they are for. */
export function onOrder(orders: readonly OrderRow[]): Map<string, number> {
  const pieces = new Map<string, number>();
  for (const line of orders.flatMap(({ lines }) => lines)) {
    const got = given(line);
    for (const want of line.wants) {
      const key = want.visit ? placeKey(want.visit, want.place ?? "") : drawerKey(want.part ?? "");
      pieces.set(key, (pieces.get(key) ?? 0) + want.pieces - (got.get(want.id) ?? 0));
    }
  }
  return pieces;
}

type NewLine = Omit<typeof orderLine.$inferInsert, "orderId"> & {
  wants: Omit<typeof orderWant.$inferInsert, "lineId" | "rank">[];
};
/** What a set waits for of an order: the entry that says so, and the places. */
export type OrderWait = { visit: string; setId: string; waitId: string; waitedBefore: boolean; places: string[] };

/** The waits of an order; a set that waited for several things by hand has several. */
export function waitsOf({ lines }: Pick<OrderRow, "lines">): OrderWait[] {
  const byEntry = new Map<string, OrderWait>();
  for (const { visit, place, setId, waitId, waitedBefore } of lines.flatMap(({ wants }) => wants)) {
    if (!visit || !setId || !waitId) continue;
    const one = byEntry.get(waitId) ?? { visit, setId, waitId, waitedBefore, places: [] };
    one.places.push(place ?? "");
    byEntry.set(waitId, one);
  }
  return [...byEntry.values()];
}

export type NewOrder = Omit<typeof partOrder.$inferInsert, "id" | "number"> & { lines: NewLine[] };
export type Written = { ok: true; number: number } | { ok: false; message: string };

/** Orders are written one after the other: nothing is ordered twice by two people at once. */
const ORDERING = 20_112_711;

/**
 * Writes an order down; the same order again changes nothing.
 * @param make makes it under the lock, or says why it cannot be
 */
export async function writeOrder(db: Db, id: string, make: (tx: Tx) => Promise<NewOrder | string>): Promise<Written> {
  return db.transaction(async (tx): Promise<Written> => {
    await tx.execute(sql`select pg_advisory_xact_lock(${ORDERING})`);
    const [known] = await tx.select({ number: partOrder.number }).from(partOrder).where(eq(partOrder.id, id));
    if (known) return { ok: true, number: known.number };
    const order = await make(tx);
    if (typeof order === "string") return { ok: false, message: order };
    const { lines, ...row } = order;
    const [made] = await tx
      .insert(partOrder)
      .values({ ...row, id })
      .returning({ number: partOrder.number });
    for (const { wants, ...line } of lines) {
      await tx.insert(orderLine).values({ ...line, orderId: id });
      if (wants.length > 0)
        await tx.insert(orderWant).values(wants.map((want, rank) => ({ ...want, lineId: line.id, rank })));
    }
    return { ok: true, number: made?.number ?? 0 };
  });
}

/** Another day on which an order is expected, or its end. */
export async function changeOrder(
  db: Tx,
  id: string,
  version: number,
  change: { expectedOn?: string | null; state?: OrderState },
): Promise<Saved> {
  const [row] = await db
    .update(partOrder)
    .set({ ...change, version: sql`${partOrder.version} + 1` })
    .where(and(eq(partOrder.id, id), eq(partOrder.version, version)))
    .returning({ version: partOrder.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}

/** Holds an order for the rest of a transaction, as it stands. */
export async function holdOrder(tx: Tx, id: string): Promise<OrderRow | undefined> {
  await tx.select({ id: partOrder.id }).from(partOrder).where(eq(partOrder.id, id)).for("update");
  return orderById(tx, id);
}

/** Closes an order that has all of its pieces, or opens one again that lost some. */
export async function settleState(tx: Tx, id: string): Promise<void> {
  const order = await orderById(tx, id);
  if (!order) return;
  const state: OrderState = order.lines.every((line) => outstanding(line) === 0) ? "closed" : "open";
  if (state !== order.state)
    await tx
      .update(partOrder)
      .set({ state, version: sql`${partOrder.version} + 1` })
      .where(eq(partOrder.id, id));
}

/** Writes down what came. */
export const writeArrival = async (
  tx: Tx,
  row: {
    id: string;
    lineId: string;
    pieces: number;
    verdict: Arrived;
    partId: string | null;
    note: string;
    by: string;
  },
): Promise<void> => void (await tx.insert(orderArrival).values(row).onConflictDoNothing());

/** Tubes that came with orders, lie here and have stood no test: not tested yet, or tested and bad. */
export async function tubesToTest(db: Tx): Promise<StockItem[]> {
  const rows = await db.execute<{ id: string }>(sql`
    select p.id from ${stockPart} p
    where p.kind = 'tube'
      and exists (select from ${orderArrival} a where a.part_id = p.id and a.verdict = 'right')
      and (select coalesce(sum(m.quantity), 0) from ${stockMove} m where m.part_id = p.id) > 0`);
  const items = await stockLines(
    db,
    rows.map(({ id }) => id),
  );
  return items.filter(({ tests }) => {
    const last = tests.at(-1);
    return !last || judgeStored(last).verdict === "bad";
  });
}
