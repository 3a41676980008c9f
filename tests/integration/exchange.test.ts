import { createHash, randomBytes } from "node:crypto";
import { readFileSync } from "node:fs";
import path from "node:path";
import { Readable } from "node:stream";
import { gzipSync } from "node:zlib";
import { eq, sql } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { brokenFileAt, canonical, normalised, readSetFile, writeSetFile, type SetFileDocument } from "@/core/exchange";
import { restoreArchive, writeArchive } from "@/db/archive";
import { openContainer } from "@/container";
import { attach, fileBytes, hideAttachment } from "@/db/attachments";
import { fileChainOf } from "@/db/chain";
import { connect, type Db } from "@/db/client";
import { append, entriesOfSet } from "@/db/entries";
import { exportSet, importSet, type Imported } from "@/db/exchange";
import {
  attachment,
  customer,
  logChain,
  logEntry,
  person,
  set,
  shop as shopTable,
  shopIdentity,
  visit,
} from "@/db/schema";
import { migrateDatabase } from "@/db/migrate";
import { people } from "@/db/people";
import { setFile } from "@/db/sets";
import { MIGRATIONS, demoDatabase, draftNote, freshDatabase, linesInto, openShop, type Shop } from "./shop";

const NOW = "2026-06-01T12:00:00.000Z";

let ours: Awaited<ReturnType<typeof freshDatabase>>;
let theirs: Awaited<ReturnType<typeof freshDatabase>>;
let here: Shop;

const add = async (db: Db, draft: { id: string }) => {
  const done = await append(db, draft, here.wren, Date.now());
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.entry;
};

async function document(db: Db, id = here.set): Promise<SetFileDocument> {
  const made = await exportSet(db, id, NOW);
  if (!made) throw new Error("no such set");
  return made;
}

/** Takes a document in, its files from where it was written out (or from inside, in version 1). */
async function takeIn(db: Db, text: string): Promise<Imported> {
  const read = readSetFile(text);
  if (!read.ok) return read;
  const bytes = async (id: string, small: boolean) => {
    const carried = read.carried.get(id);
    return carried ? (small ? carried.thumb : carried.content) : fileBytes(ours.db, id, small);
  };
  return importSet(db, { document: read.document, unknown: read.unknown, bytes });
}

beforeAll(async () => {
  ours = await freshDatabase();
  theirs = await freshDatabase();
  here = await openShop(ours.db);
  await ours.db.insert(shopTable).values({ name: "Saltmarsh Wireless Repair" });
  await theirs.db.insert(shopTable).values({ name: "Eastholm Harbour Museum" });
  await theirs.db.insert(person).values({ id: v7(), name: "Wren Okafor", role: "somebody else of that name" });
  const noted = await add(ours.db, draftNote(here, "old varnish on the dial"));
  await add(ours.db, draftNote(here, "µ and Ω and “quotes”"));
  await add(ours.db, {
    ...draftNote(here, ""),
    kind: "amendment",
    amends: noted.id,
    payload: { v: 1, action: "withdraw", reason: "noted twice" },
  } as never);
  const content = new TextEncoder().encode("made-up bytes of a drawing");
  await attach(ours.db, {
    id: v7(),
    entryId: noted.id,
    name: "underside.png",
    type: "image/png",
    size: content.length,
    content,
    thumb: null,
    by: here.wren,
  });
});
afterAll(async () => {
  await ours.close();
  await theirs.close();
});

