import { STEP_NAMES } from "../../model";
import { tailOf } from "../../shorthand";
import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import { waitingPoints } from "../waiting";
import type { StepWord } from "./payload";

/** A word on a step of the visit: it is done, or passed over with its reason. */
export const step: KindOf<"step", StepWord, undefined> = {
  kind: "step",
  fields: { step: "step", state: "state", reason: "reason", waits: "waits for a confirmation" },
  about: ({ step: which }) => which,
  tied: [],
  judge: unjudged,
  describe: ({ step: which, state, reason }) => {
    const word = state === "passed" ? "done" : "passed without";
    return { subject: STEP_NAMES[which], text: `${word}${tailOf(reason)}` };
  },
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "none",
  inFile: "left-out",
  csv: noRow,
  sections: nothing,
  open: (mine, log) =>
    waitingPoints(mine, log, ({ content }) => `${STEP_NAMES[(content.payload as StepWord).step]} passed over`),
  evidence: silent,
};
