/** Units that a suffix may name: the SI units of an instrument, and two ratios. */
export type SuffixUnit = "V" | "A" | "OHM" | "HZ" | "S" | "W" | "F" | "PCT" | "DBM";

/**
 * Multipliers before a unit (IEEE 488.2, table 7-2). M is milli, except before HZ and OHM, where it is mega; MA is mega
 * everywhere.
 */
const MULTIPLIERS: Record<string, number> = {
  EX: 1e18,
  PE: 1e15,
  T: 1e12,
  G: 1e9,
  MA: 1e6,
  K: 1e3,
  M: 1e-3,
  U: 1e-6,
  N: 1e-9,
  P: 1e-12,
  F: 1e-15,
};

/**
 * What a suffix multiplies by, where it stands for this unit.
 * @returns undefined where it stands for another one @example scaleOf("KHZ", "HZ") // 1000
 */
export function scaleOf(suffix: string, unit: SuffixUnit): number | undefined {
  if (suffix === "" || suffix === unit) return 1;
  if (!suffix.endsWith(unit)) return undefined;
  const multiplier = suffix.slice(0, -unit.length);
  if (multiplier === "M" && (unit === "HZ" || unit === "OHM")) return 1e6;
  return MULTIPLIERS[multiplier];
}
