import { v7 } from "uuid";
import { packContainer } from "@/container";
import { GENESIS, MOST_IN_FILE, seal, writeSetFile } from "@/core/exchange";
import { model } from "@/db/schema";
import type { Shop } from "./shop";

export type Largest = { entries: number; megabytes: number; seconds: number; status: number; board: number };

/** A file of another shop with so many entries, made up. */
async function madeUp(shop: Shop, count: number): Promise<ArrayBuffer> {
  const [kind] = await shop.db.select().from(model).limit(1);
  if (!kind) throw new Error("the shop is empty");
  const [setId, visitId, by, shopId] = [v7(), v7(), v7(), v7()];
  const elsewhere = { shop: "Eastholm Harbour Museum", shopId };
  let hash = GENESIS;
  const entries = Array.from({ length: count }, (_, n) => {
    const at = new Date(Date.UTC(2020, 0, 1) + n * 60_000).toISOString();
    const payload = { v: 1, text: `reading ${n} of a long soak, taken by hand`, open: false, closes: [] };
    const entry = { id: v7(), visitId, kind: "note", payload, at, recordedAt: at, by, amends: null };
    hash = seal(hash, { ...entry, setId });
    return { ...entry, hash };
  });
  const { version: _v, sheet, ...model_ } = kind;
  const document = writeSetFile({
    exportedAt: new Date().toISOString(),
    exportedBy: elsewhere.shop,
    set: { id: setId, serial: "long" },
    owner: { id: v7(), name: "Callum Rafferty", contact: "", remarks: "" },
    model: { ...model_, id: v7(), sheet: sheet as Record<string, unknown>, ...elsewhere },
    people: [{ id: by, name: "Ines Marchetti", role: "", ...elsewhere }],
    visits: [{ id: visitId, job: 12, openedAt: "2020-01-01T00:00:00.000Z", ...elsewhere }],
    entries,
    attachments: [],
  });
  return new Response(packContainer(document, () => Promise.reject(new Error("no photos")))).arrayBuffer();
}

/** The largest file that is allowed is taken in; the Board is asked for all the while. */
export async function takeLargestIn(shop: Shop): Promise<Largest> {
  const file = await madeUp(shop, MOST_IN_FILE.entries);
  const began = Date.now();
  let status = 0;
  const work = shop.ask("/api/sets/import", { method: "POST", body: file }).then(async (answer) => {
    await answer.text();
    status = answer.status;
  });
  let board = 0;
  while (status === 0) {
    const from = Date.now();
    await (await shop.ask()).arrayBuffer();
    board = Math.max(board, Date.now() - from);
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  await work;
  const seconds = (Date.now() - began) / 1000;
  return { entries: MOST_IN_FILE.entries, megabytes: file.byteLength / 1_000_000, seconds, status, board };
}