describe("a set's file out and in", () => {
  it("is the same file in another shop, byte for byte once normalised", async () => {
    const out = await document(ours.db);
    const done = await takeIn(theirs.db, JSON.stringify(out));
    expect(done).toMatchObject({ ok: true, added: 3, kept: [], unknown: [] });
    const back = await document(theirs.db);
    expect(back.exportedBy).toBe("Eastholm Harbour Museum");
    expect(normalised(back)).toBe(normalised(out));
    expect(back.digest).toBe(out.digest);
    const [file, copy] = [await setFile(ours.db, here.set), await setFile(theirs.db, here.set)];
    expect(copy?.entries).toEqual(file?.entries);
  });

  it("adds nothing the second time, and what is new when the file has grown", async () => {
    const twice = await takeIn(theirs.db, JSON.stringify(await document(ours.db)));
    expect(twice).toMatchObject({ ok: true, added: 0 });
    await add(ours.db, draftNote(here, "came later"));
    const grown = await takeIn(theirs.db, JSON.stringify(await document(ours.db)));
    expect(grown).toMatchObject({ ok: true, added: 1 });
    expect((await entriesOfSet(theirs.db, here.set)).length).toBe(4);
  });

  it("takes a photo away where the file is newer, and says it where both are as old", async () => {
    const [photo] = await ours.db.select({ id: attachment.id }).from(attachment);
    await hideAttachment(ours.db, photo?.id ?? "", true);
    const hidden = async () => (await theirs.db.select({ hidden: attachment.hidden }).from(attachment))[0]?.hidden;
    expect(await takeIn(theirs.db, JSON.stringify(await document(ours.db)))).toMatchObject({
      ok: true,
      added: 0,
      kept: ["underside.png is in sight here and taken away in the file: it stays as it is here."],
    });
    expect(await hidden()).toBe(false);
    await add(ours.db, draftNote(here, "the photo showed another set"));
    expect(await takeIn(theirs.db, JSON.stringify(await document(ours.db)))).toMatchObject({ added: 1, kept: [] });
    expect(await hidden()).toBe(true);
  });

  it("can come twice at the same moment", async () => {
    const third = await freshDatabase();
    try {
      const text = JSON.stringify(await document(ours.db));
      const both = await Promise.all([takeIn(third.db, text), takeIn(third.db, text)]);
      expect(both.map((one) => (one.ok ? one.added : -1)).sort()).toEqual([0, 5]);
      expect(normalised(await document(third.db))).toBe(normalised(await document(ours.db)));
    } finally {
      await third.close();
    }
  });

  it("keeps apart what the other shop calls by the same name", async () => {
    const people = await theirs.db.select().from(person);
    expect(
      people
        .filter(({ name }) => name === "Wren Okafor")
        .map((one) => one.shop)
        .sort(),
    ).toEqual(["", "Saltmarsh Wireless Repair"]);
    const [stay] = await theirs.db.select().from(visit).where(eq(visit.setId, here.set));
    expect(stay?.shop).toBe("Saltmarsh Wireless Repair");
  });

  it("says what it left as it is here: another owner's address, another sheet", async () => {
    await theirs.db.update(customer).set({ contact: "moved to the harbour" });
    const done = await takeIn(theirs.db, JSON.stringify(await document(ours.db)));
    expect(done).toMatchObject({ ok: true, added: 0, kept: [expect.stringContaining("what is here stays")] });
    await theirs.db.update(customer).set({ contact: "" });
  });

  it("refuses one changed byte, wherever it is", async () => {
    const text = JSON.stringify(await document(ours.db));
    const at = text.indexOf("old varnish") + 2;
    const changed = `${text.slice(0, at)}x${text.slice(at + 1)}`;
    expect(await takeIn(theirs.db, changed)).toMatchObject({
      ok: false,
      problems: [expect.stringContaining("is not as it was written"), expect.stringContaining("digest")],
    });
    const model = text.replace("Lantern", "Lentern");
    expect(await takeIn(theirs.db, model)).toMatchObject({
      ok: false,
      problems: [expect.stringContaining("digest")],
    });
  });

  it("refuses a logbook on which both shops wrote on, and says so of a shorter one", async () => {
    const out = await document(ours.db);
    const shorter = writeSetFile({ ...out, entries: out.entries.slice(0, 2), attachments: [] });
    expect(await takeIn(ours.db, JSON.stringify(shorter))).toMatchObject({
      ok: false,
      problems: [expect.stringContaining("is longer")],
    });
    await theirs.db.transaction(async (tx) => {
      const [writer] = await tx.select().from(person).limit(1);
      const done = await append(tx as Db, { ...draftNote(here, "written there") }, writer?.id ?? "", Date.now());
      expect(done.ok).toBe(true);
    });
    await add(ours.db, draftNote(here, "written here"));
    expect(await takeIn(theirs.db, JSON.stringify(await document(ours.db)))).toMatchObject({
      ok: false,
      problems: [expect.stringContaining(`part at entry ${out.entries.length + 1}`)],
    });
  });

  it("keeps an entry of a kind from a newer version, shows it as such, and hands it on unchanged", async () => {
    const fourth = await freshDatabase();
    try {
      const text = readFileSync(path.join(import.meta.dirname, "../fixtures/set-file-1-newer-kind.json"), "utf8");
      const done = await takeIn(fourth.db, text);
      expect(done).toMatchObject({ ok: true, unknown: [{ kind: "spectrum", count: 1 }] });
      if (!done.ok) return;
      const entries = await entriesOfSet(fourth.db, done.setId);
      expect(entries.find(({ kind }) => kind === "unknown")?.payload).toMatchObject({ kind: "spectrum" });
      const back = await document(fourth.db, done.setId);
      const first = JSON.parse(text) as SetFileDocument;
      expect(back.entries).toEqual(first.entries);
      expect(back.chain.head).toBe(first.chain.head);
    } finally {
      await fourth.close();
    }
  });

  it.each(["set-file-1.json", "set-file-2.zip"])("reads %s, a file of an earlier day", async (name) => {
    const file = new Blob([readFileSync(path.join(import.meta.dirname, "../fixtures", name))]);
    const { read, bytes } = await openContainer(file);
    expect(read).toMatchObject({ ok: true, unknown: [] });
    if (!read.ok) return;
    const fifth = await freshDatabase();
    try {
      const { document, unknown } = read;
      expect(await importSet(fifth.db, { document, unknown, bytes })).toMatchObject({ added: document.entries.length });
      expect((await fileChainOf(fifth.db, document.set.id)).length).toBe(document.attachments.length);
    } finally {
      await fifth.close();
    }
  });
});

