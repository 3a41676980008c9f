"use client";

import { useState } from "react";
import {
  format,
  formatDeviation,
  formatPart,
  nearestPreferred,
  parsePart,
  PART_QUANTITIES,
  SERIES,
  type Dialect,
  type PartQuantity,
} from "@/core/quantity";
import { Field } from "@/ui/form";

const NAMES: Record<PartQuantity, string> = { capacitance: "Capacitor", resistance: "Resistor", inductance: "Coil" };

/** Reads a marking as the bench does, and finds the preferred values around it. */
export function ValueReader() {
  const [text, setText] = useState(".05/400");
  const [quantity, setQuantity] = useState<PartQuantity>("capacitance");
  const [dialect, setDialect] = useState<Dialect | "">("");
  const [electrolytic, setElectrolytic] = useState(false);
  const parsed = parsePart(text, {
    quantity,
    ...(dialect ? { dialect } : {}),
    ...(quantity === "capacitance" && electrolytic ? { electrolytic } : {}),
  });
  const [value] = parsed.ok ? parsed.value.sections : [];
  return (
    <section aria-label="Value reader" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">What does this marking say?</h2>
      <div className="grid gap-3 md:grid-cols-[1fr_9rem_14rem]">
        <Field label="As written">
          {(props) => (
            <input
              {...props}
              className="input h-12 w-full font-mono text-lg"
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
          )}
        </Field>
        <Field label="on a">
          {(props) => (
            <select
              {...props}
              className="select h-12 w-full"
              value={quantity}
              onChange={(event) => setQuantity(event.target.value as PartQuantity)}
            >
              {PART_QUANTITIES.map((one) => (
                <option key={one} value={one}>
                  {NAMES[one]}
                </option>
              ))}
            </select>
          )}
        </Field>
        {quantity === "capacitance" ? (
          <label className="flex min-h-12 items-center gap-2 self-end">
            <input
              type="checkbox"
              className="checkbox checkbox-primary"
              checked={electrolytic}
              onChange={(event) => setElectrolytic(event.target.checked)}
            />{" "}
            It is an electrolytic
          </label>
        ) : (
          <Field label="Capital M means">
            {(props) => (
              <select
                {...props}
                className="select h-12 w-full"
                value={dialect}
                onChange={(event) => setDialect(event.target.value as Dialect | "")}
              >
                <option value="">not known</option>
                <option value="m-is-million">a million</option>
                <option value="m-is-thousand">a thousand</option>
              </select>
            )}
          </Field>
        )}
      </div>
      <div className="mt-3 min-h-12" aria-live="polite">
        {parsed.ok ? <p className="font-mono text-2xl font-bold">{formatPart(parsed.value)}</p> : null}
        {!parsed.ok && parsed.kind === "unreadable" ? (
          <p className="font-semibold text-warning">{parsed.message}</p>
        ) : null}
        {!parsed.ok && parsed.kind === "ambiguous" ? (
          <div className="flex flex-wrap items-center gap-2">
            <p className="font-semibold">{parsed.question}</p>
            {parsed.choices.map((choice) => (
              <button
                key={choice.text}
                type="button"
                className="btn btn-outline btn-primary h-11"
                onClick={() => setText(choice.text)}
              >
                {choice.text}
              </button>
            ))}
          </div>
        ) : null}
      </div>
      {value !== undefined && value > 0 ? (
        <table className="table w-auto">
          <caption className="dim text-left">Nearest preferred value</caption>
          <tbody>
            {SERIES.map((series) => {
              const near = nearestPreferred(value, series);
              return (
                <tr key={series} className="text-base">
                  <th scope="row" className="py-1">
                    {series}
                  </th>
                  <td className="py-1 font-mono">{format(near.value, quantity)}</td>
                  <td className="py-1 font-mono">
                    {Math.abs(near.error) < 1e-9 ? "exact" : formatDeviation(near.error)}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      ) : null}
    </section>
  );
}
