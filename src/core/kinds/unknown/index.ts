import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { Unknown } from "./payload";

/**
 * An entry of a kind or a version that this program does not know yet, or one that cannot be read: kept as it came, and
 * shown as such. It costs its own line and nothing else.
 */
export const unknown: KindOf<"unknown", Unknown, undefined> = {
  kind: "unknown",
  fields: { kind: "kind", payload: "what it says", trouble: "why it cannot be shown" },
  about: ({ kind }) => kind,
  tied: [],
  judge: unjudged,
  describe: ({ kind, trouble }) => ({
    subject: `“${kind}”`,
    text: trouble
      ? `This entry cannot be shown: ${trouble} It is kept as it came; withdraw it, and write it anew if it is needed.`
      : "An entry of a newer version of this program: it is kept as it came, and what it says is not understood here.",
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
  sections: nothing,
  open: nothing,
  evidence: silent,
};
