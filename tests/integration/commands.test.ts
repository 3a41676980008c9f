import { spawn, spawnSync } from "node:child_process";
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from "node:fs";
import { createServer, type Server } from "node:net";
import os from "node:os";
import path from "node:path";
import postgres from "postgres";
import { afterAll, describe, expect, inject, it } from "vitest";
import { migrateDatabase } from "@/db/migrate";
import { ensureDatabase, freePort, startCluster, Trouble } from "../../scripts/cluster";

const ROOT = path.resolve(import.meta.dirname, "../..");
const base = mkdtempSync(path.join(os.tmpdir(), "jumelle-cluster-"));
chmodSync(base, 0o755);
afterAll(() => rmSync(base, { recursive: true, force: true }));

const count = async (url: string) => {
  const sql = postgres(url, { max: 1 });
  const [row] = await sql`select count(*)::int as n from kept`;
  await sql.end();
  return row?.n as number;
};

describe("the project's own cluster", () => {
  const folder = path.join(base, "pg");

  it("keeps its data from start to start, and heals a stale pid file", async () => {
    const first = await startCluster(folder, () => {});
    await ensureDatabase(first.url("postgres"), "shop");
    const sql = postgres(first.url("shop"), { max: 1 });
    await sql`create table kept (n int)`;
    await sql`insert into kept values (1), (2)`;
    await sql.end();
    first.stop();
    expect(existsSync(path.join(folder, "postmaster.pid"))).toBe(false);

    // The number of a process that is no PostgreSQL, as after a power cut.
    writeFileSync(path.join(folder, "postmaster.pid"), `${process.pid}\n${folder}\n`);
    const second = await startCluster(folder, () => {});
    expect(await count(second.url("shop"))).toBe(2);

    // Left running, as when its starter was killed: it is stopped and started anew.
    const said: string[] = [];
    const third = await startCluster(folder, (line) => said.push(line));
    expect(said.join()).toContain("still running");
    expect(third.pid).not.toBe(second.pid);
    expect(await count(third.url("shop"))).toBe(2);
    third.stop();
  });

  it("lets nobody in without a password, and the application change no table and no trigger", async () => {
    const guarded = path.join(base, "guarded");
    const cluster = await startCluster(guarded, () => {});
    try {
      await ensureDatabase(cluster.url("postgres"), "shop");
      await migrateDatabase(cluster.url("shop"), path.join(ROOT, "drizzle"));
      const ask = async (url: string, query: string) => {
        const sql = postgres(url, { max: 1, onnotice: () => {} });
        try {
          return await sql.unsafe(query).then(() => "done");
        } catch (error) {
          return (error as { code?: string }).code;
        } finally {
          await sql.end({ timeout: 1 });
        }
      };
      const stranger = `postgres://postgres@127.0.0.1:${cluster.port}/shop`;
      expect(await ask(stranger, "select 1")).not.toBe("done");
      const app = cluster.appUrl("shop");
      expect(await ask(app, "select * from log_entry")).toBe("done");
      for (const query of [
        "alter table log_entry disable trigger all",
        "drop trigger log_entry_no_change on log_entry",
        "update log_entry set kind = 'note'",
        "delete from log_chain",
        "truncate stock_move",
        "create table mine (n int)",
        "set session_replication_role = replica",
      ])
        expect([query, await ask(app, query)]).toEqual([query, "42501"]);
    } finally {
      cluster.stop();
    }
  });

  it("closes the door of a cluster that let everybody in", async () => {
    const open = path.join(base, "open");
    const first = await startCluster(open, () => {});
    const rules = path.join(open, "pg_hba.conf");
    writeFileSync(rules, readFileSync(rules, "utf8").replaceAll("scram-sha-256", "trust"));
    first.stop();
    const second = await startCluster(open, () => {});
    expect(readFileSync(rules, "utf8")).not.toMatch(/\btrust\s*$/m);
    const sql = postgres(`postgres://postgres@127.0.0.1:${second.port}/postgres`, { max: 1 });
    await expect(sql`select 1`).rejects.toThrow();
    await sql.end();
    second.stop();
  });

  it("sets a half-made cluster aside and begins anew", async () => {
    const half = path.join(base, "half");
    mkdirSync(path.join(half, "global"), { recursive: true });
    writeFileSync(path.join(half, "PG_VERSION"), "15\n");
    mkdirSync(`${half}.new`);
    const said: string[] = [];
    const cluster = await startCluster(half, (line) => said.push(line));
    expect(said.join()).toContain("only half made");
    expect(readdirSync(base).some((name) => name.startsWith("half.broken-"))).toBe(true);
    expect(existsSync(`${half}.new`)).toBe(false);
    cluster.stop();
  });

  it("says so when the folder was made by another version", async () => {
    const other = path.join(base, "other");
    mkdirSync(path.join(other, "global"), { recursive: true });
    writeFileSync(path.join(other, "global/pg_control"), "");
    writeFileSync(path.join(other, "PG_VERSION"), "8\n");
    await expect(startCluster(other, () => {})).rejects.toThrow(/made by PostgreSQL 8/);
  });

  it("says so when its user may not enter the folder", async () => {
    if (process.getuid?.() !== 0) return;
    const closed = path.join(base, "closed");
    mkdirSync(closed, { mode: 0o700 });
    await expect(startCluster(path.join(closed, "pg"), () => {})).rejects.toThrow(Trouble);
  });
});

describe("bin/demo", () => {
  const demo = (args: string[], env: Record<string, string> = {}) => {
    const result = spawnSync(process.execPath, ["--import", "tsx", "scripts/demo.ts", ...args], {
      cwd: ROOT,
      encoding: "utf8",
      env: { ...process.env, ...env },
    });
    return { status: result.status, text: `${result.stdout}${result.stderr}` };
  };
  const elsewhere = { DATABASE_URL: inject("serverUrl") };

  it("explains what it takes", () => {
    expect(demo(["--port", "radio"])).toMatchObject({
      status: 1,
      text: expect.stringContaining("--port takes a number"),
    });
    expect(demo(["--prot", "3000"]).text).toContain("Usage: bin/demo [--port N] [--reset | --empty]");
    expect(demo(["--reset", "--empty"]).text).toContain("a shop that began empty is never erased");
    expect(demo(["--reset"], elsewhere).text).toContain("--reset erases only a database that bin/demo made itself");
  });

  it("says which port to try when one is taken", async () => {
    const port = await freePort();
    const busy = await new Promise<Server>((resolve) => {
      const server = createServer().listen(port, "127.0.0.1", () => resolve(server));
    });
    expect(demo(["--port", String(port)], elsewhere)).toMatchObject({
      status: 1,
      text: expect.stringContaining(`Port ${port} is in use`),
    });
    busy.close();
  });
});

describe("bin/test", () => {
  it("names the stages it knows", async () => {
    const child = spawn("bin/test", ["everything"], { cwd: ROOT });
    let text = "";
    child.stderr.on("data", (chunk: Buffer) => (text += chunk.toString()));
    const code = await new Promise((resolve) => child.once("exit", resolve));
    expect([code, text]).toEqual([
      1,
      expect.stringContaining("bin/test unit, integration, oracle or e2e runs one stage"),
    ]);
  });
});
