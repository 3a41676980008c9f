/** The kinds of entries: one home for all that is particular to each, and what folds over all of them. */
export { BY_LINK, WAYS } from "./approval/values";
export type { Told } from "./told/payload";
export { TELLING } from "./told/values";
export type { Promised } from "./promised/payload";
export { TOLD_BY } from "./promised/values";
export { CHECK_LISTS, CHECK_STATES, RESIDUAL, type CheckState } from "./check/values";
export { WHERES, type Where } from "./component-test/values";
export {
  ALL_STORED,
  bodySchema,
  contentSchema,
  draftSchema,
  readAnyBody,
  readBody,
  sentences,
  upgrade,
  type StoredForms,
} from "./body";
export {
  ALL_KINDS,
  judgementOf,
  kindOf,
  ofKind,
  settle,
  showable,
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
export { keyOfAligned } from "./aligned/step-key";
export { unitText } from "./aligned/unit-text";
export type { Aligned } from "./aligned/payload";
export { CABINETS, OUTCOMES } from "./aligned/values";
export { isBareRow, readRow } from "./measured-row/line";
export type { MeasuredRow } from "./measured-row/payload";
export { voidedBy } from "./measured-row/voided";
export { loansOut, type Loan } from "./loan";
export { modBody, tapSchema, type ModBody, type ModNeed, type ModStep, type Tap } from "./modification/body";
export { bodyTrouble } from "./modification/trouble";
export {
  CHASSIS,
  CHASSIS_WORDS,
  MOD_STATE_WORDS,
  MOD_STATES,
  MOD_THERE,
  TAP_KINDS,
  type Chassis,
  type ModState,
  type TapKind,
} from "./modification/values";
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
export { SENT_TO } from "./sent-back/values";
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
} from "./part-work/values";
export { stockAt } from "./part-work/pieces";
export { placeAt, placeAtEnd, placeOf, PLACES, readPlace } from "./place-work/line";
export { PLACE_ACTIONS, type PlaceAction } from "./place-work/values";
export { expectationFor } from "./power-step/line";
export { LAMPS } from "./power-step/values";
export { printMinutes, printPart } from "./print";
export { buildReading, ohmsAt, type BuiltReading, type Instrument, type TypedReading } from "./reading/build";
export { readPoint } from "./reading/line";
export { phaseInView, POWERED, underPower } from "./reading/phase";
export { pointOf, type PointHead } from "./reading/points";
export { describeSetup } from "./setup";
export { isNamedTest, readTest } from "./test-result/line";
export type { Tick } from "./tick/payload";
export { TICK_LISTS, TICK_STATES, type TickList, type TickState } from "./tick/values";
export { changeOf, csvRowOf, describe, designatorsIn, evidenceOf, partsTaken, standsIn } from "./words";
export { ALL_LINES, writeAmendment, writeLine } from "./write";
