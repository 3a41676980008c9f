"use client";

import { wrap } from "comlink";
import { useEffect, useState } from "react";
import type { CircuitAnswer, CircuitQuestion } from "@/core/circuit";
import type { CircuitWorker } from "@/workers/circuit.worker";

export type CircuitView = {
  answer?: CircuitAnswer;
  /** the answer that is there is to an earlier question, or none is there yet */
  thinking: boolean;
  failed?: string;
};

/** Asks a worker about a circuit; an answer to an old question is dropped. */
export function useCircuit(question: CircuitQuestion | undefined): CircuitView {
  const key = question ? JSON.stringify(question) : "";
  const [answered, setAnswered] = useState<{ key: string; answer?: CircuitAnswer; failed?: string }>();
  useEffect(() => {
    if (key === "") return;
    // A worker of its own for each question: one that is out of date is ended in the middle of its work.
    const raw = new Worker(new URL("../../workers/circuit.worker.ts", import.meta.url), { type: "module" });
    const broken = new Promise<never>((_, reject) => {
      raw.addEventListener("error", ({ message }) => reject(new Error(message || "its program could not be loaded")));
    });
    broken.catch(() => undefined);
    let current = true;
    void Promise.race([wrap<CircuitWorker>(raw).answer(JSON.parse(key) as CircuitQuestion), broken]).then(
      (answer) => current && setAnswered({ key, answer }),
      (error: unknown) => current && setAnswered({ key, failed: error instanceof Error ? error.message : "no reason" }),
    );
    return () => {
      current = false;
      raw.terminate();
    };
  }, [key]);
  const mine = answered?.key === key;
  return {
    ...(answered?.answer && key !== "" ? { answer: answered.answer } : {}),
    thinking: key !== "" && !mine,
    ...(mine && answered.failed ? { failed: answered.failed } : {}),
  };
}
