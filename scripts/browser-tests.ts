import type { ChildProcess } from "node:child_process";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { migrateDatabase } from "@/db/migrate";
import { becomeAnother } from "./another-shop";
import { ensureDatabase, freePort, startCluster, type Cluster } from "./cluster";
import { seedWhenEmpty } from "./demo-data/seed";
import { freshSecret } from "./secret";
import { end, ROOT, serve } from "./server";

/** Tests that run at the same time; each lane has a server and a shop of its own, so that none meets the other's sets. */
const LANES = 2;
/** Shops that nobody has opened yet. */
const EMPTY = 4;

/** The servers that the browser tests talk to. */
export type Shops = {
  open: string[];
  empty: string[];
  /** the demo's as it was laid down: for what the other tests' sets would change */
  quiet: string;
};

let cluster: Cluster | undefined;
let folder: string | undefined;
const servers: ChildProcess[] = [];

async function shopOf(database: string, empty = false): Promise<string> {
  const port = await freePort();
  await serve(port, cluster?.appUrl(database) ?? "", (child) => servers.push(child), {
    secret: freshSecret(),
    ...(empty ? { shop: "" } : { demo: true }),
  });
  return `http://127.0.0.1:${port}`;
}

/** Opens throw-away shops: the demo's for every lane, and empty ones, each with a server of its own. */
export async function openShops(): Promise<Shops> {
  folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-e2e-"));
  chmodSync(folder, 0o755);
  cluster = await startCluster(path.join(folder, "pg"), () => {}, ["-c", "fsync=off"]);
  const root = cluster.url("postgres");
  const shops: Shops = { open: [], empty: [], quiet: "" };
  await ensureDatabase(root, "empty");
  await migrateDatabase(cluster.url("empty"), path.join(ROOT, "drizzle"));
  await ensureDatabase(root, "demo", false, "empty");
  await seedWhenEmpty(cluster.url("demo"), new Date());
  for (let lane = 1; lane <= LANES; lane += 1) {
    await ensureDatabase(root, `demo-${lane}`, false, "demo");
    shops.open.push(await shopOf(`demo-${lane}`));
  }
  await ensureDatabase(root, "demo-quiet", false, "demo");
  shops.quiet = await shopOf("demo-quiet");
  for (let n = 1; n <= EMPTY; n += 1) {
    await ensureDatabase(root, `empty-${n}`, false, "empty");
    await becomeAnother(cluster.url(`empty-${n}`));
    shops.empty.push(await shopOf(`empty-${n}`, true));
  }
  return shops;
}

export async function closeShops(): Promise<void> {
  await Promise.all(servers.splice(0).map(end));
  cluster?.stop();
  if (folder) rmSync(folder, { recursive: true, force: true });
}
