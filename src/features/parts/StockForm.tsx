"use client";

import { STOCK_KINDS, STOCK_TABLE } from "@/core/stock";
import { Form, FormEnd, SelectField, TextField, useForm } from "@/ui/form";
import { changeStock } from "./actions";
import { readStock, understood, type TypedStock } from "./typed";

type StockFormProps = { id: string; version: number; initial: TypedStock; currency: string; onDone: () => void };

const WIDE = new Set(["marking", "provenance"]);
const KINDS = [["", "choose …"] as const, ...STOCK_KINDS.map((kind) => [kind, kind] as const)];

/** One line of the stock: its columns as fields, each with what is wrong in it. */
export function StockForm({ id, version, initial, currency, onDone }: StockFormProps) {
  const form = useForm<TypedStock>({
    asks: "change stock",
    initial,
    check: (typed) => {
      const read = readStock(typed, currency);
      return read.ok ? {} : read.problems;
    },
    save: async (typed) => {
      const answer = await changeStock(id, typed, version);
      if (answer.ok) onDone();
      return answer;
    },
  });
  const columns = STOCK_TABLE.columns.filter(({ key }) => key !== "onHand" || version === 0);
  return (
    <Form
      form={form}
      label={version === 0 ? "New part" : "Change the part"}
      className="grid items-start gap-3 rounded-box bg-base-200 p-3 md:grid-cols-4"
    >
      {columns.map(({ key, title, hint }) => {
        const field = { ...form.field(key), value: form.fields[key] ?? "" };
        return key === "kind" ? (
          <SelectField key={key} label={title} options={KINDS} autoFocus {...field} />
        ) : (
          <TextField
            key={key}
            label={title}
            placeholder={hint}
            hint={key === "marking" ? understood(form.fields) : undefined}
            className={WIDE.has(key) ? "md:col-span-2" : ""}
            {...field}
          />
        );
      })}
      <FormEnd form={form} save="Save the part" onCancel={onDone} className="md:col-span-4" />
    </Form>
  );
}
