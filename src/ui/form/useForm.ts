"use client";

import { useEffect, useRef, useState } from "react";
import type { ActionName } from "@/core/access";
import { useKept, type Fits } from "@/ui/kept";
import { useRefusal } from "@/ui/role";
import { afterSaving } from "./after-saving";

/** Sentences on what is wrong, by field; one under "" belongs to no field. */
export type Problems = Record<string, string | undefined>;
export type SaveAnswer = { ok: true } | { ok: false; message: string; problems?: Problems };

const UNREACHABLE: SaveAnswer = {
  ok: false,
  message: "The server cannot be reached. What you typed is still here: try again in a moment.",
};

type Setup<T extends object> = {
  /** the action that saves it: where the role may not do it, the form can be read alone */
  asks?: ActionName;
  /** before anything is typed */
  initial: T;
  /** the name under which what is typed outlives a change of tab, a reload and Back, and what still fits there */
  keep?: { key: string; fits: Fits<T> };
  check?: (fields: T) => Problems;
  save: (fields: T) => Promise<SaveAnswer>;
  /** the fields once they are saved; as they are, where it is not given */
  next?: (saved: T) => T;
};

export type FieldProps<V> = {
  value: V;
  error: string | undefined;
  onChange: (value: V) => void;
};

export type Form<T extends object> = {
  fields: T;
  change: (part: Partial<T>) => void;
  /** for a field component: its value, what is wrong with it, and its changes */
  field: <K extends keyof T & string>(key: K) => FieldProps<T[K]>;
  /** what is wrong with a field, once something was typed in it or saving was tried */
  problem: (key: string) => string | undefined;
  bind: { ref: React.RefObject<HTMLFormElement | null>; onSubmit: (event: React.FormEvent) => void; noValidate: true };
  /** what is wrong with the whole form, or why it was not saved */
  message: string | undefined;
  saved: boolean;
  busy: boolean;
  /** why whoever is here may not save it */
  refusal: string | undefined;
  /** something was typed that is not saved */
  touched: boolean;
  /** back to what it was before anything was typed */
  clear: () => void;
};

/**
 * The one way to write a form: its fields, what is wrong with them and when that is said, saving, and what becomes of
 * the fields afterwards. A field says what is wrong as soon as something was typed in it, or when saving was tried;
 * then the first such field has the focus. Nothing is said when a field is left: a sentence that appears then moves the
 * button away that is being pressed. Whatever happens, nothing that was typed is lost.
 */
export function useForm<T extends object>({ asks, initial, keep, check, save, next }: Setup<T>): Form<T> {
  const refusal = useRefusal(asks);
  const kept = useKept<T>(keep?.key ?? "", keep?.fits ?? NOTHING_FITS, initial);
  const [open, setOpen] = useState<T>();
  const { value: fields, set } = keep ? kept : { value: open ?? initial, set: setLocal };
  function setLocal(change: (now: T) => T): void {
    setOpen((now) => change(now ?? initial));
  }
  const [tried, setTried] = useState(false);
  const [refused, setRefused] = useState<{ message?: string; problems: Problems }>({ problems: {} });
  /** what was refused last, and is to be said where it belongs */
  const [saying, setSaying] = useState<{ message?: string; problems: Problems }>();
  const [saved, setSaved] = useState(false);
  const [busy, setBusy] = useState(false);
  const ref = useRef<HTMLFormElement>(null);
  const saving = useRef<T>(undefined);

  const wrong = check?.(fields) ?? {};
  const typedIn = (key: string) => {
    const value = fields[key as keyof T];
    return value !== initial[key as keyof T] && value !== "";
  };
  const problem = (key: string) => refused.problems[key] ?? (tried || typedIn(key) ? wrong[key] : undefined);
  const touched = keep ? kept.touched : open !== undefined;
  const change = (part: Partial<T>) => {
    setSaved(false);
    const problems = Object.entries(refused.problems).filter(([key]) => !(key in part));
    setRefused({ problems: Object.fromEntries(problems) });
    set((now) => ({ ...now, ...part }));
  };
  const clear = () => {
    setTried(false);
    setSaved(false);
    setRefused({ problems: {} });
    if (keep) kept.clear();
    else setOpen(undefined);
  };
  const refuse = (message: string | undefined, problems: Problems) => {
    setRefused({ problems });
    setSaying({ ...(message ? { message } : {}), problems });
  };
  // Once the sentences are on the page.
  useEffect(() => {
    if (!saying) return undefined;
    const timer = setTimeout(() => {
      const { message, problems } = saying;
      // A group of ticks or answers is marked by data-invalid: the first of them takes the focus.
      const first = ref.current?.querySelector<HTMLElement>('[aria-invalid="true"], [data-invalid] input');
      // What no field says is said at the end of the form.
      if (first) first.focus();
      else if (message) setRefused({ problems, message });
    });
    return () => clearTimeout(timer);
  }, [saying]);
  const submit = async () => {
    // Pressed twice is saved once; what was typed meanwhile may be saved before the first answer is there.
    if (refusal || saving.current === fields) return;
    setTried(true);
    const [sentence] = Object.values(wrong).filter(Boolean);
    if (sentence) return refuse(wrong[""] ?? sentence, {});
    saving.current = fields;
    setBusy(true);
    const answer = await save(fields).catch(() => UNREACHABLE);
    if (saving.current === fields) saving.current = undefined;
    setBusy(false);
    if (!answer.ok) return refuse(answer.message, answer.problems ?? {});
    setTried(false);
    setRefused({ problems: {} });
    setSaved(true);
    if (next) set((now) => afterSaving(now, fields, next(fields)));
    // Saved as it stands, it need not be kept here any longer.
    if (keep) kept.forget(next ? initial : fields);
    return undefined;
  };
  return {
    fields,
    change,
    field: (key) => ({
      value: fields[key],
      error: problem(key),
      onChange: (value) => change({ [key]: value } as unknown as Partial<T>),
    }),
    problem,
    bind: {
      ref,
      noValidate: true,
      onSubmit: (event) => {
        event.preventDefault();
        void submit();
      },
    },
    message: refused.message ?? (touched ? wrong[""] : undefined),
    saved,
    busy,
    refusal,
    touched,
    clear,
  };
}

const NOTHING_FITS: Fits<never> = { safeParse: () => ({ success: false }) };
