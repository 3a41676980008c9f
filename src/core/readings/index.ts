/** Expected against measured: corrections for line and meter, the ratio, the verdict and its reasons. */
export { likelyBehind, type Seen } from "./behind";
export { calibrationOf, type Calibration } from "./calibration";
export {
  COLD_OVER_HOT,
  judgeSisters,
  SHORTED_TURN_NOTE,
  SISTER_TOLERANCE,
  WINDING_TOLERANCE,
  type Sister,
} from "./cold";
export { compareParts } from "./fitted";
export {
  CHART_TOLERANCE,
  chartTolerance,
  correctedFor,
  judge,
  RULES,
  UNMARKED_PART_TOLERANCE,
  type Circumstances,
  type Expectation,
  type ReadingToJudge,
  type Rule,
} from "./judge";
export { loaded, loadingFactor, meterOhms, rangeFor, USUAL_RANGES } from "./loading";
export { parseMeterLoad, printMeterLoad } from "./meter-text";
export { OPEN_OHMS, OPEN_WORDS, parseMeasured, printMeasured, saysOpen } from "./measured";
export { asksAboutSetup, preflight, type PreflightItem } from "./preflight";
export { judgeTest, SENSES, type Sense, type TestJudgement, type TestVerdict } from "./test-result";
export { PHASE_NAMES, PHASES, type Phase } from "./phases";
export type { Expected, PointRow } from "./points";
export type { Judgement, Verdict } from "./verdict";
