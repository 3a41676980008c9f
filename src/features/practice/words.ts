import type { BenchState } from "@/core/practice";

export const ADVICE_WORDS = {
  off: "No advice",
  asked: "Advice when asked for: 3 points each",
  on: "Advice all the time",
} as const;
export const DIFFICULTY_WORDS = { easy: "easy", middling: "middling", hard: "hard" } as const;

/** How the set stands, in a few words. */
export const standsAs = ({ on, through, discharged, opened }: BenchState): string =>
  [
    on
      ? { line: "on, from the wall", lamp: "on, through the lamp", isolated: "on, through an isolating transformer" }[
          through
        ]
      : discharged
        ? "off and discharged"
        : "off, not discharged yet",
    opened ? "chassis open" : "chassis closed",
  ].join("; ");

/** Minutes as a bench counts them. @example minutesText(17.5) // "17.5 min" */
export const minutesText = (minutes: number): string => `${Math.round(minutes * 2) / 2} min`;

export const percentText = (share: number): string =>
  share > 0 && share < 0.01 ? "< 1 %" : `${Math.round(share * 100)} %`;

/** Bits with their sign; what told nothing is a dash. */
export const bitsText = (bits: number): string =>
  Math.abs(bits) < 0.05 ? "–" : `${bits > 0 ? "+" : "−"}${Math.abs(bits).toFixed(1)}`;
