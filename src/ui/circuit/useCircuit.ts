"use client";

import type { Remote } from "comlink";
import { useMemo } from "react";
import type { CircuitAnswer, CircuitFacts, CircuitQuestion, FactsQuestion } from "@/core/circuit";
import type { Sheet } from "@/core/model";
import { circuitSheet } from "@/core/visit";
import { useAsked, type Asked } from "@/ui/useAsked";
import type { CircuitWorker } from "@/workers/circuit.worker";

export type CircuitView = Asked<CircuitAnswer>;

const load = (): Worker => new Worker(new URL("../../workers/circuit.worker.ts", import.meta.url), { type: "module" });
const askAnswer = (worker: Remote<CircuitWorker>, question: CircuitQuestion): Promise<CircuitAnswer> =>
  worker.answer(question);
const askFacts = (worker: Remote<CircuitWorker>, question: FactsQuestion): Promise<CircuitFacts | undefined> =>
  worker.facts(question);

/** Volts of a circuit, and what explains those that were read. */
export const useCircuit = (question: CircuitQuestion | undefined): CircuitView => useAsked(load, question, askAnswer);

/**
 * What follows from the circuit of a sheet: loads, ratings, ohms, B+ on the way up.
 * @param more stays the same from one drawing to the next
 * @returns undefined as long as it is being worked out, and where the sheet has no net
 */
export function useCircuitFacts(sheet: Sheet, more?: Omit<FactsQuestion, "sheet">): CircuitFacts | undefined {
  const question = useMemo(
    () => ((sheet.net?.length ?? 0) > 0 ? { sheet: circuitSheet(sheet), ...more } : undefined),
    [sheet, more],
  );
  return useAsked<CircuitWorker, FactsQuestion, CircuitFacts | undefined>(load, question, askFacts).answer;
}
