import { STEP_NAMES } from "../../model";
import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import { printMinutes } from "../print";
import type { Labour } from "./payload";

/** Time that went into a step. */
export const labour: KindOf<"labour", Labour, undefined> = {
  kind: "labour",
  fields: { step: "step", minutes: "time", what: "for" },
  about: ({ step }) => step,
  tied: [],
  judge: unjudged,
  describe: ({ step, minutes, what }) => ({
    subject: "Labour",
    text: `${STEP_NAMES[step]}: ${printMinutes(minutes)}${what ? `, ${what}` : ""}`,
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
  sections: () => ["labour"],
  open: nothing,
  evidence: silent,
};
