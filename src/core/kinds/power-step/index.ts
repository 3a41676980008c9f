import { judgeStep, METHOD_NAMES, STAGE_NAMES, type StepVerdict } from "../../power";
import { format } from "../../quantity";
import { noRow, nothing, SAYS_NOTHING, unchanged, type KindOf, type Says } from "../kind";
import type { OpenPoint } from "../open";
import { waitingPoints } from "../waiting";
import type { PowerStep } from "./payload";

/** The verdict of a step of a power-up, against the expectation that it carries. */
export function judgePowerStep(one: PowerStep): StepVerdict {
  const { stage, fraction, lineVolts, amps, endAmps, bplus, heaters, rails, lamp, seen, expected } = one;
  return judgeStep({
    stage,
    fraction,
    amps: amps?.value,
    endAmps: endAmps?.value,
    bplus: bplus?.value,
    heaters: heaters?.value,
    rails: rails?.map(({ name, value }) => ({ name, volts: value })),
    lineVolts: lineVolts?.value,
    lamp: lamp !== undefined,
    seen: lamp === "bright" && !seen.includes("lamp-bright") ? [...seen, "lamp-bright"] : seen,
    expected,
  });
}

const whereOf = ({ stage, fraction }: PowerStep): string => `${STAGE_NAMES[stage]}, ${format(fraction, "percent")}`;

const MARKS = { stop: "bad", watch: "watch", go: "good" } as const;

/** A step of a power-up: line, current, B+, heaters, and what was seen. */
export const powerStep: KindOf<"power-step", PowerStep, ReturnType<typeof judgePowerStep>> = {
  kind: "power-step",
  fields: {
    method: "way",
    stage: "stage",
    fraction: "share of the line",
    lineVolts: "line voltage",
    lineHz: "line frequency",
    amps: "current",
    endAmps: "current at the end",
    bplus: "B+",
    heaters: "heaters",
    rails: "heater windings",
    held: "held",
    lamp: "lamp",
    seen: "seen",
    remark: "remark",
    waits: "waits for a confirmation",
    expected: "expected",
  },
  about: ({ method, stage }) => `${method} ${stage}`,
  tied: ["expected"],
  judge: judgePowerStep,
  describe: (
    { amps, endAmps, bplus, heaters, rails = [], lineVolts, held, lamp, remark, stage, fraction },
    { verdict, reasons },
  ) => {
    const pieces = [
      lineVolts && format(lineVolts.value, "voltage"),
      amps && format(amps.value, "current"),
      endAmps && `then ${format(endAmps.value, "current")}`,
      bplus && `B+ ${format(bplus.value, "voltage")}`,
      heaters && `heaters ${format(heaters.value, "voltage")}`,
      ...rails.map(({ name, value }) => `${name} ${format(value, "voltage")}`),
      lamp && `lamp ${lamp}`,
      held !== undefined && `held ${format(held, "time")}`,
      remark,
    ].filter(Boolean);
    const said = reasons.map((reason) => reason.text).join(" ");
    const text = `${pieces.join(", ")}${said ? `. ${verdict === "stop" ? "Stop: " : ""}${said}` : ""}`;
    return {
      subject: `${lamp ? METHOD_NAMES.lamp : STAGE_NAMES[stage]}, ${format(fraction, "percent")}`,
      text,
      ...(verdict === "none" ? {} : { verdict: MARKS[verdict] }),
    };
  },
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "tests",
  inFile: "folded",
  csv: noRow,
  sections: () => ["first-power"],
  // A power-up that was stopped stays open until a later step of it went well.
  open: (mine, log) => {
    const last = new Map(mine.map((item) => [item.entry.visitId, item]));
    const stops = [...last.values()].flatMap(({ entry, judged, content: { payload: one } }): OpenPoint[] => {
      if (judged.verdict !== "stop") return [];
      const text = `Power-up stopped (${whereOf(one)}): ${judged.reasons.map((reason) => reason.text).join(" ")}`;
      return [{ id: entry.id, visitId: entry.visitId, kind: "stop", text, blocks: true }];
    });
    const waiting = waitingPoints(mine, log, ({ content }) => `Power-up, ${whereOf(content.payload as PowerStep)}`);
    return [...stops, ...waiting];
  },
  evidence: ({ stage, fraction, bplus, amps, lamp, expected }, { system }): Says => {
    // The lamp says of a short what nothing else says so soon. With the rectifier out it knows nothing of B+: dim is no
    // proof then.
    if (lamp)
      return system.testById.has("lamp") && (lamp === "bright" || stage !== "rectifier-out")
        ? { outcomes: [{ test: "lamp", outcome: lamp === "bright" ? "bright" : "dim" }], mends: [] }
        : SAYS_NOTHING;
    if (fraction < 0.75) return SAYS_NOTHING;
    const outcomes: Says["outcomes"] = [];
    const rail = ["rail:reservoir", "rail:high-voltage"].find((id) => system.testById.has(id));
    if (bplus && rail && stage !== "rectifier-out") {
      const ratio = expected.bplus ? bplus.value / (expected.bplus * fraction) : undefined;
      if (bplus.value < 5) outcomes.push({ test: rail, outcome: "none" });
      else if (ratio !== undefined)
        outcomes.push({ test: rail, outcome: ratio < 0.8 ? "low" : ratio > 1.2 ? "high" : "normal" });
    }
    if (amps && expected.fullAmps && stage !== "rectifier-out" && system.testById.has("line")) {
      const ratio = amps.value / (expected.fullAmps * fraction);
      outcomes.push({ test: "line", outcome: ratio > 1.25 ? "high" : ratio < 0.6 ? "low" : "normal" });
    }
    return { outcomes, mends: [] };
  },
};
