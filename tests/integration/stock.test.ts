import { sql } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { append } from "@/db/entries";
import { offers, replaceOffers } from "@/db/offers";
import { visit, set } from "@/db/schema";
import { stockMove } from "@/db/stock-schema";
import { partRules, savePartRules } from "@/db/shop";
import {
  addStockTest,
  importStock,
  move,
  movesOf,
  reserveFor,
  sameBatch,
  saveStock,
  stockItem,
  stockItems,
} from "@/db/stock";
import { usesOf } from "@/db/uses";
import { stockFieldsSchema, type StockItem } from "@/core/stock";
import { draftNote, freshDatabase, openShop, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;
let other: string;
let part: StockItem;

const line = (marking: string, change: object = {}) => stockFieldsSchema.parse({ kind: "film", marking, ...change });

async function make(onHand: number, marking = "0.047 µF 630 V", change: object = {}): Promise<StockItem> {
  const id = v7();
  await saveStock(held.db, { ...line(marking, change), id, version: 0, onHand }, shop.wren);
  return (await stockItem(held.db, id))!;
}
const now = async (visitId?: string) => (await stockItems(held.db, visitId)).find(({ id }) => id === part.id)!;

const work = (item: StockItem, change: object = {}, pieces = 1) =>
  draftNote(shop, "", {
    kind: "part-work",
    payload: {
      v: 1,
      designators: ["C14"],
      action: "replaced",
      now: Array.from({ length: pieces }, (_, index) => ({
        designator: `C14${pieces > 1 ? "AB"[index] : ""}`,
        text: "0.047/630",
        stock: { part: item.id, code: item.code },
      })),
      ...change,
    },
  });
const write = (draft: unknown) => append(held.db, draft, shop.wren, Date.now());
const amend = (amends: string, payload: object) => draftNote(shop, "", { kind: "amendment", amends, payload });

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
  const otherSet = v7();
  other = v7();
  await held.db.insert(set).values({ id: otherSet, modelId: shop.model, ownerId: shop.owner, serial: "H-2" });
  await held.db.insert(visit).values({ id: other, setId: otherSet, openedAt: "2026-01-05T09:00:00Z" });
});
afterAll(() => held.close());
beforeEach(async () => {
  part = await make(3);
});

describe("work in a logbook", () => {
  it("takes its parts in the same transaction, once, however often it is sent", async () => {
    const draft = work(part);
    expect((await write(draft)).ok).toBe(true);
    expect((await write(draft)).ok).toBe(true);
    expect((await now()).onHand).toBe(2);
  });

  it("that the stock cannot give is refused whole, with the reason", async () => {
    const draft = work(part, {}, 2);
    await move(held.db, { partId: part.id, kind: "scrapped", count: 2 }, { by: shop.wren });
    const refused = await write(draft);
    expect(refused).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining("one left, 2 asked for") }],
    });
    const [row] = await held.db.execute<{ n: number }>(
      sql`select count(*)::int as n from log_entry where id = ${draft.id}`,
    );
    expect(row?.n).toBe(0);
    expect((await now()).onHand).toBe(1);
  });

  it("undone gives them back; undone again takes them anew", async () => {
    const draft = work(part);
    await write(draft);
    const withdrawal = amend(draft.id, { v: 1, action: "withdraw", reason: "wrong set" });
    await write(withdrawal);
    expect((await now()).onHand).toBe(3);
    await write(amend(withdrawal.id, { v: 1, action: "withdraw", reason: "it was right" }));
    expect((await now()).onHand).toBe(2);
    expect((await movesOf(held.db, part.id)).map(({ kind }) => kind)).toEqual([
      "issued",
      "returned",
      "issued",
      "received",
    ]);
  });

  it("corrected moves only the difference, also from one part to another", async () => {
    const draft = work(part);
    await write(draft);
    const better = await make(1, "0.056 µF 630 V");
    const { kind, payload } = work(better);
    await write(amend(draft.id, { v: 1, action: "correct", reason: "took the other", content: { kind, payload } }));
    expect((await now()).onHand).toBe(3);
    expect((await stockItem(held.db, better.id))?.onHand).toBe(0);
    expect(await usesOf(held.db, [part.id])).toEqual([]);
    expect(await usesOf(held.db, [better.id])).toMatchObject([{ designators: "C14", count: 1, serial: "H-20417" }]);
  });

  it("with a part that was never in stock is refused with a sentence", async () => {
    const refused = await write(work({ ...part, id: v7() }));
    expect(refused).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining("not in the stock list") }],
    });
  });

  it("uses up the visit's own reservation, and never another's", async () => {
    await move(held.db, { partId: part.id, kind: "reserved", count: 2, visitId: shop.visit }, { by: shop.wren });
    await move(held.db, { partId: part.id, kind: "reserved", count: 1, visitId: other }, { by: shop.wren });
    expect((await write(work(part, {}, 2))).ok).toBe(true);
    expect(await now(other)).toMatchObject({ onHand: 1, reserved: 1, reservedHere: 1 });
    expect(await write(work(part))).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining("reserved for another") }],
    });
  });
});

