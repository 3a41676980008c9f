import type { ChildProcess } from "node:child_process";
import { once } from "node:events";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { createServer, type Server } from "node:http";
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

/** Where the browser tests find their shops. */
export type Shops = {
  /** the addresses of the lanes' */
  lanes: string[];
  /** opens another one on POST: /demo as the demo was laid down, /empty as nobody has opened it; and DELETE closes it */
  opener: string;
};

let cluster: Cluster | undefined;
let folder: string | undefined;
let opener: Server | undefined;
/** the servers, by their ports */
const servers = new Map<number, ChildProcess>();

let opened = 0;

/** A shop of its own, with a database and a server of its own. */
async function openShop(kind: "demo" | "empty"): Promise<string> {
  if (!cluster) throw new Error("There is no database to open a shop in.");
  opened += 1;
  const database = `${kind}-${opened}`;
  await ensureDatabase(cluster.url("postgres"), database, false, kind);
  if (kind === "empty") await becomeAnother(cluster.url(database));
  const port = await freePort();
  await serve(port, cluster.appUrl(database), (child) => servers.set(port, child), {
    secret: freshSecret(),
    ...(kind === "demo" ? { demo: true } : { shop: "" }),
  });
  return `http://127.0.0.1:${port}`;
}

async function closeShop(port: number): Promise<void> {
  await end(servers.get(port));
  servers.delete(port);
}

/** Tests open shops of their own here, and close them. */
async function serveOpener(): Promise<string> {
  opener = createServer((request, response) => {
    const asked = request.url?.slice(1) ?? "";
    const failed = (error: unknown) => void response.writeHead(500).end(String(error));
    if (request.method !== "DELETE")
      return void openShop(asked === "demo" ? "demo" : "empty").then((address) => response.end(address), failed);
    // The test goes on: a server that waits for the last of its readers takes a while. One that is gone is closed.
    closeShop(Number(asked)).catch(() => undefined);
    response.end();
  });
  const port = await freePort();
  await once(opener.listen(port, "127.0.0.1"), "listening");
  return `http://127.0.0.1:${port}`;
}

/** Opens a throw-away shop for every lane, and whatever else the tests ask for. */
export async function openShops(): Promise<Shops> {
  folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-e2e-"));
  chmodSync(folder, 0o755);
  cluster = await startCluster(path.join(folder, "pg"), () => {}, ["-c", "fsync=off"]);
  const root = cluster.url("postgres");
  await ensureDatabase(root, "empty");
  await migrateDatabase(cluster.url("empty"), path.join(ROOT, "drizzle"));
  await ensureDatabase(root, "demo", false, "empty");
  await seedWhenEmpty(cluster.url("demo"), new Date());
  const lanes: string[] = [];
  for (let lane = 1; lane <= LANES; lane += 1) lanes.push(await openShop("demo"));
  return { lanes, opener: await serveOpener() };
}

export async function closeShops(): Promise<void> {
  opener?.close();
  await Promise.all([...servers.keys()].map(closeShop));
  cluster?.stop();
  if (folder) rmSync(folder, { recursive: true, force: true });
}
