import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { Confirmed } from "./payload";

/** A lead's word that what an apprentice did for safety was looked at and is right. */
export const confirmed: KindOf<"confirmed", Confirmed, undefined> = {
  kind: "confirmed",
  fields: { entries: "which entries", remark: "remark" },
  about: () => "the visit",
  tied: [],
  judge: unjudged,
  describe: ({ entries, remark }) => ({
    subject: "Confirmed",
    text: `${entries.length === 1 ? "one entry" : `${entries.length} entries`} of an apprentice${remark ? ` (${remark})` : ""}`,
    verdict: "good",
  }),
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
};
