import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { SHEET } from "@/core/fixtures";
import { customers, saveCustomer, type Customer } from "@/db/customers";
import { modelById, models, saveSheet } from "@/db/models";
import { people } from "@/db/people";
import { freshDatabase, openShop, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
});
afterAll(() => held.close());

const owner = async (): Promise<Customer> => {
  const [first] = await customers(held.db);
  if (!first) throw new Error("no customer");
  return first;
};

describe("a customer", () => {
  it("is changed by whoever read the newest version, and by nobody else", async () => {
    const seen = await owner();
    expect(await saveCustomer(held.db, { ...seen, contact: "Rope Walk 3" })).toEqual({
      ok: true,
      version: seen.version + 1,
    });
    const stale = await saveCustomer(held.db, { ...seen, contact: "Rope Walk 4" });
    expect(stale).toEqual({ ok: false, message: expect.stringContaining("Somebody else changed this") });
    expect(await owner()).toMatchObject({ contact: "Rope Walk 3", version: seen.version + 1 });
  });

  it("is changed by one of two people who save at the same moment", async () => {
    const seen = await owner();
    const results = await Promise.all([
      saveCustomer(held.db, { ...seen, remarks: "from one" }),
      saveCustomer(held.db, { ...seen, remarks: "from the other" }),
    ]);
    expect(results.filter((result) => result.ok)).toHaveLength(1);
  });

  it("that is not there is not made", async () => {
    const seen = await owner();
    expect(await saveCustomer(held.db, { ...seen, id: v7() })).toMatchObject({ ok: false });
    expect(await customers(held.db)).toHaveLength(1);
  });
});

describe("a model", () => {
  it("keeps its sheet whole, and refuses a stale one", async () => {
    expect(await saveSheet(held.db, shop.model, 1, { ...SHEET, watts: 70 })).toEqual({ ok: true, version: 2 });
    expect(await saveSheet(held.db, shop.model, 1, { ...SHEET, watts: 71 })).toMatchObject({ ok: false });
    expect((await modelById(held.db, shop.model))?.sheet).toEqual({ ...SHEET, watts: 70 });
  });

  it("takes no sheet that does not read", async () => {
    await expect(saveSheet(held.db, shop.model, 2, { ...SHEET, lineVolts: -1 })).rejects.toThrow();
    expect((await models(held.db))[0]).toMatchObject({ version: 2, nickname: "Lantern" });
    expect(await modelById(held.db, v7())).toBeUndefined();
  });
});

it("lists the people in the order in which they came", async () => {
  expect((await people(held.db)).map((person) => person.name)).toEqual(["Wren Okafor", "Tomasz Bielak"]);
});
