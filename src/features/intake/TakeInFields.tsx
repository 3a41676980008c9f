"use client";

import { useState } from "react";
import type { FieldErrors, FieldValues, Path, UseFormRegister } from "react-hook-form";
import { GRADED_PARTS, GRADES, POLICIES, POLICY_NAMES, SWITCH_NAMES, SWITCHES, type Policy } from "@/core/policy";
import { Field } from "@/ui/Field";
import type { TakeInFields as Fields } from "./schema";

const POLICY_HINTS: Record<Policy, string> = {
  reliability: "It shall play for years: parts that usually fail are renewed.",
  original: "Good original parts stay; what fails is replaced.",
  museum: "Nothing drilled, nothing visible changed; new parts hide in old shells.",
};

type Props<T extends FieldValues> = {
  register: UseFormRegister<T>;
  errors: FieldErrors<Fields> | undefined;
  prefix: string;
};

type TextField = Exclude<keyof Fields, "grades" | "switches" | "policy">;

const LINES: [TextField, string, string][] = [
  ["since", "Since when", "a week, since it was moved, after a thunderstorm"],
  ["wants", "What the owner wants", "play again, look new, stay original, an upgrade"],
  ["received", "Came with it", "mains lead, back cover, knobs, manual"],
  ["missing", "Missing", "mains lead, a knob, screws"],
  ["earlierWork", "Traces of earlier work", "fresh solder, odd wire, parts of another age"],
  ["loose", "Loose or foreign things inside", "a screw rattles, mouse nest"],
  ["cosmetic", "Cosmetic state", "cabinet good, cloth torn, dial glass whole"],
];

const MORE: [TextField, string, string][] = [
  ["dateCodes", "Date codes", "C1 37-14, speaker 36-50"],
  ["provenance", "Provenance", "bought new by the owner's grandfather"],
];

/** Grades of the outside, provenance, a limit of cost, and the choices of this visit: unfolded when they are wanted. */
function More<T extends FieldValues>({ register, errors, prefix }: Props<T>) {
  const name = (field: string) => `${prefix}${field}` as Path<T>;
  const [open, setOpen] = useState(false);
  return (
    <details
      className="rounded-box border border-base-300 px-3 py-1 md:col-span-2"
      open={open || Boolean(errors?.costLimit)}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        Grades, date codes, provenance, limit of cost, choices of this visit
      </summary>
      <div className="grid gap-3 pb-2 md:grid-cols-2">
        {MORE.map(([field, label, example]) => (
          <Field key={field} label={label}>
            {(props) => (
              <input {...props} {...register(name(field))} className="input h-11 w-full" placeholder={example} />
            )}
          </Field>
        ))}
        <fieldset className="flex flex-wrap gap-2 md:col-span-2">
          <legend className="mb-1 font-semibold">The outside</legend>
          {GRADED_PARTS.map((part) => (
            <label key={part} className="flex flex-col text-sm">
              {part}
              <select {...register(name(`grades.${part}`))} className="select h-11 w-32">
                <option value="">not graded</option>
                {GRADES.map((grade) => (
                  <option key={grade} value={grade}>
                    {grade.replace("-", " ")}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </fieldset>
        <Field label="Ask the owner before it costs more than" error={errors?.costLimit?.message}>
          {(props) => (
            <input
              {...props}
              {...register(name("costLimit"))}
              className="input h-11 w-full font-mono"
              placeholder="250 EUR"
            />
          )}
        </Field>
        <fieldset className="grid gap-2 md:col-span-2 md:grid-cols-3">
          <legend className="mb-1 font-semibold">Choices of this visit, where they are not the policy&rsquo;s</legend>
          {SWITCH_NAMES.map((one) => (
            <label key={one} className="flex flex-col text-sm">
              {SWITCHES[one].question}
              <select {...register(name(`switches.${one}`))} className="select h-11 w-full">
                <option value="">as the policy has it</option>
                {Object.entries(SWITCHES[one].answers).map(([answer, words]) => (
                  <option key={answer} value={answer}>
                    {words}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </fieldset>
      </div>
    </details>
  );
}

/** The take-in with the things that are easily forgotten. */
export function TakeInFields<T extends FieldValues>({ register, errors, prefix }: Props<T>) {
  const name = (field: keyof Fields) => `${prefix}${field}` as Path<T>;
  return (
    <div className="grid gap-3 md:grid-cols-2">
      <Field label="Complaint, in the owner's words" error={errors?.complaint?.message} className="md:col-span-2">
        {(props) => (
          <textarea
            {...props}
            {...register(name("complaint"))}
            rows={2}
            className="textarea w-full"
            placeholder="distorted and fading after ten minutes"
          />
        )}
      </Field>
      <fieldset className="md:col-span-2">
        <legend className="mb-1 font-semibold">Policy of this visit</legend>
        <div className="grid gap-2 md:grid-cols-3">
          {POLICIES.map((policy) => (
            <label
              key={policy}
              className="flex min-h-11 cursor-pointer items-start gap-2 rounded-field border border-base-300 p-2 has-checked:border-primary has-checked:bg-base-200"
            >
              <input type="radio" value={policy} className="radio radio-primary mt-0.5" {...register(name("policy"))} />
              <span>
                <strong>{POLICY_NAMES[policy]}</strong>
                <span className="dim block text-sm">{POLICY_HINTS[policy]}</span>
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      {LINES.map(([field, label, example]) => (
        <Field key={field} label={label} error={errors?.[field]?.message}>
          {(props) => (
            <input {...props} {...register(name(field))} className="input h-11 w-full" placeholder={example} />
          )}
        </Field>
      ))}
      <More register={register} errors={errors} prefix={prefix} />
    </div>
  );
}
