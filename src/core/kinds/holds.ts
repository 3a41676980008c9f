import { z } from "zod";
import { id, text, v1 } from "../log";
import { notUnderstood, onTape, readAs, refer, textOf } from "../shorthand";
import { defineKind, noRow, nothing, silent, unchanged, unjudged, type Reader } from "./kind";

const payload = z.object({
  v: v1,
  /** the reading or test that still holds */
  about: id,
  why: text("The reason"),
});
export type Holds = z.infer<typeof payload>;

/** Kinds whose results may hold after later work. */
const RESULTS = ["reading", "test-result", "measured-row", "tube-test"];

/** `holds #12: cleaning the switch does not touch the output stage` */
const read: Reader = (rest, context) => {
  const found = /^#(\d+)[:\s]*/.exec(textOf(rest));
  const target = onTape(found?.[1], context);
  if (!found || !target?.content || !RESULTS.includes(target.content.kind))
    return notUnderstood(rest.start, "Say which reading or test still holds, by its number: holds #12: why.");
  const why = textOf(rest).slice(found[0].length).trim();
  if (!why) return notUnderstood(rest.end, "Say why it still holds after the work: holds #12: why.");
  return readAs({ v: 1, about: target.id, why }, rest.start);
};

/** A result that was taken before later work, and that this work did not touch. */
export const holds = defineKind({
  kind: "holds",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { about: "which result", why: "reason" },
  about: ({ about }) => about,
  tied: [],
  judge: unjudged,
  describe: ({ why }) => ({ subject: "Still holds", text: why }),
  words: [{ begins: /^(holds)(?=\s)\s*/i, read }],
  write: ({ about, why }, numberOf) => `holds ${refer(about, numberOf)}: ${why}`,
  examples: [
    { line: "holds #12: the switch is not in its path", says: "a result from before the last work still holds" },
  ],
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "taken",
  takes: nothing,
  lane: "none",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: nothing,
  evidence: silent,
});
