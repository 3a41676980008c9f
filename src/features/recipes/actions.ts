"use server";

import { z } from "zod";
import { recipeSchema } from "@/core/modifications";
import { database } from "@/db/client";
import { saveRecipe } from "@/db/recipes";
import { action, read } from "@/server/action";

/** Makes or changes a recipe. */
export async function changeRecipe(id: unknown, fields: unknown, version: unknown) {
  return action(
    "change recipe",
    async () =>
      saveRecipe(database(), z.uuid().parse(id), read(recipeSchema, fields), z.number().int().min(0).parse(version)),
    { shownOn: "/reference/modifications" },
  );
}
