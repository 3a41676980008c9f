import { eq } from "drizzle-orm";
import { v7 } from "uuid";
import { beforeAll, describe, expect, it } from "vitest";
import { openPoints } from "@/core/history";
import { settle } from "@/core/kinds";
import type { Offer } from "@/core/stock";
import { append, entriesOfSet } from "@/db/entries";
import { replaceOffers } from "@/db/offers";
import { orderById, ordersIn, saveSupplier, suppliers, termsOf, unknownSupplier, tubesToTest } from "@/db/orders";
import { planFacts } from "@/db/plan";
import { model } from "@/db/schema";
import { addStockTest, saveStock, stockItems } from "@/db/stock";
import { reservations } from "@/db/stock-arrivals";
import { bookIn, endOrder, expectOrder, tubeBack, tubeTested, type CameIn } from "@/server/orders/book-in";
import { placeOrder, type Asked } from "@/server/orders/place";
import { toOrder } from "@/server/orders/to-order";
import { databaseError } from "@/db/error";
import { SHEET } from "@/core/fixtures";
import { orderArrival } from "@/db/order-schema";
import { openedShop } from "./shop";

const opened = openedShop();
const db = () => opened.held.db;
const NOW = () => Date.now();
const TODAY = () => new Date().toISOString().slice(0, 10);
const LATER = "2099-12-01";

const offer = (orderNumber: string, fields: Partial<Offer>): Offer => ({
  ...{ supplier: "Harbour", orderNumber, kind: "film", marking: "47 nF 630 V polypropylene" },
  ...{ maker: "", priceMinor: 40, currency: "EUR", pack: 1 },
  ...fields,
});

async function write(kind: string, payload: object): Promise<void> {
  const { set: setId, visit: visitId, wren } = opened.shop;
  const draft = { id: v7(), setId, visitId, at: new Date().toISOString(), amends: null, kind, payload };
  expect(await append(db(), draft, wren, NOW())).toMatchObject({ ok: true });
}

const wanted = async () => (await toOrder(db(), new Date().toISOString())).wants;
const keyOf = async (place: string): Promise<string> =>
  (await wanted()).find(({ key }) => key.endsWith(`:${place}`))?.key ?? "not wanted";
const waits = async () =>
  openPoints(settle(await entriesOfSet(db(), opened.shop.set)).settled, new Date().toISOString()).filter(
    ({ waits: what }) => what === "parts",
  );
const asked = (lines: Asked["lines"], fields: Partial<Asked> = {}): Asked => ({
  ...{ id: v7(), supplier: "Harbour", expectedOn: LATER, note: "", lines },
  ...fields,
});
const place = (order: Asked) => placeOrder(db(), order, opened.shop.wren, TODAY(), NOW());
const cameIn = (lineId: string, right: number, fields: Partial<CameIn> = {}): CameIn => ({
  ...{ id: v7(), lineId, right, wrong: 0, bin: "B-14", batch: "", madeIn: null, note: "" },
  ...fields,
});
const book = (orderId: string, came: CameIn[]) => bookIn(db(), orderId, came, opened.shop.wren, NOW());
const linesOf = async (id: string) => (await orderById(db(), id))?.lines ?? [];

beforeAll(async () => {
  const sheet = {
    ...SHEET,
    supply: "transformer" as const,
    supplyRms: 300,
    tubes: [{ position: "V4", type: "6V6", work: "output" }],
    components: [
      { designator: "C14", role: "coupling" as const, drawn: ".05/400", stage: "output" },
      { designator: "C9", role: "coupling" as const, drawn: ".05/400", stage: "first audio" },
    ],
    points: [],
  };
  await db().update(model).set({ sheet }).where(eq(model.id, opened.shop.model));
  await write("take-in", { v: 1, complaint: "hums", policy: "reliability", received: [], missing: [] });
  for (const designator of ["C14", "C9"])
    await write("plan-line", { v: 1, designator, action: "replace", why: "wax paper" });
  await replaceOffers(db(), "Harbour", [
    offer("H-47", { pack: 10 }),
    offer("H-6V6", { kind: "tube", marking: "6V6GT", priceMinor: 2600 }),
  ]);
  const drawer = { id: v7(), version: 0, kind: "film", marking: "1 µF 630 V polypropylene", bin: "B-15" } as const;
  const usual = { maker: "", partNumber: "", batch: "", supplier: "Harbour", size: "", priceMinor: 40 };
  const rest = { currency: "EUR", warrantyMonths: null, provenance: "", madeIn: null };
  expect(await saveStock(db(), { ...drawer, ...usual, ...rest, reorderAt: 5, onHand: 2 }, null)).toMatchObject({
    ok: true,
  });
});

