"use client";

import { useState } from "react";
import { v7 } from "uuid";
import {
  addressText,
  INSTRUMENT_KINDS,
  INSTRUMENT_WORDS,
  KIND_PROFILES,
  type InstrumentKind,
  type Reads,
  type Sets,
} from "@/core/instruments";
import { calibrationOf } from "@/core/readings";
import type { Instrument } from "@/db/instruments";
import { Form, FormEnd, SelectField, TextField, TickField, useForm } from "@/ui/form";
import { Time } from "@/ui/Time";
import { changeInstrument } from "./actions";
import { LinkFields, typedLink } from "./LinkFields";
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
export function Instruments({ instruments, today }: { instruments: Instrument[]; today: string }) {
  const [editing, setEditing] = useState<string>();
  const [fresh, setFresh] = useState<string>();
  return (
    <div className="flex flex-col gap-3">
      {instruments.length === 0 && !fresh ? (
        <p className="dim">None yet. A generator that can be set fills a test sheet together with a meter.</p>
      ) : null}
      <ul className="flex flex-col gap-2">
        {instruments.map((one) => {
          if (editing === one.id)
            return (
              <li key={one.id}>
                <InstrumentForm
                  id={one.id}
                  version={one.version}
                  initial={typedOf(one)}
                  onDone={() => setEditing(undefined)}
                />
              </li>
            );
          const { due } = calibrationOf(one.calibratedOn, one.everyMonths, today);
          return (
            <li
              key={one.id}
              className={`flex min-h-14 flex-wrap items-center gap-x-5 rounded-box border border-base-300 px-3 py-1 ${one.retired ? "dim" : ""}`}
            >
              <strong className="min-w-52 grow">{one.name}</strong>
              <span className="w-52">
                {INSTRUMENT_WORDS[one.kind]}
                {one.place ? <span className="dim"> {one.place}</span> : null}
              </span>
              <span className="w-64 font-mono">
                {one.link ? addressText(one.link) : <span className="dim font-sans">set and read by hand</span>}
                {one.link?.standIn ? <span className="dim font-sans"> stand-in</span> : null}
              </span>
              <span className="dim w-40">
                {one.retired ? (
                  "no longer in use"
                ) : due ? (
                  <>
                    due <Time iso={due} as="day" />
                  </>
                ) : (
                  "never calibrated"
                )}
              </span>
              <button
                type="button"
                className="btn btn-outline h-10"
                aria-label={`Change ${one.name}`}
                onClick={() => setEditing(one.id)}
              >
                Change
              </button>
            </li>
          );
        })}
      </ul>
      {fresh ? (
        <InstrumentForm id={fresh} version={0} initial={NEW} onDone={() => setFresh(undefined)} />
      ) : (
        <button type="button" className="btn btn-outline h-11 self-start" onClick={() => setFresh(v7())}>
          Add an instrument
        </button>
      )}
    </div>
  );
}
