import { and, asc, eq, sql } from "drizzle-orm";
import { sheetSchema, type Model, type Sheet } from "@/core/model";
import type { Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { model } from "./schema";

/** A stored model with its sheet held against the schema. */
export const readModel = (row: typeof model.$inferSelect): Model => ({ ...row, sheet: sheetSchema.parse(row.sheet) });

export async function models(db: Tx): Promise<Model[]> {
  const rows = await db.select().from(model).orderBy(asc(model.maker), asc(model.designation));
  return rows.map(readModel);
}

export async function modelById(db: Tx, id: string): Promise<Model | undefined> {
  const [row] = await db.select().from(model).where(eq(model.id, id));
  return row ? readModel(row) : undefined;
}

/** Changes a model's sheet if nobody else has done so since `version` was read. */
export async function saveSheet(db: Tx, id: string, version: number, sheet: Sheet): Promise<Saved> {
  const [row] = await db
    .update(model)
    .set({ sheet: sheetSchema.parse(sheet), version: sql`${model.version} + 1` })
    .where(and(eq(model.id, id), eq(model.version, version)))
    .returning({ version: model.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}
