import { openPoints } from "@/core/history";
import { partOf, type AlignmentRow, type Sheet } from "@/core/model";
import type { Settled } from "@/core/kinds";

export type Check = { key: string; text: string };

/** Minutes that a set plays before it is aligned. Shop rule. */
export const WARM_MINUTES = 20;

/** Above so many volts inside, cores and trimmers at B+ are asked about. Shop rule. */
const CORES_AT_VOLTS = 300;

/** What is looked at before the first core is turned, for this set. */
export function checksFor(sheet: Pick<Sheet, "supply" | "highestVolts">): Check[] {
  return [
    { key: "warm", text: `It has played for ${WARM_MINUTES} minutes` },
    { key: "cause", text: "The fault is found and cured: nothing is turned to hide one" },
    { key: "level", text: "The signal is so weak that the AVC does not act, or the AVC is clamped" },
    { key: "antenna", text: "Generator through the dummy antenna, or the set's own loop is connected" },
    { key: "tool", text: "Insulated tool that fits the cores; where each one stands is marked" },
    { key: "touched", text: "Looked who was there before: broken wax, slotted cores, scratched screws" },
    ...(sheet.supply === "live-chassis"
      ? [{ key: "isolated", text: "Isolating transformer in use: the generator's ground goes to this chassis" }]
      : []),
    ...(sheet.highestVolts > CORES_AT_VOLTS
      ? [{ key: "high", text: `Cores and trimmers that carry B+ are known: up to ${sheet.highestVolts} V inside` }]
      : []),
  ];
}

/** What is still open in the stage of an adjuster: readings out of tolerance there, and complaints without a cause. */
export function openAt(row: AlignmentRow, sheet: Sheet, settled: readonly Settled[], now: string): string[] {
  const stageOf = (designator: string | undefined) =>
    sheet.components.find((one) => one.designator === designator)?.stage?.toLowerCase();
  const mine = stageOf(partOf(row.adjust));
  const points = openPoints(settled, now);
  const symptoms = points.filter(({ kind }) => kind === "symptom").map(({ text }) => `Not explained yet: ${text}.`);
  const here = points.filter(
    ({ kind, designator }) => kind === "reading" && mine !== undefined && stageOf(designator) === mine,
  );
  return [...symptoms, ...here.map(({ text }) => `Still open in this stage: ${text}.`)];
}
