import { z } from "zod";
import { optionalText, short, v1 } from "../log";
import { clause, clauses, notUnderstood, readAs } from "../shorthand";
import { BY_LINK, WAYS } from "./approval";
import { defineKind, type Reader } from "./kind";
import { PAPER } from "./paper";

/** Ways in which somebody in the shop gives their word. */
export const TOLD_BY = WAYS.filter((way) => way !== BY_LINK);

const payload = z.object({
  v: v1,
  day: z.iso.date("A promise is a day, like 2026-12-04."),
  to: short("To whom"),
  how: z.enum(WAYS),
  remark: optionalText("The remark"),
});
export type Promised = z.infer<typeof payload>;

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

/** The day by which the set was promised to its owner. The last one counts. */
export const promised = defineKind({
  kind: "promised",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { day: "day", to: "to", how: "how", remark: "remark" },
  about: () => "the visit",
  ...PAPER,
  describe: ({ day, to, how, remark }) => ({
    subject: "Promised",
    text: `for ${day} to ${to}, ${how}${remark ? `, ${remark}` : ""}`,
  }),
  words: [{ begins: /^(promised)(?=\s|$)\s*/i, read }],
  write: ({ day, to, how, remark }) => `promised ${day}${clause("to", to)}; how ${how}${clause("remark", remark)}`,
  examples: [{ line: "promised 2026-12-04; to Marguerite Osei; how phone", says: "the day that the owner was told" }],
});
