import { z } from "zod";
import { v1 } from "../log";
import { defineKind, unchanged, noRow, nothing, silent, unjudged } from "./kind";

const payload = z.object({
  v: v1,
  kind: z.string().min(1).max(80),
  payload: z.record(z.string(), z.unknown()),
  /** why it cannot be shown, where its kind is known */
  trouble: z.string().max(500).optional(),
});

/**
 * An entry of a kind or a version that this program does not know yet, or one that cannot be read: kept as it came, and
 * shown as such. It costs its own line and nothing else.
 */
export const unknown = defineKind({
  kind: "unknown",
  version: 1,
  schema: payload,
  upgrades: {},
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
  words: [],
  write: ({ kind }) => `note an entry of a kind “${kind}”`,
  examples: [],
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
});
