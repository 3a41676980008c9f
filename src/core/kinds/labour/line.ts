import { STEP_NAMES, STEPS } from "../../model";
import {
  headAndTail,
  notUnderstood,
  payloadOf,
  readAs,
  tailOf,
  textOf,
  type LineQuestion,
  type Piece,
} from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { readMinutes } from "../minutes";
import type { Labour } from "./payload";

/** A time at the beginning, and what it went into behind it. */
const TIME =
  /^(\d[\d.,]*(?:\s*(?:h(?:ours?|rs?)?|m(?:in(?:ute)?s?)?)(?![a-z]))?(?:\s*\d+(?:\s*m(?:in(?:ute)?s?)?(?![a-z]))?)?)(?=\s|$)\s*(.*)$/i;

/** A small figure without its unit. */
const HOURS_OR_MINUTES = /^(?:\d|\d+[.,]\d+)$/;

function askUnit(time: string, rest: Piece): LineQuestion {
  const at = rest.line.indexOf(time, rest.start) + time.length;
  const as = (unit: string) => ({
    label: `${time} ${unit}`,
    text: `${rest.line.slice(0, at)} ${unit}${rest.line.slice(at)}`,
  });
  return { kind: "question", question: `Is ${time} hours or minutes?`, choices: [as("h"), as("min")] };
}

/** `labour fix 45 min: recapping`; `labour 45 min recapping` belongs to the step in view, a correction to its own. */
const read: Reader = (rest, context) => {
  // The colon of 1:30 begins no remark.
  const said = textOf(rest).replace(/(^|\s)(\d{1,2}):([0-5]\d)(?=\s|:|$)/, "$1$2 h $3 min");
  const { head, tail } = headAndTail(said);
  const lower = head.toLowerCase();
  const named = STEPS.find((one) => lower.startsWith(one) || lower.startsWith(STEP_NAMES[one].toLowerCase()));
  const step = named ?? payloadOf<Labour>(context.base, "labour")?.step ?? context.step;
  if (!step) return notUnderstood(rest.start, "Labour belongs to a step: labour fix 45 min: recapping.");
  const [, time = "", behind = ""] = TIME.exec(head.slice(named?.length ?? 0).trim()) ?? [];
  const minutes = readMinutes(time);
  if (minutes !== undefined && HOURS_OR_MINUTES.test(time.trim()) && !context.base) return askUnit(time.trim(), rest);
  if (minutes === undefined)
    return notUnderstood(rest.start + (named?.length ?? 0), "Say how long: 45 min, 1 h 20 min.");
  const what = [behind.replace(/^(?:for|of|on)\s+/i, ""), tail].filter(Boolean).join(": ");
  return readAs({ v: 1, step, minutes, ...(what ? { what } : {}) }, rest.start);
};

export const line: KindLine<Labour> = {
  words: [
    { begins: /^(labour)(?=\s|$)\s*/i, read },
    { begins: /^(took|spent)(?=\s+\d[\d.,:]*\s*(?:h|m|$))\s*/i, read },
  ],
  write: ({ step, minutes, what }) => `labour ${STEP_NAMES[step].toLowerCase()} ${minutes} min${tailOf(what)}`,
  examples: [{ line: "labour fix 1 h 20 min: recapping", says: "time that went into a step" }],
};
