import { tailOf } from "../../shorthand";
import { defineKind, unchanged, noRow, nothing, unjudged } from "../kind";
import { DID_NOT_SHOW } from "../said";
import { readSearch, WITH_EQUALS, writeSearch } from "./line";
import { payload } from "./payload";

/** A test that was made to find the fault, and what came of it. */
export const faultTest = defineKind({
  kind: "fault-test",
  version: 1,
  schema: payload,
  upgrades: {},
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
  words: [
    { begins: /^(inject|trace|look|tap|swap|check|works)(?=\s)\s*/i, read: readSearch },
    // These words are also names of points: an equals sign makes them a test.
    {
      begins: new RegExp(`^(${WITH_EQUALS.join("|")})(?=(?:\\s+[A-Za-z0-9:-]+){0,3}\\s*=)\\s*`, "i"),
      read: readSearch,
    },
  ],
  write: (one) => writeSearch(one) + tailOf(one.remark),
  examples: [
    {
      line: "inject AF = loud",
      says: "a test to find the fault; also trace, tap, look, swap, check, works; hum = double, fuse = blown, ohms reservoir = low",
    },
  ],
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
});