describe("two people at once", () => {
  it("cannot both take the last one", async () => {
    const last = await make(1);
    const answers = await Promise.all([write(work(last)), write(work(last)), write(work(last))]);
    expect(answers.filter(({ ok }) => ok)).toHaveLength(1);
    const [loser] = answers.filter(({ ok }) => !ok);
    expect(loser).toMatchObject({ problems: [{ message: expect.stringContaining("the last one is gone") }] });
    expect((await stockItem(held.db, last.id))?.onHand).toBe(0);
  });

  it("taking, reserving, counting and giving back in a crowd never go below zero, and the sum stays right", async () => {
    const crowded = await make(12);
    const drafts = Array.from({ length: 10 }, () => work(crowded));
    const written = await Promise.all([
      ...drafts.map(write),
      ...Array.from({ length: 6 }, (_, index) =>
        move(
          held.db,
          { partId: crowded.id, kind: "reserved", count: 1, visitId: index % 2 ? other : shop.visit },
          { by: shop.wren },
        ),
      ),
      move(held.db, { partId: crowded.id, kind: "scrapped", count: 3 }, { by: shop.wren }),
    ]);
    const issued = written.slice(0, 10).filter(({ ok }) => ok).length;
    const scrapped = written.at(-1)?.ok ? 3 : 0;
    const after = (await stockItem(held.db, crowded.id))!;
    expect(after.onHand).toBe(12 - issued - scrapped);
    expect(after.reserved).toBeGreaterThanOrEqual(0);
    expect(after.onHand).toBeGreaterThanOrEqual(after.reserved);
  });

  it("undoing the same work at once give its part back once", async () => {
    const draft = work(part);
    await write(draft);
    await Promise.all([1, 2, 3].map(() => write(amend(draft.id, { v: 1, action: "withdraw", reason: "double" }))));
    expect((await now()).onHand).toBe(3);
  });

  it("the database itself refuses what the application would not ask", async () => {
    const row = (change: object) =>
      held.db.insert(stockMove).values({ partId: part.id, kind: "issued" as const, ...change });
    const message = (query: Promise<unknown>) =>
      query.then(
        () => "accepted",
        (error: Error) => String((error.cause as Error | undefined)?.message ?? error.message),
      );
    expect(await message(row({ quantity: -4 }))).toContain("would be -1 on hand");
    expect(await message(row({ quantity: 0, reserved: 4, visitId: shop.visit }))).toContain("4 reserved");
    expect(await message(held.db.execute(sql`update stock_move set quantity = 9`))).toContain("append-only");
    expect(await message(held.db.execute(sql`delete from stock_move`))).toContain("append-only");
  });
});

