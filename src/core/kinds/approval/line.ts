import { formatMoney, parseSum } from "../../quantity";
import { clause, clauses, notUnderstood, readAs } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import type { Approval } from "./payload";
import { WAYS } from "./values";

/** `approved 250 EUR; by Marguerite Osei; how phone` */
const read: Reader = (rest, { currency }) => {
  const { first, named } = clauses(rest);
  const limit = parseSum(first, currency);
  if (!limit)
    return notUnderstood(rest.start, "An approval begins with its sum: approved 250 EUR; by whom; how phone.");
  const said: Record<string, unknown> = { v: 1, limit, who: "", how: "phone" };
  for (const { word, value, at } of named) {
    if (word === "by") said.who = value;
    else if (word === "how" && (WAYS as readonly string[]).includes(value.toLowerCase()))
      said.how = value.toLowerCase();
    else if (word === "remark") said.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: by, how (${WAYS.join(", ")}), remark.`);
  }
  if (!said.who) return notUnderstood(rest.end, "Say who approved: by and the name.");
  return readAs(said, rest.start);
};

export const line: KindLine<Approval> = {
  words: [{ begins: /^(approved)(?=\s|$)\s*/i, read }],
  write: ({ limit, who, how, remark }) =>
    `approved ${formatMoney(limit)}${clause("by", who)}; how ${how}${clause("remark", remark)}`,
  examples: [{ line: "approved 340 EUR; by Marguerite Osei; how phone", says: "the owner's yes to a sum" }],
};
