import { noRow, nothing, unchanged, unjudged, type KindOf } from "../kind";
import { saysOf } from "../said";
import type { TakeIn } from "./payload";

/** A set comes in: the complaint, what the owner wants, what came with it. */
export const takeIn: KindOf<"take-in", TakeIn, undefined> = {
  kind: "take-in",
  fields: {
    complaint: "complaint",
    since: "since when",
    wants: "what the owner wants",
    policy: "policy",
    received: "came with",
    missing: "missing",
    earlierWork: "earlier work",
    loose: "loose things",
    cosmetic: "looks",
    grades: "grades",
    dateCodes: "date codes",
    provenance: "provenance",
    costLimit: "limit of cost",
    switches: "choices of the visit",
    reads: "how the complaint is read",
  },
  about: () => "the set",
  tied: [],
  judge: unjudged,
  describe: ({ complaint }) => ({ subject: "Take in", text: complaint }),
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "notes",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: nothing,
  evidence: ({ complaint, reads }, set) => saysOf(complaint, "present", set, reads),
};
