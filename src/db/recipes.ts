import { and, asc, eq, ne, sql } from "drizzle-orm";
import { recipeSchema, type Recipe, type RecipeFields } from "@/core/modifications";
import type { Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { recipe } from "./schema";

const read = ({ id, version, body }: typeof recipe.$inferSelect): Recipe => ({
  id,
  version,
  ...recipeSchema.parse(body),
});

/** The shop's recipes for modifications, by name. */
export async function recipes(db: Tx): Promise<Recipe[]> {
  const rows = await db.select().from(recipe).orderBy(asc(recipe.name));
  return rows.map(read);
}

/** Makes or changes a recipe; version 0 makes it. What sets have of it stays as it was fitted. */
export async function saveRecipe(db: Tx, id: string, fields: RecipeFields, version: number): Promise<Saved> {
  const body = recipeSchema.parse(fields);
  const [same] = await db
    .select({ id: recipe.id })
    .from(recipe)
    .where(and(sql`lower(${recipe.name}) = ${body.name.toLowerCase()}`, ne(recipe.id, id)));
  if (same) return { ok: false, message: `There is a recipe “${body.name}” already: give this one another name.` };
  if (version === 0) {
    const [made] = await db.insert(recipe).values({ id, name: body.name, body }).onConflictDoNothing().returning();
    return made ? { ok: true, version: 1 } : { ok: false, message: STALE };
  }
  const [row] = await db
    .update(recipe)
    .set({ name: body.name, body, version: sql`${recipe.version} + 1` })
    .where(and(eq(recipe.id, id), eq(recipe.version, version)))
    .returning({ version: recipe.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}
