import { format } from "../quantity";
import type { Bias } from "./bias";
import type { Margins } from "../thumb";
import type { Rewiring } from "./rewire";
import type { Lamp, StringHeater } from "./string";
import type { Heater, TubeType } from "./table";

/** How a position's heater is fed. */
export type Feed =
  | {
      wiring: "parallel";
      volts: number;
      /** what the winding gives and what all its tubes take now, A; without a rating the original line-up stands for it */
      ratedAmps?: number | undefined;
      loadAmps: number;
    }
  | { wiring: "series"; line: number; dropperOhms: number; others: readonly StringHeater[]; lamp?: Lamp | undefined };

/** The place where a tube is to be found for. Volts, amps, ohms, farad. */
export type Place = {
  position: string;
  original: TubeType;
  feed: Feed;
  /** what the set puts on the plate and the screen, where the chart says it */
  plateVolts?: number | undefined;
  screenVolts?: number | undefined;
  cathodeOhms?: number | undefined;
  /** the most that can stand anywhere in the set: it counts where the chart does not say what stands here */
  highestVolts?: number | undefined;
  margins?: Margins | undefined;
  /** a stage at radio or intermediate frequency: capacitances count */
  rf?: boolean | undefined;
  /** of a rectifier: its plate supply, the load, the first capacitor, and what every capacitor on B+ is rated */
  supplyRms?: number | undefined;
  rectifier?: "half-wave" | "full-wave" | "bridge" | "doubler" | undefined;
  /** what B+ stands at before the tubes draw */
  peakVolts?: number | undefined;
  loadAmps?: number | undefined;
  bplus?: number | undefined;
  firstFarads?: number | undefined;
  capacitors?: readonly { designator: string; volts?: number | undefined }[] | undefined;
};

export const ANSWERS = ["drop-in", "caution", "rewiring", "no"] as const;
export type SubstituteVerdict = (typeof ANSWERS)[number];
export const ANSWER_WORDS: Record<SubstituteVerdict, string> = {
  "drop-in": "drop-in",
  caution: "drop-in, with a caution",
  rewiring: "needs rewiring",
  no: "no",
};

export type CompareLine = { what: string; was: string; would: string; verdict: SubstituteVerdict; note?: string };

export type Substitute = {
  candidate: TubeType;
  answer: SubstituteVerdict;
  lines: CompareLine[];
  rewiring: Rewiring;
  bias?: Bias;
};

export const print = {
  heater: (heater: Heater | undefined) =>
    heater ? `${format(heater.volts, "voltage")} ${format(heater.amps, "current")}` : "none",
  volts: (value: number | undefined) => (value === undefined ? "–" : format(value, "voltage")),
  watts: (value: number | undefined) => (value === undefined ? "–" : format(value, "power")),
};

/** A limit of the candidate against what the set puts on it, or against the original's own limit. */
export function limitLine(
  what: string,
  asked: number | undefined,
  was: number | undefined,
  would: number | undefined,
  show: (value: number | undefined) => string,
): CompareLine[] {
  if (was === undefined && asked === undefined) return [];
  const line = { what, was: show(was), would: show(would) };
  if (would === undefined)
    return [{ ...line, verdict: "caution", note: "The table has no limit for it: look at its data sheet." }];
  if (asked !== undefined && asked > would)
    return [{ ...line, verdict: "no", note: `The set puts ${show(asked)} there.` }];
  if (asked !== undefined && (was === undefined || would >= was || asked <= 0.9 * would))
    return [{ ...line, verdict: "drop-in" }];
  const less = was !== undefined && would < was;
  const note = less
    ? `Stands less than the original${asked === undefined ? ": measure what the set puts there" : ""}.`
    : "";
  return [{ ...line, verdict: less ? "caution" : "drop-in", ...(note ? { note } : {}) }];
}
