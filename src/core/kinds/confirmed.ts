import { z } from "zod";
import { id, optionalText, v1 } from "../log";
import { notUnderstood, onTape, readAs, refer, textOf } from "../shorthand";
import { defineKind, noRow, nothing, silent, unchanged, unjudged, type Reader } from "./kind";

const payload = z.object({
  v: v1,
  /** what an apprentice wrote where it counts for safety */
  entries: z.array(id).min(1, "Say which entries.").max(50),
  remark: optionalText("The remark"),
});
export type Confirmed = z.infer<typeof payload>;

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

/** A lead's word that what an apprentice did for safety was looked at and is right. */
export const confirmed = defineKind({
  kind: "confirmed",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { entries: "which entries", remark: "remark" },
  about: () => "the visit",
  tied: [],
  judge: unjudged,
  describe: ({ entries, remark }) => ({
    subject: "Confirmed",
    text: `${entries.length === 1 ? "one entry" : `${entries.length} entries`} of an apprentice${remark ? ` (${remark})` : ""}`,
    verdict: "good",
  }),
  words: [{ begins: /^(confirmed)(?=\s|$)\s*/i, read }],
  write: ({ entries, remark }, numberOf) =>
    `confirmed ${entries.map((one) => refer(one, numberOf)).join(" ")}${remark ? `: ${remark}` : ""}`,
  examples: [
    {
      line: "confirmed #12: looked at it too",
      says: "a lead confirms what an apprentice did for safety; several: confirmed #12 #14",
    },
  ],
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "taken",
  takes: nothing,
  lane: "none",
  inFile: "left-out",
  csv: noRow,
  sections: nothing,
  open: nothing,
  evidence: silent,
});
