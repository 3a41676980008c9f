import { createReadStream, createWriteStream, rmSync } from "node:fs";
import { createHash, randomBytes } from "node:crypto";
import path from "node:path";
import { pipeline } from "node:stream/promises";
import { constants, createGunzip, createGzip } from "node:zlib";
import { v7 } from "uuid";
import { restoreArchive, writeArchive } from "@/db/archive";
import { attachment, logEntry } from "@/db/schema";
import { connect } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { linesTo } from "@/server/body";
import { ensureDatabase } from "../cluster";
import { ROOT } from "../server";
import type { Shop } from "./shop";

export type Photos = { megabytes: number; out: number; back: number; memory: number; equal: boolean };

const MB = 1_000_000;

async function digestOf(file: string): Promise<string> {
  const hash = createHash("sha256");
  for await (const piece of createReadStream(file).pipe(createGunzip())) {
    // The head has the moment at which it was written.
    hash.update(piece as Buffer);
  }
  return hash.digest("hex");
}

/** Photos of so many megabytes are archived, restored, and archived again: MB/s both ways, and the most memory used. */
export async function photosThere(shop: Shop, folder: string, megabytes: number): Promise<Photos> {
  const { db } = shop;
  const [entry] = await db.select().from(logEntry).limit(1);
  if (!entry) throw new Error("the shop is empty");
  for (let n = 0; n < megabytes / 4; n += 1) {
    const content = new Uint8Array(randomBytes(4 * MB));
    const file = { id: v7(), entryId: entry.id, setId: entry.setId, name: `photo ${n}.jpg`, type: "image/jpeg" };
    await db.insert(attachment).values({ ...file, size: content.length, content, thumb: null, by: entry.by });
  }
  const now = new Date().toISOString();
  let memory = 0;
  const watch = setInterval(() => (memory = Math.max(memory, process.memoryUsage().rss / MB)), 50);
  const [first, second] = [path.join(folder, "first.gz"), path.join(folder, "second.gz")];
  const write = async (from: typeof db, file: string) => {
    const zip = createGzip({ level: constants.Z_BEST_SPEED });
    const done = pipeline(zip, createWriteStream(file));
    const began = Date.now();
    await writeArchive(from, now, linesTo(zip));
    zip.end();
    await done;
    return megabytes / ((Date.now() - began) / 1000);
  };
  const out = await write(db, first);
  const cluster = shop.cluster();
  await ensureDatabase(cluster.url("postgres"), "back");
  await migrateDatabase(cluster.url("back"), path.join(ROOT, "drizzle"));
  const other = connect(cluster.url("back"), 2);
  try {
    const began = Date.now();
    const restored = await restoreArchive(other.db, createReadStream(first));
    const back = megabytes / ((Date.now() - began) / 1000);
    await write(other.db, second);
    clearInterval(watch);
    const equal = restored.ok && (await digestOf(first)) === (await digestOf(second));
    return { megabytes, out, back, memory, equal };
  } finally {
    clearInterval(watch);
    await other.close();
    rmSync(first, { force: true });
    rmSync(second, { force: true });
  }
}
