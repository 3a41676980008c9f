"use client";

import { PROFILES } from "@/core/instruments";
import { printMeterLoad } from "@/core/readings";
import type { Meter } from "@/db/shop";
import { Empty } from "@/ui/Empty";
import { Form, FormEnd, TextField, TickField, useForm } from "@/ui/form";
import { changeMeter } from "./actions";
import { LinkFields, METER_READS, typedLink } from "./LinkFields";
import { OwnedList } from "./OwnedList";
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
    asks: "change meter",
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

/** The shop's meters: what each is to a circuit, and when its calibration is due. */
export const Meters = ({ meters, today }: { meters: Meter[]; today: string }) => (
  <OwnedList
    all={meters}
    today={today}
    add="Add a meter"
    none={
      <Empty title="No meter yet.">
        A reading is judged by what its meter is to the circuit: write down ohms per volt, or the input resistance.
      </Empty>
    }
    facts={(meter) => <span className="w-36 font-mono">{printMeterLoad(meter)}</span>}
    form={(meter, id, onDone) => (
      <MeterForm id={id} version={meter?.version ?? 0} initial={meter ? typedOf(meter) : NEW} onDone={onDone} />
    )}
  />
);
