"use client";

import { CHASSIS, CHASSIS_WORDS } from "@/core/kinds";
import { Form, FormEnd, LinesField, SelectField, TextField, useForm } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineOf, useLineContext } from "@/ui/logbook";
import { DESCRIBED, EMPTY_MOD, readModFields, stateOf, type Described, type ModFields } from "./describe-fields";

const STANDS: Record<Described, string> = {
  found: "found: an earlier hand made it",
  planned: "planned: to be fitted in this visit",
  fitted: "fitted: it is in the set now",
};
const SAVE: Record<Described, string> = {
  found: "Write down what was found",
  planned: "Begin with it",
  fitted: "It is fitted",
};
/** A modification without a recipe: one that was found, or one of our own made for this set alone. */
export function DescribeMod({ onDone }: { onDone: () => void }) {
  const { visit, append, refreshStock } = useLogbook();
  const context = useLineContext();
  const lineOf = useLineOf();
  const form = useForm<ModFields>({
    initial: EMPTY_MOD,
    keep: { key: `modification ${visit.id}`, fits: shapeOf(EMPTY_MOD) },
    check: (typed) => {
      const read = readModFields(typed, context);
      return read.ok ? {} : { [read.field ?? ""]: read.message };
    },
    save: async (typed) => {
      const read = readModFields(typed, context);
      if (!read.ok) return read;
      const answer = saying(await append(read.content));
      if (!answer.ok) return answer;
      const { name, state: becomes } = read.content.payload;
      if (read.minutes)
        await append({ kind: "labour", payload: { v: 1, step: "modify", minutes: read.minutes, what: name } });
      if (becomes === "fitted") await refreshStock();
      onDone();
      return answer;
    },
  });
  const { field, fields } = form;
  const state = stateOf(fields);
  const ours = state !== "found";
  const read = readModFields(fields, context);
  return (
    <Form
      form={form}
      label="Describe a modification"
      className="grid gap-3 rounded-box border-2 border-primary p-3 md:grid-cols-2"
    >
      <SelectField label="How it stands" options={DESCRIBED.map((one) => [one, STANDS[one]])} {...field("state")} />
      <SelectField
        label="On the chassis"
        options={CHASSIS.map((one) => [one, CHASSIS_WORDS[one]])}
        {...field("chassis")}
      />
      <TextField
        label="What it is"
        placeholder="External speaker switch"
        inputClass="w-full"
        className={ours ? "" : "md:col-span-2"}
        {...field("name")}
      />
      {ours ? (
        <TextField
          label="Who asked for it"
          placeholder="the owner, by telephone"
          inputClass="w-full"
          {...field("by")}
        />
      ) : null}
      <LinesField
        label={ours ? "How it is made" : "What is seen"}
        className="md:col-span-2"
        hint={
          ours ? "How it is wired and where it sits." : "How it is wired, how well it is made, who may have done it."
        }
        {...field("what")}
      />
      <LinesField
        label="Its parts, one a line"
        mono
        hint={ours ? "R901 10k 0.5W from JP00001A7: with its label it leaves the stock" : "S901 toggle switch"}
        {...field("parts")}
      />
      <LinesField
        label="Where it is tapped, one a line"
        mono
        hint="rail B+ 200 V to 300 V draws 5 mA"
        {...field("taps")}
      />
      {state === "planned" ? (
        <LinesField label="Steps, one a line" className="md:col-span-2" {...field("steps")} />
      ) : null}
      {ours ? (
        <>
          <LinesField label="To verify after it, one a line" hint="no hum at full volume" {...field("verify")} />
          <LinesField label="To recalibrate after it, one a line" hint="dial at 1 MHz" {...field("recalibrate")} />
          <TextField
            label="Why"
            placeholder="the owner listens with headphones"
            inputClass="w-full"
            {...field("why")}
          />
          <TextField
            label="For the owner: how to use it"
            placeholder="switch down: the loudspeaker is off"
            inputClass="w-full"
            {...field("use")}
          />
        </>
      ) : null}
      <LinesField
        label="What it takes to put it back"
        className="md:col-span-2"
        hint="Left empty: it cannot be put back."
        {...field("undo")}
      />
      {ours ? (
        <TextField
          label={state === "fitted" ? "Time it took, min" : "Time it should take, min"}
          numeric
          inputClass="w-32 text-right font-mono"
          {...field("minutes")}
        />
      ) : null}
      <FormEnd form={form} save={SAVE[state]} onCancel={onDone} className="md:col-span-2">
        {form.touched ? (
          <button type="button" className="btn btn-ghost h-11" onClick={form.clear}>
            Clear
          </button>
        ) : null}
      </FormEnd>
      {read.ok ? (
        <div className="md:col-span-2">
          <LineHint line={lineOf(read.content)} />
        </div>
      ) : null}
    </Form>
  );
}
