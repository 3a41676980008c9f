import type { AnyContent, AmendmentOf } from "../log";

/** One line for the tape: what it is about, and what it says. */
export type TapeLine = { subject: string; text: string; verdict?: "good" | "watch" | "bad" };

/** @property then lines that come after it, each when the one before is written */
export type LineChoice = { label: string; text: string; then?: string[] };
export type LineQuestion = { kind: "question"; question: string; choices: LineChoice[] };
/** @property choices ways to keep what was typed all the same */
export type LineProblem = { kind: "not-understood"; at: number; message: string; choices?: LineChoice[] };

/** A payload as a reader took it from the line; it is held against the schema of its kind afterwards. */
export type LinePayload = { kind: "payload"; of?: string; payload: unknown; at: number; hints: string[] };

/** What the reader of a kind makes of a line. */
export type LineReading = LinePayload | LineQuestion | LineProblem;

export type LineDraftOf<C extends AnyContent> =
  { type: "content"; content: C } | { type: "amendment"; amends: string; amendment: AmendmentOf<C> };

/** Whatever is typed becomes one of these; there is no text that fails otherwise. */
export type LineResultOf<C extends AnyContent> =
  | { kind: "empty" }
  | { kind: "draft"; draft: LineDraftOf<C>; line: TapeLine; hints: string[] }
  | LineQuestion
  | LineProblem;

/** @param at place in the line where it went wrong */
export const notUnderstood = (at: number, message: string): LineProblem => ({ kind: "not-understood", at, message });

/** @param at place in the line that is shown where the schema refuses the payload */
export const readAs = (payload: unknown, at: number, hints: string[] = []): LinePayload => ({
  kind: "payload",
  payload,
  at,
  hints,
});

/** Part of a line that could be read, or what ends the reading. */
export type PieceRead<T> = { ok: true; value: T } | { ok: false; result: LineQuestion | LineProblem };
export const got = <T>(value: T): PieceRead<T> => ({ ok: true, value });
export const stop = (result: LineQuestion | LineProblem): PieceRead<never> => ({ ok: false, result });

/** The number on the tape of an entry, by its id. */
export type NumberOf = (id: string) => number | undefined;

/** `#12` for an entry that is on the tape; else nothing. */
export function refer(id: string | undefined, numberOf: NumberOf): string {
  const n = id ? numberOf(id) : undefined;
  return n === undefined ? "" : `#${n}`;
}
