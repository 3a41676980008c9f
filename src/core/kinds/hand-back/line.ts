import { readDay } from "../../days";
import {
  clause,
  clauses,
  escaped,
  notUnderstood,
  numberIn,
  readAs,
  type LineContext,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { HandBack } from "./payload";

const WORDS =
  "left, watch, use, old parts returned / kept / none, warranty and months, next and a date, no warranty, no next";

/** `hand back: plays; left C1 is original; warranty 6; next 2027-05-01`. What is left out is as the form proposes it. */
function read(rest: Piece, context: LineContext): LineReading {
  const rules = context.base ? undefined : context.handBack;
  if (rules && rules.bars.length > 0)
    return notUnderstood(
      rest.start,
      `Not yet: ${rules.bars.join("; ")}. Do it, waive it with its reason (tick … skipped: why), take it out (back #12), look at it (final screws ok), or write down the owner's answer (approved 90 EUR; by …; how phone).`,
    );
  const { first, named } = clauses(rest);
  const proposal = rules?.proposal ?? {};
  const said: Record<string, unknown> = { v: 1, oldParts: "none", ...proposal, summary: first };
  for (const { word, value, at } of named) {
    if (word === "left" || word === "watch") said[word] = value;
    else if (word === "next") {
      const day = readDay(value, context.today) ?? readDay(`in ${value}`, context.today);
      said.nextService = day?.kind === "day" ? day.day : value;
    } else if (word === "use") said.instructions = value;
    else if (word === "warranty") {
      const months = numberIn({ value, at }, "warranty 6", { whole: true });
      if (!months.ok) return months.result;
      said.warrantyMonths = months.value;
    } else if (word === "no" && value === "warranty") delete said.warrantyMonths;
    else if (word === "no" && value === "next") delete said.nextService;
    else if (word === "old" && /^parts (returned|kept|none)$/.test(value)) said.oldParts = value.slice(6);
    else return notUnderstood(at, `“${word}” is not known here: ${WORDS}.`);
  }
  if (rules && rules.explain.length > 0 && !said.left)
    return notUnderstood(rest.end, `${rules.explain.join("; ")}: say why it goes out so, with “left” and the reason.`);
  return readAs(said, rest.start);
}

export const line: KindLine<HandBack> = {
  words: [{ begins: /^(hand[ -]back)(?=\s|:|$)[:\s]*/i, read }],
  write: ({ summary, left, watch, oldParts, nextService, warrantyMonths, instructions }) =>
    `hand back: ${escaped(summary)}` +
    clause("left", left) +
    clause("watch", watch) +
    `; old parts ${oldParts}` +
    (nextService ? `; next ${nextService}` : "; no next") +
    (warrantyMonths === undefined ? "; no warranty" : `; warranty ${warrantyMonths}`) +
    clause("use", instructions),
  examples: [
    {
      line: "hand back: plays as it should; watch the dial lamp; warranty 6",
      says: "the set goes out; also left, use, next, old parts; what is left out is as in the form",
    },
  ],
};