describe("a plan's reservations", () => {
  it("are made as a whole or not at all, and follow the plan when it changes", async () => {
    const second = await make(1);
    const wanted = (pairs: [string, number][]) => reserveFor(held.db, other, new Map(pairs), shop.wren);
    expect(
      await wanted([
        [part.id, 2],
        [second.id, 2],
      ]),
    ).toMatchObject({ ok: false, message: expect.stringContaining("only one free") });
    expect((await now(other)).reservedHere).toBe(0);
    expect(
      (
        await wanted([
          [part.id, 2],
          [second.id, 1],
        ])
      ).ok,
    ).toBe(true);
    expect((await now(other)).reservedHere).toBe(2);
    expect((await wanted([[part.id, 1]])).ok).toBe(true);
    expect(await now(other)).toMatchObject({ reservedHere: 1 });
    expect((await stockItem(held.db, second.id))?.reserved).toBe(0);
    expect((await wanted([])).ok).toBe(true);
  });
});

describe("moves by hand", () => {
  it("refuse nonsense", async () => {
    const by = { by: shop.wren };
    for (const count of [0, -1, 1.5])
      expect((await move(held.db, { partId: part.id, kind: "received", count }, by)).ok).toBe(false);
    expect((await move(held.db, { partId: v7(), kind: "received", count: 1 }, by)).ok).toBe(false);
    expect((await move(held.db, { partId: part.id, kind: "reserved", count: 1 }, by)).ok).toBe(false);
    expect((await move(held.db, { partId: part.id, kind: "issued", count: 1 }, by)).ok).toBe(false);
    expect((await move(held.db, { partId: part.id, kind: "released", count: 1, visitId: other }, by)).ok).toBe(false);
    expect((await now()).onHand).toBe(3);
  });
  it("count a drawer", async () => {
    await move(held.db, { partId: part.id, kind: "counted", count: 7 }, { by: shop.wren, note: "yearly" });
    expect((await now()).onHand).toBe(7);
    expect((await movesOf(held.db, part.id))[0]).toMatchObject({
      kind: "counted",
      quantity: 4,
      by: "Wren Okafor",
      note: "yearly",
    });
  });
});

describe("the list", () => {
  it("is found by the code on a label, and refuses a write that saw an older version", async () => {
    expect((await stockItem(held.db, part.code))?.id).toBe(part.id);
    const change = { ...line("0.047 µF 630 V", { bin: "B-2" }), id: part.id, version: 1 };
    expect((await saveStock(held.db, change, shop.wren)).ok).toBe(true);
    expect(await saveStock(held.db, change, shop.wren)).toMatchObject({
      ok: false,
      message: expect.stringContaining("Somebody else"),
    });
  });
  it("takes a file over itself: known lines are changed, others made, counts become moves", async () => {
    const rows = [
      { ...line("0.33 µF 250 V", { bin: "Z-1" }), onHand: 4 },
      { ...line("0.47 µF 250 V", { bin: "Z-2" }) },
    ];
    expect(await importStock(held.db, rows, shop.wren)).toEqual({ made: 2, changed: 0, counted: 1 });
    expect(await importStock(held.db, [{ ...rows[0]!, onHand: 6, priceMinor: 30 }], shop.wren)).toEqual({
      made: 0,
      changed: 1,
      counted: 1,
    });
    const found = (await stockItems(held.db)).filter(({ bin }) => bin.startsWith("Z-"));
    expect(found.map(({ onHand, priceMinor }) => [onHand, priceMinor])).toEqual([
      [6, 30],
      [0, null],
    ]);
  });
  it("knows a tube by its tests, and the lines of one batch", async () => {
    const tube = await make(1, "6V6", { kind: "tube", batch: "K7", maker: "Norrvik" });
    const twin = await make(1, "6V6", { kind: "tube", batch: "K7", maker: "Norrvik" });
    await addStockTest(
      held.db,
      { id: v7(), partId: tube.id, test: "gm", measured: 3900, nominal: 4100, unit: "µS", setup: "" },
      shop.wren,
    );
    const shorted = { id: v7(), partId: tube.id, test: "gm", measured: null, nominal: null, unit: "µS", setup: "" };
    await addStockTest(held.db, { ...shorted, shorts: "found", between: "g1-k" }, shop.wren);
    expect((await stockItem(held.db, tube.id))?.tests).toMatchObject([
      { measured: 3900, nominal: 4100, shorts: null },
      { measured: null, shorts: "found", between: "g1-k" },
    ]);
    // A shorted tube has no strength: the database says so too.
    await expect(
      addStockTest(held.db, { ...shorted, id: v7(), shorts: "found", measured: 3000 }, shop.wren),
    ).rejects.toThrow();
    expect((await sameBatch(held.db, tube)).map(({ id }) => id)).toEqual([twin.id]);
  });
});

