import { z } from "zod";
import { optionalText, short, v1 } from "../log";
import { clause, clauses, notUnderstood, readAs } from "../shorthand";
import { defineKind, type Reader } from "./kind";
import { PAPER } from "./paper";

const payload = z.object({
  v: v1,
  by: short("Who collected it"),
  remark: optionalText("The remark"),
});
export type Collected = z.infer<typeof payload>;

/** `collected by Marguerite Osei; remark with her neighbour` */
const read: Reader = (rest) => {
  const { first, named } = clauses(rest);
  const by = first.replace(/^by\s+/i, "").trim();
  if (!by) return notUnderstood(rest.start, "Say who collected the set: collected by Marguerite Osei.");
  const said: Record<string, unknown> = { v: 1, by };
  for (const { word, value, at } of named) {
    if (word === "remark") said.remark = value;
    else return notUnderstood(at, `“${word} ${value}” is not known here: remark.`);
  }
  return readAs(said, rest.start);
};

/** The set left the house: who took it along. The signature is a file of the entry. */
export const collected = defineKind({
  kind: "collected",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { by: "by", remark: "remark" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ by, remark }) => ({ subject: "Collected", text: `by ${by}${remark ? `, ${remark}` : ""}` }),
  words: [{ begins: /^(collected)(?=\s|$)\s*/i, read }],
  write: ({ by, remark }) => `collected by ${by}${clause("remark", remark)}`,
  examples: [{ line: "collected by Marguerite Osei", says: "the set left the house" }],
});
