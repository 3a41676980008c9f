import {
  CHASSIS,
  type Chassis,
  readNeed,
  readPart,
  readStep,
  readTap,
  writeNeed,
  writeStep,
  writeTap,
  type RecipeLine,
} from "@/core/kinds";
import { recipeSchema, type Recipe, type RecipeFields } from "@/core/modifications";
import { linesOf } from "@/ui/words";

/** A recipe as it is typed: lists are lines of text. */
export type TypedRecipe = {
  name: string;
  what: string;
  why: string;
  needs: string;
  parts: string;
  taps: string;
  chassis: Chassis;
  steps: string;
  verify: string;
  recalibrate: string;
  undo: string;
  permanent: boolean;
  instructions: string;
  minutes: string;
};

export const EMPTY_RECIPE: TypedRecipe = {
  name: "",
  what: "",
  why: "",
  needs: "",
  parts: "",
  taps: "",
  chassis: "none",
  steps: "",
  verify: "",
  recalibrate: "",
  undo: "",
  permanent: false,
  instructions: "",
  minutes: "",
};

export const typedOf = (recipe: Recipe): TypedRecipe => ({
  name: recipe.name,
  what: recipe.what,
  why: recipe.why ?? "",
  needs: recipe.needs.map(writeNeed).join("\n"),
  parts: recipe.parts.map(({ designator, text }) => `${designator} ${text}`).join("\n"),
  taps: recipe.taps.map(writeTap).join("\n"),
  chassis: recipe.chassis,
  steps: recipe.steps.map(writeStep).join("\n"),
  verify: recipe.verify.join("\n"),
  recalibrate: recipe.recalibrate.join("\n"),
  undo: recipe.undo ?? "",
  permanent: !recipe.reversible,
  instructions: recipe.instructions ?? "",
  minutes: recipe.minutes === undefined ? "" : String(recipe.minutes),
});

export type ReadRecipe =
  { ok: true; value: RecipeFields } | { ok: false; problems: Partial<Record<keyof TypedRecipe, string>> };

/** Which field a path of the schema belongs to. */
const FIELD: Record<string, keyof TypedRecipe> = { reversible: "undo" };

/** Reads a recipe as it was typed; every problem stands beside its field, a line by its number. */
export function readRecipe(typed: TypedRecipe): ReadRecipe {
  const problems: Partial<Record<keyof TypedRecipe, string>> = {};
  const list = <T>(key: "needs" | "parts" | "taps" | "steps", read: (line: string) => RecipeLine<T>): T[] =>
    linesOf(typed[key]).flatMap((line, index) => {
      const one = read(line);
      if (!one.ok) problems[key] ??= `Line ${index + 1}: ${one.message}`;
      return one.ok ? [one.value] : [];
    });
  const minutes = typed.minutes.trim();
  if (minutes && !/^\d{1,4}$/.test(minutes)) problems.minutes = "Minutes are a whole number, like 90.";
  const drilled = typed.chassis === "drilled";
  const text = (value: string) => (value.trim() ? value.trim() : undefined);
  const fields = {
    name: typed.name.trim(),
    what: typed.what.trim(),
    why: text(typed.why),
    needs: list("needs", readNeed),
    parts: list("parts", readPart),
    taps: list("taps", readTap),
    chassis: CHASSIS.find((one) => one === typed.chassis) ?? "none",
    steps: list("steps", readStep),
    verify: linesOf(typed.verify),
    recalibrate: linesOf(typed.recalibrate),
    reversible: !typed.permanent && !drilled,
    undo: text(typed.undo),
    instructions: text(typed.instructions),
    minutes: /^\d{1,4}$/.test(minutes) ? Number(minutes) : undefined,
  };
  const read = recipeSchema.safeParse(fields);
  for (const { path, message } of read.success ? [] : read.error.issues) {
    const [head = ""] = path.map(String);
    const key = FIELD[head] ?? (head as keyof TypedRecipe);
    problems[key in typed ? key : "name"] ??= message;
  }
  if (!read.success || Object.keys(problems).length > 0) return { ok: false, problems };
  return { ok: true, value: read.data };
}
