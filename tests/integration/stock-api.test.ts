import Papa from "papaparse";
import { v7 } from "uuid";
import { describe, expect, it } from "vitest";
import { GET as csv } from "@/app/api/stock/csv/route";
import { GET as list } from "@/app/api/stock/route";
import { STOCK_TABLE, stockFieldsSchema, type StockItem } from "@/core/stock";
import { readRows } from "@/core/tables";
import { move, saveStock, stockItem } from "@/db/stock";
import { POST } from "@/app/api/entries/route";
import { draftNote, openedShop } from "./shop";

const app = openedShop();

const NOTHING = { params: Promise.resolve({}) };
const asked = (path: string, init: RequestInit = {}) =>
  new Request(`http://127.0.0.1:3000${path}`, { ...init, headers: { host: "127.0.0.1:3000", cookie: app.cookie } });

async function make(marking: string, onHand: number, change: object = {}): Promise<StockItem> {
  const id = v7();
  const fields = stockFieldsSchema.parse({ kind: "film", marking, ...change });
  await saveStock(app.held.db, { ...fields, id, version: 0, onHand }, app.shop.wren);
  const item = await stockItem(app.held.db, id);
  if (!item) throw new Error("the line was not made");
  return item;
}

const post = async (draft: unknown) => {
  const answer = await POST(asked("/api/entries", { method: "POST", body: JSON.stringify(draft) }), NOTHING);
  return { status: answer.status, body: (await answer.json()) as { problems?: { path: string; message: string }[] } };
};

const work = (item: StockItem, designator: string) =>
  draftNote(app.shop, "", {
    kind: "part-work",
    payload: {
      v: 1,
      designators: [designator],
      action: "replaced",
      now: [{ designator, text: "0.047/630", stock: { part: item.id, code: item.code } }],
    },
  });

describe("work through the append route", () => {
  it("that the stock cannot give answers with the reason and writes nothing", async () => {
    const item = await make("0.047 µF 630 V", 1, { bin: "B-1" });
    expect((await post(work(item, "C14"))).status).toBe(200);
    const refused = await post(work(item, "C9"));
    expect(refused.status).toBe(422);
    expect(refused.body.problems?.[0]).toEqual({
      path: "stock",
      message: "47 nF 630 V in B-1: the last one is gone. Take another part, or order it.",
    });
  });

  it("with half a label is refused by its shape, before the stock is asked", async () => {
    const item = await make("0.1 µF 630 V", 1);
    const draft = work({ ...item, code: "JP1" }, "C7");
    expect(await post(draft)).toMatchObject({
      status: 422,
      body: { problems: [{ message: "A label begins with JP." }] },
    });
    expect((await stockItem(app.held.db, item.id))?.onHand).toBe(1);
  });
});

describe("the stock for a page", () => {
  it("tells what is reserved for its own visit apart", async () => {
    const item = await make("0.22 µF 630 V", 5);
    await move(
      app.held.db,
      { partId: item.id, kind: "reserved", count: 2, visitId: app.shop.visit },
      { by: app.shop.wren },
    );
    const of = async (query: string) => {
      const answer = await list(asked(`/api/stock${query}`), NOTHING);
      const { stock } = (await answer.json()) as { stock: StockItem[] };
      return stock.find(({ id }) => id === item.id);
    };
    expect(await of(`?visit=${app.shop.visit}`)).toMatchObject({ onHand: 5, reserved: 2, reservedHere: 2 });
    expect(await of("")).toMatchObject({ onHand: 5, reserved: 2, reservedHere: 0 });
    expect(await of("?visit=nonsense")).toMatchObject({ reservedHere: 0 });
  });

  it("goes out as a CSV whose texts start no formula, and reads in again", async () => {
    await make("0.33 µF 630 V", 3, { provenance: "=cmd|' /c calc'!A1", priceMinor: 45, reorderAt: 2 });
    const answer = await csv(asked("/api/stock/csv"), NOTHING);
    expect(answer.headers.get("content-type")).toContain("text/csv");
    const text = await answer.text();
    expect(text).toContain("'=cmd");
    const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, "").trim());
    const read = readRows(STOCK_TABLE, data, {});
    expect(read.bad).toBe(0);
    expect(read.rows.find(({ row }) => row?.marking === "0.33 µF 630 V")?.row).toMatchObject({
      onHand: 3,
      priceMinor: 45,
      reorderAt: 2,
      provenance: "=cmd|' /c calc'!A1",
    });
  });
});
