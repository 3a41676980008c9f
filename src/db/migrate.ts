import { migrate } from "drizzle-orm/postgres-js/migrator";
import { connect } from "./client";
import { sealAll } from "./seal-all";

/** Brings a database to the newest schema, and seals what an older program left without a seal. */
export async function migrateDatabase(url: string, folder: string): Promise<void> {
  const { db, close } = connect(url, 1);
  try {
    await migrate(db, { migrationsFolder: folder });
    await db.transaction((tx) => sealAll(tx));
  } finally {
    await close();
  }
}