describe("price lists and rules", () => {
  it("stand in the place of the supplier's last one", async () => {
    const offer = {
      supplier: "Tern",
      orderNumber: "T1",
      kind: "film" as const,
      marking: "0.1 µF 400 V",
      maker: "",
      priceMinor: 40,
      currency: "EUR",
      pack: 1,
    };
    await replaceOffers(held.db, "Tern", [offer, { ...offer, orderNumber: "T2" }]);
    await replaceOffers(held.db, "Gannet", [{ ...offer, supplier: "Gannet" }]);
    await replaceOffers(held.db, "Tern", [{ ...offer, priceMinor: 45 }]);
    expect((await offers(held.db)).map(({ supplier, priceMinor }) => [supplier, priceMinor])).toEqual([
      ["Gannet", 40],
      ["Tern", 45],
    ]);
  });
  it("of the shop are kept, and a stale change is refused", async () => {
    const { version } = await partRules(held.db);
    expect((await savePartRules(held.db, { roles: [{ role: "coupling", factor: 1.5 }] }, version)).ok).toBe(true);
    expect((await partRules(held.db)).rules.roles).toEqual([{ role: "coupling", factor: 1.5 }]);
    expect((await savePartRules(held.db, { roles: [] }, version)).ok).toBe(false);
  });
});

describe("long lists", () => {
  it("a price list of 20,000 articles is taken in whole", async () => {
    const list = Array.from({ length: 20_000 }, (_, n) => ({
      supplier: "Tern",
      orderNumber: `T-${n}`,
      kind: "resistor" as const,
      marking: "47 kΩ 0.5 W",
      maker: "",
      priceMinor: 1 + (n % 90),
      currency: "EUR",
      pack: 1,
    }));
    await replaceOffers(held.db, "Tern", list);
    expect((await offers(held.db)).filter(({ supplier }) => supplier === "Tern")).toHaveLength(20_000);
    await replaceOffers(held.db, "Tern", []);
  });

  it("a stock list and the work at the bench hold the same parts at the same time, and neither fails", async () => {
    const items = await Promise.all(Array.from({ length: 8 }, (_, n) => make(50, `0.0${n + 1} µF 400 V`)));
    const rows = items.map(({ kind, marking, bin }) => ({
      ...line(marking, { kind, bin, priceMinor: 10 }),
      onHand: 40,
    }));
    const lists = Array.from({ length: 6 }, (_, n) =>
      importStock(
        held.db,
        (n % 2 ? rows : rows.toReversed()).map((row) => ({ ...row, priceMinor: 10 + n })),
        shop.wren,
      ),
    );
    const works = Array.from({ length: 24 }, (_, n) =>
      append(held.db, work(items[n % items.length]!), shop.wren, Date.now()),
    );
    const [, done] = await Promise.all([Promise.all(lists), Promise.all(works)]);
    expect(done.filter(({ ok }) => !ok)).toEqual([]);
  });
});
