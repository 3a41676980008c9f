import { clause, clauses, notUnderstood, readAs } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import type { Told } from "./payload";
import { TELLING } from "./values";

/** `told Marguerite Osei; how letter; remark comes on Friday` */
const read: Reader = (rest) => {
  const { first, named } = clauses(rest);
  const said: Record<string, unknown> = { v: 1, to: first.trim(), how: "phone" };
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
