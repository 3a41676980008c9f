/** One stay of a set in the shop: its run sheet, its readings table, before against after, its summary. */
export { compareVisit, lastWorkAt, OUTCOME_WORDS, setupDifferences, type Comparison, type Outcome } from "./compare";
export {
  chartRows,
  pointRows,
  takenIn,
  type Expected,
  type PointRow,
  type ReadingPayload,
  type Taken,
} from "./readings-table";
export { currentStep, runSheet, type SheetStep, type StepState, type VisitInput } from "./run-sheet";
export { boardState, workSummary, type BoardState } from "./summary";
