import { decibels } from "../levels";
import { spectrum, toneAt } from "./spectrum";
import type { Sound } from "./wav";

/** What a hum can be, by its line: at the mains, at twice the mains, a buzz of many harmonics, or none. */
export const HUM_KINDS = ["line", "twice", "buzz", "none"] as const;
export type HumKind = (typeof HUM_KINDS)[number];

export const HUM_WORDS: Record<HumKind, string> = {
  line: "Hum at the line frequency",
  twice: "Hum at twice the line frequency",
  buzz: "Buzz with many harmonics",
  none: "No hum above the rest",
};

/** What usually lies behind each. Trade rules (measuring practice; see docs). */
const REASONS: Record<HumKind, readonly string[]> = {
  line: [
    "Leakage from heater to cathode.",
    "An open grid, or a grid lead without its screen.",
    "A half-wave supply whose capacitor is dry.",
    "A loop over two grounds.",
  ],
  twice: [
    "Ripple of a full-wave supply: reservoir or smoothing capacitor.",
    "Wiring of the rectifier too near to a grid.",
  ],
  buzz: ["Spikes of the rectifier.", "Heater wiring near a grid.", "A dimmer or a switching supply near the set."],
  none: [],
};

export type Hum = {
  kind: HumKind;
  /** line frequency that the multiples were looked for at, Hz */
  line: number;
  /** where the first was really found, Hz */
  found: number;
  /** the first six multiples, dB against the strongest of them */
  multiples: { n: number; hertz: number; db: number }[];
  /** all of them together, against full scale, dB */
  total: number;
  reasons: readonly string[];
  /** what else is to be asked */
  asks?: string;
};

/** Multiples that are looked at. */
const MULTIPLES = 6;
/** A multiple this far below the strongest counts for nothing, dB. Shop rule. @example 50 Hz at −20 dB beside 100 Hz counts, at −35 dB it does not */
const COUNTS = -30;
/** A multiple must stand so far above what lies between the multiples, dB. Shop rule. @example hiss alone stands 3 to 6 dB over itself */
const ABOVE_REST = 12;
/** So many of the third to the sixth within this of the strongest make a buzz, dB. Shop rule. @example 150, 200, 250 and 300 Hz at −8 to −2 dB: a buzz */
const BUZZ_MANY = 3;
const BUZZ_WITHIN = -20;
/** The line keeps within this, Hz; grids keep far closer. */
const LINE_WITHIN = 1.5;
/** Hum this far below all of the sound is none that anybody hears, dB. Shop rule. @example music at −20 dB and hum at −65 dB */
const HEARD = -40;
/** What stands for a multiple that is not there, dB. */
const NOTHING = -120;
/** Line frequencies there are, Hz. */
const OTHER_LINES = [50, 60];

/** Strength of the rest between two multiples: the median of its lines. */
function restAround(of: ReturnType<typeof spectrum>, line: number): number {
  const lines: number[] = [];
  for (let hertz = line * 0.3; hertz < line * (MULTIPLES + 0.7); hertz += of.step) {
    const off = Math.abs(hertz / line - Math.round(hertz / line));
    if (off > 0.2) lines.push(of.amplitude[Math.round(hertz / of.step)] ?? 0);
  }
  lines.sort((a, b) => a - b);
  return lines[Math.floor(lines.length / 2)] ?? 0;
}

/** How much of the power at the multiples of a line there is. */
const strength = (of: ReturnType<typeof spectrum>, line: number) =>
  Array.from({ length: MULTIPLES }, (_, n) => toneAt(of, line * (n + 1), LINE_WITHIN).amplitude ** 2).reduce(
    (sum, one) => sum + one,
    0,
  );

/**
 * Which hum a recording has: the first six multiples of the line, and what that points to.
 * @param line Hz, of the shop's mains, or where the set was recorded
 */
export function humOf(sound: Sound, line: number): Hum {
  const found = spectrum(sound);
  const tones = Array.from({ length: MULTIPLES }, (_, n) => toneAt(found, line * (n + 1), LINE_WITHIN));
  const strongest = Math.max(...tones.map(({ amplitude }) => amplitude));
  const db = tones.map(({ amplitude }) => (amplitude > 0 ? decibels(amplitude / strongest) : NOTHING));
  const rest = restAround(found, line);
  const counts = tones.map(
    ({ amplitude }, n) => (db[n] as number) > COUNTS && decibels(amplitude / (rest || 1e-12)) > ABOVE_REST,
  );
  const all = Math.sqrt(found.amplitude.reduce((sum, one) => sum + one * one, 0) / found.spread);
  const heard = decibels(strongest / all) > HEARD;
  const many = db.slice(2).filter((one, n) => one > BUZZ_WITHIN && counts[n + 2]).length;
  const kind: HumKind =
    !heard || !counts.some(Boolean)
      ? "none"
      : many >= BUZZ_MANY
        ? "buzz"
        : (db[0] as number) >= (db[1] as number)
          ? "line"
          : "twice";
  const other = OTHER_LINES.find((one) => one !== line);
  const elsewhere = other !== undefined && strength(found, other) > 4 * strength(found, line);
  return {
    kind,
    line,
    found:
      (tones[0]?.amplitude ?? 0) >= (tones[1]?.amplitude ?? 0)
        ? (tones[0]?.hertz ?? line)
        : (tones[1]?.hertz ?? 2 * line) / 2,
    multiples: tones.map(({ hertz }, n) => ({ n: n + 1, hertz, db: db[n] as number })),
    total: decibels(Math.sqrt(tones.reduce((sum, { amplitude }) => sum + amplitude ** 2, 0))),
    reasons: REASONS[kind],
    ...(elsewhere
      ? { asks: `The hum lies at multiples of ${other} Hz: was the set recorded on a line of ${other} Hz?` }
      : {}),
  };
}
