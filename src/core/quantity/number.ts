import { normalise, scanNumber, skipSpace } from "./scan-number";

/** `1,500`: with a comma it may be one and a half, or thousands. A point there is a decimal, as on every page. */
const ONE_COMMA = /^[-−+]?[1-9]\d{0,2},\d{3}$/;

/**
 * Reads a plain number: a count, a share, a factor. With a decimal point or comma, in groups of three, as a fraction.
 * @param unit what may stand behind it and says no more than the field does, e.g. /%/
 * @returns undefined for what is no number, and for one that may be a thousand times as much
 * @example readNumber("2,5") // 2.5; readNumber("12 %", /%/) // 12; readNumber("1,500") // undefined
 */
export function readNumber(typed: string, unit?: RegExp): number | undefined {
  const behind = unit ? new RegExp(String.raw`\s*(?:${unit.source})\s*$`, "i") : /\s+$/;
  const text = normalise(typed).trim().replace(behind, "");
  if (ONE_COMMA.test(text)) return undefined;
  return scanNumber(text, skipSpace(text, 0)).find(({ end }) => end === text.length)?.value;
}

/** What is said of a text that `readNumber` does not read. */
export const notNumber = (text: string): string =>
  ONE_COMMA.test(text.trim())
    ? `“${text.trim()}” may be ${text.trim().replace(",", ".")} or ${text.trim().replace(",", "")}: write it without the comma.`
    : `“${text.trim()}” is not a number.`;

/** Reads a whole number of nothing or more: pieces, days, minutes. */
export function readWhole(typed: string, unit?: RegExp): number | undefined {
  const number = readNumber(typed, unit);
  return number !== undefined && Number.isInteger(number) && number >= 0 ? number : undefined;
}
