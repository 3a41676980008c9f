"use client";

import { useState } from "react";
import { v7 } from "uuid";
import { formatMoney, minorIn } from "@/core/quantity";
import type { PaidBy } from "@/db/invoices";
import { Form, FormEnd, SelectField, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { dateField } from "@/ui/dates";
import { notePayment } from "./actions";

const WAYS: readonly (readonly [PaidBy, string])[] = [
  ["cash", "cash"],
  ["card", "card"],
  ["transfer", "transfer"],
];

type PaymentProps = { visitId: string; currency: string; left: number };

/** What was paid, in whole or in part; or paid back. */
export function PaymentForm({ visitId, currency, left }: PaymentProps) {
  const [id, setId] = useState(() => v7());
  const form = useForm({
    asks: "note payment",
    initial: {
      sum: left > 0 ? formatMoney({ minor: left, currency }) : "",
      on: "",
      how: "card" as PaidBy,
      back: "paid" as "paid" | "back",
      note: "",
    },
    check: ({ sum }) => (minorIn(sum, currency) ? {} : { sum: `A sum is like 20 or 20.50 ${currency}.` }),
    save: async ({ sum, on, how, back, note }): Promise<SaveAnswer> => {
      const minor = minorIn(sum, currency) ?? 0;
      const answer = await notePayment({
        id,
        visit: visitId,
        minor: back === "back" ? -minor : minor,
        on: on || dateField(new Date().toISOString()),
        how,
        note,
      });
      if (answer.ok) setId(v7());
      return answer.ok ? { ok: true } : answer;
    },
    next: (saved) => ({ ...saved, sum: "", note: "" }),
  });
  return (
    <Form form={form} label="A payment" className="flex flex-wrap items-end gap-3">
      <SelectField
        label="It was"
        inputClass="w-36"
        options={[
          ["paid", "paid"],
          ["back", "paid back"],
        ]}
        {...form.field("back")}
      />
      <TextField label="Sum" inputClass="w-36 font-mono" {...form.field("sum")} />
      <SelectField label="By" inputClass="w-32" options={WAYS} {...form.field("how")} />
      <TextField label="On; empty: today" type="date" inputClass="w-44" {...form.field("on")} />
      <TextField label="Note" inputClass="w-40" {...form.field("note")} />
      <FormEnd form={form} save="Note it" saved="Noted." saveClass="btn-outline" />
    </Form>
  );
}
