"use client";

import { useState } from "react";
import type { Modification, TickList, Tick, TickState } from "@/core/kinds";
import { AnswerMark } from "@/ui/AnswerMark";
import { AskWords } from "@/ui/AskWords";
import { ErrorText } from "@/ui/form";
import { capital } from "@/ui/words";
import { useWrite } from "./useWrite";

/** A way to answer a line: at once, or with words that it needs. */
export type TickAnswer = { state: TickState; button: string; asks?: string; example?: string };

type TickLineProps = {
  modification: Pick<Modification, "id">;
  list: TickList;
  /** the line's short word and its text */
  line: { key: string; text: string };
  tick?: Tick | undefined;
  answers: readonly TickAnswer[];
  disabled?: boolean;
  /** how it stands where no tick says so: what was worked out and fits is met */
  met?: boolean;
  /** fields that go along with the answer */
  extra?: () => { out?: number; back?: number } | { problem: string };
  children?: React.ReactNode;
};

/** A line of a modification's lists with its answers; each answer is an entry of the log. */
export function TickLine({ modification, list, line, tick, answers, disabled, met, extra, children }: TickLineProps) {
  const { write, error, setError } = useWrite();
  const [asking, setAsking] = useState<TickAnswer>();
  const answer = async (given: TickAnswer, said: string) => {
    const more = extra?.() ?? {};
    if ("problem" in more) return setError(more.problem);
    const text = said.trim();
    const reason = text ? (given.state === "done" ? { saw: text } : { why: text }) : {};
    const payload = { v: 1, about: modification.id, list, key: line.key, text: line.text, state: given.state } as const;
    if (!(await write({ kind: "tick", payload: { ...payload, ...reason, ...more } }))) return undefined;
    setAsking(undefined);
    return undefined;
  };
  const said = [tick?.saw, tick?.why].filter(Boolean).join("; ");
  return (
    <li className="border-b border-base-300 py-1">
      <div className="flex min-h-11 flex-wrap items-center gap-2">
        <AnswerMark state={tick?.state ?? (met ? "done" : "open")} />
        <div className="min-w-52 flex-1">
          {/* The bench line names it so: tick #4 step 3 done. */}
          <span className="mr-2 font-mono text-sm font-bold">{line.key}</span>
          {capital(line.text)}
          {said ? <span className="dim block text-sm">{said}</span> : null}
          {children}
        </div>
        <div className="flex flex-wrap gap-1">
          {answers.map((one, index) => (
            <button
              key={one.state}
              type="button"
              disabled={disabled}
              className={`btn h-10 ${index === 0 && tick?.state !== one.state && !met ? "btn-outline btn-primary" : "btn-ghost px-2"}`}
              aria-label={`${one.button}: ${line.text}`}
              onClick={() => (one.asks ? setAsking(one) : void answer(one, ""))}
            >
              {one.button}
            </button>
          ))}
        </div>
      </div>
      {asking ? (
        <AskWords
          label={asking.asks ?? ""}
          placeholder={asking.example ?? asking.asks ?? ""}
          className="pl-7"
          onWrite={(words) => void answer(asking, words)}
          onCancel={() => setAsking(undefined)}
        />
      ) : null}
      {error ? <ErrorText>{error}</ErrorText> : null}
    </li>
  );
}
