import { z } from "zod";
import { money, optionalText, short, v1 } from "../log";
import { formatMoney } from "../quantity";
import { clause, clauses, notUnderstood, readAs } from "../shorthand";
import { defineKind, type Reader } from "./kind";
import { PAPER } from "./paper";
import { readSum } from "./sums";

/** By the page behind the owner's link: no one in the shop can write this by hand. */
export const BY_LINK = "the owner's page";
export const WAYS = ["in person", "phone", "message", "letter", BY_LINK] as const;

/** The owner's yes to a sum, tax included: who said it, and how. */
const payload = z.object({
  v: v1,
  limit: money.refine(({ minor }) => minor > 0, "An approved sum is above zero."),
  who: short("Who approved"),
  how: z.enum(WAYS),
  remark: optionalText("The remark"),
});

/** `approved 250 EUR; by Marguerite Osei; how phone` */
const read: Reader = (rest, { currency }) => {
  const { first, named } = clauses(rest);
  const limit = readSum(first, currency);
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

/** The owner's yes to a sum. */
export const approval = defineKind({
  kind: "approval",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { limit: "sum", who: "by", how: "how", remark: "remark" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ limit, who, how, remark }) => ({
    subject: "Approved",
    text: `up to ${formatMoney(limit)} by ${who}, ${how}${remark ? `, ${remark}` : ""}`,
  }),
  words: [{ begins: /^(approved)(?=\s|$)\s*/i, read }],
  write: ({ limit, who, how, remark }) =>
    `approved ${formatMoney(limit)}${clause("by", who)}; how ${how}${clause("remark", remark)}`,
  examples: [{ line: "approved 340 EUR; by Marguerite Osei; how phone", says: "the owner's yes to a sum" }],
});
