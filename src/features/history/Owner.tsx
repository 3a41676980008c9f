"use client";

import { useState } from "react";
import { ErrorText, Field } from "@/ui/Field";
import { changeCustomer } from "./actions";

type Customer = { id: string; name: string; contact: string; remarks: string; version: number };

/** The owner, with a form to change what is known about them. */
export function Owner({ customer }: { customer: Customer }) {
  const [fields, setFields] = useState<Customer>();
  const [error, setError] = useState<string>();
  if (!fields)
    return (
      <div className="flex flex-wrap items-center gap-3">
        <span>
          <strong>{customer.name}</strong>
          {customer.contact ? <span className="dim"> · {customer.contact}</span> : null}
          {customer.remarks ? <span className="dim block">{customer.remarks}</span> : null}
        </span>
        <button type="button" className="btn btn-ghost h-10" onClick={() => setFields(customer)}>
          Change
        </button>
      </div>
    );
  const save = async () => {
    const saved = await changeCustomer(fields).catch(
      () => ({ ok: false, message: "The server cannot be reached; what you typed is still here." }) as const,
    );
    if (saved.ok) setFields(undefined);
    setError(saved.ok ? undefined : saved.message);
  };
  const field = (key: "name" | "contact" | "remarks", label: string) => (
    <Field label={label}>
      {(props) => (
        <input
          {...props}
          className="input h-11 w-full"
          value={fields[key]}
          onChange={(event) => setFields({ ...fields, [key]: event.target.value })}
        />
      )}
    </Field>
  );
  return (
    <form
      className="grid w-full gap-2 rounded-box bg-base-200 p-3 md:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {field("name", "Owner")}
      {field("contact", "Where to reach them")}
      {field("remarks", "Remarks")}
      {error ? (
        <div className="md:col-span-3">
          <ErrorText>{error}</ErrorText>
        </div>
      ) : null}
      <div className="flex gap-2">
        <button className="btn btn-primary h-11">Save</button>
        <button type="button" className="btn btn-ghost h-11" onClick={() => setFields(undefined)}>
          Cancel
        </button>
      </div>
    </form>
  );
}
