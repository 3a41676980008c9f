import { spawn } from "node:child_process";
import { rmSync } from "node:fs";
import path from "node:path";
import { sql } from "drizzle-orm";
import { connect, type Db } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { allHeads } from "@/db/verify";
import { fileChain, logChain, shopIdentity } from "@/db/schema";
import { ensureDatabase, type Cluster } from "../cluster";
import { ROOT } from "../server";
import type { Chance } from "./chance";
import { archive, digestOf } from "./photos";
import type { Shop } from "./shop";

export type Halfway = { kills: number; cut: number; wrong: string[] };

const MIGRATIONS = path.join(ROOT, "drizzle");
const MIGRATE = `import { migrateDatabase } from "./src/db/migrate.ts"; await migrateDatabase(process.env.DATABASE_URL, "drizzle");`;

/**
 * Runs a command on a database and kills it, or the database's own side of it, so many ms after it has connected.
 * @returns whether it was cut off
 */
async function cutOff(args: string[], url: string, owner: Db, ms: number, backend: boolean): Promise<boolean> {
  const child = spawn(process.execPath, ["--import", "tsx", ...args], {
    cwd: ROOT,
    env: { ...process.env, DATABASE_URL: url },
    stdio: "ignore",
  });
  const ended = new Promise<boolean>((resolve) => child.on("exit", (code) => resolve(code !== 0)));
  const mine = sql`from pg_stat_activity where datname = ${new URL(url).pathname.slice(1)}`;
  const wait = (time: number) => new Promise((resolve) => setTimeout(resolve, time));
  while (child.exitCode === null && (await owner.execute(sql`select pid ${mine}`)).length === 0) await wait(5);
  await wait(ms);
  if (backend) await owner.execute(sql`select pg_terminate_backend(pid) ${mine}`);
  else child.kill("SIGKILL");
  return ended;
}

/** Everything that makes up the shape of a database: columns, constraints, triggers. */
async function shapeOf(db: Db): Promise<string> {
  const rows = await db.execute(sql`
    select table_name || '.' || column_name || ' ' || data_type || ' ' || is_nullable as line
      from information_schema.columns where table_schema = 'public'
    union all select conrelid::regclass || ' ' || pg_get_constraintdef(oid) from pg_constraint
      where connamespace = 'public'::regnamespace
    union all select tgrelid::regclass || ' ' || pg_get_triggerdef(oid) from pg_trigger where not tgisinternal
    order by 1`);
  return rows.map(({ line }) => line).join("\n");
}

async function inDatabase<T>(url: string, work: (db: Db) => Promise<T>): Promise<T> {
  const { db, close } = connect(url, 1);
  try {
    return await work(db);
  } finally {
    await close();
  }
}

/** Heads of all sets, and what is wrong with their seals. */
const headsOf = async (db: Db): Promise<string> => JSON.stringify(await allHeads(db));

/** A shop as a program wrote it that had no seals yet. */
const OLD = "before_seals";

async function beforeSeals(cluster: Cluster, file: string): Promise<void> {
  await ensureDatabase(cluster.url("postgres"), OLD, true);
  await archive("restore", file, cluster.url(OLD));
  await inDatabase(cluster.url(OLD), (db) =>
    db.transaction(async (tx) => {
      await tx.execute(sql`set local session_replication_role = replica`);
      await tx.delete(logChain);
      await tx.delete(fileChain);
      await tx.update(shopIdentity).set({ allSealed: false });
    }),
  );
}

/**
 * Migrations of an empty database, the sealing of a log that an older program wrote, and restoring an archive are cut
 * off in the middle. Done again they must come out as if nothing had been: the same tables, all seals, the same archive.
 */
export async function cutHalfway(shop: Shop, folder: string, draw: Chance, kills: number): Promise<Halfway> {
  const cluster = shop.cluster();
  const owner = connect(cluster.url("postgres"), 1);
  const file = path.join(folder, "halfway.gz");
  const again = path.join(folder, "again.gz");
  const wrong: string[] = [];
  let cut = 0;
  try {
    await archive("write", file, cluster.url("demo"));
    const [shape, digest] = [await inDatabase(cluster.url("demo"), shapeOf), await digestOf(file)];
    await beforeSeals(cluster, file);
    await ensureDatabase(cluster.url("postgres"), "sealed", true, OLD);
    await migrateDatabase(cluster.url("sealed"), MIGRATIONS);
    const seals = await inDatabase(cluster.url("sealed"), headsOf);
    for (let n = 0; n < kills; n += 1) {
      const name = `halfway_${n}`;
      const url = cluster.url(name);
      const what = draw.of(["migration", "sealing", "restore"]);
      const [ms, backend] = [draw.below(what === "restore" ? 900 : 250), draw.below(2) === 0];
      await ensureDatabase(cluster.url("postgres"), name, true, what === "sealing" ? OLD : undefined);
      if (what === "restore") {
        if (await cutOff([path.join(ROOT, "scripts/archive.mts"), "restore", file], url, owner.db, ms, backend)) {
          cut += 1;
          const whole = await archive("restore", file, url);
          if (!whole.well) wrong.push(`restore cut off after ${ms} ms: it cannot be done again`);
        }
        await archive("write", again, url);
        if ((await digestOf(again)) !== digest) wrong.push(`restore cut off after ${ms} ms: another archive comes out`);
      } else {
        if (await cutOff(["--input-type=module", "-e", MIGRATE], url, owner.db, ms, backend)) cut += 1;
        await migrateDatabase(url, MIGRATIONS).catch((error: unknown) => wrong.push(`${what}: ${String(error)}`));
        await inDatabase(url, async (db) => {
          if ((await shapeOf(db)) !== shape) wrong.push(`${what} cut off after ${ms} ms: other tables come out`);
          if (what === "sealing" && (await headsOf(db)) !== seals)
            wrong.push(`sealing cut off after ${ms} ms: other seals come out`);
        });
      }
      await owner.db.execute(sql.raw(`drop database ${name} with (force)`));
    }
    return { kills, cut, wrong };
  } finally {
    await owner.close();
    rmSync(file, { force: true });
    rmSync(again, { force: true });
  }
}
