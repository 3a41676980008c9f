import { textOf, type Piece } from "./values";

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
