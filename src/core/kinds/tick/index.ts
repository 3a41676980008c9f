import { defineKind, unchanged, noRow, nothing, silent, unjudged } from "../kind";
import { readTick, writeTick } from "./line";
import { payload } from "./payload";

const SUBJECTS = {
  prerequisite: "Prerequisite",
  read: "Read through",
  step: "Step",
  verify: "Verified",
  recalibrate: "Recalibrated",
} as const;
const STATE_WORDS = { done: "", na: "does not apply", unmet: "not met", skipped: "skipped" } as const;

/** A line of a modification's lists that was looked at, done, or passed over with a reason. */
export const tick = defineKind({
  kind: "tick",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: {
    about: "which modification",
    list: "list",
    key: "line",
    text: "line as it stood",
    state: "state",
    saw: "seen",
    why: "reason",
    out: "screws out",
    back: "screws back",
  },
  about: ({ about, list, key }) => `${about} ${list} ${key}`,
  tied: [],
  judge: unjudged,
  describe: ({ list, text, state, saw, why, out, back }) => {
    const screws = [out !== undefined && `${out} out`, back !== undefined && `${back} back in`]
      .filter(Boolean)
      .join(", ");
    const said = [STATE_WORDS[state], saw, why, screws].filter(Boolean).join("; ");
    return {
      subject: SUBJECTS[list],
      text: said ? `${text}: ${said}` : text,
      ...(state === "unmet" ? { verdict: "bad" as const } : {}),
    };
  },
  words: [{ begins: /^(tick)(?=\s|$)\s*/i, read: readTick }],
  write: writeTick,
  examples: [
    {
      line: "tick #12 step 3 done; out 6",
      says: "a line of a modification: prerequisite 2 done: what was seen, step 4 skipped: why",
    },
  ],
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "none",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: nothing,
  evidence: silent,
});
