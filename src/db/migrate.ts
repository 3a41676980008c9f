import { migrate } from "drizzle-orm/postgres-js/migrator";
import { connect } from "./client";

/** Brings a database to the newest schema. */
export async function migrateDatabase(url: string, folder: string): Promise<void> {
  const { db, close } = connect(url, 1);
  try {
    await migrate(db, { migrationsFolder: folder });
  } finally {
    await close();
  }
}
