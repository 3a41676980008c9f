import { and, asc, eq, isNotNull, sql } from "drizzle-orm";
import { v7 } from "uuid";
import { printMarking, type StockFields } from "@/core/stock";
import type { Tx } from "./client";
import { GONE, hold, NONE, type MoveBy, type Moved } from "./stock";
import { stockMove, stockPart } from "./stock-schema";

/** Pieces that are set aside, by visit and stock line. */
export async function reservations(db: Tx): Promise<Map<string, Map<string, number>>> {
  const rows = await db
    .select({
      visitId: stockMove.visitId,
      partId: stockMove.partId,
      pieces: sql<number>`sum(${stockMove.reserved})::int`,
    })
    .from(stockMove)
    .where(isNotNull(stockMove.visitId))
    .groupBy(stockMove.visitId, stockMove.partId)
    .having(sql`sum(${stockMove.reserved}) > 0`);
  const byVisit = new Map<string, Map<string, number>>();
  for (const { visitId, partId, pieces } of rows) {
    if (visitId === null) continue;
    byVisit.set(visitId, (byVisit.get(visitId) ?? new Map<string, number>()).set(partId, pieces));
  }
  return byVisit;
}

/**
 * Pieces that came in: into a line of the same article from the same supplier, or into a new one.
 * @param fields what it is; where they name no bin or no batch, that of the line that is found does
 * @param alone a line of their own, whatever there is: tubes are tested one by one
 * @returns the line
 */
export async function receive(
  tx: Tx,
  fields: StockFields,
  pieces: number,
  { by, note = "", alone }: MoveBy & { alone: boolean },
): Promise<string> {
  const { kind, supplier, batch, bin } = fields;
  const marking = printMarking(fields);
  const rows = alone
    ? []
    : await tx
        .select()
        .from(stockPart)
        .where(and(eq(stockPart.kind, kind), eq(stockPart.supplier, supplier)))
        .orderBy(asc(stockPart.number));
  const same = rows.find(
    (row) =>
      printMarking({ kind, marking: row.marking }) === marking &&
      (batch === "" || row.batch === batch) &&
      (bin === "" || row.bin === bin),
  );
  const id = same?.id ?? v7();
  if (!same) await tx.insert(stockPart).values({ id, ...fields });
  await tx.insert(stockMove).values({ partId: id, kind: "received", quantity: pieces, by, note });
  return id;
}

/** A piece goes back to where it came from, out of what is set aside for a visit too. */
export async function sendBack(tx: Tx, partId: string, { by, note = "" }: MoveBy): Promise<Moved> {
  const held = await hold(tx, partId, NONE);
  if (!held) return { ok: false, message: GONE };
  if (held.onHand < 1) return { ok: false, message: `${held.what}: there is none left to send back.` };
  const aside = await tx
    .select({ visitId: stockMove.visitId, pieces: sql<number>`sum(${stockMove.reserved})::int` })
    .from(stockMove)
    .where(and(eq(stockMove.partId, partId), isNotNull(stockMove.visitId)))
    .groupBy(stockMove.visitId)
    .having(sql`sum(${stockMove.reserved}) > 0`);
  const [first] = held.onHand - held.reserved < 1 ? aside : [];
  if (first)
    await tx.insert(stockMove).values({ partId, kind: "released", reserved: -1, visitId: first.visitId, by, note });
  await tx.insert(stockMove).values({ partId, kind: "sent-back", quantity: -1, by, note });
  return { ok: true };
}

/** Sets pieces aside that have just come in for a visit, inside the same transaction. */
export const setAside = async (
  tx: Tx,
  { partId, visitId, pieces, by, note }: { partId: string; visitId: string; pieces: number; by: string; note: string },
): Promise<void> =>
  void (await tx.insert(stockMove).values({ partId, visitId, kind: "reserved", reserved: pieces, by, note }));

/** Is a piece of this line set aside for anybody? */
export async function isSetAside(tx: Tx, partId: string): Promise<boolean> {
  const [sum] = await tx
    .select({ reserved: sql<number>`coalesce(sum(${stockMove.reserved}), 0)::int` })
    .from(stockMove)
    .where(eq(stockMove.partId, partId));
  return (sum?.reserved ?? 0) > 0;
}
