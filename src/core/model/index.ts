/** What the sets of a model share: supply, tubes, components with their roles, charts, windings, cautions. */
export { readSheet } from "./read-sheet";
export {
  ADJUSTER,
  AIM_WORDS,
  AIMS,
  alignmentSchema,
  ENDS,
  partOf,
  type Aim,
  type AlignmentRow,
  type End,
} from "./alignment";
export { PHOTO_VIEWS, pinSchema, VIEW_WORDS, VIEWS, type Pin, type View } from "./pins";
export { bandSchema, SIDES, type ModelBand, type Side } from "./bands";
export {
  chartSchema,
  mainRail,
  pointSchema,
  railPoints,
  type ChartConditions,
  type ChartPoint,
  type MeterLoad,
} from "./chart";
export { ELECTROLYTIC_ROLES, ROLES, roleWord, type Role } from "./roles";
export {
  checkSections,
  COMMON_WORDS,
  COMMONS,
  readSections,
  writeSections,
  type Common,
  type Section,
  type SectionCheck,
} from "./sections";
export {
  cautionSchema,
  componentSchema,
  figureSchema,
  DESIGNATOR,
  drawnSpec,
  drawnText,
  modelName,
  MOST_ROWS,
  onMains,
  partRules,
  RECTIFIER_WORDS,
  RECTIFIERS,
  sectionSpecs,
  setName,
  sectionTrouble,
  sheetSchema,
  SUPPLIES,
  SUPPLY_WORDS,
  tapsOf,
  tubeSchema,
  type Caution,
  type Component,
  type ModelFigure,
  type Model,
  type RectifierCircuit,
  type Sheet,
  type Supply,
  type Tube,
} from "./sheet";
export {
  circuitSchema,
  DEVICES,
  FEEDS,
  MOST_STAGES,
  PATHS,
  STAGE_KINDS,
  stageSchema,
  type Circuit,
  type Device,
  type PathKey,
  type Stage,
  type StageKind,
} from "./circuit";
export { devicePoint, electrodeNamed, electrodePairs, ELECTRODES, type Electrode } from "./electrodes";
export { readHeaterRails, writeHeaterRails, type HeaterRail } from "./heater-rails";
export { STEP_NAMES, STEPS, type Step } from "./steps";
export { windingName, windingSchema, type Winding } from "./windings";
export { joinSchema, type Join } from "./net";
export { CHASSIS, electrodeNode, LINE, nodeNamed, nodeOfPoint } from "./nodes";
