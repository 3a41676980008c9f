"use client";

import { useState } from "react";
import { SUPPLIES, SUPPLY_WORDS, type Model, type Supply } from "@/core/model";
import { ErrorText, Field } from "@/ui/Field";
import { textFields, useKept } from "@/ui/kept";
import { changeBasics } from "./actions";
import { readBasics, typedBasics, type TypedBasics } from "./basics";

type BasicsProps = { model: Model; version: number; onSaved: (version: number) => void };

/** What the model is, how it is fed and how its chart was made: hazards, plans and verdicts follow from it. */
export function Basics({ model, version, onSaved }: BasicsProps) {
  const saved = typedBasics(model);
  const { value: typed, set: setTyped, clear, touched } = useKept(`basics ${model.id}`, textFields(saved), saved);
  const [said, setSaid] = useState<{ error?: string; saved?: boolean }>({});
  const read = readBasics(typed);
  const change = (part: Partial<TypedBasics>) => {
    setSaid({});
    setTyped({ ...typed, ...part });
  };
  const save = async () => {
    if (!read.ok) return setSaid({ error: Object.values(read.problems)[0] ?? "That does not fit." });
    const done = await changeBasics({ id: model.id, version }, typed).catch(
      () => ({ ok: false, message: "The server cannot be reached; what you typed is still here." }) as const,
    );
    if (!done.ok) return setSaid({ error: done.message });
    onSaved(done.version);
    clear();
    return setSaid({ saved: true });
  };
  const input = (key: Exclude<keyof TypedBasics, "supply" | "dialect">, label: string, example: string, wide = "") => (
    <Field label={label} className={wide} error={read.ok ? undefined : read.problems[key]}>
      {(props) => (
        <input
          {...props}
          className={`input h-11 w-full ${["kind", "signal", "controls", "chartNote"].includes(key) ? "" : "font-mono"}`}
          value={typed[key]}
          placeholder={example}
          onChange={(event) => change({ [key]: event.target.value })}
        />
      )}
    </Field>
  );
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <fieldset className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-6">
        <legend className="sr-only">What it is</legend>
        {input("kind", "What it is", "AC table superhet", "md:col-span-3")}
        <Field label="Supply" className="md:col-span-3">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-full"
              value={typed.supply}
              onChange={(event) => change({ supply: event.target.value as Supply })}
            >
              {SUPPLIES.map((supply) => (
                <option key={supply} value={supply}>
                  {SUPPLY_WORDS[supply]}
                </option>
              ))}
            </select>
          )}
        </Field>
        {input("lineVolts", "Supply voltage, V", "230")}
        {input("lineHz", "Line frequency, Hz", "50")}
        {input("taps", "Taps, V", "110, 220", "md:col-span-2")}
        {input("highestVolts", "Highest inside, V", "380")}
        {input("supplyRms", "HT secondary, V rms", "300 each half")}
        {input("heaterAmps", "Heater winding, A", "3")}
        {input("watts", "Nameplate, W", "68")}
        <Field label="A capital M means">
          {(props) => (
            <select
              {...props}
              className="select h-11 w-full"
              value={typed.dialect}
              onChange={(event) => change({ dialect: event.target.value })}
            >
              <option value="">not known: ask</option>
              <option value="m-is-million">a million</option>
              <option value="m-is-thousand">a thousand</option>
            </select>
          )}
        </Field>
      </fieldset>
      <fieldset className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-6">
        <legend className="float-left mb-1 w-full font-bold md:col-span-6">How the chart was made</legend>
        {input("chartLine", "Chart's line, V", typed.lineVolts || "230")}
        {input("chartMeter", "Chart's meter", "1000 Ω/V", "md:col-span-1")}
        {input("signal", "Signal", "none, aerial socket shorted", "md:col-span-2")}
        {input("controls", "Controls", "volume full, MW", "md:col-span-2")}
        {input("chartNote", "Anything else", "read after ten minutes", "md:col-span-6")}
      </fieldset>
      <div className="flex items-center gap-3">
        <button className="btn btn-primary h-11">Save</button>
        {touched ? (
          <button type="button" className="btn btn-ghost h-11" onClick={clear}>
            Forget what was typed
          </button>
        ) : null}
        {said.saved ? <span role="status">Saved: every set of this model follows.</span> : null}
        {said.error ? <ErrorText>{said.error}</ErrorText> : null}
      </div>
    </form>
  );
}
