"use client";

import { useState } from "react";
import { lampFor, lineCurrent } from "@/core/power";
import { format, parseQuantity } from "@/core/quantity";
import { Field } from "@/ui/form";

/** Which lamp goes in series with a set, and what the set should draw without it. */
export function SeriesLamp({ lineVolts, lamps }: { lineVolts: number; lamps: readonly number[] }) {
  const [text, setText] = useState("68 W");
  const parsed = parseQuantity(text, "power");
  const watts = parsed.ok && parsed.value > 0 ? parsed.value : undefined;
  const choice = watts ? lampFor(watts, lamps) : undefined;
  const problem = parsed.ok
    ? watts
      ? undefined
      : "It is above zero."
    : parsed.kind === "ambiguous"
      ? parsed.question
      : parsed.message;
  return (
    <section aria-label="Series lamp" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">Which lamp in series?</h2>
      <Field label="Nameplate of the set" error={problem} className="max-w-48">
        {(props) => (
          <input
            {...props}
            className="input h-11 w-full font-mono"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}
      </Field>
      {watts ? (
        <p className="mt-2">
          {choice ? (
            <>
              <strong className="text-lg">{choice.watts} W</strong> from the box
              {choice.fits ? "" : ": the nearest there is"}; {Math.round(choice.range[0])} to{" "}
              {Math.round(choice.range[1])} W are right.{" "}
            </>
          ) : (
            "There is no lamp in the shop's box. "
          )}
          Without it the set should draw {format(lineCurrent(watts, lineVolts).full, "current", 2)} at{" "}
          {format(lineVolts, "voltage")}. A lamp that stays bright means stop.
        </p>
      ) : null}
    </section>
  );
}
