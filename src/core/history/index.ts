/** The logbook: entry kinds, and the pure functions that fold entries into what is known about a set. */
export { applyDifferences, asBuilt, differences, type Difference, type Position } from "./as-built";
export { describe, describeSetup, describeWork, printMinutes, printPart, type Line } from "./describe";
export {
  bodySchema,
  contentSchema,
  draftSchema,
  readBody,
  sentences,
  upgrade,
  wrongDate,
  type Amendment,
  type Body,
  type Content,
  type ContentKind,
  type ContentOf,
  type Draft,
  type Entry,
} from "./entries";
export { judgeComponentTest, judgeTubeTest } from "./judged";
export { judgePowerStep, judgeReading, openPoints, type OpenPoint } from "./open-points";
export {
  ACTIONS,
  CHANGES_NOTHING,
  CHECK_LISTS,
  CHECK_STATES,
  LAMPS,
  NEEDS_REASON,
  OLD_PART_NAMES,
  OLD_PARTS,
  PUTS_IN,
  RESIDUAL,
  WAIT_NAMES,
  WAITS,
  WHERES,
  type Action,
  type CheckState,
  type OldPart,
  type Wait,
  type Where,
} from "./payloads";
export {
  fitted as fittedSchema,
  LARGEST_FILE,
  LONGEST_TEXT,
  money as moneySchema,
  type Fitted,
  type FromStock,
  type Typed,
} from "./payload-pieces";
export {
  bodyTrouble,
  CHASSIS,
  CHASSIS_WORDS,
  MOD_STATE_WORDS,
  MOD_STATES,
  MOD_THERE,
  modBody,
  TAP_KINDS,
  tapSchema,
  TICK_LISTS,
  TICK_STATES,
  WAYS,
  type Chassis,
  type ModBody,
  type ModState,
  type ModStep,
  type Need,
  type Tap,
  type TapKind,
  type TickList,
  type TickState,
} from "./payloads-job";
export {
  isThere,
  loansOut,
  modificationsOf,
  pendingLines,
  tickOf,
  type Loan,
  type Modification,
  type ModPayload,
  type PendingLine,
  type TickPayload,
} from "./modifications";
export { ofKind, settle, upTo, type Logbook, type Settled } from "./settle";
export { closedAt, timeline, type Visit, type VisitOfTimeline } from "./timeline";
export { originality, type Originality } from "./originality";
export { designatorsIn, historyOf, seriesOf, type Series, type SeriesPoint } from "./series";
