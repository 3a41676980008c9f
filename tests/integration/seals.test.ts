import { sql } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { attach } from "@/db/attachments";
import type { Db } from "@/db/client";
import { append } from "@/db/entries";
import { exportSet } from "@/db/exchange";
import { against, allHeads, brokenSeals, checkNextSet, sealHolds, sealList, sealState } from "@/db/verify";
import { draftNote, freshDatabase, openShop, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;
const NOW = "2026-06-01T12:00:00.000Z";

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
  for (const text of ["one", "two", "three"]) {
    const draft = draftNote(shop, text);
    await append(held.db, draft, shop.wren, Date.now());
    const content = new TextEncoder().encode(`made-up photo of ${text}`);
    const file = { id: v7(), entryId: draft.id, name: `${text}.png`, type: "image/png", size: content.length, content };
    await attach(held.db, { ...file, thumb: null, by: shop.wren });
  }
});
afterAll(() => held.close());

/** Does something as nobody may who comes in through the application, looks, and takes it back. */
async function forged(statements: readonly string[], look: (db: Db) => Promise<void>): Promise<void> {
  class Undo extends Error {}
  const work = held.db.transaction(async (tx) => {
    await tx.execute(sql`set local session_replication_role = replica`);
    for (const statement of statements) await tx.execute(sql.raw(statement));
    await look(tx as unknown as Db);
    throw new Undo();
  });
  await expect(work).rejects.toBeInstanceOf(Undo);
}
const troubles = async (db: Db) => (await allHeads(db)).troubles.map(({ text }) => text);

describe("the seals of a shop", () => {
  it("hold as everything was written", async () => {
    expect(await troubles(held.db)).toEqual([]);
    expect((await allHeads(held.db)).heads).toEqual((await sealList(held.db, NOW)).heads);
    expect((await sealList(held.db, NOW)).heads).toMatchObject([{ entries: 3, files: 3 }]);
  });

  it.each([
    [
      "a changed text",
      [`update log_entry set payload = jsonb_set(payload, '{text}', '"zwei"') where payload->>'text' = 'two'`],
      "Entry 2 of 3",
    ],
    [
      "another writer",
      [`update log_entry set by = (select id from person where name = 'Tomasz Bielak')`],
      "Entry 1 of 3",
    ],
    ["a seal that was taken away", [`delete from log_chain where seq = 3`], "1 entry has no seal"],
    [
      "an entry that was taken away with its seal",
      [`delete from log_chain where seq = 2`, `delete from log_entry where payload->>'text' = 'two'`],
      "Entry 2 of 2",
    ],
    [
      "another photo",
      [`update attachment set content = '\\x00', size = 1 where name = 'two.png'`],
      "File 2 of 3 (two.png)",
    ],
    ["a photo without a seal", [`delete from file_chain where seq = 3`], "1 photo or file has no seal"],
  ])("show %s", async (_what, statements, said) => {
    await forged(statements, async (db) => {
      expect((await troubles(db)).join()).toContain(said);
    });
  });

  it("are held against a list that was kept outside: a tail that was cut, a chain made anew, another owner", async () => {
    const { heads } = await sealList(held.db, NOW);
    expect(await against(held.db, heads)).toEqual([]);
    const cut = ["delete from log_chain where seq = 3", "delete from log_entry where payload->>'text' = 'three'"];
    await forged(cut, async (db) => {
      // In itself the shorter chain holds.
      expect(await troubles(db)).toEqual([]);
      expect((await against(db, heads)).join()).toContain("its first 3 entries are not those of the list");
    });
    const owner = [
      `insert into customer (id, name) values ('${v7()}', 'Somebody Else')`,
      `update "set" set owner_id = (select id from customer where name = 'Somebody Else')`,
    ];
    await forged(owner, async (db) => {
      expect((await against(db, heads)).join()).toContain("its owner, model or serial number was changed");
    });
    // What is written since is no trouble.
    await append(held.db, draftNote(shop, "four"), shop.wren, Date.now());
    expect(await against(held.db, heads)).toEqual([]);
  });

  it("are compared with a line of a printed sheet", async () => {
    const { heads } = await sealList(held.db, NOW);
    const [{ entries, head, files, filesHead }] = heads as [(typeof heads)[0]];
    const line = { setId: shop.set, of: "entries" as const, count: entries, seal: head.slice(0, 16) };
    expect(await sealHolds(held.db, line)).toMatchObject({ ok: true });
    expect(await sealHolds(held.db, { ...line, of: "files", count: files, seal: filesHead })).toMatchObject({
      ok: true,
    });
    expect(await sealHolds(held.db, { ...line, seal: "0".repeat(16) })).toMatchObject({
      message: expect.stringContaining("If the sheet is typed rightly, something was changed"),
    });
    expect(await sealHolds(held.db, { ...line, count: entries + 5 })).toMatchObject({
      message: expect.stringContaining("something was taken away"),
    });
    expect(await sealHolds(held.db, { ...line, setId: v7() })).toMatchObject({ message: "This set is not here." });
    // A change that left its seal as it was is found by making the seals anew.
    const changed = [
      `update log_entry set payload = jsonb_set(payload, '{text}', '"zwei"') where payload->>'text' = 'two'`,
    ];
    await forged(changed, async (db) => {
      expect(await sealHolds(db, line)).toMatchObject({ message: expect.stringContaining("Entry 2") });
    });
  });

  it("are never made anew over a gap: the next entry goes behind what is sealed", async () => {
    await forged([`delete from log_chain where seq >= 2`], async (db) => {
      await append(db, draftNote(shop, "five"), shop.wren, Date.now());
      expect((await troubles(db)).join()).toMatch(/3 entries have no seal|Entry 2/);
      await expect(exportSet(db, shop.set, NOW)).rejects.toThrow(/Seals of this set are missing/);
    });
  });

  it("are checked one set after the other, and the Shop page says so", async () => {
    expect(await sealState(held.db)).toEqual({ sets: 1, checked: 0, broken: [] });
    expect(await checkNextSet(held.db)).toBeUndefined();
    expect(await sealState(held.db)).toMatchObject({ sets: 1, checked: 1, broken: [] });
    await forged([`update log_entry set kind = 'finding' where payload->>'text' = 'one'`], async (db) => {
      expect(await checkNextSet(db)).toContain("Halvane 537");
      // Every page says so from then on.
      expect(await brokenSeals(db)).toEqual([shop.set]);
      expect((await sealState(db)).broken).toMatchObject([
        { setId: shop.set, troubles: [expect.stringContaining("Entry 1")] },
      ]);
    });
  });
});
