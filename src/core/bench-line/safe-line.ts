import type { ContentOf } from "../history";
import { finalList, makeSafeList } from "../power";
import { parseQuantity } from "../quantity";
import { draftOf } from "./check";
import { notUnderstood, type LineContext, type LineResult } from "./types";
import { piece, take, textOf, type Piece } from "./values";

const STATES = { ok: "done", na: "na", wrong: "trouble" } as const;

/** `safe lead ok`, `safe residual 0.3 V`, `safe fuse wrong: bridged with wire`; `final fuse ok: T 0.5 A` before it goes out. */
export function readSafe(rest: Piece, context: LineContext, word: string): LineResult {
  const last = word === "final";
  const items = last ? finalList(context.sheet) : makeSafeList(context.sheet, context.year);
  const found = /^(\S+)\s*/.exec(textOf(rest));
  const key = (found?.[1] ?? "").toLowerCase().replace(/:$/, "");
  const before = context.base?.kind === "check" && context.base.payload.key === key ? context.base.payload : undefined;
  const item = items.find((one) => one.key === key);
  if (!item && !before)
    return notUnderstood(rest.start, `Name the line of the list: ${items.map((one) => one.key).join(", ")}.`);
  const tail = piece(rest.line, rest.start + (found?.[0].length ?? 0), rest.end);
  const [, head = "", remark = ""] = /^([^:]*)(?::\s*([\s\S]*))?$/.exec(textOf(tail)) ?? [];
  const state = head.trim().toLowerCase() as keyof typeof STATES | "";
  const base = {
    v: 1,
    list: last ? "hand-back" : "make-safe",
    key,
    text: before?.text ?? item?.text,
    ...(remark ? { remark } : {}),
  };
  if (state === "" || state in STATES)
    return draftOf({ kind: "check", payload: { ...base, state: STATES[state || "ok"] } }, tail.start);
  const measured = take(parseQuantity(head.trim(), "voltage"), piece(rest.line, tail.start, tail.start + head.length));
  if (!measured.ok) return measured.result;
  const payload = { ...base, state: "done", measured: { text: head.trim(), value: measured.value } };
  return draftOf({ kind: "check", payload }, tail.start);
}

export function writeSafe({ list, key, state, measured, remark }: ContentOf<"check">["payload"]): string {
  const word = state === "trouble" ? "wrong" : state === "na" ? "na" : (measured?.text ?? "ok");
  return `${list === "make-safe" ? "safe" : "final"} ${key} ${word}${remark ? `: ${remark}` : ""}`;
}
