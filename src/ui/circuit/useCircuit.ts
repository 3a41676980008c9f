"use client";

import { wrap, type Remote } from "comlink";
import { useEffect, useMemo, useState } from "react";
import type { CircuitAnswer, CircuitFacts, CircuitQuestion, FactsQuestion } from "@/core/circuit";
import type { InCircuit } from "@/core/components";
import type { Sheet } from "@/core/model";
import { circuitSheet } from "@/core/visit";
import type { CircuitWorker } from "@/workers/circuit.worker";

type Asked<A> = {
  answer?: A;
  /** the answer that is there is to an earlier question, or none is there yet */
  thinking: boolean;
  failed?: string;
};
export type CircuitView = Asked<CircuitAnswer>;

/** Asks a worker, and drops an answer to an old question. @param ask stays the same from one drawing to the next */
function useAsked<Q, A>(
  question: Q | undefined,
  ask: (worker: Remote<CircuitWorker>, question: Q) => Promise<A>,
): Asked<A> {
  const key = question ? JSON.stringify(question) : "";
  const [answered, setAnswered] = useState<{ key: string; answer?: A; failed?: string }>();
  useEffect(() => {
    if (key === "") return;
    // A worker of its own for each question: one that is out of date is ended in the middle of its work.
    const raw = new Worker(new URL("../../workers/circuit.worker.ts", import.meta.url), { type: "module" });
    const broken = new Promise<never>((_, reject) => {
      raw.addEventListener("error", ({ message }) => reject(new Error(message || "its program could not be loaded")));
    });
    broken.catch(() => undefined);
    let current = true;
    void Promise.race([ask(wrap<CircuitWorker>(raw), JSON.parse(key) as Q), broken])
      .then(
        (answer) => current && setAnswered({ key, answer }),
        (error: unknown) =>
          current && setAnswered({ key, failed: error instanceof Error ? error.message : "no reason" }),
      )
      .finally(() => raw.terminate());
    return () => {
      current = false;
      raw.terminate();
    };
  }, [key, ask]);
  const mine = answered?.key === key;
  return {
    ...(answered?.answer && key !== "" ? { answer: answered.answer } : {}),
    thinking: key !== "" && !mine,
    ...(mine && answered.failed ? { failed: answered.failed } : {}),
  };
}

const askAnswer = (worker: Remote<CircuitWorker>, question: CircuitQuestion): Promise<CircuitAnswer> =>
  worker.answer(question);
const askFacts = (worker: Remote<CircuitWorker>, question: FactsQuestion): Promise<CircuitFacts | undefined> =>
  worker.facts(question);

/** Volts of a circuit, and what explains those that were read. */
export const useCircuit = (question: CircuitQuestion | undefined): CircuitView => useAsked(question, askAnswer);

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
  return useAsked<FactsQuestion, CircuitFacts | undefined>(question, askFacts).answer;
}

/** The same for a part, by its name in the net: V across it as it plays and at most, W in it. */
export function inCircuitOf(facts: CircuitFacts | undefined): ReadonlyMap<string, InCircuit> | undefined {
  if (!facts) return undefined;
  const highest = new Map(facts.highest);
  return new Map(
    facts.loads.map(({ part, volts, watts }) => [
      part,
      { works: Math.abs(volts), highest: Math.max(Math.abs(volts), highest.get(part) ?? 0), watts },
    ]),
  );
}
