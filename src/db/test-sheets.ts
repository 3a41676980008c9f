import { asc, eq, sql, and } from "drizzle-orm";
import { SHIPPED, testSheetSchema, type TestSheet } from "@/core/sheets";
import type { Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { testSheet } from "./schema";

/** The shop's own test sheets, by name. One that can no longer be read is left out: its runs keep their figures. */
export async function ownSheets(db: Tx): Promise<TestSheet[]> {
  const rows = await db.select().from(testSheet).orderBy(asc(testSheet.name));
  return rows.flatMap(({ body, version }) => {
    const read = testSheetSchema.safeParse({ ...body, version });
    return read.success ? [read.data] : [];
  });
}

/** All sheets: those that ship, then the shop's own. */
export const testSheets = async (db: Tx): Promise<TestSheet[]> => [...SHIPPED, ...(await ownSheets(db))];

/** Makes or changes a sheet of the shop's own; version 0 makes it. Runs keep the version that they were made with. */
export async function saveSheet(db: Tx, sheet: TestSheet, version: number): Promise<Saved> {
  const { key, name } = sheet;
  if (SHIPPED.some((one) => one.key === key || one.name.toLowerCase() === name.toLowerCase()))
    return { ok: false, message: `“${name}” is the name of a sheet that ships: give yours another one.` };
  const [same] = await db
    .select({ key: testSheet.key })
    .from(testSheet)
    .where(and(sql`lower(${testSheet.name}) = ${name.toLowerCase()}`, sql`${testSheet.key} <> ${key}`));
  if (same) return { ok: false, message: `There is a sheet “${name}” already: give this one another name.` };
  if (version === 0) {
    const [made] = await db
      .insert(testSheet)
      .values({ key, name, body: { ...sheet, version: 1 } })
      .onConflictDoNothing()
      .returning();
    return made ? { ok: true, version: 1 } : { ok: false, message: STALE };
  }
  const [row] = await db
    .update(testSheet)
    .set({ name, body: { ...sheet, version: version + 1 }, version: version + 1 })
    .where(and(eq(testSheet.key, key), eq(testSheet.version, version)))
    .returning({ version: testSheet.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}

/** Takes a sheet of the shop's own away. What was measured by it stays. */
export async function dropSheet(db: Tx, key: string): Promise<{ ok: true }> {
  await db.delete(testSheet).where(eq(testSheet.key, key));
  return { ok: true };
}
