import { STEP_NAMES, STEPS } from "../../model";
import { notUnderstood, readAs, tailOf, textOf } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import type { StepWord } from "./payload";

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

export const line: KindLine<StepWord> = {
  words: [{ begins: /^(done|pass)(?=\s|$)\s*/i, read }],
  write: ({ step: which, state, reason }) =>
    `${state === "passed" ? "done" : "pass"} ${STEP_NAMES[which].toLowerCase()}${tailOf(reason)}`,
  examples: [
    { line: "done find: C14 leaks", says: "a step is done" },
    { line: "pass baseline: it does not power up", says: "a step is passed over, with its reason" },
  ],
};
