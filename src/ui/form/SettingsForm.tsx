"use client";

import type { ActionName } from "@/core/access";
import { TextField } from "./fields";
import { Form, FormEnd } from "./Form";
import { useForm, type Problems, type SaveAnswer } from "./useForm";

type Setting<K extends string> = {
  key: K;
  label: string;
  example?: string;
  /** words and not a value */
  words?: boolean;
  className?: string;
};

type SettingsFormProps<K extends string> = {
  label: string;
  asks: ActionName;
  initial: Record<K, string>;
  settings: readonly Setting<K>[];
  check: (typed: Record<K, string>) => Problems;
  onSave: (typed: Record<K, string>) => Promise<SaveAnswer>;
  save: string;
  saved: string;
  /** how many columns it has */
  className: string;
};

/** What the shop has set: each of its values a field, saved together. */
export function SettingsForm<K extends string>(props: SettingsFormProps<K>) {
  const { label, asks, initial, settings, check, onSave, save, saved, className } = props;
  const form = useForm<Record<K, string>>({ asks, initial, check, save: onSave });
  return (
    <Form form={form} label={label} className={`grid items-start gap-3 rounded-box bg-base-200 p-3 ${className}`}>
      {settings.map(({ key, label: name, example, words, className: wide = "" }) => (
        <TextField
          key={key}
          label={name}
          placeholder={example}
          className={wide}
          inputClass={words ? "w-full" : "w-full font-mono"}
          {...form.field(key)}
        />
      ))}
      <FormEnd form={form} save={save} saved={saved} className="col-span-full" />
    </Form>
  );
}
