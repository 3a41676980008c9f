"use client";

import { useState } from "react";
import { format, parseQuantity, type Quantity } from "@/core/quantity";
import { loaded } from "@/core/readings";
import { Field } from "@/ui/form";
import { ValueText } from "@/ui/ValueText";

type TypedLoading = { volts: string; source: string; range: string };

const METERS: [string, (range: number) => number][] = [
  ["1000 Ω/V", (range) => 1000 * range],
  ["20 kΩ/V", (range) => 20e3 * range],
  ["10 MΩ", () => 10e6],
  ["11 MΩ", () => 11e6],
];

/** What different meters read at the same point: each pulls it down in its own way. */
export function MeterLoading() {
  const [typed, setTyped] = useState<TypedLoading>({ volts: "110 V", source: "220k", range: "250 V" });
  const read = (key: keyof TypedLoading, quantity: Quantity) =>
    parseQuantity(typed[key], quantity, { dialect: "m-is-million" });
  const parsed = {
    volts: read("volts", "voltage"),
    source: read("source", "resistance"),
    range: read("range", "voltage"),
  };
  const problem = (key: keyof TypedLoading) => {
    const one = parsed[key];
    if (!one.ok) return one.kind === "ambiguous" ? one.question : one.message;
    return one.value > 0 || key === "volts" ? undefined : "It is above zero.";
  };
  const { volts, source, range } = parsed;
  const clear = volts.ok && source.ok && range.ok && source.value > 0 && range.value > 0;
  const fields: [keyof TypedLoading, string][] = [
    ["volts", "At the point"],
    ["source", "Fed through"],
    ["range", "Meter's range"],
  ];
  return (
    <section aria-label="Meter loading" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">What does this meter make of it?</h2>
      <div className="grid items-start gap-3 sm:grid-cols-3">
        {fields.map(([key, label]) => (
          <Field key={key} label={label} error={problem(key)}>
            {(props) => (
              <input
                {...props}
                className="input h-11 w-full font-mono"
                value={typed[key]}
                onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
              />
            )}
          </Field>
        ))}
      </div>
      {clear ? (
        <dl className="mt-3 grid grid-cols-[auto_auto_1fr] gap-x-6">
          {METERS.map(([name, ohms]) => (
            <div key={name} className="contents">
              <dt>{name}</dt>
              <dd className="dim">{format(ohms(range.value), "resistance")}</dd>
              <dd>
                reads <ValueText value={loaded(volts.value, source.value, ohms(range.value))} quantity="voltage" />
              </dd>
            </div>
          ))}
        </dl>
      ) : null}
    </section>
  );
}
