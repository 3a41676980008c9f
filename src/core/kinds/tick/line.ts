import {
  clause,
  clauses,
  escaped,
  notUnderstood,
  numberIn,
  onTape,
  payloadOf,
  readAs,
  refer,
  tailOf,
  type LineContext,
  type LineReading,
  type NumberOf,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { ModPayload } from "../modification/payload";
import type { Tick } from "./payload";
import { TICK_LISTS } from "./values";

/** The line of a modification's lists as it is described. */
function textOfLine(mod: ModPayload, list: string, key: string): string | undefined {
  const at = Number(key) - 1;
  if (list === "verify" || list === "recalibrate") return mod[list][at];
  if (list === "step") return mod.steps[at]?.text;
  if (list === "read") return "Read through once";
  return mod.needs[at]?.text;
}

/** `tick #4 prerequisite 2 done: rev D is printed on the board`, `tick #4 step 3 skipped: not fitted; out 6; back 6`. */
export function readTick(rest: Piece, context: LineContext): LineReading {
  const { first, named } = clauses(rest);
  const found = /^#(\d+)\s+(\S+)\s+(\S+)\s+(done|na|unmet|skipped)(?::\s*([\s\S]+))?$/i.exec(first);
  const target = onTape(found?.[1], context);
  const mod = payloadOf<ModPayload>(target?.content, "modification");
  const list = TICK_LISTS.find((one) => one === found?.[2]?.toLowerCase());
  if (!found || !target || !mod || !list)
    return notUnderstood(
      rest.start,
      `A tick names the modification by its number, the list (${TICK_LISTS.join(", ")}) and the line: tick #4 step 3 done.`,
    );
  const [, , , key = "", word = "", said] = found;
  const state = word.toLowerCase();
  const about = mod.about ?? target.id;
  // The lists may have been described at another state of it.
  const described = context.tape.flatMap(({ id, content }) => {
    const one = payloadOf<ModPayload>(content, "modification");
    return one && (id === about || one.about === about) ? [one] : [];
  });
  const text =
    named.find((one) => one.word === "line")?.value ??
    [mod, ...described.toReversed()].map((one) => textOfLine(one, list, key)).find((one) => one !== undefined);
  if (!text) return notUnderstood(rest.start, `There is no line ${key} in that list: give its words with line …`);
  const screws: Record<string, number> = {};
  for (const one of named.filter(({ word: name }) => name === "out" || name === "back")) {
    const count = numberIn(one, "out 6; back 6", { whole: true });
    if (!count.ok) return count.result;
    screws[one.word] = count.value;
  }
  const stranger = named.find(({ word: name }) => !["line", "out", "back"].includes(name));
  if (stranger) return notUnderstood(stranger.at, `“${stranger.word}” is not known here: line, out, back.`);
  const words = said ? (state === "done" ? { saw: said } : { why: said }) : {};
  return readAs({ v: 1, about, list, key, text, state, ...words, ...screws }, rest.start);
}

export function writeTick(tick: Tick, numberOf: NumberOf): string {
  const { list, key, state, saw, why, out, back, text, about } = tick;
  const said = (state === "done" ? (saw ?? why) : (why ?? saw)) ?? "";
  return (
    `tick ${refer(about, numberOf) || "#0"} ${list} ${key} ${state}${tailOf(escaped(said) || undefined)}` +
    clause("line", text) +
    (out === undefined ? "" : `; out ${out}`) +
    (back === undefined ? "" : `; back ${back}`)
  );
}

export const line: KindLine<Tick> = {
  words: [{ begins: /^(tick)(?=\s|$)\s*/i, read: readTick }],
  write: writeTick,
  examples: [
    {
      line: "tick #12 step 3 done; out 6",
      says: "a line of a modification: prerequisite 2 done: what was seen, step 4 skipped: why",
    },
  ],
};
