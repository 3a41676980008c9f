import { defineKind, unchanged, noRow, nothing, unjudged } from "../kind";
import { saysOf } from "../said";
import { readTakeIn, writeTakeIn } from "./line";
import { payload } from "./payload";

/** A set comes in: the complaint, what the owner wants, what came with it. */
export const takeIn = defineKind({
  kind: "take-in",
  version: 1,
  schema: payload,
  upgrades: {},
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
  words: [{ begins: /^(take[ -]in)(?=\s|:|$)[:\s]*/i, read: readTakeIn }],
  write: writeTakeIn,
  examples: [
    {
      line: "take in: hums and fades; policy original; with lead, knobs; missing back cover; limit 250 EUR",
      says: "a set comes in; also since, wants, loose, looks, grades, dates, provenance, choose",
    },
  ],
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
});
