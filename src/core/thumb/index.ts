/**
 * Figures that several areas go by. Each stands here once, with where it comes from; a shop's own rule takes its place
 * wherever it is used.
 */

/** Rating of a resistor over its dissipation. Trade rule; a shop may change it. */
export const WATT_MARGIN = 2;

/** A cathode bypass is rated so many times the bias, and never below this many volts. Shop rules; a shop may change them. */
export const BYPASS_RATING = { factor: 2, least: 25 } as const;

/**
 * The current of a heater or a lamp goes with about this power of its voltage: I = I_n·(V/V_n)^0.6. Measured curves of
 * tungsten and oxide filaments near their rating.
 */
export const FILAMENT_LAW = 0.6;

/** Heater voltage may be off by these fractions: receiving tubes; thoriated-tungsten transmitting tubes. Data sheets. */
export const HEATER_TOLERANCE = { receiving: 0.1, thoriated: 0.05 } as const;

/** A tube is good from this share of its nominal on, and replaced below the other. Shop rules. */
export const TUBE_GOOD = 0.8;
export const TUBE_REPLACE = 0.6;

/** Margins on what a resistor dissipates and on what a cathode bypass stands at. */
export type Margins = { watts: number; bypass: { factor: number; least: number } };
export const MARGINS: Margins = { watts: WATT_MARGIN, bypass: BYPASS_RATING };

/** Leakage of a new electrolytic: 0.01·C·V, and never below 3 µA. IEC 60384-4. */
export const LEAKAGE_PER_CV = 0.01;
export const LEAKAGE_FLOOR = 3e-6;
/**
 * Leakage that an electrolytic may have, A.
 * @param farads its capacity, F @param volts across it
 * @example electrolyticLeakage(47e-6, 450) // 212 µA
 */
export const electrolyticLeakage = (farads: number, volts: number): number =>
  Math.max(LEAKAGE_PER_CV * farads * volts, LEAKAGE_FLOOR);
