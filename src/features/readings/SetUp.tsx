"use client";

import { Settings2 } from "lucide-react";
import { useState } from "react";
import { describeSetup } from "@/core/kinds";
import { tapsOf } from "@/core/model";
import { lineRemarks } from "@/core/power";
import { preflight, USUAL_RANGES } from "@/core/readings";
import type { SetupPayload } from "@/core/visit";
import { Field } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { useLogbook, useLineOf } from "@/ui/logbook";
import { lineVoltsOf } from "./rows";
import { calibrationWord, meterOf, type SetupFields } from "./setup-fields";

type SetUpProps = {
  setUp: SetupFields;
  payload: SetupPayload;
  /** it is written down as it stands */
  holds: boolean;
  onChange: (part: Partial<SetupFields>) => void;
  onWrite: () => void;
  /** the set-up that this one repeats, and where it is another */
  like?: SetupPayload | undefined;
};

const HZ = [50, 60];

/** The pre-flight list: each line is looked at with one's own eyes. */
function Preflight({ checked, onChange }: { checked: string[]; onChange: (checked: string[]) => void }) {
  const { model } = useLogbook();
  return (
    <fieldset className="md:col-span-2">
      <legend className="font-semibold">Looked at before the first reading</legend>
      <ul className="grid gap-x-4 xl:grid-cols-2">
        {preflight(model.sheet).map((item) => (
          <li key={item.key}>
            <label className="flex min-h-10 cursor-pointer items-center gap-2">
              <input
                type="checkbox"
                className="checkbox checkbox-primary"
                checked={checked.includes(item.key)}
                onChange={(event) =>
                  onChange(event.target.checked ? [...checked, item.key] : checked.filter((key) => key !== item.key))
                }
              />
              {item.text}
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

/** The set-up that readings are taken with, chosen once and carried along: without it like cannot be compared with like. */
export function SetUp({ setUp, payload, holds, onChange, onWrite, like }: SetUpProps) {
  const { model, meters, shop, input } = useLogbook();
  const lineOf = useLineOf();
  const [open, setOpen] = useState(false);
  const { message, volts } = lineVoltsOf(setUp.line);
  const taps = tapsOf(model.sheet);
  const own = meterOf(meters, setUp.meter);
  const overdue = calibrationWord(own, input.now);
  const tap = Number(setUp.tap) || model.sheet.lineVolts;
  const remarks = volts ? lineRemarks(model.sheet, tap, { volts, hz: setUp.hz }).remarks : [];
  const text = (key: "load" | "signal" | "controls" | "name", label: string, example: string) => (
    <Field label={label}>
      {(props) => (
        <input
          {...props}
          className="input h-11 w-full"
          maxLength={120}
          value={setUp[key]}
          placeholder={example}
          onChange={(event) => onChange({ [key]: event.target.value })}
        />
      )}
    </Field>
  );
  return (
    <section aria-label="Set-up" className="mb-2">
      <div className="grid grid-cols-[7.5rem_minmax(0,1fr)_auto] items-end gap-3">
        <Field label="Supply now, V" error={message}>
          {(props) => (
            <input
              {...props}
              className="input h-11 w-full font-mono"
              inputMode="decimal"
              value={setUp.line}
              placeholder={`line: ${shop.lineVolts}`}
              onChange={(event) => onChange({ line: event.target.value })}
            />
          )}
        </Field>
        <Field label="Meter">
          {(props) => (
            <input
              {...props}
              className="input h-11 w-full"
              value={setUp.meter}
              maxLength={120}
              list="shop-meters"
              autoComplete="off"
              placeholder="choose, or write another"
              onChange={(event) => onChange({ meter: event.target.value, range: "" })}
            />
          )}
        </Field>
        <button type="button" className="btn btn-outline h-11" aria-expanded={open} onClick={() => setOpen(!open)}>
          <Settings2 size={18} aria-hidden="true" /> Set-up
        </button>
      </div>
      <datalist id="shop-meters">
        {meters
          .filter((one) => !one.retired)
          .map((one) => (
            <option key={one.id} value={one.name} />
          ))}
      </datalist>
      <p className="dim mt-1 text-sm">
        {`“${setUp.name}”: ${describeSetup(payload)}`}
        {holds ? "" : " · written down with the next reading"}
      </p>
      {overdue ? <p className="text-sm font-semibold text-warning">{overdue}</p> : null}
      {remarks.map((remark) => (
        <p key={remark} className="text-sm font-semibold text-warning">
          {remark}
        </p>
      ))}
      {like && like.instrument?.name !== payload.instrument?.name ? (
        <p className="text-sm font-semibold text-warning">
          The baseline was read with {like.instrument?.name ?? "a meter that was not noted"}: take that one, or the
          comparison says so.
        </p>
      ) : null}
      {open ? (
        <div className="mt-2 grid gap-3 rounded-box bg-base-200 p-3 md:grid-cols-2">
          {text("name", "Name of this pass", "As found")}
          {own ? null : (
            <Field label="Input of that meter" hint="20 kΩ/V or 10 MΩ; known for the shop's own">
              {(props) => (
                <input
                  {...props}
                  className="input h-11 w-full font-mono"
                  value={setUp.input}
                  placeholder="10 MΩ"
                  onChange={(event) => onChange({ input: event.target.value })}
                />
              )}
            </Field>
          )}
          {payload.instrument?.ohmsPerVolt ? (
            <Field label="Range of that meter" hint="what it is to the circuit goes by it">
              {(props) => (
                <select
                  {...props}
                  className="select h-11 w-full"
                  value={setUp.range}
                  onChange={(event) => onChange({ range: event.target.value })}
                >
                  <option value="">the smallest that holds the figure</option>
                  {[...new Set([...USUAL_RANGES.map(String), ...(setUp.range ? [setUp.range] : [])])].map((range) => (
                    <option key={range} value={range}>
                      {range} V
                    </option>
                  ))}
                </select>
              )}
            </Field>
          ) : null}
          <Field label="Line frequency">
            {(props) => (
              <select
                {...props}
                className="select h-11 w-full"
                value={setUp.hz}
                onChange={(event) => onChange({ hz: Number(event.target.value) })}
              >
                {[...new Set([...HZ, setUp.hz])].map((hz) => (
                  <option key={hz} value={hz}>
                    {hz} Hz
                  </option>
                ))}
              </select>
            )}
          </Field>
          {taps.length > 1 ? (
            <Field label="Voltage selector at">
              {(props) => (
                <select
                  {...props}
                  className="select h-11 w-full"
                  value={setUp.tap}
                  onChange={(event) => onChange({ tap: event.target.value })}
                >
                  {taps.map((one) => (
                    <option key={one} value={one}>
                      {one} V
                    </option>
                  ))}
                </select>
              )}
            </Field>
          ) : null}
          {text("load", "Load", "own loudspeaker")}
          {text("signal", "Signal", "none, aerial socket shorted")}
          {text("controls", "Controls", "volume full, MW, tone open")}
          <Preflight checked={setUp.checked} onChange={(checked) => onChange({ checked })} />
          <div className="flex flex-wrap items-center gap-3 md:col-span-2">
            <button type="button" className="btn btn-primary h-11" disabled={holds} onClick={onWrite}>
              Write the set-up down
            </button>
            <LineHint line={lineOf({ kind: "setup", payload })} />
          </div>
        </div>
      ) : null}
    </section>
  );
}
