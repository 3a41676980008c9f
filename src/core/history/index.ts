/** The logbook: entry kinds, and the pure functions that fold entries into what is known about a set. */
export { asBuilt, differences, type Difference, type PartState, type Position } from "./as-built";
export { describe, describeWork, printPart, type Line } from "./describe";
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
export { judgeReading, openPoints, type OpenPoint } from "./open-points";
export {
  ACTIONS,
  LONGEST_TEXT,
  NEEDS_REASON,
  OLD_PART_NAMES,
  OLD_PARTS,
  PHASES,
  POLICIES,
  POLICY_NAMES,
  PUTS_IN,
  WAIT_NAMES,
  WAITS,
  type Action,
  type Fitted,
  type OldPart,
  type Phase,
  type Policy,
  type Typed,
  type Wait,
} from "./payloads";
export { ofKind, settle, upTo, type Logbook, type Settled } from "./settle";
export { closedAt, timeline, type Visit, type VisitOfTimeline } from "./timeline";
