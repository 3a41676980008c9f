"use client";

import { useId, useState } from "react";
import type { CheckState } from "@/core/kinds";
import { format, parseQuantity } from "@/core/quantity";
import type { SafeLine as Line } from "@/core/visit";
import { ANSWER_MARKS, AnswerMark } from "@/ui/AnswerMark";
import { AskWords } from "@/ui/AskWords";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";

/** A line of the make-safe list: ticked, measured, found wrong, or not for this set; each is an entry of the log. */
export function SafeLine({ line }: { line: Line }) {
  const { append } = useLogbook();
  const [asking, setAsking] = useState<"na" | "trouble">();
  const [volts, setVolts] = useState("");
  const [error, setError] = useState<string>();
  const id = useId();
  const record = line.record?.payload;
  const state = record?.state ?? "open";
  const measured = line.limitVolts !== undefined;

  const write = async (state: CheckState, extra: { remark?: string; measured?: { text: string; value: number } }) => {
    const payload = { v: 1, list: "make-safe", key: line.key, text: line.text, state, ...extra } as const;
    const outcome = await append({ kind: "check", payload });
    if (!outcome.ok) return setError(outcome.problems[0]?.message);
    setAsking(undefined);
    setVolts("");
    return setError(undefined);
  };
  const measure = () => {
    if (volts.trim() === "")
      return setError(
        "Measure what is left on the reservoir and write it down: no calculated time is permission to touch.",
      );
    const parsed = parseQuantity(volts, "voltage");
    if (!parsed.ok) return setError(parsed.kind === "ambiguous" ? parsed.question : parsed.message);
    return void write("done", { measured: { text: volts.trim(), value: parsed.value } });
  };
  const say = (words: string) => {
    if (!words)
      return setError(asking === "na" ? "Say why it does not apply: not fitted, done before." : "Say what is wrong.");
    return void write(asking ?? "trouble", { remark: words });
  };

  return (
    <li className="border-b border-base-300 py-0.5" aria-label={`${line.text}: ${ANSWER_MARKS[state].word}`}>
      <div className="flex min-h-11 items-center gap-2">
        <AnswerMark state={state} />
        <div className={`min-w-0 grow ${line.learnt ? "font-semibold" : ""}`}>
          {line.text}
          {record?.measured ? (
            <span className="ml-2 font-mono font-bold">{format(record.measured.value, "voltage")}</span>
          ) : null}
          {record?.remark ? <span className="block text-sm text-warning">{record.remark}</span> : null}
        </div>
        {measured ? (
          <form
            className="flex shrink-0 items-center gap-1.5"
            onSubmit={(event) => {
              event.preventDefault();
              measure();
            }}
          >
            <label htmlFor={id} className="sr-only">
              Left on the reservoir, by the meter, V
            </label>
            <input
              id={id}
              className="input h-11 w-24 text-right font-mono text-lg"
              inputMode="decimal"
              autoComplete="off"
              value={volts}
              placeholder="0.3 V"
              aria-invalid={Boolean(error)}
              onChange={(event) => {
                setError(undefined);
                setVolts(event.target.value);
              }}
            />
            <button className="btn btn-primary h-11">Measured</button>
          </form>
        ) : (
          <div className="flex shrink-0 gap-1">
            {record?.state === "done" ? null : (
              <button
                type="button"
                className="btn btn-outline btn-primary h-10 px-3"
                aria-label={`In order: ${line.text}`}
                onClick={() => void write("done", {})}
              >
                In order
              </button>
            )}
            <button
              type="button"
              className="btn btn-ghost h-10 px-2"
              aria-label={`Wrong: ${line.text}`}
              onClick={() => setAsking("trouble")}
            >
              Wrong
            </button>
            <button
              type="button"
              className="btn btn-ghost h-10 px-2"
              aria-label={`Not here: ${line.text}`}
              onClick={() => setAsking("na")}
            >
              Not here
            </button>
          </div>
        )}
      </div>
      {asking ? (
        <AskWords
          label={asking === "na" ? "Why it does not apply" : "What is wrong"}
          placeholder={asking === "na" ? "not fitted, done before" : "cracked at the plug"}
          className="pl-7"
          onWrite={say}
          onCancel={() => setAsking(undefined)}
        />
      ) : null}
      {error ? <ErrorText>{error}</ErrorText> : null}
    </li>
  );
}
