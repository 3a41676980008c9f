import { asc, eq } from "drizzle-orm";
import type { Offer, StockKind } from "@/core/stock";
import type { Db, Tx } from "./client";
import { priceOffer } from "./stock-schema";

/** What the suppliers offer, by their last price lists. */
export async function offers(db: Tx): Promise<Offer[]> {
  const rows = await db.select().from(priceOffer).orderBy(asc(priceOffer.supplier), asc(priceOffer.orderNumber));
  return rows.map((row) => ({ ...row, kind: row.kind as StockKind }));
}

const BATCH = 1000;

/** Puts a supplier's new price list in the place of the old one, all or nothing. */
export async function replaceOffers(db: Db, supplier: string, list: readonly Offer[]): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.delete(priceOffer).where(eq(priceOffer.supplier, supplier));
    // A statement takes 65,535 values at most.
    for (let from = 0; from < list.length; from += BATCH)
      await tx.insert(priceOffer).values(list.slice(from, from + BATCH).map((offer) => ({ ...offer, supplier })));
  });
}
