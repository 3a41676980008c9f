/** Safety class of a set, what can hurt in it, how it is made safe, and how power is brought on. */
export { BPLUS_LEAST_OHMS, coldChecks, type ColdCheck } from "./cold-checks";
export {
  discharge,
  DISCHARGE_WARNING,
  dischargeResistor,
  dischargeStick,
  type Charge,
  type Discharge,
  type DischargeStick,
} from "./discharge";
export { LARGEST_FILTER, storedCharge, type Stored } from "./stored";
export {
  BPLUS_FROM,
  bplusBand,
  heatersAlone,
  lineCurrent,
  STOP_AT_FULL_LINE,
  STOP_AT_STEP,
  stopCurrent,
} from "./first-power";
export { hazards, hazardsAt, TOUCH_LIMIT_VOLTS, type Hazard } from "./hazards";
export { lampFor, USUAL_LAMPS } from "./lamps";
export { bestTap, lineRemarks, type MainsLine } from "./line";
export { makeSafeList, type SafeItem } from "./make-safe";
export { STAGE_NAMES, STAGES, type PowerExpectation, type Stage } from "./expectation";
export { METHOD_NAMES, METHODS, type Method } from "./methods";
export { methodsFor, powerPlan, type PlanStep, type PlanInput, type PowerPlan } from "./plan";
export { afterStop } from "./after-stop";
export {
  DANGER_WORDS,
  DANGERS,
  judgeStep,
  UNLOADED_HIGH,
  looksLikeMilliamps,
  type Danger,
  type StepReading,
  type StepVerdict,
  type StopRule,
} from "./stop";
export { noLoadPeak, type Volts } from "./peak";
export { finalList } from "./final-list";
