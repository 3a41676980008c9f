import type { Sheet } from "../model";
import type { Judgement } from "./verdict";

/** A thing of the set-up that is looked at before a pass, because a test goes wrong without it. */
export type PreflightItem = { key: string; text: string };

/** Below this share of what should be read, or above the other, the set-up is asked about first. Shop rule. */
export const WILDLY_LOW = 0.05;
export const WILDLY_HIGH = 3;

/**
 * The pre-flight list of a pass of readings on this set.
 * @param sheet of the model @param controls where its chart wants them
 */
export function preflight(sheet: Pick<Sheet, "supply" | "chart">): PreflightItem[] {
  const { supply, chart } = sheet;
  const high = supply === "high-voltage";
  const list: (PreflightItem | false)[] = [
    { key: "meter-on", text: "The meter is on, on direct volts, its range above what is expected" },
    supply === "live-chassis"
      ? { key: "minus", text: "Minus lead on B− (the chassis is live); the set is on the isolation transformer" }
      : supply === "low-voltage"
        ? { key: "minus", text: "Leads the right way round for this set's earth rail" }
        : { key: "minus", text: "Minus lead on chassis" },
    {
      key: "signal",
      text: chart?.signal
        ? `Signal as the chart has it: ${chart.signal}`
        : "No signal on: antenna off, and its socket shorted or loaded",
    },
    high
      ? { key: "load", text: "Dummy load connected, and it can take the power for that long" }
      : { key: "load", text: "Loudspeaker or its load is connected" },
    high && { key: "wattmeter", text: "The power meter is on, and on the right range" },
    {
      key: "generator",
      text: "If a generator is on: one modulation only, and it is known whether its level is EMF or terminated",
    },
    chart?.controls
      ? { key: "controls", text: `Controls: ${chart.controls}` }
      : { key: "controls", text: "Controls noted: volume, band, tone" },
  ];
  return list.filter((item): item is PreflightItem => item !== false);
}

/** Is a reading so far off that the set-up is the first suspect? Zero, or wildly low or high. */
export function asksAboutSetup(judgement: Judgement, measured: number): boolean {
  if (measured === 0) return true;
  const { ratio, verdict } = judgement;
  if (verdict === "good" || verdict === "no-proof" || ratio === undefined) return false;
  return ratio < WILDLY_LOW || ratio > WILDLY_HIGH;
}
