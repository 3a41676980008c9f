"use client";

import { useState } from "react";
import { parseQuantity, type Quantity } from "@/core/quantity";
import { SUPPLIES, SUPPLY_WORDS, type Model, type Supply } from "@/core/model";
import { ErrorText, Field } from "@/ui/Field";
import { changeBasics } from "./actions";

type Typed = { kind: string; supply: Supply; lineVolts: string; highestVolts: string; watts: string; dialect: string };

const typedOf = ({ sheet }: Model): Typed => ({
  kind: sheet.kind,
  supply: sheet.supply,
  lineVolts: String(sheet.lineVolts),
  highestVolts: String(sheet.highestVolts),
  watts: sheet.watts === undefined ? "" : String(sheet.watts),
  dialect: sheet.dialect ?? "",
});

const valueOf = (text: string, quantity: Quantity) => {
  const parsed = parseQuantity(text, quantity);
  return parsed.ok ? parsed.value : Number.NaN;
};

/** What the model is and how it is fed: this decides the hazards and how its values are read. */
export function Basics({ model }: { model: Model }) {
  const [version, setVersion] = useState(model.version);
  const [typed, setTyped] = useState(() => typedOf(model));
  const [said, setSaid] = useState<{ error?: string; saved?: boolean }>({});
  const change = (part: Partial<Typed>) => {
    setSaid({});
    setTyped({ ...typed, ...part });
  };
  const save = async () => {
    const sent = {
      id: model.id,
      version,
      kind: typed.kind,
      supply: typed.supply,
      lineVolts: valueOf(typed.lineVolts, "voltage"),
      highestVolts: valueOf(typed.highestVolts, "voltage"),
      ...(typed.watts.trim() ? { watts: valueOf(typed.watts, "power") } : {}),
      ...(typed.dialect ? { dialect: typed.dialect } : {}),
    };
    const saved = await changeBasics(sent).catch(
      () => ({ ok: false, message: "The server cannot be reached; what you typed is still here." }) as const,
    );
    if (saved.ok) setVersion(saved.version);
    setSaid(saved.ok ? { saved: true } : { error: saved.message });
  };
  const input = (key: "kind" | "lineVolts" | "highestVolts" | "watts", label: string, className = "") => (
    <Field label={label} className={className}>
      {(props) => (
        <input
          {...props}
          className={`input h-11 w-full ${key === "kind" ? "" : "font-mono"}`}
          value={typed[key]}
          onChange={(event) => change({ [key]: event.target.value })}
        />
      )}
    </Field>
  );
  return (
    <form
      className="grid gap-3 rounded-box bg-base-200 p-3 md:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {input("kind", "What it is", "md:col-span-2")}
      <Field label="Supply" className="md:col-span-2">
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
      {input("lineVolts", "Supply voltage, V")}
      {input("highestVolts", "Highest inside, V")}
      {input("watts", "Nameplate, W")}
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
      <div className="flex items-center gap-3 md:col-span-4">
        <button className="btn btn-primary h-11">Save</button>
        {said.saved ? <span role="status">Saved: every set of this model follows.</span> : null}
        {said.error ? <ErrorText>{said.error}</ErrorText> : null}
      </div>
    </form>
  );
}
