"use client";

import { useContext, useId } from "react";
import { ReadAloneContext } from "./ReadAlone";

type FieldProps = {
  label: string;
  error?: string | undefined;
  hint?: React.ReactNode;
  className?: string;
  /** the label is for those who do not see the field: what stands around it says the same */
  bare?: boolean | undefined;
  children: (props: {
    id: string;
    "aria-invalid": boolean;
    "aria-describedby": string | undefined;
    disabled: boolean;
  }) => React.ReactNode;
};

/** A labelled field with its hint and, beside it, the sentence that says what is wrong. */
export function Field({ label, error, hint, className = "", bare, children }: FieldProps) {
  const id = useId();
  const disabled = useContext(ReadAloneContext);
  const describedBy = error ? `${id}-error` : hint ? `${id}-hint` : undefined;
  return (
    <div className={`flex flex-col gap-1 ${className}`}>
      <label htmlFor={id} className={bare ? "sr-only" : "font-semibold"}>
        {label}
      </label>
      {children({ id, "aria-invalid": Boolean(error), "aria-describedby": describedBy, disabled })}
      {error ? (
        <ErrorText id={`${id}-error`}>{error}</ErrorText>
      ) : hint ? (
        <p id={`${id}-hint`} className="dim text-sm">
          {hint}
        </p>
      ) : null}
    </div>
  );
}

export function ErrorText({ id, children }: { id?: string; children: React.ReactNode }) {
  return (
    <p id={id} role="alert" className="font-semibold text-warning">
      {children}
    </p>
  );
}
