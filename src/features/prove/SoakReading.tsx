"use client";

import { useState } from "react";
import { buildReading } from "@/core/kinds";
import { pointRows } from "@/core/visit";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { TextField } from "@/ui/TextField";
import { useLogbook } from "@/ui/logbook";

/** A reading while it soaks: any point of the chart, at the moment. */
export function SoakReading({ at }: { at: () => string }) {
  const { append, model, settled, visit, context } = useLogbook();
  const rows = pointRows(model.sheet, model.year, settled, visit.id).filter(({ designator }) => !designator);
  const [point, setPoint] = useState<string>();
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const row = rows.find((one) => one.point === point) ?? rows[0];
  if (!row)
    return <p className="dim">The model&rsquo;s chart has no point: readings can be written on the bench line.</p>;
  const setup = context.setups.soak;
  const save = async () => {
    const built = buildReading({
      row,
      text,
      phase: "soak",
      lineVolts: setup?.payload.lineVolts,
      tapVolts: setup?.payload.tapVolts,
      instrument: setup?.payload.instrument,
      setup: setup?.id,
    });
    if (built.kind === "problem") return setError(built.message);
    if (built.kind === "question")
      return setError(`${built.question} ${built.choices.map((one) => one.text).join(", ")}`);
    const outcome = await append({ kind: "reading", payload: built.payload }, { at: at() });
    setError(outcome.ok ? undefined : outcome.problems[0]?.message);
    if (outcome.ok) setText("");
    return undefined;
  };
  return (
    <form
      aria-label="Reading while it soaks"
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field label="Point">
        {(props) => (
          <select
            {...props}
            className="select h-11 w-48"
            value={row.point}
            onChange={(event) => setPoint(event.target.value)}
          >
            {rows.map((one) => (
              <option key={one.point}>{one.point}</option>
            ))}
          </select>
        )}
      </Field>
      <TextField
        label="Reads now"
        value={text}
        onChange={(next) => {
          setError(undefined);
          setText(next);
        }}
        placeholder={row.expected?.text ?? "250 V"}
        inputClass="w-36 font-mono text-right"
        numeric
      />
      <button className="btn btn-primary h-11">Write the reading</button>
      {error ? <ErrorText>{error}</ErrorText> : null}
      <LineHint line={`${row.point} ${text.trim() || "251"} soak`} />
    </form>
  );
}
