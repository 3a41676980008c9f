import type { ChildProcess } from "node:child_process";
import { chmodSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { connect, type Db } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { ensureDatabase, freePort, startCluster, type Cluster } from "../cluster";
import { seedWhenEmpty } from "../demo-data/seed";
import { end, ROOT, serve } from "../server";

/** A throw-away shop on this machine alone, with the application in front of it, that may be killed and started again. */
export type Shop = {
  url: () => string;
  db: Db;
  cluster: () => Cluster;
  server: () => ChildProcess | undefined;
  /** starts what is not running */
  revive: () => Promise<void>;
  /** the application's memory, MB */
  memory: () => number;
  close: () => Promise<void>;
};

const alive = (child: ChildProcess | undefined) => child && child.exitCode === null && child.signalCode === null;

/** Memory of a process that is really in use, MB; 0 when it is gone. */
function residentMb(pid: number | undefined): number {
  try {
    const [, kb = "0"] = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, "utf8")) ?? [];
    return Number(kb) / 1024;
  } catch {
    return 0;
  }
}

export async function openShop(name = "demo"): Promise<Shop> {
  const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-torture-"));
  chmodSync(folder, 0o755);
  // As in a shop: what is acknowledged is on the disk.
  let cluster = await startCluster(path.join(folder, "pg"), () => {});
  await ensureDatabase(cluster.url("postgres"), name);
  await migrateDatabase(cluster.url(name), path.join(ROOT, "drizzle"));
  await seedWhenEmpty(cluster.url(name), new Date());
  const { db, close } = connect(cluster.url(name), 2);
  const port = await freePort();
  let server: ChildProcess | undefined;
  const databaseUp = async () =>
    db
      .execute("select 1")
      .then(() => true)
      .catch(() => false);
  const shop: Shop = {
    url: () => `http://127.0.0.1:${port}`,
    db,
    cluster: () => cluster,
    server: () => server,
    async revive() {
      if (!(await databaseUp()) && !(await databaseUp()))
        cluster = await startCluster(path.join(folder, "pg"), () => {}, [], cluster.port);
      if (!alive(server)) await serve(port, cluster.appUrl(name), (child) => (server = child), undefined, true);
    },
    memory: () => residentMb(server?.pid),
    async close() {
      await close();
      await end(server);
      cluster.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
  await shop.revive();
  return shop;
}
