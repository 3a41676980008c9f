import { ALL_LINES } from "../kinds";

/** Does a line begin with a word of one of the kinds: note, test, power? */
export const beginsWithWord = (line: string): boolean =>
  Object.values(ALL_LINES).some(({ words }) => words.some(({ begins }) => begins.test(line.trimStart())));
