/** The bench line: shorthand in, typed entries out; and the way back. */
export { contextFor, lineContext, type LineState } from "./context";
export { lineAnew, lineOf } from "./correct";
export { untouchedFields, type NamedField } from "./untouched";
export { parseCorrection, parseLine, type LineDraft, type LineResult } from "./parse";
