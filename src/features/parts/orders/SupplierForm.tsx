"use client";

import { useRouter } from "next/navigation";
import { formatMoney } from "@/core/quantity";
import type { Supplier } from "@/db/orders";
import { Form, FormEnd, TextField, useForm } from "@/ui/form";
import { changeSupplier } from "./actions";

type SupplierProps = { name: string; known: Supplier | undefined; currency: string };

/** What a supplier asks beside its prices: an order is divided by it. */
export function SupplierForm({ name, known, currency }: SupplierProps) {
  const router = useRouter();
  const sum = (minor: number | null | undefined) => (minor ? formatMoney({ minor, currency }) : "");
  const form = useForm({
    asks: "change supplier",
    initial: {
      minimum: sum(known?.minimumMinor),
      postage: sum(known?.postageMinor),
      freeFrom: sum(known?.freeFromMinor),
      days: known?.deliveryDays?.toString() ?? "",
      reach: known?.reach ?? "",
    },
    save: async (typed) => {
      const answer = await changeSupplier({ name, ...typed }, known?.version ?? 0);
      if (answer.ok) router.refresh();
      return answer;
    },
  });
  return (
    <Form form={form} label={`What ${name} asks`} className="mb-3 grid items-start gap-2 md:grid-cols-5">
      <TextField label={`Least order, ${currency}`} placeholder="25.00" numeric {...form.field("minimum")} />
      <TextField label={`Postage, ${currency}`} placeholder="5.90" numeric {...form.field("postage")} />
      <TextField label={`Postage theirs from, ${currency}`} placeholder="80.00" numeric {...form.field("freeFrom")} />
      <TextField label="Delivery, working days" placeholder="3" numeric {...form.field("days")} />
      <TextField label="Where to order" inputClass="w-full" {...form.field("reach")} />
      <FormEnd
        form={form}
        save="Keep it"
        saved="Kept: the next order is divided by it."
        saveClass=""
        className="md:col-span-5"
      />
    </Form>
  );
}
