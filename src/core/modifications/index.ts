/** Modifications: recipes, whether one suits a set, what goes together. */
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
