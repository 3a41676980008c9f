import type { ModelBand } from "../model";

/** What comes together to make a whistle when the set is tuned to one frequency. */
export type Whistle = {
  band: string;
  /** where the set is tuned when it is heard, Hz */
  at: number;
  /** m of the oscillator's and n of the other's harmonics together */
  order: number;
  /** harmonic of the set's own oscillator; 0: none */
  m: number;
  /** harmonic of the other source, added or taken away */
  n: number;
  sign: 1 | -1;
  source: "if" | "if2" | "bfo" | "second-oscillator" | "crystal";
  /** frequency of the other source, Hz */
  of: number;
};

export const SOURCE_WORDS: Record<Whistle["source"], string> = {
  if: "IF",
  if2: "second IF",
  bfo: "BFO",
  "second-oscillator": "second oscillator",
  crystal: "crystal",
};

/** Highest harmonics that are looked at. Trade use. @example 5·f_osc − 4·IF is the last but one */
export const HIGHEST_HARMONIC = 5;

type Source = { source: Whistle["source"]; of: number };

/** Frequencies that a band has inside the set, besides the oscillator that is tuned. */
function sourcesOf({ mid, midTo, mid2, second: named, bfo, crystal }: ModelBand): Source[] {
  const sum = mid !== undefined && mid2 !== undefined && midTo === undefined ? mid + mid2 : undefined;
  const second = named ?? sum;
  const found: [Whistle["source"], number | undefined][] = [
    ["if", midTo === undefined ? mid : undefined],
    ["if2", mid2],
    ["bfo", bfo],
    ["second-oscillator", second],
    ["crystal", crystal],
  ];
  return found.flatMap(([source, of]) => (of === undefined ? [] : [{ source, of }]));
}

/** The oscillator that is tuned stands at `slope·f + shift`, for a band tuned to f; none where a crystal converts. */
function tuned({ side, mid, crystal, midTo }: ModelBand): number | undefined {
  if (side === "none" || mid === undefined || crystal !== undefined || midTo !== undefined) return undefined;
  return side === "above" ? mid : -mid;
}

/**
 * Whistles of a band: places of the dial where a harmonic of something inside the set, alone or mixed with a harmonic
 * of the oscillator, is the frequency that it is tuned to: m·f_osc ± n·f = the dial, m and n up to 5.
 * The wanted conversion itself (1·f_osc − 1·IF) is left out. Of several ways to one place the lowest order stands.
 *
 * @returns sorted by order, then by frequency
 * @example IF 465 kHz, MW: 930 kHz (2·IF) and 1395 kHz (3·IF)
 */
export function whistlesOf(band: ModelBand, highest: number = HIGHEST_HARMONIC): Whistle[] {
  const shift = tuned(band);
  const found = new Map<string, Whistle>();
  const keep = (whistle: Whistle) => {
    const key = whistle.at.toFixed(0);
    const before = found.get(key);
    if (!before || whistle.order < before.order) found.set(key, whistle);
  };
  for (const { source, of } of sourcesOf(band))
    for (let n = 1; n <= highest; n += 1) {
      // Alone: the harmonic is the frequency that the set is tuned to.
      const alone = n * of;
      if (alone >= band.from && alone <= band.to)
        keep({ band: band.name, at: alone, order: n, m: 0, n, sign: 1, source, of });
      if (shift === undefined) continue;
      // With m of the oscillator: m·(f + shift) ± n·of = f, so f·(m − 1) = −m·shift ∓ n·of. m of 1 is every place or none.
      for (let m = 2; m <= highest; m += 1)
        for (const sign of [1, -1] as const) {
          const at = (-m * shift - sign * n * of) / (m - 1);
          if (at >= band.from && at <= band.to) keep({ band: band.name, at, order: m + n, m, n, sign, source, of });
        }
    }
  return [...found.values()].sort((a, b) => a.order - b.order || a.at - b.at);
}

/** How near a complaint names a place of the dial. Shop rule. @example “whistle at 930” is 930 ± 9 kHz */
export const COMPLAINT_WITHIN = 0.01;

/** Whistles that a complaint of a whistle at a frequency may be, the nearest and lowest first. @param hertz above 0 */
export const whistlesAt = (bands: readonly ModelBand[], hertz: number): Whistle[] =>
  bands
    .flatMap((band) => whistlesOf(band))
    .filter(({ at }) => Math.abs(at - hertz) <= COMPLAINT_WITHIN * hertz)
    .sort((a, b) => a.order - b.order || Math.abs(a.at - hertz) - Math.abs(b.at - hertz));
