import {
  candidatesOf,
  coldCircuit,
  isSolved,
  netMoves,
  solveSheet,
  type Candidate,
  type Cold,
  type Solved,
} from "../circuit";
import { type SetFacts, type System } from "../diagnosis";
import { sheetSchema, type Circuit, type Sheet } from "../model";
import { circuitSheet, searchOf } from "../visit";

/** A set that can be practised on: what it is, what can fail in it, and its circuit as it should be. */
export type PracticeSet = {
  sheet: Sheet;
  year: number | null;
  circuit: Circuit;
  system: System;
  facts: SetFacts;
  sound: Solved;
  cold: Cold;
  /** what the circuit can have wrong, by its name, powered and with the power off */
  hot: ReadonlyMap<string, Candidate>;
  off: ReadonlyMap<string, Candidate>;
};

const byKey = (all: readonly Candidate[]): Map<string, Candidate> => new Map(all.map((one) => [one.key, one]));

/**
 * Makes a set ready for practice.
 * @param now when it is: the set's age counts for what fails in it
 * @returns undefined where its sheet has no net, or no operating point is found
 */
export function practiceSet(given: unknown, year: number | null, now: string): PracticeSet | undefined {
  const read = sheetSchema.safeParse(given);
  if (!read.success) return undefined;
  const sheet = read.data;
  const solvable = circuitSheet(sheet);
  const sound = solveSheet(solvable);
  if (!sound || !isSolved(sound)) return undefined;
  const physics = netMoves(solvable);
  const { circuit, system, question } = searchOf({
    sheet,
    year,
    settled: [],
    visitId: "",
    now,
    line: { volts: sheet.lineVolts, hz: 50 },
    ...(physics ? { physics } : {}),
  });
  const cold = coldCircuit(solvable);
  return {
    sheet,
    year,
    circuit,
    system,
    facts: question.facts,
    sound,
    cold,
    hot: byKey(candidatesOf(sound.compiled, sheet.components)),
    off: byKey(candidatesOf(cold.compiled, sheet.components)),
  };
}
