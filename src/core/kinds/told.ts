import { z } from "zod";
import { optionalText, short, v1 } from "../log";
import { clause, clauses, notUnderstood, readAs } from "../shorthand";
import { defineKind, type Reader } from "./kind";
import { PAPER } from "./paper";

/** Ways in which an owner is told. */
export const TELLING = ["phone", "message", "letter", "in person"] as const;

const payload = z.object({
  v: v1,
  to: short("Who was told"),
  how: z.enum(TELLING),
  remark: optionalText("The remark"),
});
export type Told = z.infer<typeof payload>;

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

/** The owner was told that the set is ready: who, and how. */
export const told = defineKind({
  kind: "told",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { to: "who", how: "how", remark: "remark" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ to, how, remark }) => ({
    subject: "Told",
    text: `${to} that it is ready, ${how}${remark ? `, ${remark}` : ""}`,
  }),
  words: [{ begins: /^(told)(?=\s|$)\s*/i, read }],
  write: ({ to, how, remark }) => `told ${to}; how ${how}${clause("remark", remark)}`,
  examples: [{ line: "told Marguerite Osei; how letter", says: "the owner knows that the set is ready" }],
});
