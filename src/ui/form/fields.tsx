"use client";

import { useContext, useId } from "react";
import { Field } from "./Field";
import { ReadAloneContext } from "./ReadAlone";

type Common = {
  label: string;
  error?: string | undefined;
  hint?: React.ReactNode;
  /** of the whole field */
  className?: string;
  bare?: boolean;
};

type TextFieldProps = Common & {
  value: string;
  onChange: (value: string) => void;
  placeholder?: string | undefined;
  /** of the input: a value that is typed stands in the fixed-width face */
  inputClass?: string;
  numeric?: boolean;
  type?: "text" | "date" | "search" | "password";
  /** what a browser may fill in; nothing, where it is not said */
  complete?: "username" | "current-password" | "new-password" | "one-time-code";
  autoFocus?: boolean;
  onBlur?: () => void;
  /** what is often typed here: offered, and anything else is taken too */
  choices?: readonly (string | { value: string; text: string })[];
};

/** A labelled line of text: the shape of most fields. */
export function TextField({
  label,
  value,
  onChange,
  placeholder,
  error,
  hint,
  bare,
  className = "",
  inputClass = "w-full font-mono",
  numeric,
  type = "text",
  complete,
  autoFocus,
  choices,
  onBlur,
}: TextFieldProps) {
  const list = useId();
  return (
    <Field label={label} error={error} hint={hint} bare={bare} className={className}>
      {(props) => (
        <>
          <input
            {...props}
            type={type}
            className={`input h-11 ${inputClass}`}
            value={value}
            placeholder={placeholder}
            autoComplete={complete ?? "off"}
            autoFocus={autoFocus}
            inputMode={numeric ? (type === "password" ? "numeric" : "decimal") : undefined}
            list={choices ? list : undefined}
            onBlur={onBlur}
            onChange={(event) => onChange(event.target.value)}
          />
          {choices ? (
            <datalist id={list}>
              {choices.map((choice, index) => (
                <option key={index} value={typeof choice === "string" ? choice : choice.value}>
                  {typeof choice === "string" ? undefined : choice.text}
                </option>
              ))}
            </datalist>
          ) : null}
        </>
      )}
    </Field>
  );
}

type SelectFieldProps<V extends string> = Common & {
  value: V;
  onChange: (value: V) => void;
  /** each with its words; those that cannot be chosen now are shown */
  options: readonly (readonly [value: V, words: string, disabled?: boolean])[];
  inputClass?: string;
  autoFocus?: boolean;
};

/** One of a few answers. */
export function SelectField<V extends string>({
  label,
  value,
  onChange,
  options,
  error,
  hint,
  bare,
  className = "",
  inputClass = "w-full",
  autoFocus,
}: SelectFieldProps<V>) {
  return (
    <Field label={label} error={error} hint={hint} bare={bare} className={className}>
      {(props) => (
        <select
          {...props}
          className={`select h-11 ${inputClass}`}
          value={value}
          autoFocus={autoFocus}
          onChange={(event) => onChange(event.target.value as V)}
        >
          {options.map(([one, words, disabled]) => (
            <option key={one} value={one} disabled={disabled}>
              {words}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

type LinesFieldProps = Common & {
  value: string;
  onChange: (value: string) => void;
  rows?: number;
  placeholder?: string;
  /** its lines are values or codes */
  mono?: boolean;
};

/** A text of several lines. */
export function LinesField({
  label,
  value,
  onChange,
  error,
  hint,
  bare,
  className = "",
  rows = 2,
  placeholder,
  mono,
}: LinesFieldProps) {
  return (
    <Field label={label} error={error} hint={hint} bare={bare} className={className}>
      {(props) => (
        <textarea
          {...props}
          className={`textarea w-full ${mono ? "font-mono" : ""}`}
          rows={rows}
          value={value}
          placeholder={placeholder}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  );
}

type TickFieldProps = {
  label: React.ReactNode;
  value: boolean;
  onChange: (value: boolean) => void;
  disabled?: boolean;
  className?: string;
};

/** Yes or no. */
export function TickField({ label, value, onChange, disabled, className = "" }: TickFieldProps) {
  const refused = useContext(ReadAloneContext);
  return (
    <label className={`flex min-h-11 items-center gap-2 ${className}`}>
      <input
        type="checkbox"
        className="checkbox"
        checked={value}
        disabled={disabled || refused}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}
