/** The kinds of entries: one home for all that is particular to each, and what folds over all of them. */
export { BY_LINK, WAYS } from "./approval";
export { TELLING, type Told } from "./told";
export { TOLD_BY, type Promised } from "./promised";
export { CHECK_LISTS, CHECK_STATES, RESIDUAL, type CheckState } from "./check/payload";
export { WHERES, type Where } from "./component-test/payload";
export {
  ALL_KINDS,
  bodySchema,
  contentSchema,
  draftSchema,
  judgementOf,
  kindOf,
  ofKind,
  readAnyBody,
  readBody,
  sentences,
  settle,
  showable,
  upgrade,
  type Amendment,
  type AnyKind,
  type Body,
  type Content,
  type ContentKind,
  type ContentOf,
  type Draft,
  type Entry,
  type Kinds,
  type Logbook,
  type Settled,
  type Standing,
} from "./entries";
export {
  CSV_COLUMNS,
  LANES,
  SAYS_NOTHING,
  type CsvRow,
  type Lane,
  type LineExample,
  type LogView,
  type Says,
  type Searched,
  type Section,
  type TakenPart,
} from "./kind";
export { fieldText, inWords, type FieldInWords } from "./in-words";
export { readMinutes } from "./minutes";
export { keyOfAligned, unitText } from "./aligned/line";
export { CABINETS, OUTCOMES, type Aligned } from "./aligned/payload";
export { isBareRow, readRow } from "./measured-row/line";
export { voidedBy, type MeasuredRow } from "./measured-row/payload";
export { loansOut, type Loan } from "./loan";
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
  type Chassis,
  type ModBody,
  type ModNeed,
  type ModState,
  type ModStep,
  type Tap,
  type TapKind,
} from "./modification/body";
export { readStockedPart } from "./modification/line";
export type { ModPayload } from "./modification/payload";
export {
  readNeed,
  readPart,
  readStep,
  readTap,
  writeNeed,
  writeStep,
  writeTap,
  type RecipeLine,
} from "./modification/pieces";
export { isThere, modificationsOf, pendingLines, tickOf, type Modification } from "./modification/state";
export { marked } from "./waiting";
export { WAIT_NAMES, WAITS, type OpenPoint, type PendingLine, type Wait } from "./open";
export { describeWork } from "./part-work";
export { SENT_TO } from "./sent-back";
export { readPartLine } from "./part-work/line";
export {
  ACTIONS,
  CHANGES_NOTHING,
  NEEDS_REASON,
  OLD_PART_NAMES,
  OLD_PARTS,
  PUTS_IN,
  type Action,
  type OldPart,
} from "./part-work/payload";
export { stockAt } from "./part-work/pieces";
export { isPlace, readPlace, placeOf, PLACES } from "./place-work/line";
export { PLACE_ACTIONS, type PlaceAction } from "./place-work/payload";
export { LAMPS } from "./power-step/payload";
export { printMinutes, printPart } from "./print";
export { buildReading, ohmsAt, type BuiltReading, type Instrument, type TypedReading } from "./reading/build";
export { readPoint } from "./reading/line";
export { phaseInView, POWERED, underPower } from "./reading/phase";
export { pointOf, type PointHead } from "./reading/points";
export { describeSetup } from "./setup";
export { isNamedTest, readTest } from "./test-result/line";
export { TICK_LISTS, TICK_STATES, type Tick, type TickList, type TickState } from "./tick/payload";
export {
  changeOf,
  csvRowOf,
  describe,
  designatorsIn,
  evidenceOf,
  partsTaken,
  standsIn,
  writeAmendment,
  writeLine,
} from "./words";
