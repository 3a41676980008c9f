import { and, asc, desc, eq, sql } from "drizzle-orm";
import { cautionSchema, MOST_ROWS, readSheet, sheetSchema, type Caution, type Model, type Sheet } from "@/core/model";
import type { Db, Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { model, modelRevision, person } from "./schema";
import { iso } from "./moment";

/** A stored model; what cannot be read of its sheet is left out, with a caution. */
export const readModel = (row: typeof model.$inferSelect): Model => ({ ...row, sheet: readSheet(row.sheet) });

export async function models(db: Tx): Promise<Model[]> {
  const rows = await db.select().from(model).orderBy(asc(model.maker), asc(model.designation));
  return rows.map(readModel);
}

export type ModelName = Pick<Model, "id" | "maker" | "designation">;

/** Names of all models, without their sheets. */
export const modelNames = (db: Tx): Promise<ModelName[]> =>
  db
    .select({ id: model.id, maker: model.maker, designation: model.designation })
    .from(model)
    .orderBy(asc(model.maker), asc(model.designation));

export async function modelById(db: Tx, id: string): Promise<Model | undefined> {
  const [row] = await db.select().from(model).where(eq(model.id, id));
  return row ? readModel(row) : undefined;
}

/** Changes a model's sheet if nobody else has done so since `version` was read. The old sheet stays as a revision. */
export async function saveSheet(db: Db, id: string, version: number, sheet: Sheet, by?: string): Promise<Saved> {
  const parsed = sheetSchema.parse(sheet);
  return db.transaction(async (tx): Promise<Saved> => {
    const [before] = await tx
      .select({ sheet: model.sheet })
      .from(model)
      .where(and(eq(model.id, id), eq(model.version, version)))
      .for("update");
    if (!before) return { ok: false, message: STALE };
    await tx
      .insert(modelRevision)
      .values({ modelId: id, version, sheet: before.sheet, ...(by ? { replacedBy: by } : {}) });
    await tx
      .update(model)
      .set({ sheet: parsed, version: sql`${model.version} + 1` })
      .where(eq(model.id, id));
    return { ok: true, version: version + 1 };
  });
}

/**
 * Keeps a caution or lesson with a model. It is added to the sheet as it stands, so nobody's edit is in its way;
 * one that is there already is not doubled.
 */
export async function keepCaution(db: Db, id: string, caution: Caution, by: string): Promise<Saved> {
  const parsed = cautionSchema.parse(caution);
  for (let attempt = 0; attempt < 5; attempt += 1) {
    const found = await modelById(db, id);
    if (!found) return { ok: false, message: "This model is not in the books any more." };
    const { cautions } = found.sheet;
    if (cautions.some(({ step, text }) => step === parsed.step && text === parsed.text))
      return { ok: true, version: found.version };
    if (cautions.length >= MOST_ROWS) return { ok: false, message: "This model holds no more cautions." };
    const saved = await saveSheet(db, id, found.version, { ...found.sheet, cautions: [...cautions, parsed] }, by);
    if (saved.ok) return saved;
  }
  return { ok: false, message: STALE };
}

export type Revision = { version: number; replacedAt: string; replacedBy: string | null };

/** The earlier versions of a model's sheet, the newest first. */
export async function revisionsOf(db: Tx, id: string): Promise<Revision[]> {
  const rows = await db
    .select({ version: modelRevision.version, replacedAt: modelRevision.replacedAt, replacedBy: person.name })
    .from(modelRevision)
    .leftJoin(person, eq(person.id, modelRevision.replacedBy))
    .where(eq(modelRevision.modelId, id))
    .orderBy(desc(modelRevision.version))
    .limit(100);
  return rows.map((row) => ({ ...row, replacedAt: iso(row.replacedAt) }));
}

export async function revisionAt(db: Tx, id: string, version: number): Promise<Sheet | undefined> {
  const [row] = await db
    .select({ sheet: modelRevision.sheet })
    .from(modelRevision)
    .where(and(eq(modelRevision.modelId, id), eq(modelRevision.version, version)));
  return row ? readSheet(row.sheet) : undefined;
}
