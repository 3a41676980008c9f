/** The bench line: shorthand in, typed entries out; and the way back. */
export { lineContext } from "./context";
export { readMinutes } from "./job-line";
export { parseLine } from "./parse";
export type { LineContext, LineDraft, LineResult } from "./types";
export { writeAmendment, writeLine } from "./write";
