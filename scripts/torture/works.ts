import { v7 } from "uuid";
import { append } from "@/db/entries";
import { seal, GENESIS } from "@/core/exchange";
import { logChain, logEntry, visit } from "@/db/schema";
import { stockMove, stockPart } from "@/db/stock-schema";
import { stored } from "@/db/chain";
import type { Shop } from "./shop";

export type Works = { entries: number; works: number; perSecond: number; p95: number };

/** Parts are fitted from stock on a set with a long log: how many a second are written. */
export async function fitOnLongLog(shop: Shop, entries: number, works: number): Promise<Works> {
  const { db } = shop;
  const [place] = await db.select().from(visit).limit(1);
  const [by] = await db.select({ by: logEntry.by }).from(logEntry).limit(1);
  if (!place || !by) throw new Error("the shop is empty");
  const [setId, visitId] = [v7(), v7()];
  await db.execute(
    `insert into "set" (id, model_id, owner_id, serial) select '${setId}', model_id, owner_id, 'long' from "set" limit 1`,
  );
  await db.insert(visit).values({ id: visitId, setId });
  let hash = GENESIS;
  for (let from = 0; from < entries; from += 500) {
    const rows = await db
      .insert(logEntry)
      .values(
        Array.from({ length: 500 }, (_, n) => ({
          ...{
            id: v7(),
            setId,
            visitId,
            kind: "note",
            at: new Date(Date.UTC(2024, 0, 1) + (from + n) * 1000).toISOString(),
          },
          payload: { v: 1, text: `seen ${from + n}`, open: false, closes: [] },
          by: by.by,
        })),
      )
      .returning();
    await db.insert(logChain).values(
      rows.map((row, n) => {
        hash = seal(hash, stored(row));
        return { entryId: row.id, setId, seq: from + n + 1, hash };
      }),
    );
  }
  const part = v7();
  await db.insert(stockPart).values({ id: part, kind: "film", marking: "0.047 µF 630 V" });
  await db.insert(stockMove).values({ partId: part, kind: "received", quantity: works });
  const took: number[] = [];
  const began = Date.now();
  for (let n = 0; n < works; n += 1) {
    const from = Date.now();
    const stock = { part, code: "JP00001A7" };
    const payload = {
      v: 1,
      designators: ["C14"],
      action: "replaced",
      now: [{ designator: "C14", text: "47n/630", stock }],
    };
    const at = new Date().toISOString();
    const done = await append(
      db,
      { id: v7(), setId, visitId, at, amends: null, kind: "part-work", payload },
      by.by,
      Date.now(),
    );
    if (!done.ok) throw new Error(done.problems[0]?.message);
    took.push(Date.now() - from);
  }
  took.sort((a, b) => a - b);
  return { entries, works, perSecond: works / ((Date.now() - began) / 1000), p95: took[Math.floor(works * 0.95)] ?? 0 };
}
