"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { recipeSchema } from "@/core/modifications";
import { database } from "@/db/client";
import type { Saved } from "@/db/customers";
import { saveRecipe } from "@/db/recipes";
import { logFailure } from "@/server/log";

/** Makes or changes a recipe. */
export async function changeRecipe(id: unknown, fields: unknown, version: unknown): Promise<Saved> {
  const read = recipeSchema.safeParse(fields);
  if (!read.success) return { ok: false, message: read.error.issues[0]?.message ?? "That is no recipe." };
  try {
    const saved = await saveRecipe(database(), z.uuid().parse(id), read.data, z.number().int().min(0).parse(version));
    if (saved.ok) revalidatePath("/reference/modifications", "layout");
    return saved;
  } catch (error) {
    return {
      ok: false,
      message: `It could not be saved; what you typed is still here. Reference ${logFailure("change recipe", error)}.`,
    };
  }
}
