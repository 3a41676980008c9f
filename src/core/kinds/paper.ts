import { noRow, nothing, silent, unchanged, unjudged } from "./kind";

/**
 * What entries between the shop and the owner have in common: promises, sums, letters. They say nothing of the set itself,
 * so they change no part, take none, are no evidence, and may be written when the set has gone.
 */
export const PAPER = {
  tied: [],
  judge: unjudged,
  designators: nothing,
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "taken",
  takes: nothing,
  lane: "notes",
  inFile: "shown",
  csv: noRow,
  sections: nothing,
  open: nothing,
  evidence: silent,
} as const;
