import { STEP_NAMES, STEPS } from "../../model";
import { headAndTail, notUnderstood, payloadOf, readAs, tailOf, textOf } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { readMinutes } from "../minutes";
import type { Labour } from "./payload";

/** A time at the beginning, and what it went into behind it. */
const TIME =
  /^(\d[\d.,]*(?:\s*(?:h(?:ours?|rs?)?|m(?:in(?:ute)?s?)?)(?![a-z]))?(?:\s*\d+(?:\s*m(?:in(?:ute)?s?)?(?![a-z]))?)?)(?=\s|$)\s*(.*)$/i;

/** `labour fix 45 min: recapping`; `labour 45 min recapping` belongs to the step in view, a correction to its own. */
const read: Reader = (rest, context) => {
  const { head, tail } = headAndTail(textOf(rest));
  const lower = head.toLowerCase();
  const said = STEPS.find((one) => lower.startsWith(one) || lower.startsWith(STEP_NAMES[one].toLowerCase()));
  const step = said ?? payloadOf<Labour>(context.base, "labour")?.step ?? context.step;
  if (!step) return notUnderstood(rest.start, "Labour belongs to a step: labour fix 45 min: recapping.");
  const [, time = "", behind = ""] = TIME.exec(head.slice(said?.length ?? 0).trim()) ?? [];
  const minutes = readMinutes(time);
  if (minutes === undefined)
    return notUnderstood(rest.start + (said?.length ?? 0), "Say how long: 45 min, 1 h 20 min.");
  const what = [behind.replace(/^(?:for|of|on)\s+/i, ""), tail].filter(Boolean).join(": ");
  return readAs({ v: 1, step, minutes, ...(what ? { what } : {}) }, rest.start);
};

export const line: KindLine<Labour> = {
  words: [
    { begins: /^(labour)(?=\s|$)\s*/i, read },
    { begins: /^(took|spent)(?=\s+\d)\s*/i, read },
  ],
  write: ({ step, minutes, what }) => `labour ${STEP_NAMES[step].toLowerCase()} ${minutes} min${tailOf(what)}`,
  examples: [{ line: "labour fix 1 h 20 min: recapping", says: "time that went into a step" }],
};
