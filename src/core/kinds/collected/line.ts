import { clause, clauses, notUnderstood, payloadOf, readAs } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { personIn } from "../person";
import type { Collected } from "./payload";

/** `collected by Marguerite Osei; remark with her neighbour` */
const read: Reader = (rest, { base }) => {
  const { first, named } = clauses(rest);
  const by = first.replace(/^by\s+/i, "").trim();
  if (!by) return notUnderstood(rest.start, "Say who collected the set: collected by Marguerite Osei.");
  const { name, rest: more } = personIn(by, payloadOf<Collected>(base, "collected")?.by);
  if (more)
    return {
      kind: "question",
      question: "“Collected” says that the set left the house. Did it?",
      choices: [
        { label: "No: a note", text: `note ${rest.line.trim()}` },
        ...(name ? [{ label: `Yes: ${name} took it`, text: `collected by ${name}; remark ${more}` }] : []),
      ],
    };
  const said: Record<string, unknown> = { v: 1, by };
  for (const { word, value, at } of named) {
    if (word === "remark") said.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: remark.`);
  }
  return readAs(said, rest.start);
};

export const line: KindLine<Collected> = {
  words: [{ begins: /^(collected)(?=\s|$)\s*/i, read }],
  write: ({ by, remark }) => `collected by ${by}${clause("remark", remark)}`,
  examples: [{ line: "collected by Marguerite Osei", says: "the set left the house" }],
};
