"use client";

import { useState } from "react";
import { STOCK_KINDS, STOCK_TABLE } from "@/core/stock";
import { ErrorText, Field } from "@/ui/Field";
import { changeStock } from "./actions";
import { readStock, understood, type TypedStock } from "./typed";

type StockFormProps = { id: string; version: number; initial: TypedStock; currency: string; onDone: () => void };

const WIDE = new Set(["marking", "provenance"]);

/** One line of the stock: its columns as fields, each with what is wrong in it. */
export function StockForm({ id, version, initial, currency, onDone }: StockFormProps) {
  const [typed, setTyped] = useState(initial);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [message, setMessage] = useState<string>();
  const change = (key: string, value: string) => {
    setMessage(undefined);
    setProblems({});
    setTyped({ ...typed, [key]: value });
  };
  const save = async () => {
    const read = readStock(typed, currency);
    if (!read.ok) return setProblems(read.problems);
    const answer = await changeStock(id, typed, version).catch(
      () => ({ ok: false, message: "The server cannot be reached; what you typed is still here." }) as const,
    );
    if (answer.ok) return onDone();
    return setMessage(answer.message);
  };
  const columns = STOCK_TABLE.columns.filter(({ key }) => key !== "onHand" || version === 0);
  return (
    <form
      aria-label={version === 0 ? "New part" : "Change the part"}
      className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {columns.map(({ key, title, hint }) => (
        <Field
          key={key}
          label={title}
          error={problems[key]}
          hint={key === "marking" ? understood(typed) : undefined}
          className={WIDE.has(key) ? "md:col-span-2" : ""}
        >
          {(props) =>
            key === "kind" ? (
              <select
                {...props}
                className="select h-11 w-full"
                autoFocus
                value={typed.kind}
                onChange={(event) => change(key, event.target.value)}
              >
                <option value="">choose …</option>
                {STOCK_KINDS.map((kind) => (
                  <option key={kind}>{kind}</option>
                ))}
              </select>
            ) : (
              <input
                {...props}
                className="input h-11 w-full font-mono"
                value={typed[key] ?? ""}
                placeholder={hint}
                autoComplete="off"
                onChange={(event) => change(key, event.target.value)}
              />
            )
          }
        </Field>
      ))}
      <div className="flex items-center gap-3 md:col-span-4">
        <button className="btn btn-primary h-11">Save the part</button>
        <button type="button" className="btn btn-ghost h-11" onClick={onDone}>
          Cancel
        </button>
        {message ? <ErrorText>{message}</ErrorText> : null}
      </div>
    </form>
  );
}
