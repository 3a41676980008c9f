"use client";

import type { Phase } from "@/core/readings";
import { Form, FormEnd, SelectField, TextField, useForm } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineOf } from "@/ui/logbook";
import { NO_TEST, readTest, type TestFields } from "./test-fields";

/** Tests that a set is asked for often; anything else can be typed. */
const USUAL = ["output", "sensitivity", "dial error", "hum", "carrier output", "modulation depth", "frequency drift"];

/** A test of the whole set: what, under which condition, its figure with unit, and the limit. */
export function TestForm({ phase }: { phase: Phase }) {
  const { append, visit } = useLogbook();
  const lineOf = useLineOf();
  const form = useForm<TestFields>({
    initial: NO_TEST,
    keep: { key: `test ${visit.id} ${phase}`, fits: shapeOf(NO_TEST) },
    check: (typed) => {
      const read = readTest(typed, phase);
      return read.ok ? {} : { [read.field]: read.message };
    },
    save: async (typed) => {
      const read = readTest(typed, phase);
      return read.ok ? saying(await append({ kind: "test-result", payload: read.payload })) : read;
    },
    // The next band is usually next: only what differs is cleared.
    next: (written) => ({ ...written, condition: "", measured: "" }),
  });
  const { field } = form;
  const read = readTest(form.fields, phase);
  return (
    <Form
      form={form}
      label="Add a test"
      className="mt-3 grid grid-cols-2 items-start gap-x-3 gap-y-2 rounded-box bg-base-200 p-3 md:grid-cols-4"
    >
      <TextField label="Test" placeholder="output" inputClass="w-full" choices={USUAL} {...field("test")} />
      <TextField label="At band or level" placeholder="80 m" inputClass="w-full" {...field("condition")} />
      <TextField label="Measured" placeholder="62" numeric {...field("measured")} />
      <TextField label="Unit" placeholder="W" {...field("unit")} />
      <SelectField
        label="Limit is"
        options={[
          ["at-least", "at least"],
          ["at-most", "at most"],
        ]}
        {...field("sense")}
      />
      <TextField label="Limit" placeholder="50" numeric {...field("limit")} />
      <TextField label="Set-up" placeholder="dummy load, power meter" inputClass="w-full" {...field("setup")} />
      <FormEnd form={form} save="Add the test" className="self-end" />
      <div className="col-span-full">
        <LineHint
          line={
            read.ok
              ? lineOf({ kind: "test-result", payload: read.payload })
              : "test output at 80 m 62 W min 50 on dummy load"
          }
        />
      </div>
    </Form>
  );
}
