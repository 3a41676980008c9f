import { notUnderstood, onTape, readAs, refer, textOf } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import type { Confirmed } from "./payload";

/** Kinds that wait for a confirmation when an apprentice writes them. */
const CONFIRMS = ["check", "power-step", "step"];

/** `confirmed #12 #14: looked at both` */
const read: Reader = (rest, context) => {
  const found = /^((?:#\d+[,\s]*)+)[:\s]*/.exec(textOf(rest));
  const targets = [...(found?.[1] ?? "").matchAll(/#(\d+)/g)].map(([, n]) => onTape(n, context));
  const entries = targets.flatMap((target) =>
    target?.content && CONFIRMS.includes(target.content.kind) ? target.id : [],
  );
  if (!found || entries.length < targets.length)
    return notUnderstood(
      rest.start,
      "Say which lines of make safe or steps of the power-up, by their numbers: confirmed #12 #14.",
    );
  const remark = textOf(rest).slice(found[0].length).trim();
  return readAs({ v: 1, entries, ...(remark ? { remark } : {}) }, rest.start);
};

export const line: KindLine<Confirmed> = {
  words: [{ begins: /^(confirmed)(?=\s|$)\s*/i, read }],
  write: ({ entries, remark }, numberOf) =>
    `confirmed ${entries.map((one) => refer(one, numberOf)).join(" ")}${remark ? `: ${remark}` : ""}`,
  examples: [
    {
      line: "confirmed #12: looked at it too",
      says: "a lead confirms what an apprentice did for safety; several: confirmed #12 #14",
    },
  ],
};
