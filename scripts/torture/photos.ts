import { spawn } from "node:child_process";
import { createReadStream, readFileSync, rmSync } from "node:fs";
import { createHash, randomBytes } from "node:crypto";
import path from "node:path";
import { v7 } from "uuid";
import { attachment, logEntry } from "@/db/schema";
import { linesOf } from "@/db/lines";
import { migrateDatabase } from "@/db/migrate";
import { ensureDatabase } from "../cluster";
import { ROOT } from "../server";
import type { Shop } from "./shop";

export type Photos = { megabytes: number; out: number; back: number; memory: number; equal: boolean };

const MB = 1_000_000;

/** What an archive says, without its head and its end: they have the moment at which it was written. */
export async function digestOf(file: string): Promise<string> {
  const hash = createHash("sha256");
  for await (const line of linesOf(createReadStream(file)))
    if (!line.startsWith('{"format"') && !line.startsWith('{"end"')) hash.update(line).update("\n");
  return hash.digest("hex");
}

type Run = { seconds: number; memory: number; well: boolean };

/** The command of the archive with its limit, as a shop runs it: how long it took, and the most memory that it ever held, MB. */
export function archive(what: "write" | "restore", file: string, url: string): Promise<Run> {
  const began = Date.now();
  const script = path.join(ROOT, "scripts/archive.mts");
  const child = spawn(process.execPath, ["--max-old-space-size=200", "--import", "tsx", script, what, file], {
    cwd: ROOT,
    env: { ...process.env, DATABASE_URL: url },
    stdio: ["ignore", "ignore", "inherit"],
  });
  let memory = 0;
  const watch = setInterval(() => {
    try {
      const [, kb = "0"] = /VmHWM:\s+(\d+) kB/.exec(readFileSync(`/proc/${child.pid}/status`, "utf8")) ?? [];
      memory = Math.max(memory, (Number(kb) * 1024) / MB);
    } catch {
      // It has ended meanwhile.
    }
  }, 50);
  return new Promise((resolve) =>
    child.on("exit", (code) => {
      clearInterval(watch);
      resolve({ seconds: (Date.now() - began) / 1000, memory, well: code === 0 });
    }),
  );
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
  const [first, second] = [path.join(folder, "first.gz"), path.join(folder, "second.gz")];
  const cluster = shop.cluster();
  const [here, there] = [cluster.url("demo"), cluster.url("back")];
  await ensureDatabase(cluster.url("postgres"), "back");
  await migrateDatabase(there, path.join(ROOT, "drizzle"));
  try {
    const out = await archive("write", first, here);
    const back = await archive("restore", first, there);
    const again = await archive("write", second, there);
    const equal = [out, back, again].every(({ well }) => well) && (await digestOf(first)) === (await digestOf(second));
    return {
      megabytes,
      out: megabytes / out.seconds,
      back: megabytes / back.seconds,
      memory: Math.max(out.memory, back.memory, again.memory),
      equal,
    };
  } finally {
    rmSync(first, { force: true });
    rmSync(second, { force: true });
  }
}