describe("whose a file is", () => {
  const fresh = async (work: (db: Db) => Promise<void>) => {
    const held = await freshDatabase();
    try {
      await work(held.db);
    } finally {
      await held.close();
    }
  };

  it("is known by the shop's id: a shop without a name stays another shop, and its people are no staff", async () => {
    await fresh(async (unnamed) => {
      const there = await openShop(unnamed);
      const done = await append(unnamed, draftNote(there, "written there"), there.wren, Date.now());
      expect(done.ok).toBe(true);
      const text = JSON.stringify(await document(unnamed, there.set));
      await fresh(async (db) => {
        expect(await takeIn(db, text)).toMatchObject({ ok: true, added: 1 });
        expect(await people(db)).toEqual([]);
        const [stay] = await db.select().from(visit);
        expect(stay?.shop).toMatch(/^a shop without a name \([0-9a-f]{6}\)$/);
      });
    });
  });

  it("leaves the number of the next job to this shop's own jobs", async () => {
    const out = await document(ours.db);
    const visits = out.visits.map((one) => ({ ...one, job: 8_000_000 }));
    const forged = JSON.stringify(writeSetFile({ ...out, visits }));
    await fresh(async (db) => {
      const own = await openShop(db);
      expect(await takeIn(db, forged)).toMatchObject({ ok: true });
      const [next] = await db.insert(visit).values({ id: v7(), setId: own.set }).returning();
      expect(next?.job).toBeLessThan(1100);
    });
  });

  it("is refused with a date that no logbook has", async () => {
    const out = await document(ours.db);
    for (const at of ["0050-01-01T00:00:00.000Z", "9999-01-01T00:00:00.000Z"]) {
      const visits = out.visits.map((one) => ({ ...one, openedAt: at }));
      expect(await takeIn(theirs.db, JSON.stringify(writeSetFile({ ...out, visits })))).toMatchObject({
        ok: false,
        problems: [expect.stringContaining("check the year")],
      });
    }
  });
});