describe("an order", () => {
  const first = v7();

  it("is made from what all sets lack and drawers that run low", async () => {
    const wants = await wanted();
    expect(wants.map(({ for: of }) => (of.to === "set" ? of.place : of.to === "bin" ? of.bin : ""))).toEqual([
      "C14",
      "C9",
      "B-15",
    ]);
    expect(wants[0]?.offers.map(({ orderNumber }) => orderNumber)).toEqual(["H-47"]);
    expect(wants[2]).toMatchObject({ pieces: 8, offers: [] });
  });

  it("tells the set that it waits, and the plan for which day; what is ordered is wanted no more", async () => {
    const wants = [
      { key: await keyOf("C14"), pieces: 1 },
      { key: await keyOf("C9"), pieces: 1 },
    ];
    const order = asked([{ orderNumber: "H-47", pieces: 2, wants }], { id: first });
    const placed = await place(order);
    expect(placed).toMatchObject({ ok: true, number: 1 });
    // Sent once more, nothing is ordered twice.
    expect(await place(order)).toEqual(placed);
    expect(await ordersIn(db(), "open")).toHaveLength(1);
    expect((await linesOf(first))[0]).toMatchObject({ pieces: 10, priceMinor: 40 });
    const [wait] = await waits();
    expect(wait?.text).toBe("C14, C9 from Harbour, order 1");
    expect((await planFacts(db())).pins).toContainEqual({ task: `wait:${wait?.id}`, day: LATER });
    expect(await keyOf("C14")).toBe("not wanted");
  });

  it("is refused where somebody was quicker, an article is gone, or the day is past", async () => {
    const two = ["C14", "C9"].map((name) => `set:${opened.shop.visit}:${name}`);
    const again = asked([{ orderNumber: "H-47", pieces: 2, wants: two.map((key) => ({ key, pieces: 1 })) }]);
    expect(await place(again)).toMatchObject({
      ok: false,
      message: expect.stringContaining("somebody else") as string,
    });
    expect(await place(asked([{ orderNumber: "H-99", pieces: 1, wants: [] }]))).toMatchObject({
      message: "The price list of Harbour has no H-99 any more: look at the list again.",
    });
    expect(await place({ ...again, expectedOn: "2020-01-01" })).toMatchObject({
      message: "It cannot arrive on 2020-01-01: that day is past.",
    });
    expect(await ordersIn(db(), "open")).toHaveLength(1);
  });

  it("that comes in part leaves the set waiting; a wrong part is still to come", async () => {
    const [line] = await linesOf(first);
    const came = cameIn(line!.id, 1, { wrong: 2, note: "470 nF came" });
    expect(await book(first, [came])).toEqual({ ok: true });
    // The same once more is the same.
    expect(await book(first, [came])).toEqual({ ok: true });
    expect((await linesOf(first))[0]?.arrivals.map(({ pieces, verdict }) => [pieces, verdict]).sort()).toEqual([
      [1, "right"],
      [2, "wrong"],
    ]);
    expect(await waits()).toHaveLength(1);
    const aside = (await reservations(db())).get(opened.shop.visit);
    expect([...(aside ?? [])].map(([, pieces]) => pieces)).toEqual([1]);
    expect(await book(first, [cameIn(line!.id, 10)])).toMatchObject({
      message: "H-47: only 9 are still to come. Write more than that into the stock with New part.",
    });
  });

  it("that is late is expected on another day, and the plan with it", async () => {
    const order = await orderById(db(), first);
    expect(await expectOrder(db(), first, order!.version, "2099-12-24", opened.shop.wren, TODAY())).toEqual({
      ok: true,
    });
    expect((await planFacts(db())).pins[0]?.day).toBe("2099-12-24");
    expect(await expectOrder(db(), first, order!.version, LATER, opened.shop.wren, TODAY())).toMatchObject({
      ok: false,
    });
    const now = await orderById(db(), first);
    expect(await expectOrder(db(), first, now!.version, "2020-01-01", opened.shop.wren, TODAY())).toMatchObject({
      message: "It cannot arrive on 2020-01-01: that day is past.",
    });
  });

  it("that is here whole lets the set go on, with its parts set aside and the rest in the drawer", async () => {
    const [line] = await linesOf(first);
    expect(await book(first, [cameIn(line!.id, 9, { batch: "2611", madeIn: 2026 })])).toMatchObject({
      ok: true,
      said: expect.stringMatching(/^Job \d+ has all its parts and goes on\.$/) as string,
    });
    expect(await waits()).toEqual([]);
    expect((await orderById(db(), first))?.state).toBe("closed");
    const stock = (await stockItems(db(), opened.shop.visit)).filter(({ partNumber }) => partNumber === "H-47");
    // Another batch is another line: a bad batch has to be found again.
    expect(stock.map(({ batch, onHand, reservedHere }) => [batch, onHand, reservedHere])).toEqual([
      ["", 1, 1],
      ["2611", 9, 1],
    ]);
    expect(await wanted()).toHaveLength(1);
  });

  it("of a tube: it goes into the set once it has stood its test, and back where it did not", async () => {
    await write("tube-test", { v: 1, phase: "check", designator: "V4", shorts: "found" });
    const id = v7();
    const wants = [{ key: await keyOf("V4"), pieces: 1 }];
    expect(await place(asked([{ orderNumber: "H-6V6", pieces: 1, wants }], { id }))).toMatchObject({ ok: true });
    const [line] = await linesOf(id);
    await book(id, [cameIn(line!.id, 1, { bin: "T-1" })]);
    expect(await waits()).toHaveLength(1);
    const [{ id: bad } = { id: "" }] = await tubesToTest(db());
    const test = {
      id: v7(),
      partId: bad,
      test: "gm",
      shorts: "none" as const,
      gas: "none" as const,
      unit: "µS",
      setup: "",
    };
    await addStockTest(db(), { ...test, measured: 1000, nominal: 4100 }, opened.shop.wren);
    expect(await tubeTested(db(), bad, opened.shop.wren, NOW())).toBeUndefined();
    expect(await waits()).toHaveLength(1);
    expect(await tubeBack(db(), bad, opened.shop.wren)).toEqual({ ok: true });
    expect((await orderById(db(), id))?.state).toBe("open");
    expect(await tubeBack(db(), bad, opened.shop.wren)).toMatchObject({ ok: false });
    await book(id, [cameIn(line!.id, 1, { bin: "T-1" })]);
    const [{ id: good } = { id: "" }] = await tubesToTest(db());
    await addStockTest(db(), { ...test, id: v7(), partId: good, measured: 4000, nominal: 4100 }, opened.shop.wren);
    expect(await tubeTested(db(), good, opened.shop.wren, NOW())).toMatch(/goes on/);
    expect(await waits()).toEqual([]);
    expect((await reservations(db())).get(opened.shop.visit)?.get(good)).toBe(1);
    // Tested again, it is not set aside twice.
    expect(await tubeTested(db(), good, opened.shop.wren, NOW())).toBeUndefined();
    expect((await reservations(db())).get(opened.shop.visit)?.get(good)).toBe(1);
  });

  it("that ends without its parts leaves them to be ordered anew", async () => {
    await write("plan-line", { v: 1, designator: "C9", action: "keep", why: "measured" });
    await replaceOffers(db(), "Quay", [offer("Q-1000", { supplier: "Quay", marking: "1 µF 630 V polypropylene" })]);
    const drawer = (await wanted()).find(({ for: of }) => of.to === "bin");
    const id = v7();
    const lines = [{ orderNumber: "Q-1000", pieces: 8, wants: [{ key: drawer!.key, pieces: 8 }] }];
    await place(asked(lines, { id, supplier: "Quay", expectedOn: null }));
    expect(await wanted()).toEqual([]);
    const order = await orderById(db(), id);
    expect(await endOrder(db(), id, order!.version, opened.shop.wren, NOW())).toEqual({ ok: true });
    expect((await wanted()).map(({ key }) => key)).toEqual([drawer!.key]);
  });

  it("for something that a set waited for before: the wait outlives an order that ends, and ends with one that comes", async () => {
    await write("note", { v: 1, text: "a lead for V4, from the fair", open: true, waits: "parts", closes: [] });
    const { awaited } = await toOrder(db(), new Date().toISOString());
    expect(awaited.map(({ text }) => text)).toEqual(["a lead for V4, from the fair"]);
    const hand = { visit: opened.shop.visit, place: "V4", wait: awaited[0]!.wait };
    const lines = () => [{ orderNumber: "Q-1000", pieces: 1, wants: [{ key: "hand:1", pieces: 1, hand }] }];
    const [first, second] = [v7(), v7()];
    await place(asked(lines(), { id: first, supplier: "Quay" }));
    expect((await toOrder(db(), new Date().toISOString())).awaited).toEqual([]);
    expect((await waits()).map(({ text }) => text)).toEqual(["a lead for V4, from the fair"]);
    await endOrder(db(), first, (await orderById(db(), first))!.version, opened.shop.wren, NOW());
    expect((await toOrder(db(), new Date().toISOString())).awaited).toHaveLength(1);
    await place(asked(lines(), { id: second, supplier: "Quay" }));
    await book(second, [cameIn((await linesOf(second))[0]!.id, 1)]);
    expect(await waits()).toEqual([]);
  });

  it("keeps what came as it was written", async () => {
    const refused = await db()
      .update(orderArrival)
      .set({ pieces: 99 })
      .then(
        () => "changed",
        (error: unknown) => databaseError(error).code,
      );
    expect(refused).toBe("23001");
  });
});

describe("a supplier", () => {
  it("has its least order and its postage, changed by one at a time", async () => {
    const fields = { ...unknownSupplier("Harbour"), minimumMinor: 2500, postageMinor: 590, deliveryDays: 3 };
    expect(await saveSupplier(db(), fields)).toEqual({ ok: true, version: 1 });
    expect(await saveSupplier(db(), fields)).toMatchObject({ ok: false });
    expect(await saveSupplier(db(), { ...fields, version: 1, minimumMinor: 3000 })).toEqual({ ok: true, version: 2 });
    expect((await suppliers(db())).map(termsOf)).toEqual([
      { supplier: "Harbour", minimumMinor: 3000, postageMinor: 590, freeFromMinor: null, deliveryDays: 3 },
    ]);
  });
});
