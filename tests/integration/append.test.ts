import { sql } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { append, entriesOfSet } from "@/db/entries";
import { logEntry } from "@/db/schema";
import { draftNote, freshDatabase, openShop, type Shop } from "./shop";

let held: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Shop;
const now = () => Date.now();
const problems = async (draft: unknown, by = shop.wren) => {
  const result = await append(held.db, draft, by, now());
  return result.ok ? [] : result.problems.map((problem) => problem.message);
};
const count = async () => (await entriesOfSet(held.db, shop.set)).length;

beforeAll(async () => {
  held = await freshDatabase();
  shop = await openShop(held.db);
});
afterAll(() => held.close());

/** The message of the database itself, below the driver's wrapping. */
const refusal = (query: Promise<unknown>) =>
  query.then(
    () => "accepted",
    (error: Error) => String((error.cause as Error | undefined)?.message ?? error.message),
  );

describe("append", () => {
  it("writes an entry with its author and reads the same entry back", async () => {
    const draft = draftNote(shop, "dial glass loose");
    const result = await append(held.db, draft, shop.tomasz, now());
    expect(result).toMatchObject({ ok: true, entry: { ...draft, by: shop.tomasz } });
    expect(await entriesOfSet(held.db, shop.set)).toContainEqual(
      expect.objectContaining({ id: draft.id, payload: draft.payload, by: shop.tomasz }),
    );
  });

  it("takes a retry with the same id once, and the first one stands", async () => {
    const draft = draftNote(shop, "once");
    await append(held.db, draft, shop.wren, now());
    const before = await count();
    const again = await append(held.db, { ...draft, payload: { ...draft.payload, text: "twice" } }, shop.wren, now());
    expect(again).toMatchObject({ ok: true, entry: { payload: { text: "once" } } });
    expect(await count()).toBe(before);
  });

  it("takes many retries at the same moment once", async () => {
    const draft = draftNote(shop, "in a hurry");
    const results = await Promise.all(Array.from({ length: 8 }, () => append(held.db, draft, shop.wren, now())));
    expect(results.every((result) => result.ok)).toBe(true);
    const rows = await held.db
      .select()
      .from(logEntry)
      .where(sql`${logEntry.id} = ${draft.id}`);
    expect(rows).toHaveLength(1);
  });

  it("refuses what does not fit, with a sentence, and writes nothing", async () => {
    const before = await count();
    expect(await problems(draftNote(shop, ""))).toEqual(["The note is empty: write a word or two."]);
    expect(await problems(draftNote(shop, "x".repeat(10_000)))).toEqual([expect.stringContaining("2000 characters")]);
    expect(await problems(draftNote(shop, "later", { at: new Date(now() + 3_600_000).toISOString() }))).toEqual([
      expect.stringContaining("future"),
    ]);
    expect(await problems(draftNote(shop, "x", { visitId: v7() }))).toEqual([
      expect.stringContaining("visit does not belong"),
    ]);
    expect(await problems(draftNote(shop, "x"), v7())).toEqual([expect.stringContaining("person at the bench")]);
    expect(await problems("nonsense")).not.toEqual([]);
    const amendment = { kind: "amendment", payload: { v: 1, action: "withdraw", reason: "x" } };
    expect(await problems(draftNote(shop, "x", { ...amendment, amends: v7() }))).toEqual([
      expect.stringContaining("not in this set's logbook"),
    ]);
    const future = {
      v: 1,
      action: "correct",
      reason: "x",
      at: new Date(now() + 86_400_000).toISOString(),
      content: { kind: "note", payload: { v: 1, text: "x" } },
    };
    expect(await problems(draftNote(shop, "x", { kind: "amendment", payload: future, amends: v7() }))).toEqual([
      expect.stringContaining("future"),
    ]);
    expect(await count()).toBe(before);
  });
});

describe("the log table", () => {
  it("refuses to be changed, deleted from or emptied", async () => {
    const draft = draftNote(shop, "stays");
    await append(held.db, draft, shop.wren, now());
    expect(await refusal(held.db.update(logEntry).set({ kind: "note" }))).toContain("append-only: UPDATE");
    expect(await refusal(held.db.delete(logEntry))).toContain("append-only: DELETE");
    expect(await refusal(held.db.execute(sql`truncate log_entry cascade`))).toContain("append-only: TRUNCATE");
    expect((await entriesOfSet(held.db, shop.set)).map((entry) => entry.id)).toContain(draft.id);
  });

  it("does not hand out a payload that no longer reads", async () => {
    const other = await freshDatabase();
    const theirs = await openShop(other.db);
    await other.db.insert(logEntry).values({ ...draftNote(theirs, "x"), payload: { v: 1 }, by: theirs.wren });
    await expect(entriesOfSet(other.db, theirs.set)).rejects.toThrow(/cannot be read/);
    await other.close();
  });
});
