"use client";

import { useState } from "react";
import { format } from "@/core/quantity";
import { bleeder, equalising, noLoadVolts, type HvRectifier } from "@/core/transmit";
import { SelectField, TextField } from "@/ui/form";
import { figure } from "./typed";

const START = { rms: "1060 V", farads: "100 µF", each: "450 V", seconds: "30 s" };

/** A high-voltage supply: what it stands at, capacitors in series with their resistors, the bleeder. */
export function HighVoltage() {
  const [typed, setTyped] = useState(START);
  const [rectifier, setRectifier] = useState<HvRectifier>("bridge");
  const put = (key: keyof typeof START) => (text: string) => setTyped({ ...typed, [key]: text });
  const rms = figure(typed.rms, "voltage");
  const farads = figure(typed.farads, "capacitance");
  const each = figure(typed.each, "voltage");
  const seconds = figure(typed.seconds, "time");
  const volts = rms.value ? noLoadVolts(rms.value, rectifier) : undefined;
  const string = volts && farads.value && each.value ? equalising(volts, farads.value, each.value) : undefined;
  const total = string && farads.value ? farads.value / string.count : undefined;
  const bleed = volts && volts > 50 && total && seconds.value ? bleeder(volts, total, seconds.value) : undefined;
  return (
    <section aria-label="High-voltage supply" className="rounded-box border border-base-300 p-4">
      <h2 className="mb-2 text-lg font-bold">A high-voltage supply</h2>
      <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-3">
        <TextField label="Secondary, rms" value={typed.rms} error={rms.problem} onChange={put("rms")} />
        <SelectField
          label="Rectifier"
          value={rectifier}
          options={[
            ["bridge", "Bridge"],
            ["full-wave", "Full-wave, each half"],
            ["half-wave", "Half-wave"],
            ["doubler", "Doubler"],
          ]}
          onChange={setRectifier}
        />
        <TextField label="Each capacitor" value={typed.farads} error={farads.problem} onChange={put("farads")} />
        <TextField label="Rated" value={typed.each} error={each.problem} onChange={put("each")} />
        <TextField label="Down to 50 V in" value={typed.seconds} error={seconds.problem} onChange={put("seconds")} />
      </div>
      {volts && string && total ? (
        <dl className="mt-2 grid gap-x-3 gap-y-1 sm:grid-cols-[auto_1fr]">
          <dt>Without a load</dt>
          <dd className="font-mono font-bold">{format(volts, "voltage")}</dd>
          <dt>Capacitors in series</dt>
          <dd>
            <span className="font-mono font-bold">
              {string.count} × {format(farads.value ?? 0, "capacitance")}
            </span>
            , {format(string.share, "voltage")} each, {format(total, "capacitance")} in all
          </dd>
          <dt>Across each</dt>
          <dd>
            at most <span className="font-mono font-bold">{format(string.ohms, "resistance")}</span>,{" "}
            {format(string.watts, "power")} (it dissipates {format(string.dissipated, "power")})
          </dd>
          {bleed ? (
            <>
              <dt>Bleeder</dt>
              <dd>
                <span className="font-mono font-bold">{format(bleed.ohms, "resistance")}</span>,{" "}
                {format(bleed.watts, "power")} (it dissipates {format(bleed.dissipated, "power")})
              </dd>
            </>
          ) : null}
        </dl>
      ) : null}
      <p className="dim mt-1 text-sm">
        A calculated time is never permission to touch: a bleeder may be open. Discharge through a resistor and measure.
      </p>
    </section>
  );
}
