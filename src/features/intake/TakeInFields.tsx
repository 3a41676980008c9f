"use client";

import type { FieldErrors, FieldValues, Path, UseFormRegister } from "react-hook-form";
import { POLICIES, POLICY_NAMES, type Policy } from "@/core/history";
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

const LINES: [keyof Fields, string, string][] = [
  ["since", "Since when", "a week, since it was moved, after a thunderstorm"],
  ["wants", "What the owner wants", "play again, look new, stay original, an upgrade"],
  ["received", "Came with it", "mains lead, back cover, knobs, manual"],
  ["missing", "Missing", "mains lead, a knob, screws"],
  ["earlierWork", "Traces of earlier work", "fresh solder, odd wire, parts of another age"],
  ["loose", "Loose or foreign things inside", "a screw rattles, mouse nest"],
  ["cosmetic", "Cosmetic state", "cabinet good, cloth torn, dial glass whole"],
];

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
    </div>
  );
}
