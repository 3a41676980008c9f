/** A set's file out and in: its document with chain and digest, its tables, and the dates that it asks for. */
export { canonical, hashBytes, hashText } from "./canonical";
export { brokenAt, GENESIS, headOf, seal, type Broken, type StoredEntry } from "./chain";
export { dueDates, monthsLater, type Due } from "./due";
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
export { FILE_TABLES, fileTable, type FileTable, type Rows } from "./tables";
