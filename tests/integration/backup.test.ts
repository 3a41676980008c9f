import { mkdtemp, readdir, readFile, rm, stat, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { checkArchive, restoreArchive, writeArchive } from "@/db/archive";
import { lastBackup } from "@/db/backups";
import { backUp, openSealed, prune } from "@/server/backup";
import { isSealed } from "@/server/sealed";
import { freshDatabase, linesInto, openShop } from "./shop";

const SECRET = "seven herons on the slipway";
const NOON = new Date("2026-06-01T12:00:00.000Z");

describe("a backup", () => {
  let shop: Awaited<ReturnType<typeof freshDatabase>>;
  let folder: string;
  beforeAll(async () => {
    shop = await freshDatabase();
    await openShop(shop.db);
    folder = await mkdtemp(path.join(tmpdir(), "jumelle-backup-"));
  });
  afterAll(async () => {
    await shop.close();
    await rm(folder, { recursive: true });
  });
  const contentsOf = async (db: typeof shop.db) => {
    const lines: string[] = [];
    await writeArchive(db, NOON.toISOString(), linesInto(lines));
    return lines;
  };

  it("holds everything, lies in the folder for its owner alone, and is told to the shop", async () => {
    expect(await lastBackup(shop.db)).toBeUndefined();
    const made = await backUp(shop.db, { folder, passphrase: SECRET, now: NOON });
    expect(path.basename(made.file)).toBe("jumelle-2026-06-01T12-00-00.ndjson.gz.age");
    const found = await stat(made.file);
    expect(found.size).toBe(made.bytes);
    expect(found.mode & 0o077).toBe(0);
    expect(await isSealed(made.file)).toBe(true);
    expect(await lastBackup(shop.db)).toEqual({ at: NOON.toISOString(), bytes: made.bytes, rows: made.rows });

    const empty = await freshDatabase();
    try {
      expect(await restoreArchive(empty.db, await openSealed(made.file, SECRET))).toEqual({ ok: true, rows: made.rows }); // prettier-ignore
      expect(await contentsOf(empty.db)).toEqual(await contentsOf(shop.db));
    } finally {
      await empty.close();
    }
  });

  it("shows nothing of what is in it, and opens with its passphrase alone", async () => {
    const [name = ""] = await readdir(folder);
    const file = path.join(folder, name);
    const bytes = await readFile(file);
    expect(bytes.includes("Saltmarsh")).toBe(false);
    expect(bytes.indexOf(Buffer.from([0x1f, 0x8b, 0x08]))).toBe(-1);
    await expect(openSealed(file, "six herons on the slipway")).rejects.toThrow("The passphrase is not the one");
  });

  it("that was changed or cut off is not taken for a whole one", async () => {
    const [name = ""] = await readdir(folder);
    const bytes = await readFile(path.join(folder, name));
    const read = async (content: Buffer) => {
      const file = path.join(folder, "touched.age");
      await writeFile(file, content);
      try {
        return await openSealed(file, SECRET).then(checkArchive, (error: Error) => ({ ok: false, message: error.message })); // prettier-ignore
      } finally {
        await rm(file);
      }
    };
    expect(await read(bytes)).toMatchObject({ ok: true });
    const changed = Buffer.from(bytes);
    changed[bytes.length - 40] = (changed[bytes.length - 40] ?? 0) ^ 1;
    expect(await read(changed)).toMatchObject({ ok: false });
    expect(await read(bytes.subarray(0, bytes.length - 30))).toMatchObject({ ok: false });
    expect(await read(bytes.subarray(0, 60))).toMatchObject({ ok: false });
  });

  it("asks for a passphrase that is worth its name, and leaves no file where it fails", async () => {
    const before = await readdir(folder);
    await expect(backUp(shop.db, { folder, passphrase: "short", now: NOON })).rejects.toThrow("12 characters or more");
    const gone = await freshDatabase();
    await gone.close();
    const later = new Date(NOON.getTime() + 60_000);
    await expect(backUp(gone.db, { folder, passphrase: SECRET, now: later })).rejects.toThrow();
    expect(await readdir(folder)).toEqual(before);
  });

  it("takes the place of the oldest ones; other files of the folder stay", async () => {
    const names = ["jumelle-2026-01-01T00-00-00.ndjson.gz.age", "jumelle-2026-01-02T00-00-00.ndjson.gz.age", "letter.txt"]; // prettier-ignore
    for (const name of names) await writeFile(path.join(folder, name), "");
    expect(await prune(folder, 2)).toEqual(["jumelle-2026-01-01T00-00-00.ndjson.gz.age"]);
    expect(await readdir(folder)).toEqual([
      "jumelle-2026-01-02T00-00-00.ndjson.gz.age",
      "jumelle-2026-06-01T12-00-00.ndjson.gz.age",
      "letter.txt",
    ]);
  });
});
