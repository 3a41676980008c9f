import { changeDb, millionths, turnsText } from "../../alignment";
import { printChange } from "../../levels";
import { partOf } from "../../model";
import { format } from "../../quantity";
import { noRow, nothing, silent, unchanged, type KindOf } from "../kind";
import type { Aligned } from "./payload";
import { unitText } from "./unit-text";

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
export const aligned: KindOf<"aligned", Aligned, ReturnType<typeof judge>> = {
  kind: "aligned",
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
};
