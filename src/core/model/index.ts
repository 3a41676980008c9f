/** What the sets of a model share: supply, tubes, components with their roles, charts, windings, cautions. */
export { readSheet } from "./read-sheet";
export { ADJUSTER, AIM_WORDS, AIMS, ENDS, partOf, type Aim, type End } from "./alignment";
export { alignmentSchema, type AlignmentRow } from "./schemas/alignment";
export { PHOTO_VIEWS, VIEW_WORDS, VIEWS, type View } from "./pins";
export { pinSchema, type Pin } from "./schemas/pins";
export { bandSchema, type ModelBand } from "./schemas/bands";
export { SIDES, type Side } from "./bands";
export { chartSchema, pointSchema, type ChartConditions, type ChartPoint, type MeterLoad } from "./schemas/chart";
export { mainRail, railPoints } from "./chart";
export { ELECTROLYTIC_ROLES, ROLES, roleWord, type Role } from "./roles";
export { checkSections, readSections, writeSections, type SectionCheck } from "./sections";
export { COMMON_WORDS, COMMONS, type Common } from "./commons";
export type { Section } from "./schemas/sections";
export {
  cautionSchema,
  componentSchema,
  figureSchema,
  sheetSchema,
  tubeSchema,
  type Caution,
  type Component,
  type ModelFigure,
  type Sheet,
  type Tube,
} from "./schemas/sheet";
export { DESIGNATOR } from "./designator";
export {
  drawnSpec,
  drawnText,
  modelName,
  partRules,
  sectionSpecs,
  setName,
  sectionTrouble,
  tapsOf,
  type Model,
} from "./sheet";
export { MOST_ROWS } from "./limits";
export {
  onMains,
  RECTIFIER_WORDS,
  RECTIFIERS,
  SUPPLIES,
  SUPPLY_WORDS,
  type RectifierCircuit,
  type Supply,
} from "./supplies";
export { circuitSchema, stageSchema, type Circuit, type Stage } from "./schemas/circuit";
export { DEVICES, FEEDS, MOST_STAGES, PATHS, STAGE_KINDS, type Device, type PathKey, type StageKind } from "./circuit";
export { devicePoint, electrodeNamed, electrodePairs, ELECTRODE_NAMES, ELECTRODES, type Electrode } from "./electrodes";
export { readHeaterRails, writeHeaterRails } from "./heater-rails";
export type { HeaterRail } from "./schemas/heater-rails";
export { STEP_NAMES, STEPS, type Step } from "./steps";
export { windingName } from "./windings";
export { windingSchema, type Winding } from "./schemas/windings";
export { joinSchema, type Join } from "./schemas/net";
export { CHASSIS, electrodeNode, LINE, nodeNamed, nodeOfPoint } from "./nodes";
