import { sql } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { describe as describeEntry, settle } from "@/core/kinds";
import { append, entriesOfSet } from "@/db/entries";
import { setFiles } from "@/db/sets";
import { logEntry, visit } from "@/db/schema";
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
});

describe("what no page survives", () => {
  const at = (text: string) => ({ at: text });
  const reading = (extra: object) => ({
    ...draftNote(shop, ""),
    kind: "reading",
    payload: {
      v: 1,
      phase: "baseline",
      point: "B+",
      quantity: "voltage",
      measured: { text: "248", value: 248 },
      ...extra,
    },
  });

  it("figures that no bench can mean are refused in a sentence", async () => {
    expect(await problems(reading({ lineVolts: 1e-320 }))).toEqual([expect.stringContaining("at least 1 V")]);
    expect(await problems(reading({ measured: { text: "0", value: 5e-324 } }))).toEqual([
      expect.stringContaining("beyond anything in a set"),
    ]);
  });

  it("letters that cannot be stored are refused in a sentence; whole emoji are taken", async () => {
    for (const text of ["a\u0000b", "half \ud83d", "\udd27 half"])
      expect(await problems(draftNote(shop, text))).toEqual([expect.stringContaining("cannot be stored")]);
    expect(await problems(draftNote(shop, "whole 🔧"))).toEqual([]);
  });

  it("an offset of sixteen hours is the instant that it means", async () => {
    const draft = draftNote(shop, "from far east", at("2026-03-02T20:00:00+16:00"));
    expect(await append(held.db, draft, shop.wren, now())).toMatchObject({ entry: { at: "2026-03-02T04:00:00.000Z" } });
    const early = draftNote(shop, "from 1930", at("1930-05-01T10:19:32+00:19"));
    expect((await append(held.db, early, shop.wren, now())).ok).toBe(true);
  });

  it("an entry that cannot be read costs its own line, and can be withdrawn", async () => {
    const poison = [
      { kind: "reading", payload: { ...reading({}).payload, lineVolts: 1e-320 } },
      { kind: "reading", payload: { v: 1 } },
      { kind: "constructor", payload: { v: 1 } },
      { kind: "note", payload: [] },
    ];
    const others = await count();
    const ids = poison.map(() => v7());
    for (const [n, one] of poison.entries()) {
      const { setId, visitId, at: when } = draftNote(shop, "");
      await held.db.insert(logEntry).values({ id: ids[n] ?? "", setId, visitId, at: when, by: shop.wren, ...one });
    }
    const entries = await entriesOfSet(held.db, shop.set);
    expect(entries).toHaveLength(others + poison.length);
    const lines = settle(entries).settled.filter(({ entry }) => ids.includes(entry.id));
    for (const { content } of lines)
      expect(content && describeEntry(content).text).toMatch(/cannot be shown|newer version/);
    for (const id of ids) {
      const payload = { v: 1, action: "withdraw", reason: "cannot be read" };
      expect(await problems({ ...draftNote(shop, ""), kind: "amendment", amends: id, payload })).toEqual([]);
    }
    const [file] = await setFiles(held.db, [shop.set]);
    expect(
      settle(file?.entries ?? []).settled.filter(({ entry, content }) => ids.includes(entry.id) && content),
    ).toEqual([]);
  });

  it("a set is taken in once and handed back once, and nothing is done to it afterwards", async () => {
    const other = await freshDatabase();
    try {
      const there = await openShop(other.db);
      const say = async (kind: string, payload: object, extra: object = {}) => {
        const done = await append(other.db, draftNote(there, "", { kind, payload, ...extra }), there.wren, now());
        return done.ok ? "" : (done.problems[0]?.message ?? "");
      };
      const takeIn = { v: 1, complaint: "hums", policy: "original" };
      const out = { v: 1, summary: "Plays.", oldParts: "none" };
      const [again] = await other.db.insert(visit).values({ id: v7(), setId: there.set }).returning();
      expect(await say("take-in", takeIn)).toBe("");
      const both = await Promise.all([1, 2].map(() => say("take-in", takeIn, { visitId: again?.id })));
      expect(both).toEqual([expect.stringContaining("is in the shop"), expect.stringContaining("is in the shop")]);
      expect(await say("hand-back", out)).toBe("");
      expect(await say("hand-back", out)).toContain("was handed back");
      const work = { v: 1, designators: ["C14"], action: "cleaned", now: [] };
      expect(await say("part-work", work)).toContain("take the set in again");
      expect(await say("note", { v: 1, text: "the owner calls", open: false, closes: [] })).toBe("");
    } finally {
      await other.close();
    }
  });
});
