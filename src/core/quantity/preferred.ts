/**
 * Preferred values, IEC 60063. E3 to E24 are a table in the standard; E48 to E192 are the rounded geometric steps,
 * with one exception that the standard makes (9.20 instead of 9.19 in E192).
 */

export const SERIES = ["E3", "E6", "E12", "E24", "E48", "E96", "E192"] as const;
export type Series = (typeof SERIES)[number];

const E24 = [
  1.0, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2.0, 2.2, 2.4, 2.7, 3.0, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6.2, 6.8, 7.5, 8.2,
  9.1,
];

const every = (step: number) => E24.filter((_, index) => index % step === 0);

function fineSteps(count: number): number[] {
  return Array.from({ length: count }, (_, step) => {
    const rounded = Math.round(10 ** (step / count) * 100) / 100;
    return rounded === 9.19 ? 9.2 : rounded;
  });
}

const TABLE: Record<Series, number[]> = {
  E3: every(8),
  E6: every(4),
  E12: every(2),
  E24,
  E48: fineSteps(48),
  E96: fineSteps(96),
  E192: fineSteps(192),
};

/** The values of one decade, from 1 up to below 10. */
export const decade = (series: Series): readonly number[] => TABLE[series];

/**
 * The preferred value nearest to a wanted one, and how far off it is.
 *
 * @param value any positive value, in whatever unit
 * @param series E3 to E192
 * @returns `value` in the same unit, and `error` as a fraction of the wanted value (positive: the preferred one is larger)
 * @throws RangeError when the value is not positive and finite
 * @example nearestPreferred(50_000, "E12") // { value: 47000, error: -0.06 }
 */
export function nearestPreferred(value: number, series: Series): { value: number; error: number } {
  if (!(value > 0) || !Number.isFinite(value)) throw new RangeError("a preferred value needs a positive number");
  const power = Math.floor(Math.log10(value));
  const candidates = [power - 1, power, power + 1].flatMap((p) =>
    TABLE[series].map((step) => Number((step * 10 ** p).toPrecision(6))),
  );
  const best = candidates.reduce((a, b) => (Math.abs(b - value) < Math.abs(a - value) ? b : a));
  return { value: best, error: (best - value) / value };
}
