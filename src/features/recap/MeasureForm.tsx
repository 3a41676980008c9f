"use client";

import { useMemo, useState } from "react";
import { parseLine } from "@/core/bench-line";
import { writeLine, type Where } from "@/core/kinds";
import { quantityOfDesignator } from "@/core/quantity";
import { DraftChip } from "@/ui/DraftChip";
import { ErrorText, SelectField, TextField } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { useLogbook, useLineContext } from "@/ui/logbook";

type Fields = { value: string; esr: string; leak: string; at: string; where: Where };

const lineOf = (designator: string, { value, esr, leak, at, where }: Fields) =>
  [
    `measure ${designator}${value.trim() ? ` ${value.trim()}` : ""}`,
    esr.trim() && `esr ${esr.trim()}`,
    leak.trim() && `leak ${leak.trim()}${at.trim() ? ` at ${at.trim()}` : ""}`,
    where === "in-circuit" ? "in circuit" : where,
  ]
    .filter(Boolean)
    .join("; ");

type MeasureFormProps = { designator: string; onDone: () => void };

/** A part on the meter: value, ESR, leakage at a stated voltage; the verdict stands below while one types. */
export function MeasureForm({ designator, onDone }: MeasureFormProps) {
  const { append } = useLogbook();
  const context = useLineContext();
  const capacitor = quantityOfDesignator(designator) === "capacitance";
  const [fields, setFields] = useState<Fields>({
    value: "",
    esr: "",
    leak: "",
    at: "",
    where: capacitor ? "lifted" : "in-circuit",
  });
  const [answered, setAnswered] = useState<string>();
  const [error, setError] = useState<string>();
  const typed = lineOf(designator, fields);
  const line = answered ?? typed;
  const result = useMemo(() => parseLine(line, context), [line, context]);
  const empty = !fields.value.trim() && !fields.esr.trim() && !fields.leak.trim();
  const change = (part: Partial<Fields>) => {
    setAnswered(undefined);
    setError(undefined);
    setFields({ ...fields, ...part });
  };
  const save = async () => {
    if (result.kind !== "draft" || result.draft.type !== "content") return;
    const outcome = await append(result.draft.content);
    if (outcome.ok) onDone();
    else setError(outcome.problems[0]?.message);
  };
  const input = (key: "value" | "esr" | "leak" | "at", label: string, example: string) => (
    <TextField
      label={label}
      placeholder={example}
      autoFocus={key === "value"}
      value={fields[key]}
      onChange={(text) => change({ [key]: text })}
    />
  );
  return (
    <form
      aria-label={`Measure ${designator}`}
      className="flex flex-col gap-2 rounded-box bg-base-200 p-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className={`grid gap-2 ${capacitor ? "grid-cols-[1fr_1fr_1fr_1fr_8rem]" : "grid-cols-[1fr_10rem]"}`}>
        {input("value", "Value", capacitor ? "52 nF" : "612k")}
        {capacitor ? (
          <>
            {input("esr", "ESR", "2.1 Ω")}
            {input("leak", "Leakage", "8.5 µA")}
            {input("at", "at", "250 V")}
          </>
        ) : null}
        <SelectField
          label="Where"
          options={[
            ["in-circuit", "in circuit"],
            ["lifted", "lifted"],
            ["out", "out"],
          ]}
          value={fields.where}
          onChange={(where) => change({ where })}
        />
      </div>
      {empty ? (
        <p className="dim">
          {capacitor
            ? "Discharged first. Leakage counts at working voltage: that is what paper fails on."
            : "Capacitors discharged. In circuit, high is proof and low is none."}
        </p>
      ) : (
        <DraftChip result={result} line={line} onChoose={(choice) => setAnswered(choice.text)} />
      )}
      {error ? <ErrorText>{error}</ErrorText> : null}
      <div className="flex flex-wrap items-center gap-2">
        <button className="btn btn-primary h-11" disabled={empty || result.kind !== "draft"}>
          Write the measurement
        </button>
        <button type="button" className="btn btn-ghost h-11" onClick={onDone}>
          Close
        </button>
        <LineHint
          line={result.kind === "draft" && result.draft.type === "content" ? writeLine(result.draft.content) : typed}
        />
      </div>
    </form>
  );
}
