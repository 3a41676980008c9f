import { desc } from "drizzle-orm";
import { v7 } from "uuid";
import type { Db } from "./client";
import { iso } from "./moment";
import { backup } from "./schema";

export type LastBackup = { at: string; bytes: number; rows: number };

export async function recordBackup(
  db: Db,
  { file, bytes, rows, at }: { file: string; bytes: number; rows: number; at: string },
): Promise<void> {
  await db.insert(backup).values({ id: v7(), file, bytes, rows, at });
}

/** The last backup that was written and read back whole. */
export async function lastBackup(db: Db): Promise<LastBackup | undefined> {
  const [last] = await db.select().from(backup).orderBy(desc(backup.at)).limit(1);
  return last && { at: iso(last.at), bytes: last.bytes, rows: last.rows };
}
