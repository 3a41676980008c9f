/** Modifications: recipes, whether one suits a set, what goes together, and their shorthand. */
export { readNeed, readPart, readStep, readTap, writeNeed, writeStep, writeTap, type LineRead } from "./lines";
export { bodyOf, recipeSchema, type Recipe, type RecipeFields } from "./recipe";
export {
  hardware,
  prerequisites,
  readyToOrder,
  suitability,
  together,
  type LineVerdict,
  type Prerequisite,
  type SuitLine,
} from "./suitability";
