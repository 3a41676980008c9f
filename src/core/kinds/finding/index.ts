import { noRow, nothing, SAYS_NOTHING, unchanged, unjudged, type KindOf } from "../kind";
import type { Finding } from "./payload";

/** A fault that was found, and later words on it: mended, shown gone, reopened. */
export const finding: KindOf<"finding", Finding, undefined> = {
  kind: "finding",
  fields: {
    fault: "fault",
    cause: "cause",
    state: "state",
    evidence: "what shows it",
    work: "work that mended it",
    mended: "what mended it",
    gone: "what shows it gone",
    about: "which finding",
    why: "reason",
  },
  about: ({ fault }) => fault,
  tied: [],
  judge: unjudged,
  describe: ({ state, cause, mended, gone, why }) => ({
    subject: state === "found" ? "Found" : "Reopened",
    text: [cause, mended && `mended: ${mended}`, gone.length > 0 && "shown gone", why].filter(Boolean).join("; "),
  }),
  designators: ({ fault }) => {
    const [, part] = /@([A-Z0-9]+)$/.exec(fault) ?? [];
    return part ? [part] : [];
  },
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "findings",
  inFile: "shown",
  csv: noRow,
  sections: () => ["search"],
  open: nothing,
  evidence: ({ fault, state, mended, work, about }, { system }) => {
    const index = system.faultIndex.get(fault);
    const one = index === undefined ? undefined : system.faults[index];
    if (!one) return SAYS_NOTHING;
    const check = system.tests.find((test) => test.act === "check" && test.response[index ?? 0] !== 0);
    // What was found is as sure as its own check. Reopened, it is not: but what was mended stays mended.
    const outcomes = state === "found" && check && !about ? [{ test: check.id, outcome: "bad", of: fault }] : [];
    // What was put right takes with it all that the same check makes sure of: a new C14 neither leaks nor is open.
    const siblings = check ? system.faults.filter((_, at) => check.response[at] !== 0).map(({ id }) => id) : [fault];
    return { outcomes, mends: mended || work.length > 0 ? siblings : [] };
  },
};
