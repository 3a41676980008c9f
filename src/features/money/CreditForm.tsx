"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { v7 } from "uuid";
import { formatMoney, minorIn } from "@/core/quantity";
import { Form, FormEnd, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { dateField } from "@/ui/dates";
import { makeCredit } from "./actions";

type CreditProps = { number: number; currency: string; left: number };

/** Takes back an invoice, or a part of it. The invoice itself is never changed. */
export function CreditForm({ number, currency, left }: CreditProps) {
  const router = useRouter();
  const [id] = useState(() => v7());
  const most = formatMoney({ minor: left, currency });
  const form = useForm({
    asks: "write credit note",
    initial: { sum: "", why: "" },
    check: ({ sum, why }) => {
      const minor = minorIn(sum, currency);
      return {
        ...(sum.trim() && !minor ? { sum: `A sum is like 20 or 20.50 ${currency}; empty: all of it.` } : {}),
        ...(minor && minor > left ? { sum: `Only ${most} are left to take back.` } : {}),
        ...(why.trim() ? {} : { why: "Say why." }),
      };
    },
    save: async ({ sum, why }): Promise<SaveAnswer> => {
      const totalMinor = sum.trim() ? minorIn(sum, currency) : undefined;
      const answer = await makeCredit({
        id,
        of: number,
        why,
        today: dateField(new Date().toISOString()),
        ...(totalMinor === undefined ? {} : { totalMinor }),
      });
      if (!answer.ok) return answer;
      if ("number" in answer) router.push(`/desk/money/${answer.number}`);
      return { ok: true };
    },
  });
  return (
    <Form form={form} label="Credit note" className="flex flex-wrap items-end gap-3">
      <TextField
        label={`Take back, tax included; empty: all of ${most}`}
        inputClass="w-44 font-mono"
        {...form.field("sum")}
      />
      <TextField label="Why" inputClass="w-64" placeholder="charged twice" {...form.field("why")} />
      <FormEnd form={form} save="Write the credit note" saveClass="btn-outline" />
    </Form>
  );
}
