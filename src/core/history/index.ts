/** The logbook: entry kinds, and the pure functions that fold entries into what is known about a set. */
export { asBuilt, differences, type Difference, type PartState, type Position } from "./as-built";
export { describe, describeSetup, describeWork, printPart, type Line } from "./describe";
export {
  bodySchema,
  contentSchema,
  draftSchema,
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
  CHECK_STATES,
  LAMPS,
  LARGEST_FILE,
  LONGEST_TEXT,
  NEEDS_REASON,
  OLD_PART_NAMES,
  OLD_PARTS,
  PHASES,
  PUTS_IN,
  RESIDUAL,
  WAIT_NAMES,
  WAITS,
  WHERES,
  type Action,
  type CheckState,
  type Fitted,
  type FromStock,
  type OldPart,
  type Phase,
  type Typed,
  type Wait,
  type Where,
} from "./payloads";
export {
  answerOf,
  GRADED_PARTS,
  GRADES,
  POLICIES,
  POLICY_NAMES,
  SWITCH_NAMES,
  SWITCHES,
  switchesOf,
  type Grade,
  type Policy,
  type SwitchName,
  type Switches,
} from "./policy";
export { ofKind, settle, upTo, type Logbook, type Settled } from "./settle";
export { closedAt, timeline, type Visit, type VisitOfTimeline } from "./timeline";
