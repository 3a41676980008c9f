import { spawn, type ChildProcess } from "node:child_process";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterAll, expect, it, vi } from "vitest";
import { ensureDatabase, freePort, startCluster, type Cluster } from "../../scripts/cluster";
import { connect } from "@/db/client";
import { entriesOfSet } from "@/db/entries";
import { migrateDatabase } from "@/db/migrate";
import { draftNote, MIGRATIONS, openShop, signedIn, type Shop } from "./shop";

const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-crash-"));
chmodSync(folder, 0o755);
let cluster: Cluster | undefined;
let server: ChildProcess | undefined;

afterAll(() => {
  vi.unstubAllEnvs();
  server?.kill("SIGKILL");
  cluster?.stop();
  rmSync(folder, { recursive: true, force: true });
});

async function startServer(url: string, port: number): Promise<ChildProcess> {
  const child = spawn(process.execPath, ["--import", "tsx", path.join(import.meta.dirname, "append-server.ts")], {
    env: { ...process.env, DATABASE_URL: url, PORT: String(port) },
    stdio: ["ignore", "pipe", "ignore"],
  });
  await new Promise<void>((resolve, reject) => {
    child.stdout?.once("data", () => resolve());
    child.once("exit", () => reject(new Error("the server ended")));
  });
  return child;
}

type Sent = { draft: ReturnType<typeof draftNote>; acknowledged: boolean };

/** One connection that writes note after note, and remembers which ones were acknowledged, until nobody answers. */
async function writer(
  { shop, port, cookie }: { shop: Shop; port: number; cookie: string },
  name: string,
  going: () => boolean,
  sent: Sent[],
): Promise<void> {
  for (let n = 0; going() && n < 5000; n += 1) {
    const draft = draftNote(shop, `${name} ${n}`);
    const item: Sent = { draft, acknowledged: false };
    sent.push(item);
    const answer = await fetch(`http://127.0.0.1:${port}/api/entries`, {
      method: "POST",
      headers: { cookie },
      body: JSON.stringify(draft),
    }).catch(() => undefined);
    const body = answer?.ok ? await answer.json().catch(() => undefined) : undefined;
    if (!body) return;
    item.acknowledged = true;
  }
}

it("loses nothing that was acknowledged when the server and PostgreSQL are killed in the middle", async () => {
  cluster = await startCluster(path.join(folder, "pg"), () => {});
  await ensureDatabase(cluster.url("postgres"), "jumelle");
  await migrateDatabase(cluster.url("jumelle"), MIGRATIONS);
  const first = connect(cluster.url("jumelle"), 1);
  const shop = await openShop(first.db);
  await first.close();
  vi.stubEnv("DATABASE_URL", cluster.url("jumelle"));
  const cookie = await signedIn(shop.wren);
  const port = await freePort();
  server = await startServer(cluster.url("jumelle"), port);

  let open = true;
  const sent: Sent[] = [];
  const writers = ["a", "b", "c", "d", "e"].map((name) => writer({ shop, port, cookie }, name, () => open, sent));
  // In the middle: when some are written, however slow the machine is.
  await vi.waitFor(() => expect(sent.filter((item) => item.acknowledged).length).toBeGreaterThan(40), {
    timeout: 50_000,
    interval: 20,
  });
  cluster.kill();
  server.kill("SIGKILL");
  open = false;
  await Promise.all(writers);
  const acknowledged = sent.filter((item) => item.acknowledged).map((item) => item.draft.id);
  expect(acknowledged.length).toBeGreaterThan(20);

  // The same folder, started again: PostgreSQL recovers, and every acknowledged entry is there once.
  await new Promise((resolve) => setTimeout(resolve, 500));
  cluster = await startCluster(path.join(folder, "pg"), () => {});
  const again = connect(cluster.url("jumelle"), 2);
  const found = (await entriesOfSet(again.db, shop.set)).map((entry) => entry.id);
  expect(new Set(found).size).toBe(found.length);
  expect(acknowledged.filter((id) => !found.includes(id))).toEqual([]);

  // A client that had no answer sends its drafts again with the same ids: then all are there, still once.
  server = await startServer(cluster.url("jumelle"), port);
  for (const { draft } of sent.filter((item) => !item.acknowledged)) {
    const answer = await fetch(`http://127.0.0.1:${port}/api/entries`, {
      method: "POST",
      headers: { cookie },
      body: JSON.stringify(draft),
    });
    expect(answer.status).toBe(200);
  }
  const all = (await entriesOfSet(again.db, shop.set)).map((entry) => entry.id);
  expect([...all].sort()).toEqual(sent.map((item) => item.draft.id).sort());
  await again.close();
});
