/** A set's file out and in: its document with chain and digest, its tables, and the dates that it asks for. */
export { canonical, hashBytes, hashText } from "./canonical";
export {
  brokenAt,
  brokenFileAt,
  GENESIS,
  headOf,
  seal,
  sealFile,
  type Broken,
  type StoredEntry,
  type StoredFile,
} from "./chain";
export {
  calendarSpan,
  dueDates,
  handedBackOf,
  monthsLater,
  type Due,
  type DueSet,
  type HandedBack,
  type Span,
} from "./due";
export { LARGEST_DOCUMENT, MOST_IN_FILE } from "./limits";
export {
  normalised,
  readSetFile,
  sealTroubles,
  SET_FILE_FORMAT,
  SET_FILE_VERSION,
  setFileJsonSchema,
  setFileSchema,
  writeSetFile,
  type ReadFile,
  type SetFileDocument,
} from "./set-file";
export type { Carried } from "./set-file-1";
export { FILE_TABLES, fileTable, type FileTable, type Rows } from "./tables";
