import { noRow, nothing, silent, unchanged, unjudged, type KindOf } from "../kind";
import type { Tick } from "./payload";

const SUBJECTS = {
  prerequisite: "Prerequisite",
  read: "Read through",
  step: "Step",
  verify: "Verified",
  recalibrate: "Recalibrated",
} as const;
const STATE_WORDS = { done: "", na: "does not apply", unmet: "not met", skipped: "skipped" } as const;

/** A line of a modification's lists that was looked at, done, or passed over with a reason. */
export const tick: KindOf<"tick", Tick, undefined> = {
  kind: "tick",
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
};
