/** Largest sheet: columns, rows, limits. */
export const MOST_COLUMNS = 16;
export const MOST_SHEET_ROWS = 400;

export const SHEET_SENSES = ["at-least", "at-most"] as const;

/** What a sheet is for: sets that it suits. */
export const NATURES = [
  "receiver",
  "fm",
  "communications",
  "transmitter",
  "amplifier",
  "tubes",
  "battery",
  "mains",
  "any",
] as const;
export type Nature = (typeof NATURES)[number];

export const GROUPS = ["sound", "radio", "transmit", "supply", "mechanics"] as const;
export type Group = (typeof GROUPS)[number];
export const GROUP_WORDS: Record<Group, string> = {
  sound: "Sound",
  radio: "Receiving",
  transmit: "Transmitting",
  supply: "Supplies",
  mechanics: "Mechanics",
};
