import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { HandBack } from "./payload";

/** The set goes out: what was done and left, what to watch, and what goes with it. */
export const handBack: KindOf<"hand-back", HandBack, undefined> = {
  kind: "hand-back",
  fields: {
    summary: "what was done",
    left: "what was left",
    watch: "what to watch",
    oldParts: "old parts",
    nextService: "next service",
    warrantyMonths: "warranty, months",
    instructions: "how to use it",
    price: "price",
  },
  about: () => "the set",
  tied: [],
  judge: unjudged,
  describe: ({ summary }) => ({ subject: "Hand back", text: summary }),
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
  evidence: silent,
};
