"use client";

import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";
import { lastAnswers } from "./last-answers";

export type Asked<A> = {
  answer?: A;
  /** the answer that is there is to an earlier question, or none is there yet */
  thinking: boolean;
  failed?: string;
};

const last = lastAnswers<unknown>();

/**
 * Asks a worker, and drops an answer to an old question. What was answered before is not asked again.
 * @param load starts the worker; it and `ask` stay the same from one drawing to the next
 */
export function useAsked<W, Q, A>(
  load: () => Worker,
  question: Q | undefined,
  ask: (worker: Remote<W>, question: Q) => Promise<A>,
): Asked<A> {
  const key = question ? JSON.stringify(question) : "";
  const before = last.of(ask, key) as A | undefined;
  const [answered, setAnswered] = useState<{ key: string; answer?: A; failed?: string }>();
  useEffect(() => {
    if (key === "" || last.of(ask, key) !== undefined) return;
    // A worker of its own for each question: one that is out of date is ended in the middle of its work.
    const raw = load();
    const broken = new Promise<never>((_, reject) => {
      raw.addEventListener("error", ({ message }) => reject(new Error(message || "its program could not be loaded")));
    });
    broken.catch(() => undefined);
    let current = true;
    void Promise.race([ask(wrap<W>(raw), JSON.parse(key) as Q), broken])
      .then(
        (answer) => {
          last.keep(ask, key, answer);
          if (current) setAnswered({ key, answer });
        },
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
  const answer = before ?? answered?.answer;
  return {
    ...(answer && key !== "" ? { answer } : {}),
    thinking: key !== "" && !mine && before === undefined,
    ...(mine && answered.failed ? { failed: answered.failed } : {}),
  };
}
