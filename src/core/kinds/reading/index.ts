import { format, formatDeviation } from "../../quantity";
import { printMeasured, type Judgement } from "../../readings";
import type { TapeLine } from "../../shorthand";
import { nothing, unchanged, type KindOf } from "../kind";
import type { OpenPoint } from "../open";
import { evidenceOf } from "./evidence";
import { judgeReading } from "./judge";
import type { Reading } from "./payload";

function describe(reading: Reading, { verdict, ratio, corrected }: Judgement): TapeLine {
  const { expected, quantity, remark } = reading;
  const sort = /\s(ac|dc|rms|peak|p-?p)$/i.exec(reading.measured.text)?.[1];
  const printed = printMeasured(reading.measured.value, quantity);
  // “V AC” says already what the typed “ac” does.
  const measured = sort && !printed.toLowerCase().endsWith(` ${sort.toLowerCase()}`) ? `${printed} ${sort}` : printed;
  const line = reading.lineVolts ? ` at ${format(reading.lineVolts, "voltage")} line` : "";
  const band = expected?.rule === undefined || expected.rule === "winding";
  const against =
    expected?.rule === "at-least"
      ? `, at least ${format(expected.value, quantity)}`
      : expected?.rule === "cold-heater"
        ? `, cold (${format(expected.value, quantity)} hot)`
        : corrected !== undefined
          ? `, expected ${format(corrected, quantity)}`
          : "";
  const off = ratio !== undefined && band ? ` (${formatDeviation(ratio - 1)})` : "";
  const text = `${measured}${line}${against}${off}${reading.range === undefined ? "" : `, range ${format(reading.range, quantity)}`}${reading.inCircuit ? ", in circuit" : ""}${reading.came ? ", by the instrument itself" : ""}${remark ? `, ${remark}` : ""}`;
  if (verdict === "none") return { subject: reading.point, text };
  return {
    subject: reading.point,
    text,
    verdict: verdict === "good" ? "good" : verdict === "no-proof" ? "watch" : "bad",
  };
}

/** A figure at a point of the set, or across a part, judged against what belongs there. */
export const reading: KindOf<"reading", Reading, ReturnType<typeof judgeReading>> = {
  kind: "reading",
  fields: {
    phase: "phase",
    point: "point",
    designator: "part",
    quantity: "quantity",
    measured: "measured",
    expected: "expected",
    lineVolts: "line voltage",
    tapVolts: "voltage selector at",
    meter: "meter",
    meterOhms: "meter's resistance",
    range: "meter's range",
    setup: "set-up",
    inCircuit: "in circuit",
    came: "came in by",
    remark: "remark",
  },
  about: ({ point }) => point,
  tied: ["expected", "quantity"],
  onlyWhile: { came: "measured" },
  judge: judgeReading,
  describe,
  designators: ({ designator }) => (designator ? [designator] : []),
  works: nothing,
  changes: unchanged,
  handsInside: true,
  afterHandBack: "refused",
  takes: nothing,
  lane: "tests",
  inFile: "shown",
  csv: (one, { verdict }) => ({
    table: "readings",
    cells: {
      phase: one.phase,
      point: one.point,
      measured: one.measured.text,
      "SI value": String(one.measured.value),
      quantity: one.quantity,
      expected: one.expected ? format(one.expected.value, one.quantity) : "",
      verdict: verdict === "none" ? "" : verdict,
      "line V": one.lineVolts === undefined ? "" : String(one.lineVolts),
      meter: one.meter ?? "",
      range: one.range === undefined ? "" : format(one.range, one.quantity),
    },
  }),
  sections: ({ phase, designator }) => (designator ? ["search"] : phase === "cold" ? ["first-power"] : []),
  open: (mine, { workedSince }) => {
    // The last reading of every point counts; it is open while it is out and nobody has worked on the part since.
    const last = new Map(mine.map((item) => [item.content.payload.point, item]));
    return [...last.values()].flatMap((item): OpenPoint[] => {
      const { payload: one } = item.content;
      const { verdict } = item.judged;
      if (verdict !== "high" && verdict !== "low") return [];
      if (one.designator !== undefined && workedSince(one.designator, item)) return [];
      return [
        {
          id: item.entry.id,
          visitId: item.entry.visitId,
          kind: "reading",
          text: `${one.point} reads ${printMeasured(one.measured.value, one.quantity, 3)}, ${verdict}`,
          blocks: true,
          ...(one.designator ? { designator: one.designator } : {}),
        },
      ];
    });
  },
  evidence: evidenceOf,
};
