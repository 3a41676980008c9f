import { clause, clauses, notUnderstood, readAs } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { TOLD_BY } from "./values";
import { payload, type Promised } from "./payload";

/** `promised 2026-12-04; to Marguerite Osei; how phone` */
const read: Reader = (rest) => {
  const { first, named } = clauses(rest);
  const said: Record<string, unknown> = { v: 1, day: first.trim(), to: "", how: "phone" };
  if (!payload.shape.day.safeParse(said.day).success)
    return notUnderstood(rest.start, "A promise begins with its day: promised 2026-12-04; to whom; how phone.");
  for (const { word, value, at } of named) {
    if (word === "to") said.to = value;
    else if (word === "how" && (TOLD_BY as readonly string[]).includes(value.toLowerCase()))
      said.how = value.toLowerCase();
    else if (word === "remark") said.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: to, how (${TOLD_BY.join(", ")}), remark.`);
  }
  if (!said.to) return notUnderstood(rest.end, "Say to whom: to and the name.");
  return readAs(said, rest.start);
};

export const line: KindLine<Promised> = {
  words: [{ begins: /^(promised)(?=\s|$)\s*/i, read }],
  write: ({ day, to, how, remark }) => `promised ${day}${clause("to", to)}; how ${how}${clause("remark", remark)}`,
  examples: [{ line: "promised 2026-12-04; to Marguerite Osei; how phone", says: "the day that the owner was told" }],
};
