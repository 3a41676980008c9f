"use client";

import { Field } from "./Field";

type TextFieldProps = {
  label: string;
  value: string;
  onChange: (value: string) => void;
  placeholder?: string;
  error?: string | undefined;
  hint?: React.ReactNode;
  /** of the whole field */
  className?: string;
  /** of the input: a value that is typed stands in the fixed-width face */
  inputClass?: string;
  numeric?: boolean;
};

/** A labelled line of text: the shape of most fields. */
export function TextField({
  label,
  value,
  onChange,
  placeholder,
  error,
  hint,
  className = "",
  inputClass = "w-full font-mono",
  numeric,
}: TextFieldProps) {
  return (
    <Field label={label} error={error} hint={hint} className={className}>
      {(props) => (
        <input
          {...props}
          className={`input h-11 ${inputClass}`}
          value={value}
          placeholder={placeholder}
          autoComplete="off"
          inputMode={numeric ? "decimal" : undefined}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  );
}
