import { noRow, nothing, unchanged, unjudged, type KindOf } from "../kind";
import { DID_NOT_SHOW } from "../said";
import type { FaultTest } from "./payload";

/** A test that was made to find the fault, and what came of it. */
export const faultTest: KindOf<"fault-test", FaultTest, undefined> = {
  kind: "fault-test",
  fields: {
    test: "test",
    outcome: "outcome",
    what: "test in words",
    says: "outcome in words",
    doubtful: "not to be relied on",
    remark: "remark",
  },
  about: ({ test }) => test,
  tied: ["what", "says"],
  judge: unjudged,
  describe: ({ what, says, doubtful, remark }) => ({
    subject: "Search",
    text: `${what}${what.endsWith("?") ? "" : ":"} ${says}${doubtful ? ", not to be relied on" : ""}${remark ? ` (${remark})` : ""}`,
  }),
  designators: ({ test }) => {
    const [, part] = /^check:([A-Z]{1,3}\d{1,3}[A-Z]?)$/.exec(test) ?? [];
    return part ? [part] : [];
  },
  works: () => [],
  changes: unchanged,
  handsInside: true,
  afterHandBack: "refused",
  takes: nothing,
  lane: "findings",
  inFile: "shown",
  csv: noRow,
  sections: () => ["search"],
  open: nothing,
  evidence: ({ test, outcome, doubtful }) => ({
    outcomes: [{ test, outcome, ...(doubtful ? { weight: DID_NOT_SHOW } : {}) }],
    mends: [],
  }),
};
