import { noRow, nothing, unchanged, unjudged, type KindOf } from "../kind";
import type { OpenPoint } from "../open";
import { saysOf } from "../said";
import type { Symptom } from "./payload";

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** What the set does that it should not, and later words on it. */
export const symptom: KindOf<"symptom", Symptom, undefined> = {
  kind: "symptom",
  fields: { what: "symptom", state: "state", about: "which symptom", reads: "how it is read" },
  about: ({ what }) => what,
  tied: [],
  judge: unjudged,
  describe: ({ state, what }) => ({ subject: state === "present" ? "Symptom" : `Symptom ${state}`, text: what }),
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
};
