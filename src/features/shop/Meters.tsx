"use client";

import { useState } from "react";
import { v7 } from "uuid";
import { addressText, PROFILES } from "@/core/instruments";
import { calibrationOf, printMeterLoad } from "@/core/readings";
import type { Meter } from "@/db/shop";
import { Empty } from "@/ui/Empty";
import { Form, FormEnd, TextField, TickField, useForm } from "@/ui/form";
import { Time } from "@/ui/Time";
import { VerdictMark, type Mark } from "@/ui/VerdictMark";
import { changeMeter } from "./actions";
import { LinkFields, METER_READS, typedLink } from "./LinkFields";
import { problemsOf } from "./form-read";
import { readMeter, type TypedMeter } from "./typed";

const typedOf = (meter: Meter): TypedMeter => ({
  name: meter.name,
  input: printMeterLoad(meter),
  calibratedOn: meter.calibratedOn ?? "",
  everyMonths: String(meter.everyMonths),
  retired: meter.retired,
  ...typedLink(meter.link, PROFILES),
});

const NEW: TypedMeter = {
  ...{ name: "", input: "", calibratedOn: "", everyMonths: "12", retired: false },
  ...typedLink(null, PROFILES),
};

type MeterFormProps = { id: string; version: number; initial: TypedMeter; onDone: () => void };

function MeterForm({ id, version, initial, onDone }: MeterFormProps) {
  const form = useForm<TypedMeter>({
    initial,
    check: (typed) => problemsOf(readMeter(typed)),
    save: async (typed) => {
      const answer = await changeMeter(id, typed, version);
      if (answer.ok) onDone();
      return answer;
    },
  });
  return (
    <Form
      form={form}
      label={version === 0 ? "A new meter" : `Change ${initial.name}`}
      className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-5"
    >
      <TextField
        label="What it is called here"
        placeholder="Grey analogue"
        className="md:col-span-2"
        inputClass="w-full"
        autoFocus
        {...form.field("name")}
      />
      <TextField label="Input" placeholder="20 kΩ/V or 10 MΩ" {...form.field("input")} />
      <TextField label="Calibrated on" type="date" {...form.field("calibratedOn")} />
      <TextField label="Good for, months" placeholder="12" {...form.field("everyMonths")} />
      <LinkFields form={form} profiles={PROFILES} asks={METER_READS} sets={[]} />
      <FormEnd form={form} save="Save the meter" onCancel={onDone} className="md:col-span-5">
        <TickField
          label="No longer in use"
          value={form.fields.retired}
          onChange={(retired) => form.change({ retired })}
        />
      </FormEnd>
    </Form>
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
              {meter.link ? (
                <span className="font-mono">
                  {addressText(meter.link)}
                  {meter.link.standIn ? <span className="dim font-sans"> stand-in</span> : null}
                </span>
              ) : null}
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
