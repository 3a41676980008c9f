"use client";

import { useState } from "react";
import { Form, FormEnd, TextField, useForm, type Problems } from "@/ui/form";
import { IfMay } from "@/ui/role";
import { changeCustomer } from "./actions";

type Customer = { id: string; name: string; contact: string; remarks: string; version: number };

function OwnerForm({ customer, onDone }: { customer: Customer; onDone: () => void }) {
  const form = useForm<Customer>({
    asks: "change customer",
    initial: customer,
    check: ({ name }): Problems => (name.trim() ? {} : { name: "A customer has a name." }),
    save: async (fields) => {
      const answer = await changeCustomer(fields);
      if (answer.ok) onDone();
      return answer;
    },
  });
  return (
    <Form form={form} className="grid w-full gap-2 rounded-box bg-base-200 p-3 md:grid-cols-3">
      <TextField label="Owner" inputClass="w-full" {...form.field("name")} />
      <TextField label="Where to reach them" inputClass="w-full" {...form.field("contact")} />
      <TextField label="Remarks" inputClass="w-full" {...form.field("remarks")} />
      <FormEnd form={form} save="Save" onCancel={onDone} className="md:col-span-3" />
    </Form>
  );
}

/** The owner, with a form to change what is known about them. */
export function Owner({ customer }: { customer: Customer }) {
  const [changing, setChanging] = useState(false);
  if (changing) return <OwnerForm customer={customer} onDone={() => setChanging(false)} />;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span>
        <strong>{customer.name}</strong>
        {customer.contact ? <span className="dim"> · {customer.contact}</span> : null}
        {customer.remarks ? <span className="dim block">{customer.remarks}</span> : null}
      </span>
      <IfMay action="change customer">
        <button type="button" className="btn btn-ghost h-10" onClick={() => setChanging(true)}>
          Change
        </button>
      </IfMay>
    </div>
  );
}
