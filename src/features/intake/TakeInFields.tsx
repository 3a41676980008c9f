"use client";

import { useState } from "react";
import { GRADED_PARTS, GRADES, POLICIES, POLICY_NAMES, SWITCH_NAMES, SWITCHES, type Policy } from "@/core/policy";
import { LinesField, SelectField, TextField } from "@/ui/form";
import type { TakeInFields as Fields } from "./schema";

const POLICY_HINTS: Record<Policy, string> = {
  reliability: "It shall play for years: parts that usually fail are renewed.",
  original: "Good original parts stay; what fails is replaced.",
  museum: "Nothing drilled, nothing visible changed; new parts hide in old shells.",
};

type Props = {
  fields: Fields;
  onChange: (part: Partial<Fields>) => void;
  problem: (field: keyof Fields) => string | undefined;
};

type TextKey = Exclude<keyof Fields, "grades" | "switches" | "policy">;

const LINES: readonly [TextKey, string, string][] = [
  ["since", "Since when", "a week, since it was moved, after a thunderstorm"],
  ["wants", "What the owner wants", "play again, look new, stay original, an upgrade"],
  ["received", "Came with it", "mains lead, back cover, knobs, manual"],
  ["missing", "Missing", "mains lead, a knob, screws"],
  ["earlierWork", "Traces of earlier work", "fresh solder, odd wire, parts of another age"],
  ["loose", "Loose or foreign things inside", "a screw rattles, mouse nest"],
  ["cosmetic", "Cosmetic state", "cabinet good, cloth torn, dial glass whole"],
];

const MORE: readonly [TextKey, string, string][] = [
  ["dateCodes", "Date codes", "C1 37-14, speaker 36-50"],
  ["provenance", "Provenance", "bought new by the owner's grandfather"],
];

/** Grades of the outside, provenance, a limit of cost, and the choices of this visit: unfolded when they are wanted. */
function More({ fields, onChange, problem }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <details
      className="rounded-box border border-base-300 px-3 py-1 md:col-span-2"
      open={open || problem("costLimit") !== undefined}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        Grades, date codes, provenance, limit of cost, choices of this visit
      </summary>
      <div className="grid gap-3 pb-2 md:grid-cols-2">
        {MORE.map(([field, label, example]) => (
          <TextField
            key={field}
            label={label}
            inputClass="w-full"
            placeholder={example}
            value={fields[field]}
            error={problem(field)}
            onChange={(value) => onChange({ [field]: value })}
          />
        ))}
        <fieldset className="flex flex-wrap gap-2 md:col-span-2">
          <legend className="mb-1 font-semibold">The outside</legend>
          {GRADED_PARTS.map((part) => (
            <SelectField
              key={part}
              label={part}
              inputClass="w-32"
              options={[["", "not graded"], ...GRADES.map((grade) => [grade, grade.replace("-", " ")] as const)]}
              value={fields.grades[part] ?? ""}
              onChange={(grade) => onChange({ grades: { ...fields.grades, [part]: grade } })}
            />
          ))}
        </fieldset>
        <TextField
          label="Ask the owner before it costs more than"
          placeholder="250 EUR"
          value={fields.costLimit}
          error={problem("costLimit")}
          onChange={(costLimit) => onChange({ costLimit })}
        />
        <fieldset className="grid gap-2 md:col-span-2 md:grid-cols-3">
          <legend className="mb-1 font-semibold">Choices of this visit, where they are not the policy&rsquo;s</legend>
          {SWITCH_NAMES.map((one) => (
            <SelectField
              key={one}
              label={SWITCHES[one].question}
              options={[["", "as the policy has it"], ...Object.entries(SWITCHES[one].answers)]}
              value={fields.switches[one] ?? ""}
              onChange={(answer) => onChange({ switches: { ...fields.switches, [one]: answer } })}
            />
          ))}
        </fieldset>
      </div>
    </details>
  );
}

/** The take-in with the things that are easily forgotten. */
export function TakeInFields({ fields, onChange, problem }: Props) {
  return (
    <div className="grid gap-3 md:grid-cols-2">
      <LinesField
        label="Complaint, in the owner's words"
        className="md:col-span-2"
        placeholder="distorted and fading after ten minutes"
        value={fields.complaint}
        error={problem("complaint")}
        onChange={(complaint) => onChange({ complaint })}
      />
      <fieldset className="md:col-span-2">
        <legend className="mb-1 font-semibold">Policy of this visit</legend>
        <div className="grid gap-2 md:grid-cols-3">
          {POLICIES.map((policy) => (
            <label
              key={policy}
              className="flex min-h-11 cursor-pointer items-start gap-2 rounded-field border border-base-300 p-2 has-checked:border-primary has-checked:bg-base-200"
            >
              <input
                type="radio"
                name="policy"
                className="radio radio-primary mt-0.5"
                checked={fields.policy === policy}
                onChange={() => onChange({ policy })}
              />
              <span>
                <strong>{POLICY_NAMES[policy]}</strong>
                <span className="dim block text-sm">{POLICY_HINTS[policy]}</span>
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      {LINES.map(([field, label, example]) => (
        <TextField
          key={field}
          label={label}
          inputClass="w-full"
          placeholder={example}
          value={fields[field]}
          error={problem(field)}
          onChange={(value) => onChange({ [field]: value })}
        />
      ))}
      <More fields={fields} onChange={onChange} problem={problem} />
    </div>
  );
}
