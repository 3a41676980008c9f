import { share } from "../quantity";
import type { SetClass } from "./set-class";

/** A job that is over, as far as its price is concerned. */
export type PastJob = {
  modelId: string;
  setClass: SetClass;
  /** what its complaint was read as */
  complaint: readonly string[];
  minutes: number;
  /** parts, minor units of the shop's currency */
  partsMinor: number;
};

/** What a rough price was made from, the closest first. */
export const BASES = ["model-complaint", "model", "class-complaint", "class"] as const;
export type Basis = (typeof BASES)[number];

/** The middle half of the cases, and the one in the middle. */
export type Range = { low: number; median: number; high: number };

export type RoughPrice = {
  basis: Basis;
  cases: number;
  minutes: Range;
  partsMinor: Range;
  /** labour by the hour and parts, tax included */
  totalMinor: Range;
};

/** From so many cases on a price is said. Shop rule. @example two sets of a model say nothing yet */
export const LEAST_CASES = 3;

/** A point of a list between its members, by linear interpolation (type 7 of Hyndman and Fan, 1996). */
export function quantileOf(values: readonly number[], part: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  const place = (sorted.length - 1) * part;
  const low = sorted[Math.floor(place)] ?? 0;
  const high = sorted[Math.ceil(place)] ?? low;
  return low + (high - low) * (place - Math.floor(place));
}

const rangeOf = (values: readonly number[]): Range => ({
  low: quantileOf(values, 0.25),
  median: quantileOf(values, 0.5),
  high: quantileOf(values, 0.75),
});

/**
 * A rough price out of the shop's own past: the same complaint on the same model, else the model, else the kind of set.
 * @param wanted what is known of the set; the model is not always
 * @param terms an hour of labour in minor units, tax as a share
 * @returns nothing where there are too few cases of any sort
 */
export function roughPrice(
  wanted: { modelId?: string | undefined; setClass?: SetClass | undefined; complaint: readonly string[] },
  past: readonly PastJob[],
  terms: { hourMinor: number; tax: number },
): RoughPrice | undefined {
  const said = new Set(wanted.complaint);
  const alike = ({ complaint }: PastJob) => complaint.some((one) => said.has(one));
  const ofModel = ({ modelId }: PastJob) => wanted.modelId !== undefined && modelId === wanted.modelId;
  const ofClass = ({ setClass }: PastJob) => wanted.setClass !== undefined && setClass === wanted.setClass;
  const fits: Record<Basis, (job: PastJob) => boolean> = {
    "model-complaint": (job) => ofModel(job) && alike(job),
    model: ofModel,
    "class-complaint": (job) => ofClass(job) && alike(job),
    class: ofClass,
  };
  // A visit on which no time was written down says nothing of its price.
  const told = past.filter(({ minutes }) => minutes > 0);
  for (const basis of BASES) {
    const cases = told.filter(fits[basis]);
    if (cases.length < LEAST_CASES) continue;
    const totals = cases.map(({ minutes, partsMinor }) => {
      const net = share(terms.hourMinor, minutes, 60) + partsMinor;
      return net + share(net, terms.tax);
    });
    return {
      basis,
      cases: cases.length,
      minutes: rangeOf(cases.map(({ minutes }) => minutes)),
      partsMinor: rangeOf(cases.map(({ partsMinor }) => partsMinor)),
      totalMinor: rangeOf(totals),
    };
  }
  return undefined;
}
