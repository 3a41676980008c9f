import { parsePart, parseQuantity, type Parsed, type PartRules, type PartSpec, type Quantity } from "../quantity";
import { got, notUnderstood, stop, type Step } from "./types";

/** A piece of the whole line, and where it stands in it, so that a question can rewrite the line around it. */
export type Piece = { line: string; start: number; end: number };

export const textOf = (piece: Piece): string => piece.line.slice(piece.start, piece.end);

export function piece(line: string, start: number, end: number): Piece {
  const raw = line.slice(start, end);
  const lead = raw.length - raw.trimStart().length;
  return { line, start: start + lead, end: Math.max(start + lead, start + raw.trimEnd().length) };
}

export const rewrite = (where: Piece, text: string): string => where.line.slice(0, where.start) + text + where.line.slice(where.end);

/** Takes a parsed value, or turns its trouble into a question or a place in the line. */
export function take<T>(parsed: Parsed<T>, where: Piece): Step<T> {
  if (parsed.ok) return got(parsed.value);
  if (parsed.kind === "unreadable") return stop(notUnderstood(where.start + Math.min(parsed.at, textOf(where).length), parsed.message));
  return stop({
    kind: "question",
    question: parsed.question,
    choices: parsed.choices.map((choice) => ({ label: choice.text, text: rewrite(where, choice.text) })),
  });
}

export const quantityAt = (where: Piece, quantity: Quantity, rules: PartRules = {}): Step<number> =>
  take(parseQuantity(textOf(where), quantity, rules), where);

export type Marked = { text: string; spec: PartSpec; rest: string };

/**
 * Reads a marking at the start of a piece: the longest run of words that is one. The words behind it are the rest
 * (`.05/400 leaky` → marking `.05/400`, rest `leaky`).
 */
export function markingAt(where: Piece, rules: PartRules): Step<Marked> {
  const text = textOf(where);
  const ends = [...text.matchAll(/\s+|$/g)].map((match) => match.index).filter((end) => end > 0).reverse();
  let question: Step<never> | undefined;
  for (const end of ends) {
    const head = piece(where.line, where.start, where.start + end);
    const parsed = parsePart(textOf(head), rules);
    if (parsed.ok) return got({ text: textOf(head), spec: parsed.value, rest: text.slice(end).trim() });
    if (parsed.kind === "ambiguous") question ??= take(parsed, head) as Step<never>;
  }
  if (question) return question;
  const first = piece(where.line, where.start, where.start + (ends.at(-1) ?? text.length));
  const parsed = take(parsePart(textOf(first), rules), first);
  return parsed.ok ? got({ text: textOf(first), spec: parsed.value, rest: text.slice(textOf(first).length).trim() }) : parsed;
}