describe("the chain in the database", () => {
  it("seals every entry as it is written, and is never changed", async () => {
    const [count] = await ours.db.select({ n: sql<number>`count(*)::int` }).from(logEntry);
    const [sealed] = await ours.db.select({ n: sql<number>`count(*)::int` }).from(logChain);
    expect(sealed?.n).toBe(count?.n);
    const change = ours.db.update(logChain).set({ hash: "0".repeat(64) });
    await expect(change).rejects.toMatchObject({ cause: { message: expect.stringContaining("never changed") } });
  });

  it("holds when many write at once", async () => {
    await Promise.all(Array.from({ length: 12 }, (_, n) => add(ours.db, draftNote(here, `at once ${n}`))));
    const read = readSetFile(JSON.stringify(await document(ours.db)));
    expect(read.ok).toBe(true);
  });

  it("seals what was written before there was a chain", async () => {
    const old = await freshDatabase();
    try {
      const shop = await openShop(old.db);
      for (const text of ["one", "two"]) {
        const { id, setId, visitId, at, kind, payload } = draftNote(shop, text);
        await old.db.insert(logEntry).values({ id, setId, visitId, at, kind, payload, by: shop.wren });
      }
      await old.db.update(shopIdentity).set({ allSealed: false });
      await migrateDatabase(old.url, MIGRATIONS);
      const made = await exportSet(old.db, shop.set, NOW);
      expect(made?.entries.length).toBe(2);
      expect(readSetFile(JSON.stringify(made)).ok).toBe(true);
    } finally {
      await old.close();
    }
  });
});

describe("everything in one archive", () => {
  it("is laid into an empty database and is the same there, with its counters", async () => {
    const [demo, empty] = [await demoDatabase(), await freshDatabase()];
    try {
      const lines: string[] = [];
      const rows = await writeArchive(demo.db, NOW, linesInto(lines));
      const restored = await restoreArchive(empty.db, packed(lines));
      expect(restored).toEqual({ ok: true, rows });
      const again: string[] = [];
      await writeArchive(empty.db, NOW, linesInto(again));
      expect(again).toEqual(lines);
      const sets = await demo.db.select({ id: set.id }).from(set);
      for (const { id } of sets.slice(0, 3)) {
        const [a, b] = [await exportSet(demo.db, id, NOW), await exportSet(empty.db, id, NOW)];
        expect(canonical(b)).toBe(canonical(a));
      }
      const [next] = await empty.db
        .insert(visit)
        .values({ id: v7(), setId: sets[0]?.id ?? "" })
        .returning();
      const highest = await demo.db.select({ job: visit.job }).from(visit);
      expect(next?.job).toBeGreaterThan(Math.max(...highest.map(({ job }) => job)));
      expect(await restoreArchive(empty.db, packed(lines))).toMatchObject({
        ok: false,
        message: expect.stringContaining("not empty"),
      });
    } finally {
      await demo.close();
      await empty.close();
    }
  });

  it("restores photos of some size, and an amendment that a clock set back put before its entry", async () => {
    const [db, empty] = [await freshDatabase(), await freshDatabase()];
    try {
      const there = await openShop(db.db);
      const note = draftNote(there, "noted late");
      const { id, setId, visitId, at, kind, payload } = note;
      const by = there.wren;
      await db.db
        .insert(logEntry)
        .values({ id, setId, visitId, at, kind, payload, by, recordedAt: "2026-06-02T10:00:00Z" });
      const amendment = { v: 1, action: "withdraw", reason: "noted twice" };
      await db.db.insert(logEntry).values({
        ...{ id: v7(), setId, visitId, at, kind: "amendment", payload: amendment, amends: id, by },
        recordedAt: "2026-06-01T10:00:00Z",
      });
      const content = new Uint8Array(randomBytes(3_000_000));
      const photo = { id: v7(), entryId: id, name: "underside.jpg", type: "image/jpeg", size: content.length, content };
      expect((await attach(db.db, { ...photo, thumb: new Uint8Array([1, 2, 3]), by })).ok).toBe(true);
      const lines: string[] = [];
      const rows = await writeArchive(db.db, NOW, linesInto(lines));
      expect(await restoreArchive(empty.db, packed(lines))).toEqual({ ok: true, rows });
      const again: string[] = [];
      await writeArchive(empty.db, NOW, linesInto(again));
      expect(again).toEqual(lines);
      expect(Buffer.compare(await fileBytes(empty.db, photo.id, false), content)).toBe(0);
    } finally {
      await db.close();
      await empty.close();
    }
  });

  it("of the first version is restored, its photos sealed", async () => {
    const [db, empty] = [await freshDatabase(), await freshDatabase()];
    try {
      const there = await openShop(db.db);
      const note = draftNote(there, "with a photo");
      await append(db.db, note, there.wren, Date.now());
      const content = new TextEncoder().encode("made-up bytes of a photo");
      const photo = { id: v7(), entryId: note.id, name: "a.png", type: "image/png", size: content.length, content };
      await attach(db.db, { ...photo, thumb: null, by: there.wren });
      const lines: string[] = [];
      await writeArchive(db.db, NOW, linesInto(lines));
      const restored = await restoreArchive(empty.db, packed(asVersion1(lines)));
      expect(restored).toMatchObject({ ok: true });
      const chain = await fileChainOf(empty.db, there.set);
      expect(chain.map(({ id }) => id)).toEqual([photo.id]);
      expect(brokenFileAt(chain)).toBeUndefined();
    } finally {
      await db.close();
      await empty.close();
    }
  });

  it.each([
    ["zeros without a line", () => Readable.from([gzipSync(Buffer.alloc(80_000_000))]), "has no end"],
    ["nothing packed", () => Readable.from([Buffer.from("no archive")]), "not an archive"],
    ["a table that is none", () => packed([HEAD, '{"table":"pg_authid","row":{"a":1}}']), "there is no table"],
    ["a column that is none", () => packed([HEAD, '{"table":"person","row":{"nobody":1}}', END]), "no column"],
    ["a value that does not fit", () => packed([HEAD, '{"table":"person","row":{"id":"x"}}', END]), "do not fit"],
  ])("made of %s is refused in a sentence", async (_what, file, said) => {
    const empty = await freshDatabase();
    try {
      expect(await restoreArchive(empty.db, file())).toMatchObject({
        ok: false,
        message: expect.stringContaining(said),
      });
    } finally {
      await empty.close();
    }
  });

  it("is refused when it is cut off or changed, and leaves nothing behind", async () => {
    const empty = await freshDatabase();
    try {
      const lines: string[] = [];
      await writeArchive(ours.db, NOW, linesInto(lines));
      const cut = await restoreArchive(empty.db, packed(lines.slice(0, -1)));
      expect(cut).toMatchObject({ ok: false, message: expect.stringContaining("cut off") });
      const changed = lines.map((line) => line.replace("old varnish", "new varnish"));
      expect(await restoreArchive(empty.db, packed(changed))).toMatchObject({
        ok: false,
        message: expect.stringContaining("digest"),
      });
      const other = connect(empty.url, 1);
      expect(await other.db.select().from(person)).toEqual([]);
      await other.close();
    } finally {
      await empty.close();
    }
  });
});

