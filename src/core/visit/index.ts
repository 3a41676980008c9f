/** One stay of a set in the shop: its run sheet, its readings table, before against after, its summary. */
export {
  alignedIn,
  alignedSteps,
  alignmentOf,
  bandOfPoints,
  coreHistory,
  DIAL_CHECKS,
  dialCheckLacks,
  dialPoints,
  dialRuns,
  groupsAskedFor,
  stepsOf,
  type AlignedStep,
  type AlignmentState,
  type CoreHistory,
} from "./alignment";
export { lastWorkAt, markOf } from "./since";
export { OUT, OUTCOME_WORDS, setupDifferences, type Outcome } from "./compare";
export { compareVisit, type Comparison } from "./compare-visit";
export {
  baselineWarning,
  changedBeforeBaseline,
  passesOf,
  setupFor,
  tapInForce,
  setupsOf,
  type Pass,
  type SetupOf,
  type SetupPayload,
  workWarning,
} from "./passes";
export {
  poweredUp,
  powerProgress,
  powerRecords,
  stoppedAt,
  visitPolicy,
  type PowerRecord,
  type StepProgress,
} from "./power-run";
export { chartRows, coldRows, pointRows } from "./readings-table";
export { takenIn, type ReadingPayload, type Taken } from "./taken";
export { heaterBudget, type HeaterGroup } from "./heater-budget";
export { planDifferences, planInput, recapOf, workOrder } from "./recap";
export { testRuns } from "./test-runs";
export { drawnBy, runInHand, sheetOf } from "./sheet-of-run";
export { runPair, sheetRows, sheetRuns, type Run, type SheetRow } from "./sheet-runs";
export {
  faultWords,
  heardAgain,
  searchOf,
  type FindingState,
  type HeardAgain,
  type Search,
  type SearchInput,
} from "./search";
export { foundIn, learntFrom, type FoundOnce } from "./found";
export { safeLacks, safeLines, type SafeLine } from "./safe-run";
export { currentStep, runSheet, type SheetStep, type StepState, type VisitInput } from "./run-sheet";
export {
  dropperOhms,
  fittedHeaters,
  inSeries,
  stockedTubes,
  substitutePlace,
  tubePlaces,
  typeIn,
  type TubePlace,
  type TubeRecord,
} from "./tubes";
export { boardState, workSummary, type BoardState } from "./summary";
export {
  currentRow,
  testRows,
  tubeRows,
  type CurrentRow,
  type TestRow,
  type TubeRow,
  type TubeTaken,
} from "./compare-tests";
export { driftOf, soakOf, type Drift, type DriftPoint, type DriftRules, type Soak } from "./soak";
export { aroundFitting, type Around } from "./around";
export { circuitQuestion, circuitSheet } from "./circuit";
export { inCircuitOf } from "./in-circuit";
