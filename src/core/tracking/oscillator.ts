/** Where the trimmer stands: across the coil, behind the padder; or across the gang, before it. */
export const TRIMMER_PLACES = ["coil", "gang"] as const;
export type TrimmerPlace = (typeof TRIMMER_PLACES)[number];
export const TRIMMER_PLACE_WORDS: Record<TrimmerPlace, string> = {
  coil: "across the coil",
  gang: "across the gang section",
};

/** A tuned circuit of a local oscillator, or of a signal circuit where it has no padder. */
export type Tuned = {
  /** H */
  l: number;
  /** trimmer with all that lies beside it, F */
  trimmer: number;
  /** in series with the gang, F; none: the gang lies straight across the coil */
  padder?: number | undefined;
  place: TrimmerPlace;
};

const inSeries = (a: number, b: number | undefined) => (b === undefined ? a : (a * b) / (a + b));

/**
 * What lies across the coil, F: C_t + C·C_p/(C + C_p), or (C + C_t)·C_p/(C + C_t + C_p) with the trimmer at the gang.
 * @param gang capacity of the gang section, F, above 0
 * @example capacityAcross({ l: 1e-4, trimmer: 30e-12, padder: 450e-12, place: "coil" }, 450e-12) // 255 pF
 */
export const capacityAcross = ({ trimmer, padder, place }: Tuned, gang: number): number =>
  place === "coil" ? trimmer + inSeries(gang, padder) : inSeries(gang + trimmer, padder);

/** f = 1/(2π√(L·C)), Hz. @param l H, above 0 @param c F, above 0 @example resonance(1e-4, 100e-12) // 1.59 MHz */
export const resonance = (l: number, c: number): number => 1 / (2 * Math.PI * Math.sqrt(l * c));

/** Frequency that the circuit tunes to, Hz. @param gang F */
export const tunes = (tuned: Tuned, gang: number): number => resonance(tuned.l, capacityAcross(tuned, gang));

/**
 * Capacity of the gang at which the circuit tunes to a frequency, F.
 * @param hertz above 0
 * @returns undefined where no gang would do: the frequency is beyond what trimmer and padder let through
 */
export function gangAt(tuned: Tuned, hertz: number): number | undefined {
  const across = 1 / ((2 * Math.PI * hertz) ** 2 * tuned.l);
  const { trimmer, padder, place } = tuned;
  const behind = place === "coil" ? across - trimmer : across;
  if (behind <= 0 || (padder !== undefined && behind >= padder)) return undefined;
  const before = padder === undefined ? behind : (behind * padder) / (padder - behind);
  const gang = place === "gang" ? before - trimmer : before;
  return gang > 0 ? gang : undefined;
}
