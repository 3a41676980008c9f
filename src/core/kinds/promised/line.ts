import { dayInWords, readDay } from "../../days";
import { clause, clauses, notUnderstood, readAs } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { TOLD_BY } from "./values";
import type { Promised } from "./payload";

const WAY = `(?:[,\\s]+(?:by\\s+|on\\s+the\\s+|over\\s+the\\s+|in\\s+a\\s+)?(${TOLD_BY.join("|")}))?`;
/** `Friday to Marguerite Osei by phone`, in one go. */
const IN_ONE = new RegExp(`^(.+?)[,\\s]+to\\s+(.+?)${WAY}$`, "i");
/** `to Marguerite Osei for Friday` */
const NAME_FIRST = new RegExp(`^to\\s+(.+?)[,\\s]+(?:for|by)\\s+(.+?)${WAY}$`, "i");

/** What stands before the first semicolon: the day, and to whom and how where it is all said in one go. */
function inOne(first: string): { day: string; to: string; how: string } {
  const [, name, at, by] = NAME_FIRST.exec(first) ?? [];
  if (name && at) return { day: at, to: name, how: by ?? "phone" };
  const [, day = first, to = "", how = "phone"] = IN_ONE.exec(first) ?? [];
  return { day, to, how };
}

/** `promised 2026-12-04; to Marguerite Osei; how phone`, `promised for Friday to Marguerite Osei by phone` */
const read: Reader = (rest, { today }) => {
  const { first, named } = clauses(rest);
  const { day: whole, to, how } = inOne(first.trim());
  const typed = whole.trim().replace(/^(?:for|by)\s+/i, "");
  const day = readDay(typed, today);
  if (!day) return notUnderstood(rest.start, "A promise begins with its day: promised Friday; to whom; how phone.");
  if (day.kind === "none") return notUnderstood(rest.start, `“${typed}” is not a day of the calendar.`);
  if (day.kind === "either")
    return {
      kind: "question",
      question: `Which day is “${typed}”?`,
      choices: day.days.map((one) => ({ label: dayInWords(one), text: rest.line.replace(typed, one) })),
    };
  const said: Record<string, unknown> = { v: 1, day: day.day, to, how: how.toLowerCase() };
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
  words: [{ begins: /^(promised?)(?=\s|$)\s*/i, read }],
  write: ({ day, to, how, remark }) => `promised ${day}${clause("to", to)}; how ${how}${clause("remark", remark)}`,
  examples: [
    {
      line: "promised 4 Dec; to Marguerite Osei; how phone",
      says: "the day that the owner was told: also 2026-12-04, 4.12., Friday, in two weeks",
    },
  ],
};
