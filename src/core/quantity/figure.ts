import { scanNumber, skipSpace } from "./scan-number";

/**
 * Every reading of a text that is one bare number: one as a rule, two where a group of three digits can be thousands.
 * @example figuresOf("1,450") // [1.45, 1450]
 * @returns none where the text is no number
 */
export function figuresOf(text: string): number[] {
  return scanNumber(text, skipSpace(text, 0))
    .filter(({ end }) => skipSpace(text, end) === text.length)
    .map(({ value }) => value);
}
