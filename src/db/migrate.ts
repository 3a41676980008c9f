import { sql } from "drizzle-orm";
import { migrate } from "drizzle-orm/postgres-js/migrator";
import { connect, type Db } from "./client";
import { sealAll } from "./seal-all";

/** The role that the application works as, where the database has one. It owns nothing: its rights are given here. */
export const APP_ROLE = "jumelle_app";

/** Tables whose rows are added and never changed. */
const APPENDED = ["log_entry", "log_chain", "file_chain", "stock_move", "event"];

/** Gives the application's role what it needs, for the tables as they are now, and nothing beyond rows. */
async function grant(db: Db): Promise<void> {
  const [found] = await db.execute(sql`select 1 from pg_roles where rolname = ${APP_ROLE}`);
  if (!found) return;
  for (const right of [
    `grant usage on schema public to ${APP_ROLE}`,
    `grant select, insert, update, delete on all tables in schema public to ${APP_ROLE}`,
    `grant usage, select, update on all sequences in schema public to ${APP_ROLE}`,
    ...APPENDED.map((table) => `revoke update, delete, truncate on "${table}" from ${APP_ROLE}`),
  ])
    await db.execute(sql.raw(right));
}

/** Brings a database to the newest schema, and seals what an older program left without a seal. */
export async function migrateDatabase(url: string, folder: string): Promise<void> {
  const { db, close } = connect(url, 1);
  try {
    await migrate(db, { migrationsFolder: folder });
    await db.transaction((tx) => sealAll(tx));
    await grant(db);
  } finally {
    await close();
  }
}
