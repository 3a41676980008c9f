/** The frame of the logbook: entries, amendments, how they settle, and the pieces that payloads are made of. */
export { wrongDate, type AmendmentOf, type AnyContent, type BodyOf, type DraftOf, type EntryOf } from "./entry";
export {
  designator,
  fitted,
  fromStock,
  id,
  items,
  money,
  optionalText,
  short,
  text,
  typed,
  v1,
  type Fitted,
  type FromStock,
  type TypedValue,
} from "./pieces";
export { LARGEST_FILE, UNSTORABLE, LONGEST_TEXT } from "./limits";
export { settleEntries, upTo, type LogbookOf, type SettledOf } from "./settle";
