"use client";

import { QUANTITIES, QUANTITY_WORDS, type Quantity } from "@/core/quantity";
import type { PointRow } from "@/core/readings";
import { Form, FormEnd, SelectField, TextField, useForm } from "@/ui/form";
import { newPoint } from "./rows";

type AddPointProps = { onAdd: (row: PointRow) => void; taken: string[]; tolerance: number };

const NO_POINT = { point: "", quantity: "voltage" as Quantity, expected: "" };

/** A point beyond the chart. */
export function AddPoint({ onAdd, taken, tolerance }: AddPointProps) {
  const form = useForm({
    initial: NO_POINT,
    save: async ({ point, quantity, expected }) => {
      const made = newPoint(point, quantity, expected, tolerance, taken);
      if ("message" in made) return { ok: false, message: made.message };
      onAdd(made.row);
      return { ok: true };
    },
    next: ({ quantity }) => ({ ...NO_POINT, quantity }),
  });
  return (
    <Form
      form={form}
      label="A point beyond the chart"
      className="mt-3 flex flex-wrap items-end gap-2 rounded-box bg-base-200 p-2"
    >
      <TextField
        label="Another point"
        placeholder="V4 plate"
        className="min-w-32 grow"
        inputClass="w-full"
        {...form.field("point")}
      />
      <SelectField
        label="is"
        inputClass="w-40"
        options={QUANTITIES.map((one) => [one, QUANTITY_WORDS[one]])}
        {...form.field("quantity")}
      />
      <TextField
        label="Expected, if known"
        placeholder="240 V"
        inputClass="w-32 font-mono"
        {...form.field("expected")}
      />
      <FormEnd form={form} save="Add" saveClass="" />
    </Form>
  );
}
