import { changeDb, millionths, turnsText } from "../../alignment";
import { printChange } from "../../levels";
import { partOf } from "../../model";
import { format } from "../../quantity";
import { defineKind, noRow, nothing, silent, unchanged } from "../kind";
import { readAligned, unitText, writeAligned } from "./line";
import { payload, type Aligned } from "./payload";

const judge = ({ before, after }: Aligned) => ({ change: changeDb(before, after) });

function words(said: Aligned, change: number | undefined): string {
  const { outcome, aim, hertz, before, after, eighths, reason, loudest, end, remark, cabinet } = said;
  if (outcome === "skipped") return `skipped: ${reason ?? ""}`;
  const output = [before, after].flatMap((one) => (one ? [unitText(one)] : [])).join(" → ");
  const parts = [
    outcome === "right" ? "was right: left" : eighths === undefined ? "" : turnsText(eighths),
    output,
    aim === "zero-beat" && millionths(after ?? before, hertz) !== undefined
      ? `${(millionths(after ?? before, hertz) ?? 0).toFixed(2)} ppm off`
      : "",
    change === undefined ? "" : printChange(change, "dB"),
    loudest === undefined ? "" : `loudest at ${format(loudest, "frequency", 5)}`,
    end ? "at the end of its travel" : "",
    cabinet === "in" ? "in the cabinet" : "",
    remark ?? "",
  ];
  return parts.filter(Boolean).join(", ");
}

/** One step of an alignment: what was turned, how far, and what came of it. */
export const aligned = defineKind({
  kind: "aligned",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: {
    group: "part of",
    adjust: "what is turned",
    hertz: "frequency",
    aim: "for",
    ends: "end of band",
    outcome: "outcome",
    before: "output before",
    after: "output after",
    eighths: "turned",
    end: "end of travel",
    loudest: "loudest at",
    cabinet: "chassis",
    preflight: "pre-flight",
    reason: "reason",
    remark: "remark",
  },
  about: ({ group, adjust, hertz }) =>
    [group, adjust, hertz === undefined ? "" : format(hertz, "frequency", 5)].filter(Boolean).join(" "),
  tied: ["preflight"],
  judge,
  describe: (said, { change }) => ({ subject: `Align ${said.adjust}`, text: `${said.group}: ${words(said, change)}` }),
  words: [{ begins: /^(align)(?=\s|$)\s*/i, read: readAligned }],
  write: writeAligned,
  examples: [
    {
      line: "align T3 top 0.8 V -> 1.2 V, 3/8 in",
      says: "a step of the alignment: output before and after, how far it was turned",
    },
    { line: "align T3 top right", says: "it was right, and was left" },
    { line: "align C41 skipped: the wax is not to be broken", says: "a step left out, with its reason" },
  ],
  designators: ({ adjust }) => [partOf(adjust)],
  works: nothing,
  // Turning a core leaves volts and ohms as they were; what it does to the dial is asked for by the step Prove.
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "tests",
  inFile: "folded",
  csv: noRow,
  // Record and reports set alignments as tables of their own.
  sections: nothing,
  open: nothing,
  evidence: silent,
});