/** An archive as it lies on a disk. */
const packed = (lines: readonly string[]): Readable =>
  Readable.from([gzipSync(lines.map((line) => `${line}\n`).join(""))]);

const HEAD = '{"format":"jumelle-archive","version":2}';
const END = '{"end":true,"rows":1,"digest":""}';

/** An archive as the first version wrote it: bytes in hexadecimal inside the row, and none of the newer tables and columns. */
function asVersion1(lines: readonly string[]): string[] {
  const hex = (text: string | null) => (text === null ? null : `\\x${Buffer.from(text, "base64").toString("hex")}`);
  const body = lines.slice(0, -1).flatMap((line): string[] => {
    const one = JSON.parse(line) as { version?: number; table?: string; row?: object; content?: string; thumb: string };
    if (one.version) return [JSON.stringify({ ...one, version: 1 })];
    if (one.table === "shop_identity" || one.table === "file_chain") return [];
    const { shop_id: _s, ...row } = one.row as { shop_id?: string };
    const bytes = one.content === undefined ? {} : { content: hex(one.content), thumb: hex(one.thumb) };
    return [JSON.stringify({ table: one.table, row: { ...row, ...bytes } })];
  });
  const digest = createHash("sha256")
    .update(body.map((line) => `${line}\n`).join(""))
    .digest("hex");
  return [...body, JSON.stringify({ end: true, rows: body.length - 1, digest })];
}
