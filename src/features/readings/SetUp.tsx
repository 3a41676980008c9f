"use client";

import { Field } from "@/ui/Field";
import { lineVoltsOf } from "./rows";

export type SetUp = { line: string; meter: string };

/** The set-up that the readings are taken with: without it like cannot be compared with like. */
export function SetUpFields({
  setUp,
  onChange,
  lineVolts,
}: {
  setUp: SetUp;
  onChange: (setUp: SetUp) => void;
  lineVolts: number;
}) {
  const { message } = lineVoltsOf(setUp.line);
  return (
    <div className="mb-2 grid grid-cols-2 gap-3">
      <Field label="Supply now, V" error={message}>
        {(props) => (
          <input
            {...props}
            className="input h-11 w-full font-mono"
            inputMode="decimal"
            value={setUp.line}
            placeholder={`chart: ${lineVolts}`}
            onChange={(event) => onChange({ ...setUp, line: event.target.value })}
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
            placeholder="digital meter"
            onChange={(event) => onChange({ ...setUp, meter: event.target.value })}
          />
        )}
      </Field>
    </div>
  );
}
