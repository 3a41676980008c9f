import { z } from "zod";
import { bodyTrouble, modBody, type ModBody } from "../kinds";

/** A modification as the shop keeps it, to be fitted to any set that it suits. */
export const recipeSchema = modBody
  .extend({ name: z.string().trim().min(1, "A recipe has a name.").max(120) })
  .superRefine((value, context) => {
    for (const { path, message } of bodyTrouble(value, true))
      context.addIssue({ code: "custom", path: [path], message });
    if (value.steps.length === 0)
      context.addIssue({
        code: "custom",
        path: ["steps"],
        message: "A recipe has steps: what is done, one line each.",
      });
  });
export type RecipeFields = z.infer<typeof recipeSchema>;
export type Recipe = { id: string; version: number } & RecipeFields;

/** What a recipe says, without its name. */
export function bodyOf({ id: _id, version: _version, name: _name, ...body }: Recipe): ModBody {
  return body;
}
