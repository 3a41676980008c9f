/**
 * Graphical symbols after IEC 60617, as paths. A symbol with two ends runs from 0, 0 down to 0, LONG. Devices have their
 * middle at 0, 0; where their ends lie stands in `device.ts`.
 */
export const LONG = 56;

export const SYMBOLS = {
  resistor: ["M0 0V10M-7 10H7V46H-7ZM0 46V56"],
  capacitor: ["M0 0V25M-12 25H12M-12 31H12M0 31V56"],
  /** the plus stands at its first end */
  polarised: ["M0 0V25M-12 25H12M-12 31H12M0 31V56M-13 17H-6M-9.5 13.5V20.5"],
  /** the plus stands at its second end */
  "polarised down": ["M0 0V25M-12 25H12M-12 31H12M0 31V56M-13 39H-6M-9.5 35.5V42.5"],
  coil: ["M0 0V6a5.5 5.5 0 0 1 0 11a5.5 5.5 0 0 1 0 11a5.5 5.5 0 0 1 0 11a5.5 5.5 0 0 1 0 11V56"],
  /** a coil on an iron core */
  "iron coil": ["M0 0V6a5.5 5.5 0 0 1 0 11a5.5 5.5 0 0 1 0 11a5.5 5.5 0 0 1 0 11a5.5 5.5 0 0 1 0 11V56M11 6V50"],
  /** conducts from its first end to its second */
  diode: ["M0 0V20M-9 20H9L0 36ZM-9 36H9M0 20V56"],
  "diode up": ["M0 0V20M-9 20H9M-9 36H9L0 20ZM0 36V56"],
  /** its plus is its second end */
  source: ["M0 0V24M-7 24H7M-14 32H14M0 32V56M-13 43H-6M-9.5 39.5V46.5"],
  "source up": ["M0 56V32M-7 32H7M-14 24H14M0 24V0M-13 13H-6M-9.5 9.5V16.5"],
  lamp: ["M0 0V16M0 40V56M12 28A12 12 0 1 1 -12 28A12 12 0 1 1 12 28M-8.5 19.5L8.5 36.5M8.5 19.5L-8.5 36.5"],
  "open switch": ["M0 0V18M0 38V56M0 38L11 20"],
  "closed switch": ["M0 0V18M0 38V56M0 38L2 16"],
  /** the slider comes from the right, at 28, 28 */
  potentiometer: ["M0 0V10M-7 10H7V46H-7ZM0 46V56M28 28H8M13 24L8 28L13 32"],
  wire: ["M0 0V56"],
  /** a rectifier as a converter: alternating in, direct out */
  rectifier: ["M-22 -22H22V22H-22ZM-22 22L22 -22M-17 -11q3.5 -6 7 0t7 0M4 10H18M4 15H18"],
  battery: ["M0 -22V-6M-14 -6H14M-7 0H7M-14 6H14M-7 12H7M0 12V22"],
} as const satisfies Record<string, readonly string[]>;
export type SymbolName = keyof typeof SYMBOLS;
