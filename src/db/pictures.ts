import { and, asc, eq } from "drizzle-orm";
import type { View } from "@/core/model";
import type { Db, Tx } from "./client";
import { model, modelPicture } from "./schema";

/** A picture of a model without its content. */
export type ModelPicture = { id: string; view: View; width: number; height: number };

const fields = {
  id: modelPicture.id,
  view: modelPicture.view,
  width: modelPicture.width,
  height: modelPicture.height,
};

/** The pictures of a model, one for each view at most. */
export const picturesOf = (db: Tx, modelId: string): Promise<ModelPicture[]> =>
  db.select(fields).from(modelPicture).where(eq(modelPicture.modelId, modelId)).orderBy(asc(modelPicture.view));

export async function pictureContent(db: Tx, id: string): Promise<{ type: string; content: Uint8Array } | undefined> {
  const [row] = await db
    .select({ type: modelPicture.type, content: modelPicture.content })
    .from(modelPicture)
    .where(eq(modelPicture.id, id));
  return row;
}

/** The pictures of a model with their contents, for a report. */
export const pictureContents = (
  db: Tx,
  modelId: string,
): Promise<(Omit<ModelPicture, "id"> & { content: Uint8Array })[]> =>
  db
    .select({ view: fields.view, width: fields.width, height: fields.height, content: modelPicture.content })
    .from(modelPicture)
    .where(eq(modelPicture.modelId, modelId))
    .orderBy(asc(modelPicture.view));

type NewPicture = Omit<typeof modelPicture.$inferInsert, "at">;

/** Keeps a picture of a view; an earlier one of it is replaced. @returns false where there is no such model */
export const savePicture = (db: Db, picture: NewPicture): Promise<boolean> =>
  db.transaction(async (tx) => {
    const [known] = await tx.select({ id: model.id }).from(model).where(eq(model.id, picture.modelId)).for("update");
    if (!known) return false;
    await dropPicture(tx, picture.modelId, picture.view);
    await tx.insert(modelPicture).values(picture);
    return true;
  });

/** Takes the picture of a view away. Its pins stay in the sheet. */
export async function dropPicture(db: Tx, modelId: string, view: View): Promise<void> {
  await db.delete(modelPicture).where(and(eq(modelPicture.modelId, modelId), eq(modelPicture.view, view)));
}
