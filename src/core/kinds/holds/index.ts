import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { Holds } from "./payload";

/** A result that was taken before later work, and that this work did not touch. */
export const holds: KindOf<"holds", Holds, undefined> = {
  kind: "holds",
  fields: { about: "which result", why: "reason" },
  about: ({ about }) => about,
  tied: [],
  judge: unjudged,
  describe: ({ why }) => ({ subject: "Still holds", text: why }),
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
};
