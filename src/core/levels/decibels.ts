/**
 * A voltage ratio in decibels: 20·log10.
 * @param ratio above 0 @returns dB; NaN for a ratio that is not above zero
 * @example decibels(2) // 6.02
 */
export const decibels = (ratio: number): number => (ratio > 0 ? 20 * Math.log10(ratio) : Number.NaN);

/**
 * A power ratio in decibels: 10·log10.
 * @param ratio above 0 @returns dB; NaN for a ratio that is not above zero
 * @example powerDecibels(2) // 3.01
 */
export const powerDecibels = (ratio: number): number => (ratio > 0 ? 10 * Math.log10(ratio) : Number.NaN);

/** The voltage ratio of so many decibels. @example fromDecibels(-6.02) // 0.5 */
export const fromDecibels = (db: number): number => 10 ** (db / 20);

/** A change with its sign, to a tenth: `+6.0 dB`, `−2.5 %`. @example printChange(6.02, "dB") // +6.0 dB */
export const printChange = (value: number, unit: string): string =>
  `${value < -0.05 ? "−" : "+"}${Math.abs(value).toFixed(1)} ${unit}`;
