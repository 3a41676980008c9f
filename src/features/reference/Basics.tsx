"use client";

import { RECTIFIER_WORDS, RECTIFIERS, SUPPLIES, SUPPLY_WORDS, type Model } from "@/core/model";
import { Form, FormEnd, SelectField, TextField, useForm } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { changeBasics } from "./actions";
import { readBasics, typedBasics, type TypedBasics } from "./typed-basics";

/** Fields of words; the others hold values. */
const WORDS: readonly string[] = ["kind", "signal", "controls", "chartNote"];

type BasicsProps = { model: Model; version: number; onSaved: (version: number) => void };

/** What the model is, how it is fed and how its chart was made: hazards, plans and verdicts follow from it. */
export function Basics({ model, version, onSaved }: BasicsProps) {
  const initial = typedBasics(model);
  const form = useForm<TypedBasics>({
    asks: "change model",
    initial,
    keep: { key: `basics ${model.id}`, fits: shapeOf(initial) },
    check: (typed) => {
      const read = readBasics(typed);
      return read.ok ? {} : read.problems;
    },
    save: async (typed) => {
      const done = await changeBasics({ id: model.id, version }, typed);
      if (done.ok) onSaved(done.version);
      return done;
    },
  });
  const input = (
    key: Exclude<keyof TypedBasics, "supply" | "rectifier" | "dialect">,
    label: string,
    example: string,
    wide = "",
  ) => (
    <TextField
      label={label}
      className={wide}
      placeholder={example}
      inputClass={WORDS.includes(key) ? "w-full" : "w-full font-mono"}
      {...form.field(key)}
    />
  );
  return (
    <Form form={form} className="flex flex-col gap-4">
      <fieldset className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-6">
        <legend className="sr-only">What it is</legend>
        {input("kind", "What it is", "AC table superhet", "md:col-span-3")}
        <SelectField
          label="Supply"
          className="md:col-span-3"
          options={SUPPLIES.map((supply) => [supply, SUPPLY_WORDS[supply]])}
          {...form.field("supply")}
        />
        {input("lineVolts", "Supply voltage, V", "230")}
        {input("lineHz", "Line frequency, Hz", "50")}
        {input("taps", "Taps, V", "110, 220", "md:col-span-2")}
        {input("highestVolts", "Highest inside, V", "380")}
        {input("supplyRms", "HT secondary, V rms", "300 each half")}
        <SelectField
          label="Rectifier"
          options={[["", "not known"], ...RECTIFIERS.map((one) => [one, RECTIFIER_WORDS[one]] as const)]}
          {...form.field("rectifier")}
        />
        {input("heaterAmps", "Heater winding, A", "3")}
        {input("watts", "Nameplate, W", "68")}
        {input("heaterRails", "Several heater windings", "receiver 6.3 V 3 A; rectifier 5 V 2 A", "md:col-span-2")}
        <SelectField
          label="A capital M means"
          options={[
            ["", "not known: ask"],
            ["m-is-million", "a million"],
            ["m-is-thousand", "a thousand"],
          ]}
          {...form.field("dialect")}
        />
      </fieldset>
      <fieldset className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-6">
        <legend className="float-left mb-1 w-full font-bold md:col-span-6">How the chart was made</legend>
        {input("chartLine", "Chart's line, V", form.fields.lineVolts || "230")}
        {input("chartMeter", "Chart's meter", "1000 Ω/V", "md:col-span-1")}
        {input("signal", "Signal", "none, aerial socket shorted", "md:col-span-2")}
        {input("controls", "Controls", "volume full, MW", "md:col-span-2")}
        {input("chartNote", "Anything else", "read after ten minutes", "md:col-span-6")}
      </fieldset>
      <FormEnd form={form} save="Save" saved="Saved: every set of this model follows.">
        {form.touched ? (
          <button type="button" className="btn btn-ghost h-11" onClick={form.clear}>
            Forget what was typed
          </button>
        ) : null}
      </FormEnd>
    </Form>
  );
}
