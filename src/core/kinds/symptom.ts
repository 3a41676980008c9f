import { z } from "zod";
import { id, text, v1 } from "../log";
import { notUnderstood, onTape, payloadOf, readAs, refer, textOf } from "../shorthand";
import { defineKind, unchanged, noRow, nothing, unjudged, type Reader } from "./kind";
import type { OpenPoint } from "./open";
import { readReads, readsSchema, writeReads } from "./reads";
import { saysOf } from "./said";

const payload = z.object({
  v: v1,
  what: text("The symptom"),
  state: z.enum(["present", "changed", "gone"]),
  /** the entry of the symptom that changed or is gone */
  about: id.optional(),
  /** how it is to be read, where somebody has put that right */
  reads: readsSchema.optional(),
});
export type Symptom = z.infer<typeof payload>;

/** `? hum worse when warm`, `gone #12`, `changed #12 hum only when cold`. */
const read: Reader = (rest, context, word) => {
  const state = word === "gone" || word === "changed" ? word : "present";
  const about = /^#(\d+)\s*/.exec(textOf(rest));
  const target = about ? onTape(about[1], context) : undefined;
  const named = payloadOf<Symptom>(target?.content, "symptom");
  if (about && !named) return notUnderstood(rest.start, `#${about[1]} is not a symptom on the tape.`);
  const text = textOf(rest).slice(about?.[0].length ?? 0);
  const put = /^(.*?)\s*\[([^\]]*)\]\s*$/s.exec(text);
  const reads = put ? readReads(put[2] ?? "") : undefined;
  if (put && !reads)
    return notUnderstood(
      rest.start,
      "How it is to be read stands in brackets: [hum double, warm changes], or [nothing].",
    );
  const said = (put?.[1] ?? text).trim();
  return readAs(
    {
      v: 1,
      what: said || (named?.what ?? ""),
      state,
      ...(target ? { about: target.id } : {}),
      ...(reads ? { reads } : {}),
    },
    rest.start,
  );
};

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** What the set does that it should not, and later words on it. */
export const symptom = defineKind({
  kind: "symptom",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { what: "symptom", state: "state", about: "which symptom", reads: "how it is read" },
  about: ({ what }) => what,
  tied: [],
  judge: unjudged,
  describe: ({ state, what }) => ({ subject: state === "present" ? "Symptom" : `Symptom ${state}`, text: what }),
  words: [
    { begins: /^(\?)/, read },
    { begins: /^(gone|changed)(?=\s|$)[:\s]*/i, read },
  ],
  write: ({ what, state, about, reads }, numberOf) =>
    [state === "present" ? "?" : state, refer(about, numberOf), what, reads && `[${writeReads(reads)}]`]
      .filter(Boolean)
      .join(" "),
  examples: [
    { line: "? hum worse when warm", says: "a symptom; [hum double] behind it says how it is to be read" },
    { line: "gone #12", says: "that symptom is gone; changed #12 and how it is now" },
  ],
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "taken",
  takes: nothing,
  lane: "symptoms",
  inFile: "shown",
  csv: noRow,
  sections: () => ["search"],
  open: (mine) =>
    mine.flatMap(({ entry, content: { payload: one } }, index): OpenPoint[] => {
      const later = mine.slice(index + 1).map(({ content }) => content.payload);
      // A later word on the same symptom stands for it.
      const superseded = later.some((word) => (word.about ? word.about === entry.id : same(word.what, one.what)));
      if (one.state === "gone" || superseded) return [];
      return [{ id: entry.id, visitId: entry.visitId, kind: "symptom", text: one.what, blocks: true }];
    }),
  evidence: ({ what, state, reads }, set) => saysOf(what, state, set, reads),
});
