"use client";

import { useState } from "react";
import { discharge, DISCHARGE_WARNING, dischargeResistor, dischargeStick, TOUCH_LIMIT_VOLTS } from "@/core/power";
import { format, parseQuantity } from "@/core/quantity";
import { Field } from "./form";
import { ValueText } from "./ValueText";

type TypedCharge = { volts: string; farads: string; ohms: string };

/** How long stored charge takes to run off, with the warning that this permits nothing. */
export function Discharge({ volts, farads }: { volts?: number | undefined; farads?: number | undefined }) {
  const [typed, setTyped] = useState<TypedCharge>({
    volts: volts ? format(volts, "voltage") : "",
    farads: farads ? format(farads, "capacitance") : "",
    ohms: format(dischargeResistor(volts ?? 400), "resistance"),
  });
  const read = {
    volts: parseQuantity(typed.volts, "voltage"),
    farads: parseQuantity(typed.farads, "capacitance", { electrolytic: true }),
    ohms: parseQuantity(typed.ohms, "resistance", { dialect: "m-is-million" }),
  };
  const problem = (key: keyof TypedCharge) => {
    const parsed = read[key];
    if (typed[key].trim() === "") return undefined;
    if (!parsed.ok) return parsed.kind === "ambiguous" ? parsed.question : parsed.message;
    return parsed.value > 0 ? undefined : "It is above zero.";
  };
  const positive = (key: keyof TypedCharge) => {
    const parsed = read[key];
    return parsed.ok && parsed.value > 0 ? parsed.value : undefined;
  };
  const [v, c, r] = [positive("volts"), positive("farads"), positive("ohms")];
  const result = v && c ? discharge({ volts: v, farads: c, ohms: r }) : undefined;
  const stick = v && c ? dischargeStick(v, c) : undefined;
  const fields: [keyof TypedCharge, string, string][] = [
    ["volts", "Charged to", "400 V"],
    ["farads", "Capacitance", "32 µF"],
    ["ohms", "Through", "4.7 kΩ"],
  ];
  return (
    <section aria-label="Discharge time" className="mt-2 rounded-box bg-base-200 p-3">
      <div className="grid items-start gap-3 sm:grid-cols-3">
        {fields.map(([key, label, example]) => (
          <Field key={key} label={label} error={problem(key)}>
            {(props) => (
              <input
                {...props}
                className="input h-11 w-full font-mono"
                value={typed[key]}
                placeholder={example}
                onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
              />
            )}
          </Field>
        ))}
      </div>
      {result ? (
        <p className="mt-2 text-lg" aria-live="polite">
          {result.seconds === undefined ? (
            "Nothing to run off through: it stays charged."
          ) : (
            <>
              To {TOUCH_LIMIT_VOLTS} V: <ValueText value={result.seconds} quantity="time" />
              {r ? (
                <>
                  {" "}
                  · down to a hundredth: <ValueText value={r * (c ?? 0) * Math.log(100)} quantity="time" />
                </>
              ) : null}
            </>
          )}{" "}
          · energy <span className="font-mono">{result.joules.toPrecision(3)}</span>
          <span className="dim">&#8201;J</span>
          {result.watts !== undefined ? (
            <>
              {" "}
              · at first <ValueText value={result.watts} quantity="power" /> in the resistor
            </>
          ) : null}
        </p>
      ) : null}
      {stick ? (
        <p className="mt-1" aria-live="polite">
          A stick for this charge: <ValueText value={stick.ohms} quantity="resistance" />
          {stick.inSeries > 1 ? ` as ${stick.inSeries} equal resistors in series` : ""}, {stick.watts} W wire-wound,
          held on for {stick.holdSeconds} s.
        </p>
      ) : null}
      <p className="mt-1 font-semibold text-warning">{DISCHARGE_WARNING}</p>
    </section>
  );
}
