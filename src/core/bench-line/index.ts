/** The bench line: shorthand in, typed entries out; and the way back. */
export { lineContext } from "./context";
export { untouched, type FieldInWords } from "./correct";
export { parseCorrection, parseLine, type LineDraft, type LineResult } from "./parse";
