"use client";

import { useState } from "react";
import type { CheckState } from "@/core/kinds";
import { finalLines, type FinalLine } from "@/core/handback";
import { ANSWER_MARKS, AnswerMark } from "@/ui/AnswerMark";
import { AskWords } from "@/ui/AskWords";
import { ErrorText } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";

const ASKS: Record<CheckState, string> = {
  done: "what was read or measured: T 0.5 A; above 20 MΩ at 500 V",
  na: "why it does not apply",
  trouble: "what is wrong",
};

function LookLine({ line }: { line: FinalLine }) {
  const { append } = useLogbook();
  const [asking, setAsking] = useState<CheckState>();
  const [error, setError] = useState<string>();
  const write = async (state: CheckState, remark: string) => {
    if (state === "done" && line.seen && !remark.trim())
      return setError("Write down what the fuse says or the instrument showed: a tick is no measurement.");
    const said = remark.trim() ? { remark: remark.trim() } : {};
    const payload = { v: 1, list: "hand-back", key: line.key, text: line.text, state, ...said } as const;
    const outcome = await append({ kind: "check", payload });
    if (!outcome.ok) return setError(outcome.problems[0]?.message);
    setAsking(undefined);
    return setError(undefined);
  };
  const button = (state: CheckState, text: string, at: string) => (
    <button
      type="button"
      className={`btn h-10 ${at}`}
      aria-label={`${text}: ${line.text}`}
      onClick={() => (state === "done" && !line.seen ? void write("done", "") : setAsking(state))}
    >
      {text}
    </button>
  );
  return (
    <li className="border-b border-base-300 py-0.5" aria-label={`${line.text}: ${ANSWER_MARKS[line.state].word}`}>
      <div className="flex min-h-11 flex-wrap items-center gap-2">
        <AnswerMark state={line.state} />
        <div className="min-w-60 flex-1">
          {line.text}
          {line.remark ? <span className="dim block text-sm">{line.remark}</span> : null}
        </div>
        <div className="flex shrink-0 gap-1">
          {line.state === "done" ? null : button("done", "In order", "btn-outline btn-primary px-3")}
          {button("trouble", "Wrong", "btn-ghost px-2")}
          {button("na", "Not here", "btn-ghost px-2")}
        </div>
      </div>
      {asking ? (
        <AskWords
          label={ASKS[asking]}
          className="pl-7"
          onWrite={(words) => void write(asking, words)}
          onCancel={() => setAsking(undefined)}
        />
      ) : null}
      {error ? <ErrorText>{error}</ErrorText> : null}
    </li>
  );
}

/** The last look before a set goes out: the list of exactly this set, each line by itself. */
export function LastLook() {
  const { input } = useLogbook();
  const lines = finalLines(input);
  const done = lines.filter(({ state }) => state === "done" || state === "na").length;
  return (
    <section aria-label="The last look">
      <h2 className="text-lg font-bold">
        The last look: {done} of {lines.length} in order
      </h2>
      <ol>
        {lines.map((line) => (
          <LookLine key={line.key} line={line} />
        ))}
      </ol>
      <LineHint line={`final ${lines[0]?.key ?? "screws"} ok`} />
      <p className="dim mt-2 text-sm">
        What the local electrical code asks of a repaired set comes first, and who may do it. No line here stands for
        that measurement.
      </p>
    </section>
  );
}
