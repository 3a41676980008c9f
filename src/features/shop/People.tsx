"use client";

import { useState } from "react";
import { Form, FormEnd, TextField, useForm } from "@/ui/form";
import { takeOn } from "./actions";
import { problemsOf, readPerson, type TypedPerson } from "./typed";

const NOBODY: TypedPerson = { name: "", role: "" };

/** Who works here. Whoever wrote an entry stays: a logbook names its writers for good. */
export function People({ people }: { people: readonly { id: string; name: string; role: string }[] }) {
  const [last, setLast] = useState("");
  const form = useForm<TypedPerson>({
    initial: NOBODY,
    check: (typed) => problemsOf(readPerson(typed)),
    save: async (typed) => {
      setLast(typed.name.trim());
      return takeOn(typed);
    },
    next: () => NOBODY,
  });
  return (
    <section aria-label="People" className="flex flex-col gap-3">
      <ul className="flex flex-wrap gap-2">
        {people.map(({ id, name, role }) => (
          <li key={id} className="rounded-box bg-base-200 px-3 py-2">
            <strong>{name}</strong> <span className="dim">{role}</span>
          </li>
        ))}
      </ul>
      <Form form={form} className="flex flex-wrap items-end gap-3">
        <TextField label="Somebody new" inputClass="w-64" {...form.field("name")} />
        <TextField label="What they do here" inputClass="w-64" placeholder="technician" {...form.field("role")} />
        <FormEnd form={form} save="Take on" saveClass="btn-outline" saved={`${last} was added.`} />
      </Form>
    </section>
  );
}
