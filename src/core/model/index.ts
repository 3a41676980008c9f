/** What the sets of a model share: supply, tubes, components with their roles, charts, cautions. */
export {
  componentSchema,
  DESIGNATOR,
  drawnSpec,
  modelName,
  partRules,
  pointSchema,
  ROLES,
  sheetSchema,
  SUPPLIES,
  SUPPLY_WORDS,
  type ChartPoint,
  type Component,
  type Model,
  type Role,
  type Sheet,
  type Supply,
} from "./sheet";
export { STEP_NAMES, STEPS, type Step } from "./steps";
