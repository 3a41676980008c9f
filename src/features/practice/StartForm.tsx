"use client";

import { DIFFICULTIES, KIND_WORDS, KINDS_OF_FAULT } from "@/core/practice";
import { Form, FormEnd, SelectField, useForm } from "@/ui/form";
import { useOpen } from "@/ui/useOpen";
import { startPractice } from "./actions";
import { ADVICE_WORDS, DIFFICULTY_WORDS } from "./words";

export type SetChoice = { key: string; name: string };

export const KIND_OPTIONS = [["", "any kind"], ...KINDS_OF_FAULT.map((kind) => [kind, KIND_WORDS[kind]])] as const;
export const DIFFICULTY_OPTIONS = [
  ["", "any difficulty"],
  ...DIFFICULTIES.map((one) => [one, DIFFICULTY_WORDS[one]]),
] as const;
export const ADVICE_OPTIONS = (["asked", "off", "on"] as const).map((one) => [one, ADVICE_WORDS[one]] as const);

/** Begins a practice on a fault that is drawn. */
export function StartForm({ sets }: { sets: readonly SetChoice[] }) {
  const { open, opening } = useOpen();
  const form = useForm({
    asks: "start practice",
    initial: { set: sets[0]?.key ?? "", kind: "", difficulty: "", advice: "asked" as string },
    save: async ({ set, kind, difficulty, advice }) => {
      const answer = await startPractice({
        ...{ set, advice },
        ...(kind ? { kind } : {}),
        ...(difficulty ? { difficulty } : {}),
      });
      if (answer.ok) open(`/practice/${answer.run}`);
      return answer;
    },
    next: (saved) => saved,
  });
  return (
    <Form form={form} label="Begin a practice" className="grid items-end gap-3 sm:grid-cols-2">
      <SelectField label="Set" options={sets.map(({ key, name }) => [key, name] as const)} {...form.field("set")} />
      <SelectField label="Kind of fault" options={KIND_OPTIONS as never} {...form.field("kind")} />
      <SelectField label="Difficulty" options={DIFFICULTY_OPTIONS as never} {...form.field("difficulty")} />
      <SelectField label="Advice" options={ADVICE_OPTIONS as never} {...form.field("advice")} />
      <FormEnd form={form} save="Begin" className="sm:col-span-2" />
      {opening}
    </Form>
  );
}
