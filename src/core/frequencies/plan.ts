import type { ModelBand } from "../model";
import { overlapsWith, type Allocation, type Overlap } from "./allocations";
import { whistlesOf, type Whistle } from "./whistles";

/** A stretch of frequencies, Hz, the lower end first. */
export type Stretch = { from: number; to: number };

const stretch = (a: number, b: number): Stretch => ({ from: Math.min(a, b), to: Math.max(a, b) });
const above = (one: Stretch): Stretch | undefined =>
  one.to <= 0 ? undefined : { from: Math.max(one.from, 0), to: one.to };

/** Half the width about its own IF in which a set hardly receives. Shop rule. @example 455–475 kHz with an IF of 465 kHz */
export const IF_GUARD = 10e3;

export type BandPlan = {
  band: ModelBand;
  signal: Stretch;
  /** range of the tuned oscillator, or the crystal's frequency */
  oscillator?: Stretch;
  image?: Stretch;
  /** its own IF and a guard about it, as far as it lies in the band: there it does not receive */
  blocked: Stretch[];
  whistles: Whistle[];
  /** broadcasting that lies in the image range: a strong station comes through */
  imageOn: Overlap[];
  allocations: Overlap[];
};

/** Range of the oscillator over a band, Hz. A crystal stays where it is. */
export function oscillatorRange({ from, to, side, mid, crystal }: ModelBand): Stretch | undefined {
  if (crystal !== undefined) return { from: crystal, to: crystal };
  if (side === "none" || mid === undefined) return undefined;
  const shift = side === "above" ? mid : -mid;
  const low = from + shift;
  const high = to + shift;
  return stretch(Math.abs(low), Math.abs(high));
}

/**
 * The image of a signal: the frequency on the other side of the oscillator that makes the same IF, Hz.
 * @returns undefined for a set without conversion, or where the image lies below zero
 * @example 1000 kHz, IF 465 kHz above: 1930 kHz
 */
export function imageRange(band: ModelBand): Stretch | undefined {
  const { from, to, side, mid, midTo, crystal } = band;
  if (side === "none" || mid === undefined) return undefined;
  // With a crystal the IF is tuned: the image is the signal's mirror about the crystal's frequency, or its harmonic.
  if (crystal !== undefined) {
    const wanted = side === "above" ? from + (midTo ?? mid) : from - mid;
    const harmonic = Math.max(1, Math.round(wanted / crystal)) * crystal;
    return above(stretch(2 * harmonic - from, 2 * harmonic - to));
  }
  const twice = side === "above" ? 2 * mid : -2 * mid;
  return above(stretch(from + twice, to + twice));
}

const within = (inner: Stretch, outer: Stretch): Stretch | undefined => {
  const both = { from: Math.max(inner.from, outer.from), to: Math.min(inner.to, outer.to) };
  return both.from < both.to ? both : undefined;
};

/** One band with all that follows from its figures. */
export function planOf(band: ModelBand, allocations: readonly Allocation[], region: 1 | 2 | 3): BandPlan {
  const signal = { from: band.from, to: band.to };
  const oscillator = oscillatorRange(band);
  const image = imageRange(band);
  const own = [band.mid, band.mid2].flatMap((mid, n) =>
    mid === undefined || (n === 0 && band.midTo !== undefined)
      ? []
      : (within({ from: mid - IF_GUARD, to: mid + IF_GUARD }, signal) ?? []),
  );
  return {
    band,
    signal,
    ...(oscillator ? { oscillator } : {}),
    ...(image ? { image } : {}),
    blocked: own,
    whistles: whistlesOf(band),
    imageOn: image ? overlapsWith(image, allocations, region).filter(({ service }) => service === "broadcasting") : [],
    allocations: overlapsWith(signal, allocations, region),
  };
}

/** Gaps between the bands of a set, from the lowest to the highest: what it cannot receive. */
export function gapsOf(bands: readonly Pick<ModelBand, "from" | "to">[]): Stretch[] {
  const sorted = [...bands].sort((a, b) => a.from - b.from);
  const gaps: Stretch[] = [];
  let end = sorted[0]?.to ?? 0;
  for (const { from, to } of sorted) {
    if (from > end) gaps.push({ from: end, to: from });
    end = Math.max(end, to);
  }
  return gaps;
}

/** A band that reads as if kilohertz were written for megahertz, or the other way round. */
export type ScaleDoubt = { name: string; from: number; to: number; instead: number };

/**
 * Bands that are a thousand times off beside the others, or wider than any band is. Asked, never changed.
 * @returns for each the factor that would make it right
 */
export function scaleDoubts(bands: readonly Pick<ModelBand, "name" | "from" | "to" | "mid">[]): ScaleDoubt[] {
  return bands.flatMap(({ name, from, to, mid }) => {
    const said = { name, from, to };
    // No band of this trade begins below 9 kHz, and none of a set with tubes is wider than one to thirty.
    if (from < 9e3) return [{ ...said, instead: 1000 }];
    if (to / from > 300) return [{ ...said, instead: to / 1000 > from ? 0.001 : 1000 }];
    if (mid !== undefined && mid > 100 * to) return [{ ...said, instead: 1000 }];
    return [];
  });
}
