import { parsePart, parseQuantity, type Parsed, type PartRules, type PartSpec, type Quantity } from "../quantity";
import { got, notUnderstood, stop, type PieceRead } from "./result";

/** A piece of the whole line, and where it stands in it, so that a question can rewrite the line around it. */
export type Piece = { line: string; start: number; end: number };

export const textOf = (piece: Piece): string => piece.line.slice(piece.start, piece.end);

export function piece(line: string, start: number, end: number): Piece {
  const raw = line.slice(start, end);
  const lead = raw.length - raw.trimStart().length;
  return { line, start: start + lead, end: Math.max(start + lead, start + raw.trimEnd().length) };
}

export const rewrite = (where: Piece, text: string): string =>
  where.line.slice(0, where.start) + text + where.line.slice(where.end);

/** Takes a parsed value, or turns its trouble into a question or a place in the line. */
export function take<T>(parsed: Parsed<T>, where: Piece): PieceRead<T> {
  if (parsed.ok) return got(parsed.value);
  if (parsed.kind === "unreadable")
    return stop(notUnderstood(where.start + Math.min(parsed.at, textOf(where).length), parsed.message));
  return stop({
    kind: "question",
    question: parsed.question,
    choices: parsed.choices.map((choice) => ({ label: choice.text, text: rewrite(where, choice.text) })),
  });
}

export const quantityAt = (where: Piece, quantity: Quantity, rules: PartRules = {}): PieceRead<number> =>
  take(parseQuantity(textOf(where), quantity, rules), where);

/** What was read at the start of a piece, and what is left over behind it. */
type Head<T> = { text: string; value: T; rest: string };

/** Reads the longest run of words at the start of a piece that parses; the words behind it are the rest. */
export function longest<T>(where: Piece, parse: (text: string) => Parsed<T>): PieceRead<Head<T>> {
  const text = textOf(where);
  const ends = [...text.matchAll(/\s+|$/g)]
    .map((match) => match.index)
    .filter((end) => end > 0)
    .reverse();
  for (const end of ends) {
    const head = piece(where.line, where.start, where.start + end);
    const read = take(parse(textOf(head)), head);
    if (read.ok) return got({ text: textOf(head), value: read.value, rest: text.slice(end).trim() });
    // A question about more of the text goes before an answer from less of it: `1.5 M` is never 1.5 and a stray M.
    if (read.result.kind === "question") return read;
  }
  const first = piece(where.line, where.start, where.start + (ends.at(-1) ?? text.length));
  const read = take(parse(textOf(first)), first);
  return read.ok
    ? got({ text: textOf(first), value: read.value, rest: text.slice(textOf(first).length).trim() })
    : read;
}

/** Reads a marking at the start of a piece: `.05/400 leaky` → marking `.05/400`, rest `leaky`. */
export const markingAt = (where: Piece, rules: PartRules): PieceRead<Head<PartSpec>> =>
  longest(where, (text) => parsePart(text, rules));
