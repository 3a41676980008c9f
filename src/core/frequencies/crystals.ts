import { overlapsWith, type Allocation, type Overlap, type Region } from "./allocations";

/** How a crystal's harmonic and the tuned range make a range: their sum, or one less the other. */
export const CRYSTAL_SIDES = ["sum", "crystal-less-tuning", "tuning-less-crystal"] as const;
export type CrystalSide = (typeof CRYSTAL_SIDES)[number];

export type CrystalRange = {
  /** harmonic of the crystal that is used */
  harmonic: number;
  side: CrystalSide;
  /** Hz, the lower end first */
  from: number;
  to: number;
  /** does the range run the other way round: up on the dial is down in frequency? */
  reversed: boolean;
  allocations: Overlap[];
};

/** Highest harmonic of a crystal that an oscillator of these sets gives well. Trade use. @example the third overtone of 9 MHz at 27 MHz */
export const CRYSTAL_HARMONICS = 3;
/** A crystal above this is ground for an overtone, Hz. Trade use. @example 27.1 MHz is the third overtone of a 9 MHz blank */
const HIGHEST_FUNDAMENTAL = 25e6;
/** Nothing of this trade lies below, Hz. */
const LOWEST = 100e3;

/**
 * Every range that a crystal gives with a tuned range: its fundamental and harmonics, sum and difference, both sides.
 * @param crystal Hz, above 0
 * @param tuning the range that it is mixed with: the tuned IF, the VFO, or a fixed IF with both ends alike; Hz
 * @example a crystal of 9 MHz with a VFO of 5.0–5.5 MHz: 14.0–14.5 and 3.5–4.0 MHz (reversed)
 */
export function crystalRanges(
  crystal: number,
  tuning: { from: number; to: number },
  allocations: readonly Allocation[],
  region: Region,
): CrystalRange[] {
  return Array.from({ length: CRYSTAL_HARMONICS }, (_, n) => n + 1).flatMap((harmonic) => {
    const fixed = harmonic * crystal;
    const made: Omit<CrystalRange, "allocations" | "harmonic">[] = [
      { side: "sum", from: fixed + tuning.from, to: fixed + tuning.to, reversed: false },
      { side: "crystal-less-tuning", from: fixed - tuning.to, to: fixed - tuning.from, reversed: true },
      { side: "tuning-less-crystal", from: tuning.from - fixed, to: tuning.to - fixed, reversed: false },
    ];
    return made
      .filter(({ from }) => from >= LOWEST)
      .map((range) => ({ ...range, harmonic, allocations: overlapsWith(range, allocations, region) }));
  });
}

export type Ordered = {
  crystal: number;
  harmonic: number;
  side: CrystalSide;
  from: number;
  to: number;
  warn: string[];
};

/**
 * Crystals that bring a wanted range, one for each harmonic and side.
 * @param wanted Hz; its lower end is at the beginning of the tuned range (its upper end where the range is reversed)
 * @returns sorted: fundamental first; with what speaks against it
 * @example 28.85–29.7 MHz with 5.0–5.5 MHz, sum: 23.85 MHz on the fundamental, 7.95 MHz on the third harmonic
 */
export function crystalsFor(wanted: { from: number; to: number }, tuning: { from: number; to: number }): Ordered[] {
  const width = tuning.to - tuning.from;
  return Array.from({ length: CRYSTAL_HARMONICS }, (_, n) => n + 1).flatMap((harmonic) => {
    const fixed: [CrystalSide, number][] = [
      ["sum", wanted.from - tuning.from],
      ["crystal-less-tuning", wanted.from + tuning.to],
      ["tuning-less-crystal", tuning.from - wanted.from],
    ];
    return fixed.flatMap(([side, hertz]) => {
      if (hertz < LOWEST) return [];
      const crystal = hertz / harmonic;
      const warn = [
        ...(wanted.to - wanted.from > width + 1
          ? [`It reaches ${Math.round(width / 1e3)} kHz of it: the tuned range is no wider.`]
          : []),
        ...(crystal > HIGHEST_FUNDAMENTAL
          ? ["Above 25 MHz a crystal is made as an overtone one: say so when it is ordered."]
          : []),
        ...[2, 3, 4].flatMap((n) => {
          const at = n * crystal;
          return n !== harmonic && at >= tuning.from && at <= tuning.to
            ? [`Its harmonic ${n} lies at ${(at / 1e6).toFixed(3)} MHz in the tuned range: a whistle there.`]
            : [];
        }),
      ];
      return [{ crystal, harmonic, side, from: wanted.from, to: wanted.from + width, warn }];
    });
  });
}

/** Motional and holder capacity of a crystal, F. */
export type CrystalCapacities = { motional: number; holder: number };
/** A usual crystal on its fundamental, F: motional and holder capacity. Data sheets of crystals in metal holders. @example 20 fF and 5 pF */
export const USUAL_CRYSTAL = { motional: 0.02e-12, holder: 5e-12 } as const;

/**
 * Frequency at a load capacity: f_L = f_s·(1 + C_1/(2·(C_0 + C_L))). IEC 60122.
 * @param series series resonance, Hz @param load F, above 0
 * @example loadedFrequency(8e6, 30e-12) // 8.002286 MHz
 */
export const loadedFrequency = (
  series: number,
  load: number,
  { motional, holder }: CrystalCapacities = USUAL_CRYSTAL,
): number => series * (1 + motional / (2 * (holder + load)));

/**
 * How far a capacitor in series with a crystal pulls it, Hz: against the load that it was made for.
 * @param marked frequency on its can, Hz, at a load of `made`, F
 * @param made load that it is marked for @param series the capacitor in series, F; with the load it makes a smaller one
 * @returns upwards above 0
 * @example pulledBy(8e6, 30e-12, 30e-12) // the load falls to 15 pF: +1.7 kHz
 */
export function pulledBy(
  marked: number,
  made: number,
  series: number,
  capacities: CrystalCapacities = USUAL_CRYSTAL,
): number {
  const own = marked / loadedFrequency(1, made, capacities);
  const load = (made * series) / (made + series);
  return loadedFrequency(own, load, capacities) - marked;
}
