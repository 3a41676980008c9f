"use client";

import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";

export type Asked<A> = {
  answer?: A;
  /** the answer that is there is to an earlier question, or none is there yet */
  thinking: boolean;
  failed?: string;
};

/**
 * Asks a worker, and drops an answer to an old question.
 * @param load starts the worker; it and `ask` stay the same from one drawing to the next
 */
export function useAsked<W, Q, A>(
  load: () => Worker,
  question: Q | undefined,
  ask: (worker: Remote<W>, question: Q) => Promise<A>,
): Asked<A> {
  const key = question ? JSON.stringify(question) : "";
  const [answered, setAnswered] = useState<{ key: string; answer?: A; failed?: string }>();
  useEffect(() => {
    if (key === "") return;
    // A worker of its own for each question: one that is out of date is ended in the middle of its work.
    const raw = load();
    const broken = new Promise<never>((_, reject) => {
      raw.addEventListener("error", ({ message }) => reject(new Error(message || "its program could not be loaded")));
    });
    broken.catch(() => undefined);
    let current = true;
    void Promise.race([ask(wrap<W>(raw), JSON.parse(key) as Q), broken])
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
  }, [key, ask, load]);
  const mine = answered?.key === key;
  return {
    ...(answered?.answer && key !== "" ? { answer: answered.answer } : {}),
    thinking: key !== "" && !mine,
    ...(mine && answered.failed ? { failed: answered.failed } : {}),
  };
}
