import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { sql } from "drizzle-orm";
import { migrate } from "drizzle-orm/postgres-js/migrator";
import { connect, type Db } from "@/db/client";

const MIGRATIONS = path.resolve(import.meta.dirname, "../../drizzle");

/** Rows of a database as an older program left them, table by table. */
export type Dump = { migrations: number; tables: Record<string, Record<string, unknown>[]> };

/** Tables whose rows make a log, parents first; those that a version does not have are left out. */
const TABLES = [
  ["shop_identity", "true"],
  ["shop", "true"],
  ["person", "true"],
  ["customer", "true"],
  ["model", `id in (select model_id from "set" where serial = any($serials))`],
  ["set", "serial = any($serials)"],
  ["visit", `set_id in (select id from "set" where serial = any($serials))`],
  ["log_entry", `set_id in (select id from "set" where serial = any($serials))`],
  ["log_chain", `set_id in (select id from "set" where serial = any($serials))`],
] as const;

/** Reads the logs of some sets, and what they stand on. */
export async function dumpOf(db: Db, serials: readonly string[]): Promise<Dump> {
  const list = `array[${serials.map((one) => `'${one.replaceAll("'", "''")}'`).join(", ")}]::text[]`;
  const tables: Dump["tables"] = {};
  for (const [table, where] of TABLES) {
    const [there] = await db.execute(sql.raw(`select to_regclass('"${table}"') is not null as there`));
    if (!there?.there) continue;
    const rows = await db.execute<{ row: Record<string, unknown> }>(
      sql.raw(`select row_to_json(t) as row from "${table}" t where ${where.replaceAll("$serials", list)}`),
    );
    tables[table] = rows.map(({ row }) => row);
  }
  const [{ count } = { count: 0 }] = await db.execute<{ count: number }>(
    sql`select count(*)::int as count from drizzle.__drizzle_migrations`,
  );
  return { migrations: Number(count), tables };
}

/** Brings an empty database to where it was after so many migrations. */
async function migrateTo(db: Db, count: number): Promise<void> {
  const folder = mkdtempSync(path.join(os.tmpdir(), "jumelle-old-"));
  try {
    type Journal = { entries: { tag: string }[] };
    const journal = JSON.parse(readFileSync(path.join(MIGRATIONS, "meta/_journal.json"), "utf8")) as Journal;
    journal.entries = journal.entries.slice(0, count);
    cpSync(MIGRATIONS, folder, { recursive: true });
    for (const file of readdirSync(folder))
      if (file.endsWith(".sql") && !journal.entries.some(({ tag }) => `${tag}.sql` === file))
        rmSync(path.join(folder, file));
    writeFileSync(path.join(folder, "meta/_journal.json"), JSON.stringify(journal));
    await migrate(db, { migrationsFolder: folder });
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** Makes an empty database what an older program had: its tables as they were then, and its rows. */
export async function layOld(url: string, { migrations, tables }: Dump): Promise<void> {
  const { db, close } = connect(url, 1);
  try {
    await migrateTo(db, migrations);
    await db.transaction(async (tx) => {
      await tx.execute(sql`set local session_replication_role = replica`);
      // It was made together with the table.
      if (tables.shop_identity) await tx.execute(sql`delete from shop_identity`);
      for (const [table, rows] of Object.entries(tables)) {
        if (rows.length === 0) continue;
        const columns = Object.keys(rows[0] ?? {})
          .map((name) => `"${name}"`)
          .join(", ");
        await tx.execute(
          sql`insert into ${sql.identifier(table)} (${sql.raw(columns)}) overriding system value
              select ${sql.raw(columns)} from json_populate_recordset(null::${sql.identifier(table)}, ${JSON.stringify(rows)}::json)`,
        );
      }
    });
  } finally {
    await close();
  }
}
