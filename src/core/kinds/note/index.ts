import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import { WAIT_NAMES, type OpenPoint } from "../open";
import type { Note } from "./payload";

/** Something worth keeping, an open point, something waited for, or the word that settles one. */
export const note: KindOf<"note", Note, undefined> = {
  kind: "note",
  fields: { text: "text", open: "open point", waits: "waits for", closes: "settles", record: "for the record" },
  about: () => "the set",
  tied: [],
  judge: unjudged,
  describe: ({ text: said, open, waits, closes, record }) => ({
    subject: record
      ? "Note for the record"
      : waits
        ? `Waits for ${WAIT_NAMES[waits]}`
        : open
          ? "Open point"
          : closes.length > 0
            ? "Settled"
            : "Note",
    text: said,
  }),
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "taken",
  takes: nothing,
  lane: "notes",
  inFile: "shown",
  csv: noRow,
  sections: ({ record }) => (record ? ["notes"] : []),
  open: (mine) => {
    const closed = new Set(mine.flatMap(({ content }) => content.payload.closes));
    return mine
      .filter(({ entry, content }) => content.payload.open && !closed.has(entry.id))
      .map(({ entry, content: { payload: one } }): OpenPoint => ({
        id: entry.id,
        visitId: entry.visitId,
        kind: "note",
        text: one.text,
        blocks: true,
        ...(one.waits ? { waits: one.waits } : {}),
      }));
  },
  evidence: silent,
};
