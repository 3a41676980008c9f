"use client";

import { useState } from "react";
import type { Terms } from "@/core/handback";
import { ErrorText } from "@/ui/Field";
import { TextField } from "@/ui/TextField";
import { changeTerms } from "./actions";
import { readTerms, typedTerms, type TypedTerms } from "./terms-typed";
import { UNREACHABLE } from "./typed";

const FIELDS = (currency: string): readonly [keyof Terms, string][] => [
  ["hourMinor", `An hour of labour, ${currency}`],
  ["taxName", "Name of the tax"],
  ["tax", "Tax, %"],
  ["warrantyMonths", "Warranty, months"],
  ["serviceMonths", "Next service after, months"],
  ["comebackMonths", "A comeback is within, months"],
  ["soakHours", "Soak, hours"],
  ["warmMinutes", "Warm after, min"],
  ["driftVolts", "Voltages drift at most, %"],
  ["driftAmps", "Currents drift at most, %"],
  ["driftOther", "Other readings drift at most, %"],
];

/** What the shop works by: labour, tax, warranty, service, soak. Each is a rule of the shop. */
export function TermsForm({ terms, version: before, currency }: { terms: Terms; version: number; currency: string }) {
  const [version, setVersion] = useState(before);
  const [typed, setTyped] = useState<TypedTerms>(() => typedTerms(terms));
  const [said, setSaid] = useState<{ message?: string; saved?: boolean }>({});
  const read = readTerms(typed);
  const save = async () => {
    if (!read.ok) return setSaid({ message: Object.values(read.problems)[0] ?? "" });
    const answer = await changeTerms(read.value, Math.max(version, before)).catch(() => UNREACHABLE);
    if (answer.ok) setVersion(answer.version);
    return setSaid(answer.ok ? { saved: true } : { message: answer.message });
  };
  return (
    <form
      className="grid grid-cols-2 items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-4"
      aria-label="What the shop works by"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {FIELDS(currency).map(([key, label]) => (
        <TextField
          key={key}
          label={label}
          value={typed[key]}
          error={read.ok ? undefined : read.problems[key]}
          numeric={key !== "taxName"}
          onChange={(value) => {
            setSaid({});
            setTyped({ ...typed, [key]: value });
          }}
        />
      ))}
      <div className="col-span-full flex items-center gap-3">
        <button className="btn btn-primary h-11">Save these rules</button>
        {said.saved ? <span role="status">Saved.</span> : null}
        {said.message ? <ErrorText>{said.message}</ErrorText> : null}
      </div>
    </form>
  );
}
