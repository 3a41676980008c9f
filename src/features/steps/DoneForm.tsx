"use client";

import { useState } from "react";
import type { Step } from "@/core/model";
import { ofKind } from "@/core/kinds";
import { emptied } from "@/ui/emptied";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";

type DoneFormProps = {
  step: Step;
  label: string;
  placeholder: string;
  button: string;
  /** says why the step cannot be done yet, or gives what is written in front of the note */
  check?: () => { problem: string } | { prefix: string };
};

/** Records a step as done, with what was seen. */
export function DoneForm({ step, label, placeholder, button, check }: DoneFormProps) {
  const { settled, visit, append, lineOf } = useLogbook();
  const [note, setNote] = useState("");
  const [error, setError] = useState<string>();
  const word = ofKind(settled, "step").findLast(
    ({ entry, content }) => entry.visitId === visit.id && content.payload.step === step,
  )?.content.payload;
  const contentOf = (prefix: string) => {
    const reason = [prefix, note.trim()].filter(Boolean).join("; ");
    return { kind: "step", payload: { v: 1, step, state: "passed", ...(reason ? { reason } : {}) } } as const;
  };
  const save = async () => {
    const checked = check?.() ?? { prefix: "" };
    if ("problem" in checked) return setError(checked.problem);
    const outcome = await append(contentOf(checked.prefix));
    setError(outcome.ok ? undefined : outcome.problems[0]?.message);
    if (outcome.ok) setNote(emptied(note));
    return undefined;
  };
  const preview = check?.() ?? { prefix: "" };
  return (
    <form
      className="mt-3 flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {word?.state === "passed" ? (
        <p className="rounded-box border border-success p-2">
          <strong className="text-success">Done.</strong> {word.reason}
        </p>
      ) : null}
      <Field label={label}>
        {(props) => (
          <input
            {...props}
            className="input h-11 w-full"
            value={note}
            placeholder={placeholder}
            onChange={(event) => {
              setError(undefined);
              setNote(event.target.value);
            }}
          />
        )}
      </Field>
      {error ? <ErrorText>{error}</ErrorText> : null}
      <button className="btn btn-primary h-11 self-start">
        {word?.state === "passed" ? "Record it again" : button}
      </button>
      <LineHint line={lineOf(contentOf("prefix" in preview ? preview.prefix : "…"))} />
    </form>
  );
}
