import { textOf, type Piece } from "./piece";
import { got, notUnderstood, stop, type PieceRead } from "./result";
import { notNumber, readNumber } from "../quantity";

/** A semicolon parts clauses; a doubled one is a semicolon of the text. */
const CLAUSE_MARK = /(?<!;);(?!;)/;
const unescaped = (text: string) => text.replaceAll(";;", ";").trim();

/** A comma parts the items of a clause. */
export const list = (text: string) =>
  text
    .split(",")
    .map((item) => item.trim())
    .filter(Boolean);

export type Clause = { word: string; value: string; at: number };

/** Splits `complaint; policy museum; with lead, knobs` into its first part and the named ones behind it. */
export function clauses(rest: Piece): { first: string; named: Clause[] } {
  const [first = "", ...others] = textOf(rest).split(CLAUSE_MARK);
  let at = rest.start + first.length + 1;
  const named = others.map((text) => {
    const [, word = "", value = ""] = /^\s*(\S+)\s*([\s\S]*)$/.exec(text) ?? [];
    const place = at;
    at += text.length + 1;
    return { word: word.toLowerCase(), value: unescaped(value), at: place };
  });
  return { first: unescaped(first), named };
}

/** Writes a clause; a semicolon of the text is doubled. */
export const escaped = (text: string) => text.replaceAll(";", ";;");
export const clause = (word: string, value: string | undefined) => (value ? `; ${word} ${escaped(value)}` : "");

/** Splits `head: tail`; the tail is what follows the first colon. */
export function headAndTail(text: string): { head: string; tail: string | undefined } {
  const [, head = "", tail] = /^([^:]*)(?::\s*([\s\S]*))?$/.exec(text) ?? [];
  return { head: head.trim(), tail: tail?.trim() || undefined };
}

/** Writes what stands behind the colon. */
export const tailOf = (text: string | undefined): string => (text ? `: ${text}` : "");

/**
 * Reads a plain number of a clause.
 * @param whole only whole numbers count @param example the clause as it should be, for the sentence
 */
export function numberIn(
  { value, at }: Pick<Clause, "value" | "at">,
  example: string,
  { whole = false, least = 0 }: { whole?: boolean; least?: number } = {},
): PieceRead<number> {
  const text = value.trim();
  const number = readNumber(text);
  if (number === undefined) return stop(notUnderstood(at, `${notNumber(text)} Write it like: ${example}.`));
  if (whole && !Number.isInteger(number))
    return stop(notUnderstood(at, `“${text}” is not a whole number. Write it like: ${example}.`));
  if (number < least) return stop(notUnderstood(at, `“${text}” is below ${least}. Write it like: ${example}.`));
  return got(number);
}
