import type { Content } from "../history";
import { CHOICES, PLAN_ACTION_WORDS } from "../components";
import { draftOf } from "./check";
import { headOf, unknownDesignator } from "./designators";
import { notUnderstood, type LineContext, type LineResult } from "./types";
import { textOf, type Piece } from "./values";

type Decision = Extract<Content, { kind: "plan-line" }>["payload"];

/** `C14 keep: new in 2019`: what the technician decides for a line of the recap plan. */
export function readPlan(rest: Piece, context: LineContext): LineResult {
  const head = headOf(textOf(rest));
  const [designator] = head?.designators ?? [];
  const words = CHOICES.map((choice) => PLAN_ACTION_WORDS[choice]);
  const example = `plan C14 keep: why (${words.join(", ")})`;
  if (!head || !designator) return notUnderstood(rest.start, `A decision reads like: ${example}.`);
  const stranger = unknownDesignator(textOf(rest), head, context);
  if (stranger?.kind === "question") {
    const lead = rest.line.slice(0, rest.start);
    return { ...stranger, choices: stranger.choices.map((one) => ({ ...one, text: lead + one.text })) };
  }
  const body = textOf(rest).slice(head.end).trim();
  const action = CHOICES.find(
    (choice) => body.toLowerCase().startsWith(PLAN_ACTION_WORDS[choice]) || body.toLowerCase().startsWith(choice),
  );
  if (!action) return notUnderstood(rest.start + head.end, `Say what is decided: ${example}.`);
  const spoken = body.toLowerCase().startsWith(PLAN_ACTION_WORDS[action]) ? PLAN_ACTION_WORDS[action] : action;
  const why = body
    .slice(spoken.length)
    .replace(/^[:\s]+/, "")
    .trim();
  if (!why) return notUnderstood(rest.end, "Say why, behind a colon.");
  return draftOf({ kind: "plan-line", payload: { v: 1, designator, action, why } }, rest.end);
}

export const writePlan = ({ designator, action, why }: Decision): string =>
  `plan ${designator} ${PLAN_ACTION_WORDS[action]}: ${why}`;
