import type { ModelBand } from "@/core/model";
import { format } from "@/core/quantity";
import {
  DIAL_GOAL,
  TRACKING_PART_WORDS,
  type Advice,
  type DialFit,
  type Explanation,
  type Move,
  type PartChange,
  type TrackingPart,
} from "@/core/tracking";

const quantityOf = (part: TrackingPart) => (part === "l" ? "inductance" : "capacitance");

/** `−20 %` to a tenth. */
export const shareText = (share: number): string => {
  const percent = share * 100;
  return `${percent < -0.005 ? "−" : "+"}${Math.abs(percent).toFixed(Math.abs(percent) < 10 ? 1 : 0)} %`;
};

/** The part of the circuit by its place in this set, where the band names it. */
export function placeOf(part: TrackingPart, band: Pick<ModelBand, "coil" | "trimmer" | "padder">): string {
  const designator = part === "l" ? band.coil : band[part];
  return designator ? `${TRACKING_PART_WORDS[part]} ${designator}` : TRACKING_PART_WORDS[part];
}

/** `padder C22: 361 pF where 450 pF is drawn (−20 %, within 3 %)`. */
export function changeText(change: PartChange, band: Pick<ModelBand, "coil" | "trimmer" | "padder">): string {
  const quantity = quantityOf(change.part);
  const within =
    Number.isFinite(change.within) && change.within < 1
      ? `, within ${(change.within * 100).toFixed(change.within < 0.01 ? 1 : 0)} %`
      : ", not held by these points";
  return `${placeOf(change.part, band)}: ${format(change.now, quantity, 3)} where it should be ${format(change.drawn, quantity, 3)} (${shareText(change.change)}${within})`;
}

/** What a part's error looks like along the dial. */
export const PATTERN: Record<TrackingPart, string> = {
  l: "The error is about the same in per cent all along the dial: the coil.",
  trimmer: "The error grows to the high end: the trimmer.",
  padder: "The error grows to the low end: the padder.",
};

/** Why the answer is not one answer. */
export function openText({ open, points, explanations }: DialFit): string | undefined {
  const names = [
    ...new Set(explanations.flatMap(({ changes }) => changes.map(({ part }) => TRACKING_PART_WORDS[part]))),
  ];
  switch (open) {
    case "points":
      return `${points.length} ${points.length === 1 ? "point leaves" : "points leave"} open whether it is ${names.length > 0 ? `the ${names.join(" or the ")} alone` : "one part"}, or two of coil, trimmer and padder together. Measure a third one, far from the others.`;
    case "one-end":
      return `The points lie close together: coil, trimmer and padder look alike there. Measure at the other end of the dial too.`;
    case "alike":
      return `These points fit the ${names.join(" or the ")} equally well. Read the dial more exactly, or at more points.`;
    case "none":
      return "No change of coil, trimmer and padder explains these points together: look for a slipped pointer or cord, a wrong IF, or a figure that was misread.";
    default:
      return undefined;
  }
}

const WAYS: Record<TrackingPart, readonly [more: string, less: string]> = {
  l: ["core in (more inductance)", "core out (less inductance)"],
  trimmer: ["more capacity (usually in)", "less capacity (usually out)"],
  padder: ["more capacity (usually in)", "less capacity (usually out)"],
};

/** `trimmer C21: less capacity (usually out), by 6 pF`. */
export function moveText(
  { part, from, to, change }: Move,
  band: Pick<ModelBand, "coil" | "trimmer" | "padder">,
): string {
  const way = WAYS[part][change > 0 ? 0 : 1];
  return `${placeOf(part, band)}: ${way}, by about ${format(Math.abs(to - from), quantityOf(part), 2)} (${shareText(change)})`;
}

/** What will remain, in one sentence. */
export const remainsText = ({ worst }: Pick<Advice, "worst">): string =>
  worst <= DIAL_GOAL
    ? `Then the dial is within ${(worst * 100).toFixed(1)} % at every point.`
    : `Even so ${(worst * 100).toFixed(1)} % will remain: turning does not cure it.`;

/** The simplest explanation of a fit, where there is one alone. */
export const only = ({ explanations, open }: DialFit): Explanation | undefined =>
  explanations.length === 1 && open === undefined ? explanations[0] : undefined;
