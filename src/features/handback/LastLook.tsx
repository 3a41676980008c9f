"use client";

import { Check, CircleAlert, CircleDashed, MinusCircle } from "lucide-react";
import { useState } from "react";
import type { CheckState } from "@/core/history";
import { finalLines, type FinalLine } from "@/core/handback";
import { ErrorText } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";

const MARKS = {
  done: { icon: Check, tone: "text-success", word: "in order" },
  na: { icon: MinusCircle, tone: "text-info", word: "does not apply" },
  trouble: { icon: CircleAlert, tone: "text-warning", word: "wrong" },
  open: { icon: CircleDashed, tone: "dim", word: "not looked at" },
} as const;

const ASKS: Record<CheckState, string> = {
  done: "what was read or measured: T 0.5 A; above 20 MΩ at 500 V",
  na: "why it does not apply",
  trouble: "what is wrong",
};

function Line({ line }: { line: FinalLine }) {
  const { append } = useLogbook();
  const [asking, setAsking] = useState<CheckState>();
  const [words, setWords] = useState("");
  const [error, setError] = useState<string>();
  const { icon: Icon, tone, word } = MARKS[line.state];
  const write = async (state: CheckState, remark: string) => {
    if (state === "done" && line.seen && !remark.trim())
      return setError("Write down what the fuse says or the instrument showed: a tick is no measurement.");
    const said = remark.trim() ? { remark: remark.trim() } : {};
    const payload = { v: 1, list: "hand-back", key: line.key, text: line.text, state, ...said } as const;
    const outcome = await append({ kind: "check", payload });
    if (!outcome.ok) return setError(outcome.problems[0]?.message);
    setAsking(undefined);
    setWords("");
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
    <li className="border-b border-base-300 py-0.5" aria-label={`${line.text}: ${word}`}>
      <div className="flex min-h-11 flex-wrap items-center gap-2">
        <Icon size={20} className={`shrink-0 ${tone}`} aria-hidden="true" />
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
        <form
          className="flex flex-wrap gap-2 pb-1 pl-7"
          onSubmit={(event) => {
            event.preventDefault();
            void write(asking, words);
          }}
        >
          <input
            className="input h-11 min-w-52 flex-1"
            autoFocus
            aria-label={ASKS[asking]}
            placeholder={ASKS[asking]}
            value={words}
            onChange={(event) => {
              setError(undefined);
              setWords(event.target.value);
            }}
            onKeyDown={(event) => event.key === "Escape" && setAsking(undefined)}
          />
          <button className="btn btn-primary h-11">Write it</button>
          <button type="button" className="btn btn-ghost h-11" onClick={() => setAsking(undefined)}>
            Cancel
          </button>
        </form>
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
          <Line key={line.key} line={line} />
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
