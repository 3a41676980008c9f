"use client";

import {
  INSTRUMENT_KINDS,
  INSTRUMENT_WORDS,
  KIND_PROFILES,
  type InstrumentKind,
  type Reads,
  type Sets,
} from "@/core/instruments";
import type { Instrument } from "@/db/instruments";
import { Form, FormEnd, SelectField, TextField, TickField, useForm } from "@/ui/form";
import { changeInstrument } from "./actions";
import { LinkFields, typedLink } from "./LinkFields";
import { OwnedList } from "./OwnedList";
import { problemsOf } from "./form-read";
import { readInstrument, type TypedInstrument } from "./typed-instruments";

/** What each kind reads and sets. */
const READS_OF: Record<InstrumentKind, readonly Reads[]> = {
  generator: [],
  counter: ["hertz"],
  "power meter": ["watts", "swr"],
  oscilloscope: ["wave", "wave-step", "wave-scale"],
  supply: ["volts-dc", "amps-dc"],
};
const SETS_OF: Record<InstrumentKind, readonly Sets[]> = {
  generator: ["hertz", "volts", "am", "fm", "output"],
  counter: [],
  "power meter": [],
  oscilloscope: [],
  supply: ["volts", "amps", "output"],
};
const profileFor = (kind: InstrumentKind) => ({ [kind]: KIND_PROFILES[kind] });

const typedOf = (one: Instrument): TypedInstrument => ({
  ...{ name: one.name, kind: one.kind, place: one.place, retired: one.retired },
  ...{ calibratedOn: one.calibratedOn ?? "", everyMonths: String(one.everyMonths) },
  ...typedLink(one.link, profileFor(one.kind)),
});
const NEW: TypedInstrument = {
  ...{ name: "", kind: "generator", place: "", retired: false, calibratedOn: "", everyMonths: "12" },
  ...typedLink(null, profileFor("generator")),
};

type InstrumentFormProps = { id: string; version: number; initial: TypedInstrument; onDone: () => void };

function InstrumentForm({ id, version, initial, onDone }: InstrumentFormProps) {
  const form = useForm<TypedInstrument>({
    asks: "change instrument",
    initial,
    check: (typed) => problemsOf(readInstrument(typed)),
    save: async (typed) => {
      const answer = await changeInstrument(id, typed, version);
      if (answer.ok) onDone();
      return answer;
    },
  });
  const kind = INSTRUMENT_KINDS.find((one) => one === form.fields.kind) ?? "generator";
  return (
    <Form
      form={form}
      label={version === 0 ? "A new instrument" : `Change ${initial.name}`}
      className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-5"
    >
      <TextField
        label="What it is called here"
        placeholder="Signal generator"
        className="md:col-span-2"
        inputClass="w-full"
        autoFocus
        {...form.field("name")}
      />
      <SelectField
        label="What it is"
        options={INSTRUMENT_KINDS.map((one) => [one as string, INSTRUMENT_WORDS[one]] as const)}
        {...form.field("kind")}
        onChange={(next) => {
          const chosen = INSTRUMENT_KINDS.find((one) => one === next) ?? "generator";
          form.change({ kind: chosen, ...typedLink(null, profileFor(chosen)), address: form.fields.address });
        }}
      />
      <TextField label="Where it stands" placeholder="long bench" inputClass="w-full" {...form.field("place")} />
      <TextField label="Calibrated on" type="date" {...form.field("calibratedOn")} />
      <LinkFields form={form} profiles={profileFor(kind)} asks={READS_OF[kind]} sets={SETS_OF[kind]} />
      <FormEnd form={form} save="Save the instrument" onCancel={onDone} className="md:col-span-5">
        <TextField label="Good for, months" className="w-36" {...form.field("everyMonths")} />
        <TickField
          label="No longer in use"
          value={form.fields.retired}
          onChange={(retired) => form.change({ retired })}
        />
      </FormEnd>
    </Form>
  );
}

/** Instruments beside the meters: where each stands, where it answers, when its calibration is due. */
export const Instruments = ({ instruments, today }: { instruments: Instrument[]; today: string }) => (
  <OwnedList
    all={instruments}
    today={today}
    add="Add an instrument"
    none={<p className="dim">None yet. A generator that can be set fills a test sheet together with a meter.</p>}
    facts={({ kind, place, link }) => (
      <span className="w-60">
        {INSTRUMENT_WORDS[kind]}
        {place ? <span className="dim"> {place}</span> : null}
        {link ? null : <span className="dim">, set and read by hand</span>}
      </span>
    )}
    form={(one, id, onDone) => (
      <InstrumentForm id={id} version={one?.version ?? 0} initial={one ? typedOf(one) : NEW} onDone={onDone} />
    )}
  />
);
