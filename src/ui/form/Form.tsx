"use client";

import { ErrorText } from "./Field";
import { ReadAlone } from "./ReadAlone";
import type { Form as FormOf } from "./useForm";

type FormProps<T extends object> = {
  form: Pick<FormOf<T>, "bind" | "refusal">;
  label?: string;
  className?: string;
  children: React.ReactNode;
};

/** The frame of a form; one that whoever is here may not save can be read. */
export function Form<T extends object>({ form, label, className = "", children }: FormProps<T>) {
  return (
    <ReadAlone refusal={form.refusal}>
      <form {...form.bind} aria-label={label} className={className}>
        {children}
      </form>
    </ReadAlone>
  );
}

type FormEndProps<T extends object> = {
  form: Pick<FormOf<T>, "message" | "saved" | "busy" | "refusal">;
  /** the words of the button that saves */
  save: string;
  /** what is said once it is saved; nothing where the page shows it */
  saved?: string;
  className?: string;
  saveClass?: string;
  onCancel?: (() => void) | undefined;
  /** other buttons beside it */
  children?: React.ReactNode;
  /** buttons that change nothing, as a download: also for whoever may not save */
  always?: React.ReactNode;
};

/** The end of a form: the button that saves, the way out, and what came of it. */
export function FormEnd<T extends object>({
  form,
  save,
  saved,
  className = "",
  saveClass = "btn-primary",
  onCancel,
  children,
  always,
}: FormEndProps<T>) {
  if (form.refusal) return always;
  return (
    <div className={`flex flex-wrap items-center gap-3 ${className}`}>
      <button className={`btn h-11 ${saveClass}`} aria-disabled={form.busy}>
        {save}
      </button>
      {onCancel ? (
        <button type="button" className="btn btn-ghost h-11" onClick={onCancel}>
          Cancel
        </button>
      ) : null}
      {children}
      {always}
      {form.saved && saved ? <span role="status">{saved}</span> : null}
      {form.message ? <ErrorText>{form.message}</ErrorText> : null}
    </div>
  );
}
