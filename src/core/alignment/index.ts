/** Alignment: a model's table and its proposal, outputs beside a step, turns, rounds, and when to stop and look. */
export { changeDb, millionths, readOutput, S_UNIT, SCALES, type Output, type Scale } from "./output";
export { proposeAlignment, strangers, WAY_WORDS, wayOf, WAYS, type Proposed, type Way } from "./propose";
export {
  doneText,
  groupsOf,
  movedBy,
  MOVED_FAR,
  movesDial,
  nextStep,
  OFF_TUNE,
  ROUND_ENDS,
  roundsOf,
  stepKey,
  warningsOf,
  type Done,
  type GroupState,
  type Round,
  type Warning,
} from "./rounds";
export { EIGHTHS, MOST_EIGHTHS, readTurns, turnsText } from "./turns";
