"use client";

import { useState } from "react";
import { format, parseQuantity } from "@/core/quantity";
import { hazards, TOUCH_LIMIT_VOLTS } from "@/core/power";
import { Field } from "@/ui/Field";
import { useLogbook } from "@/ui/logbook";
import { DoneForm } from "./DoneForm";

/** Make safe: the cautions for exactly this set, and the voltage that is left, measured and never calculated. */
export function MakeSafePlate() {
  const { model } = useLogbook();
  const [volts, setVolts] = useState("");
  const stored = model.sheet.highestVolts > TOUCH_LIMIT_VOLTS;
  const check = () => {
    if (!stored) return { prefix: "" };
    const parsed = parseQuantity(volts, "voltage");
    if (volts.trim() === "")
      return {
        problem: "Measure what is left on the reservoir and write it down: no calculated time is permission to touch.",
      };
    if (!parsed.ok) return { problem: parsed.kind === "ambiguous" ? parsed.question : parsed.message };
    if (Math.abs(parsed.value) > TOUCH_LIMIT_VOLTS)
      return {
        problem: `${format(parsed.value, "voltage")} is still there, above ${TOUCH_LIMIT_VOLTS} V. Discharge through a resistor and measure again.`,
      };
    return { prefix: `${format(parsed.value, "voltage")} left by the meter` };
  };
  return (
    <div>
      <ul className="flex flex-col gap-2">
        {hazards(model.sheet, model.year).map((hazard) => (
          <li
            key={hazard.short}
            className={`border-l-4 pl-2 ${hazard.level === "danger" ? "border-error" : "border-warning"}`}
          >
            <strong>{hazard.short}.</strong> {hazard.detail}
          </li>
        ))}
      </ul>
      <p className="dim mt-3">
        Look for burnt parts, cracked leads, a missing or wrong fuse, wrong tubes, foreign things; check the mains lead
        before it is used.
      </p>
      {stored ? (
        <div className="mt-3 max-w-sm">
          <Field label="Left on the reservoir, by the meter, V">
            {(props) => (
              <input
                {...props}
                className="input h-11 w-full font-mono text-lg"
                inputMode="decimal"
                value={volts}
                placeholder="0.3"
                onChange={(event) => setVolts(event.target.value)}
              />
            )}
          </Field>
        </div>
      ) : null}
      <DoneForm
        step="make-safe"
        label="What was seen"
        placeholder="lead sound, fuse 1 A, nothing burnt"
        button="It is safe to work on"
        check={check}
      />
    </div>
  );
}
