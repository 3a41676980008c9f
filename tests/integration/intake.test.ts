import { eq } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { SHEET } from "@/core/fixtures";
import { customer, logEntry, model, set, visit } from "@/db/schema";
import { setsInShop } from "@/db/summaries";
import { setFile, takeIn, visitById, visitByJob, type Intake } from "@/db/sets";
import { append } from "@/db/entries";
import { draftNote, freshDatabase, openShop, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
});
afterAll(() => held.close());

const payload = { v: 1, complaint: "crackles", policy: "original", received: [], missing: [] };

const brandNew = (change: Partial<Intake> = {}): Intake => ({
  customer: { id: v7(), name: "Greta Lindqvist", contact: "North Quay" },
  model: { id: v7(), maker: "Norrvik", designation: `U-${v7().slice(-6)}`, sheet: SHEET },
  set: { id: v7(), serial: "N-1" },
  visitId: v7(),
  openedAt: new Date().toISOString(),
  takeIn: { id: v7(), payload },
  ...change,
});

const count = async () => ({
  customers: (await held.db.select().from(customer)).length,
  models: (await held.db.select().from(model)).length,
  sets: (await held.db.select().from(set)).length,
  visits: (await held.db.select().from(visit)).length,
  entries: (await held.db.select().from(logEntry)).length,
});

describe("taking a set in", () => {
  it("makes customer, model, set, visit and entry together, and gives the next job number", async () => {
    const first = brandNew();
    const result = await takeIn(held.db, first, shop.wren, Date.now());
    expect(result).toMatchObject({ ok: true, job: expect.any(Number) });
    if (!result.ok) return;
    const file = await setFile(held.db, first.set.id);
    expect(file).toMatchObject({
      serial: "N-1",
      owner: { name: "Greta Lindqvist", version: 1 },
      visits: [{ job: result.job }],
      entries: [{ kind: "take-in", payload: { complaint: "crackles" }, by: shop.wren }],
    });
    expect((await visitByJob(held.db, result.job))?.id).toBe(first.visitId);
    expect((await visitById(held.db, first.visitId))?.job).toBe(result.job);
    const next = await takeIn(held.db, brandNew(), shop.wren, Date.now());
    expect(next).toEqual({ ok: true, job: result.job + 1 });
  });

  it("changes nothing when it is sent again", async () => {
    const intake = brandNew();
    const once = await takeIn(held.db, intake, shop.wren, Date.now());
    const before = await count();
    expect(await takeIn(held.db, intake, shop.wren, Date.now())).toEqual(once);
    expect(await count()).toEqual(before);
  });

  it("opens a second visit of a set that was here before", async () => {
    const again = brandNew({
      customer: { id: shop.owner },
      model: { id: shop.model },
      set: { id: shop.set },
    });
    expect(await takeIn(held.db, again, shop.tomasz, Date.now())).toMatchObject({ ok: true });
    const file = await setFile(held.db, shop.set);
    expect(file?.visits).toHaveLength(2);
    expect(file?.serial).toBe("H-20417");
  });

  it("refuses a model that is in Reference already, and a take-in that says nothing, and keeps nothing of them", async () => {
    const before = await count();
    const double = brandNew({ model: { id: v7(), maker: "Halvane", designation: "537", sheet: SHEET } });
    expect(await takeIn(held.db, double, shop.wren, Date.now())).toMatchObject({
      ok: false,
      problems: [{ path: "model", message: expect.stringContaining("in Reference already") }],
    });
    const empty = brandNew({ takeIn: { id: v7(), payload: { ...payload, complaint: " " } } });
    expect(await takeIn(held.db, empty, shop.wren, Date.now())).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining("The complaint is empty") }],
    });
    expect(await count()).toEqual(before);
  });
});

describe("the sets that may be in the shop", () => {
  it("leave with their hand-back, and come back when that is withdrawn", async () => {
    const intake = brandNew();
    await takeIn(held.db, intake, shop.wren, Date.now());
    const here = async () => (await setsInShop(held.db)).some((file) => file.id === intake.set.id);
    const theirs: Shop = { ...shop, set: intake.set.id, visit: intake.visitId };
    expect(await here()).toBe(true);
    const handBack = draftNote(theirs, "", {
      kind: "hand-back",
      payload: { v: 1, summary: "plays", oldParts: "none" },
    });
    await append(held.db, handBack, shop.wren, Date.now());
    expect(await here()).toBe(false);
    const withdrawal = {
      kind: "amendment",
      amends: handBack.id,
      payload: { v: 1, action: "withdraw", reason: "too early" },
    };
    await append(held.db, draftNote(theirs, "", withdrawal), shop.wren, Date.now());
    expect(await here()).toBe(true);
  });
});

describe("the books themselves", () => {
  const refused = (query: Promise<unknown>) =>
    query.then(
      () => false,
      () => true,
    );

  it("refuse a visit of a set that is not there, two of one job, and a customer without a name", async () => {
    expect(await refused(held.db.insert(visit).values({ id: v7(), setId: v7() }))).toBe(true);
    const [row] = await held.db.select().from(visit).where(eq(visit.id, shop.visit));
    expect(await refused(held.db.insert(visit).values({ id: v7(), setId: shop.set, job: row?.job }))).toBe(true);
    expect(await refused(held.db.insert(customer).values({ id: v7(), name: "  " }))).toBe(true);
    expect(
      await refused(held.db.insert(model).values({ id: v7(), maker: "X", designation: "Y", year: 1066, sheet: SHEET })),
    ).toBe(true);
  });
});
