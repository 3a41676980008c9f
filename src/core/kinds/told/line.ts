import { clause, clauses, notUnderstood, payloadOf, readAs, type LineQuestion } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { personIn } from "../person";
import type { Told } from "./payload";
import { TELLING } from "./values";

/** That it is ready is what `told` says. */
const READY = /[,:]?\s+(?:that\s+)?(?:(?:it|the set|the radio)\s+is\s+)?ready$/i;
const HOW = new RegExp(`\\s+(?:by|in a|with a)?\\s*(${TELLING.join("|")}|e?-?mail)$`, "i");

/** Something else was told: that is no promise that the set is ready. */
const askWhat = (line: string, name: string): LineQuestion => ({
  kind: "question",
  question: "“Told” says that the set is ready. Was that what was told?",
  choices: [
    { label: "Something else: a note", text: `note ${line.trim()}` },
    ...(name ? [{ label: `${name} knows that the set is ready`, text: `told ${name}` }] : []),
  ],
});

/** `told Marguerite Osei; how letter; remark comes on Friday` */
const read: Reader = (rest, { base }) => {
  const before = payloadOf<Told>(base, "told");
  const { first, named } = clauses(rest);
  const typed = first.trim() === before?.to ? before.to : first.trim().replace(READY, "");
  const way = typed === before?.to ? undefined : HOW.exec(typed)?.[1]?.toLowerCase();
  const { name, rest: more } = personIn(way ? typed.replace(HOW, "") : typed, before?.to);
  // A name has no figures: a price was told.
  const figures = /\s\d.*$/.exec(typed)?.[0];
  if ((more || figures) && name !== before?.to)
    return askWhat(rest.line, figures ? typed.slice(0, -figures.length) : name);
  const said: Record<string, unknown> = { v: 1, to: name, how: way && /mail/.test(way) ? "message" : (way ?? "phone") };
  if (!said.to)
    return notUnderstood(rest.start, "Say who was told that the set is ready: told Marguerite Osei; how phone.");
  for (const { word, value, at } of named) {
    if (word === "how" && (TELLING as readonly string[]).includes(value.toLowerCase())) said.how = value.toLowerCase();
    else if (word === "remark") said.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: how (${TELLING.join(", ")}), remark.`);
  }
  return readAs(said, rest.start);
};

export const line: KindLine<Told> = {
  words: [{ begins: /^(told)(?=\s|$)\s*/i, read }],
  write: ({ to, how, remark }) => `told ${to}; how ${how}${clause("remark", remark)}`,
  examples: [{ line: "told Marguerite Osei; how letter", says: "the owner knows that the set is ready" }],
};
