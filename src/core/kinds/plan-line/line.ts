import { CHOICES, choicesFor, PLAN_ACTION_WORDS } from "../../components";
import { partRules } from "../../model";
import { parsePart } from "../../quantity";
import { headOf, notUnderstood, readAs, textOf, unknownDesignator } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { withValue } from "./index";
import type { PlanDecision } from "./payload";

/** `plan C14 keep: new in 2019`, `plan C31 replace with 22 nF: tone chosen by ear` */
const read: Reader = (rest, context) => {
  const head = headOf(textOf(rest));
  const [part] = head?.designators ?? [];
  const words = CHOICES.map((choice) => PLAN_ACTION_WORDS[choice]);
  const example = `plan C14 keep: why (${words.join(", ")})`;
  if (!head || !part) return notUnderstood(rest.start, `A decision reads like: ${example}.`);
  const stranger = unknownDesignator(rest, head, context);
  if (stranger) return stranger;
  const body = textOf(rest).slice(head.end).trim();
  const action = CHOICES.find(
    (choice) => body.toLowerCase().startsWith(PLAN_ACTION_WORDS[choice]) || body.toLowerCase().startsWith(choice),
  );
  if (!action) return notUnderstood(rest.start + head.end, `Say what is decided: ${example}.`);
  const spoken = body.toLowerCase().startsWith(PLAN_ACTION_WORDS[action]) ? PLAN_ACTION_WORDS[action] : action;
  const said = /^\s+with\s+([^:]+?)\s*(?=:|$)/i.exec(body.slice(spoken.length));
  const value = said?.[1] ? parsePart(said[1], partRules(context.sheet, part)) : undefined;
  const [chosen] = value?.ok ? value.value.sections : [];
  if (said && chosen === undefined)
    return notUnderstood(rest.start + head.end, `“${said[1] ?? ""}” is not a value for ${part}.`);
  const why = body
    .slice(spoken.length + (said?.[0].length ?? 0))
    .replace(/^[:\s]+/, "")
    .trim();
  if (!why) return notUnderstood(rest.end, "Say why, after a colon.");
  const component = context.sheet.components.find((one) => one.designator === part);
  const may = component ? choicesFor(component) : CHOICES;
  const hints = may.includes(action)
    ? []
    : [`${part} is in a mains role: only a safety-rated part may stay there, whatever is decided.`];
  return readAs(
    {
      v: 1,
      designator: part,
      action,
      ...(said && chosen !== undefined ? { value: { text: said[1], value: chosen } } : {}),
      why,
    },
    rest.end,
    hints,
  );
};

export const line: KindLine<PlanDecision> = {
  words: [{ begins: /^(plan)(?=\s|$)\s*/i, read }],
  write: ({ designator: part, action, value, why }) =>
    `plan ${part} ${PLAN_ACTION_WORDS[action]}${withValue({ value })}: ${why}`,
  examples: [
    { line: "plan C14 keep: new in 2019", says: "a decision on the recap plan" },
    { line: "plan C14 replace with 22n: tone chosen by ear", says: "another value than the drawn one" },
  ],
};
