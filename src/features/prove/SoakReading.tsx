"use client";

import { buildReading } from "@/core/kinds";
import { pointRows } from "@/core/visit";
import { Form, FormEnd, SelectField, TextField, useForm } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineContext } from "@/ui/logbook";

const NO_READING = { point: "", text: "" };

/** A reading while it soaks: any point of the chart, at the moment. */
export function SoakReading({ at }: { at: () => string }) {
  const { append, model, settled, visit } = useLogbook();
  const context = useLineContext();
  const rows = pointRows(model.sheet, model.year, settled, visit.id).filter(({ designator }) => !designator);
  const setup = context.setups.soak;
  const rowOf = (point: string) => rows.find((one) => one.point === point) ?? rows[0];
  const form = useForm({
    initial: NO_READING,
    check: ({ text }) => (text.trim() ? {} : { text: "Say what it reads." }),
    save: async ({ point, text }) => {
      const row = rowOf(point);
      if (!row) return { ok: false, message: "The chart has no point." };
      const built = buildReading({
        row,
        text,
        phase: "soak",
        lineVolts: setup?.payload.lineVolts,
        tapVolts: setup?.payload.tapVolts,
        instrument: setup?.payload.instrument,
        setup: setup?.id,
      });
      if (built.kind === "problem") return { ok: false, message: built.message };
      if (built.kind === "question")
        return { ok: false, message: `${built.question} ${built.choices.map((one) => one.text).join(", ")}` };
      return saying(await append({ kind: "reading", payload: built.payload }, { at: at() }));
    },
    next: ({ point }) => ({ point, text: "" }),
  });
  const row = rowOf(form.fields.point);
  if (!row)
    return <p className="dim">The model&rsquo;s chart has no point: readings can be written on the bench line.</p>;
  return (
    <Form form={form} label="Reading while it soaks" className="flex flex-wrap items-end gap-3">
      <SelectField
        label="Point"
        inputClass="w-48"
        options={rows.map(({ point }) => [point, point])}
        {...form.field("point")}
        value={row.point}
      />
      <TextField
        label="Reads now"
        placeholder={row.expected?.text ?? "250 V"}
        inputClass="w-36 font-mono text-right"
        numeric
        {...form.field("text")}
      />
      <FormEnd form={form} save="Write the reading" />
      <LineHint line={`${row.point} ${form.fields.text.trim() || "251"} soak`} />
    </Form>
  );
}
