/** Judging components and choosing what takes their place: rules by role, the recap plan, stock, pairs, orders. */
export {
  allocate,
  costOf,
  piecesOf,
  shortages,
  type Filled,
  type FilledLine,
  type Picks,
  type PlanCost,
} from "./allocate";
export { choose, readStock, reshelved, sharesText, type Choice, type Shelves } from "./choose";
export { combined, findPairs, pairOf, timeConstant, type Pair, type Piece, type Way } from "./combine";
export { dissipation } from "./dissipation";
export {
  ESR_HZ,
  esrLimit,
  gridShift,
  hotSpot,
  judgeCapacitor,
  judgeResistor,
  resistorSchool,
  tanLimit,
  type CapacitorPlace,
  type MeasuredCapacitor,
  type MeasuredResistor,
  type PartJudgement,
  type PartVerdict,
} from "./judge";
export { asItem, needText } from "./order";
export { partsCost, type PartsCost } from "./parts-cost";
export { capacitorPlace } from "./place";
export type { PartState } from "./part-state";
export { inCircuit } from "./rc";
export { lacks, lacksOfParts, type Lack } from "./fits";
export { FLOOR_BY_CIRCUIT, leastVolts, madeOf, needsOf, type InCircuit, type PlanInput, type PlanNeed } from "./needs";
export { lineOf, mostByTouch, touchCurrent, TOUCH_MOST_AMPS, TOUCH_WARN_AMPS } from "./touch-current";
export { CHOICES, PLAN_ACTION_WORDS, PLAN_ACTIONS, type PlanAction } from "./plan-actions";
export { choicesFor, propose, recapPlan, roleText, toleranceOf, type PlaceHistory, type PlanLine } from "./propose";
export {
  CAPACITOR_RULES,
  KIND_WORDS,
  MAINS_ROLES,
  marginsOf,
  rulesOf,
  ruleFor,
  type Kind,
  type RatedFrom,
  type RoleRule,
  type Rules,
} from "./rules";
export { shopRulesSchema, type ShopRules } from "./shop-rules";
export { electrodeVolts, largestReservoir, loadedRail, lowRail, stageBias, tubeOfStage } from "./supply";
