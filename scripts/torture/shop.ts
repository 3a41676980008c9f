import type { ChildProcess } from "node:child_process";
import { chmodSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { connect, type Db } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { ensureDatabase, freePort, startCluster, type Cluster } from "../cluster";
import { seedWhenEmpty } from "../demo-data/seed";
import { freshSecret } from "../secret";
import { end, ROOT, serve } from "../server";

/** A throw-away shop on this machine alone, with the application in front of it, that may be killed and started again. */
export type Shop = {
  /** where the application answers: the first of its processes, unless another is asked for */
  url: (process?: number) => string;
  /** how many processes of the application work on the one database */
  processes: number;
  /** the session of the shop's owner */
  cookie: string;
  /** signs the owner in anew */
  enter: () => Promise<void>;
  /** asks the application as the owner */
  ask: (path?: string, init?: RequestInit, process?: number) => Promise<Response>;
  db: Db;
  cluster: () => Cluster;
  server: (process?: number) => ChildProcess | undefined;
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

export async function openShop(name = "demo", processes = 2): Promise<Shop> {
  const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-torture-"));
  chmodSync(folder, 0o755);
  // As in a shop: what is acknowledged is on the disk.
  let cluster = await startCluster(path.join(folder, "pg"), () => {});
  await ensureDatabase(cluster.url("postgres"), name);
  await migrateDatabase(cluster.url(name), path.join(ROOT, "drizzle"));
  await seedWhenEmpty(cluster.url(name), new Date());
  const { db, close } = connect(cluster.url(name), 2);
  const secret = freshSecret();
  const ports = await Promise.all(Array.from({ length: processes }, freePort));
  const servers: (ChildProcess | undefined)[] = ports.map(() => undefined);
  const databaseUp = async () =>
    db
      .execute("select 1")
      .then(() => true)
      .catch(() => false);
  const url = (process = 0) => `http://127.0.0.1:${ports[process]}`;
  const shop: Shop = {
    url,
    processes,
    cookie: "",
    ask: (at = "/", init = {}, process = 0) =>
      fetch(`${url(process)}${at}`, { ...init, headers: { cookie: shop.cookie } }),
    async enter() {
      const entered = await fetch(`${url()}/api/demo?as=owner`, { redirect: "manual" });
      shop.cookie = entered.headers
        .getSetCookie()
        .map((one) => one.split(";")[0])
        .join("; ");
    },
    db,
    cluster: () => cluster,
    server: (process = 0) => servers[process],
    async revive() {
      if (!(await databaseUp()) && !(await databaseUp()))
        cluster = await startCluster(path.join(folder, "pg"), () => {}, [], cluster.port);
      for (const [n, port] of ports.entries())
        if (!alive(servers[n]))
          await serve(port, cluster.appUrl(name), (child) => (servers[n] = child), { quiet: true, secret, demo: true });
    },
    memory: () => residentMb(servers[0]?.pid),
    async close() {
      await close();
      await Promise.all(servers.map(end));
      cluster.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
  await shop.revive();
  await shop.enter();
  return shop;
}
