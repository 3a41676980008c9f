import type { Circuit, Sheet, Stage } from "../model";
import { circuitOf, natureFor, placedParts, stageNamed } from "./from-sheet";
import { systemOf, type PlacedPart } from "./system";
import type { System } from "./types";
import { said } from "./words";

/**
 * What the search knows of a set, and how it reads words about it. Who writes or reads entries is handed this: the tables
 * of faults and words are large, and most screens do without them.
 */
export type KnownSet = {
  sheet: Sheet;
  circuit: Circuit;
  system: System;
  /** parts with the stages that they are in */
  placed: readonly PlacedPart[];
  /** what a complaint in words says of the tests */
  said: (words: string) => ReturnType<typeof said>;
  /** the stage that words name */
  stageNamed: (words: string) => Stage | undefined;
};

/** Puts together what is known of a set. @param system its faults and tests, as the search that asks has them */
export const knownSet = (sheet: Sheet, circuit: Circuit, system: System): KnownSet => ({
  sheet,
  circuit,
  system,
  placed: placedParts(circuit, sheet.components),
  said: (words) => said(words, circuit),
  stageNamed: (words) => stageNamed(circuit, words),
});

const kept = new WeakMap<Sheet, KnownSet>();

/** Stages, faults and tests of a sheet by itself; worked out when a line first asks for them. */
export function knownOf(sheet: Sheet): KnownSet {
  const known = kept.get(sheet);
  if (known) return known;
  const { circuit } = circuitOf(sheet);
  const system = systemOf({
    circuit,
    parts: placedParts(circuit, sheet.components),
    highestVolts: sheet.highestVolts,
    nature: natureFor(sheet, circuit),
  });
  const made = knownSet(sheet, circuit, system);
  kept.set(sheet, made);
  return made;
}
