import { finalList, makeSafeList, type SafeItem } from "../../power";
import { parseQuantity } from "../../quantity";
import {
  headAndTail,
  notUnderstood,
  payloadOf,
  piece,
  readAs,
  tailOf,
  take,
  textOf,
  type LineContext,
  type LineProblem,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { Check } from "./payload";

const STATES = { ok: "done", na: "na", wrong: "trouble" } as const;

/** The line of a list that a word names: its short word, or any word of the line as it stands on the screen. */
function named(items: readonly SafeItem[], word: string, at: number): SafeItem | LineProblem {
  const exact = items.find((one) => one.key === word);
  if (exact) return exact;
  const words = (text: string) => text.toLowerCase().match(/[\p{L}\d+-]+/gu) ?? [];
  const found = word.length < 3 ? [] : items.filter(({ text }) => words(text).some((one) => one.startsWith(word)));
  const [only] = found;
  if (only && found.length === 1) return only;
  return notUnderstood(
    at,
    found.length > 1
      ? `“${word}” is in several lines: ${found.map(({ key }) => key).join(", ")}. Name one of them.`
      : `Name the line of the list: ${items.map((one) => one.key).join(", ")}.`,
  );
}

/** `safe lead ok`, `safe residual 0.3 V`, `safe fuse wrong: bridged with wire`; `final fuse ok: T 0.5 A` before it goes out. */
export function readSafe(rest: Piece, context: LineContext, word: string): LineReading {
  const last = word === "final";
  const items = last ? finalList(context.sheet) : makeSafeList(context.sheet, context.year);
  const found = /^(\S+)\s*/.exec(textOf(rest));
  const key = (found?.[1] ?? "").toLowerCase().replace(/:$/, "");
  const base = payloadOf<Check>(context.base, "check");
  // A line of a list that has changed since is corrected as it stood.
  const item = base?.key === key ? base : named(items, key, rest.start);
  if ("message" in item) return item;
  const tail = piece(rest.line, rest.start + (found?.[0].length ?? 0), rest.end);
  const { head, tail: remark } = headAndTail(textOf(tail));
  const state = head.toLowerCase() as keyof typeof STATES | "";
  const said = {
    v: 1,
    list: last ? "hand-back" : "make-safe",
    key: item.key,
    text: item.text,
    ...(remark ? { remark } : {}),
  };
  if (state === "" || state in STATES) return readAs({ ...said, state: STATES[state || "ok"] }, tail.start);
  const measured = take(parseQuantity(head, "voltage"), piece(rest.line, tail.start, tail.start + head.length));
  if (!measured.ok) return measured.result;
  return readAs({ ...said, state: "done", measured: { text: head, value: measured.value } }, tail.start);
}

export function writeSafe({ list, key, state, measured, remark }: Check): string {
  const word = state === "trouble" ? "wrong" : state === "na" ? "na" : (measured?.text ?? "ok");
  return `${list === "make-safe" ? "safe" : "final"} ${key} ${word}${tailOf(remark)}`;
}

export const line: KindLine<Check> = {
  words: [{ begins: /^(safe|final)(?=\s|$)\s*/i, read: readSafe }],
  write: writeSafe,
  examples: [
    { line: "safe residual 0.3 V", says: "a line of the make-safe list that is measured" },
    {
      line: "safe lead wrong: cracked at the plug",
      says: "ok, wrong: what, na: why; by its short word or a word of the line",
    },
    { line: "final fuse ok: T 0.5 A", says: "a line of the last look before it goes out" },
  ],
};
