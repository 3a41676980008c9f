"use client";

import { useState } from "react";
import { v7 } from "uuid";
import { calibrationOf, printMeterLoad } from "@/core/readings";
import type { Meter } from "@/db/shop";
import { Empty } from "@/ui/Empty";
import { ErrorText, Field } from "@/ui/Field";
import { Time } from "@/ui/Time";
import { VerdictMark, type Mark } from "@/ui/VerdictMark";
import { changeMeter } from "./actions";
import { readMeter, UNREACHABLE, type TypedMeter } from "./typed";

const typedOf = (meter: Meter): TypedMeter => ({
  name: meter.name,
  input: printMeterLoad(meter),
  calibratedOn: meter.calibratedOn ?? "",
  everyMonths: String(meter.everyMonths),
  retired: meter.retired,
});

const NEW: TypedMeter = { name: "", input: "", calibratedOn: "", everyMonths: "12", retired: false };

type MeterFormProps = { id: string; version: number; initial: TypedMeter; onDone: () => void };

function MeterForm({ id, version, initial, onDone }: MeterFormProps) {
  const [typed, setTyped] = useState(initial);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [message, setMessage] = useState<string>();
  const change = (part: Partial<TypedMeter>) => {
    setMessage(undefined);
    setProblems({});
    setTyped({ ...typed, ...part });
  };
  const save = async () => {
    const read = readMeter(typed);
    if (!read.ok) return setProblems(read.problems);
    const answer = await changeMeter(id, typed, version).catch(() => UNREACHABLE);
    if (answer.ok) return onDone();
    return setMessage(answer.message);
  };
  const field = (
    key: "name" | "input" | "calibratedOn" | "everyMonths",
    label: string,
    example: string,
    className = "",
  ) => (
    <Field label={label} error={problems[key]} className={className}>
      {(props) => (
        <input
          {...props}
          type={key === "calibratedOn" ? "date" : "text"}
          className={`input h-11 w-full ${key === "name" ? "" : "font-mono"}`}
          value={typed[key]}
          placeholder={example}
          autoFocus={key === "name"}
          onChange={(event) => change({ [key]: event.target.value })}
        />
      )}
    </Field>
  );
  return (
    <form
      className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-5"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {field("name", "What it is called here", "Grey analogue", "md:col-span-2")}
      {field("input", "Input", "20 kΩ/V or 10 MΩ")}
      {field("calibratedOn", "Calibrated on", "")}
      {field("everyMonths", "Good for, months", "12")}
      <div className="flex flex-wrap items-center gap-3 md:col-span-5">
        <button className="btn btn-primary h-11">Save the meter</button>
        <button type="button" className="btn btn-ghost h-11" onClick={onDone}>
          Cancel
        </button>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={typed.retired}
            onChange={(event) => change({ retired: event.target.checked })}
          />
          No longer in use
        </label>
        {message ? <ErrorText>{message}</ErrorText> : null}
      </div>
    </form>
  );
}

const MARKS: Record<string, { mark: Mark; word: string }> = {
  good: { mark: "good", word: "calibrated" },
  soon: { mark: "watch", word: "due soon" },
  overdue: { mark: "bad", word: "overdue" },
  never: { mark: "none", word: "never calibrated" },
};

/** The shop's meters: what each is to a circuit, and when its calibration is due. */
export function Meters({ meters, today }: { meters: Meter[]; today: string }) {
  const [editing, setEditing] = useState<string>();
  const [fresh, setFresh] = useState<string>();
  return (
    <div className="flex flex-col gap-3">
      {meters.length === 0 && !fresh ? (
        <Empty title="No meter yet.">
          A reading is judged by what its meter is to the circuit: write down ohms per volt, or the input resistance.
        </Empty>
      ) : null}
      <ul className="flex flex-col gap-2">
        {meters.map((meter) => {
          if (editing === meter.id)
            return (
              <li key={meter.id}>
                <MeterForm
                  id={meter.id}
                  version={meter.version}
                  initial={typedOf(meter)}
                  onDone={() => setEditing(undefined)}
                />
              </li>
            );
          const { state, due } = calibrationOf(meter.calibratedOn, meter.everyMonths, today);
          const { mark, word } = MARKS[state] ?? { mark: "none", word: state };
          return (
            <li
              key={meter.id}
              className={`flex min-h-14 flex-wrap items-center gap-x-5 rounded-box border border-base-300 px-3 py-1 ${meter.retired ? "dim" : ""}`}
            >
              <strong className="min-w-52 grow">{meter.name}</strong>
              <span className="w-36 font-mono">{printMeterLoad(meter)}</span>
              <span className="w-72">
                {meter.retired ? (
                  "no longer in use"
                ) : (
                  <>
                    <VerdictMark mark={mark} note={word} />{" "}
                    {due ? (
                      <span className="dim">
                        due <Time iso={due} as="day" />
                      </span>
                    ) : null}
                  </>
                )}
              </span>
              <button
                type="button"
                className="btn btn-outline h-10"
                aria-label={`Change ${meter.name}`}
                onClick={() => setEditing(meter.id)}
              >
                Change
              </button>
            </li>
          );
        })}
      </ul>
      {fresh ? (
        <MeterForm id={fresh} version={0} initial={NEW} onDone={() => setFresh(undefined)} />
      ) : (
        <button type="button" className="btn btn-outline h-11 self-start" onClick={() => setFresh(v7())}>
          Add a meter
        </button>
      )}
    </div>
  );
}
