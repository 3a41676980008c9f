import { z } from "zod";
import { optionalText, v1 } from "../log";
import { STEP_NAMES, STEPS } from "../model";
import { notUnderstood, readAs, tailOf, textOf } from "../shorthand";
import { defineKind, unchanged, noRow, nothing, silent, unjudged, type Reader } from "./kind";
import { waitingPoints, waits } from "./waiting";

const payload = z
  .object({
    v: v1,
    step: z.enum(STEPS),
    state: z.enum(["passed", "overridden"]),
    reason: optionalText("The reason"),
    waits,
  })
  .superRefine((value, context) => {
    if (value.state === "overridden" && !value.reason)
      context.addIssue({ code: "custom", path: ["reason"], message: "Passing a gate that is not met needs a reason." });
  });

type StepWord = z.infer<typeof payload>;

/** `done make safe`, `pass baseline: does not power up` */
const read: Reader = (rest, _context, word) => {
  const text = textOf(rest).toLowerCase();
  const found = STEPS.find((step) => text.startsWith(step) || text.startsWith(STEP_NAMES[step].toLowerCase()));
  if (!found)
    return notUnderstood(
      rest.start,
      `Name the step: ${STEPS.map((step) => STEP_NAMES[step].toLowerCase()).join(", ")}.`,
    );
  const reason = textOf(rest)
    .slice(found.length)
    .replace(/^[:\s]+/, "")
    .trim();
  const state = word === "done" ? "passed" : "overridden";
  return readAs({ v: 1, step: found, state, ...(reason ? { reason } : {}) }, rest.end);
};

/** A word on a step of the visit: it is done, or passed over with its reason. */
export const step = defineKind({
  kind: "step",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: { step: "step", state: "state", reason: "reason", waits: "waits for a confirmation" },
  about: ({ step: which }) => which,
  tied: [],
  judge: unjudged,
  describe: ({ step: which, state, reason }) => {
    const word = state === "passed" ? "done" : "passed without";
    return { subject: STEP_NAMES[which], text: `${word}${tailOf(reason)}` };
  },
  words: [{ begins: /^(done|pass)(?=\s|$)\s*/i, read }],
  write: ({ step: which, state, reason }) =>
    `${state === "passed" ? "done" : "pass"} ${STEP_NAMES[which].toLowerCase()}${tailOf(reason)}`,
  examples: [
    { line: "done find: C14 leaks", says: "a step is done" },
    { line: "pass baseline: it does not power up", says: "a step is passed over, with its reason" },
  ],
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
});
