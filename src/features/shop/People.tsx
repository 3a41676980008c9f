"use client";

import { useState } from "react";
import { ErrorText } from "@/ui/Field";
import { TextField } from "@/ui/TextField";
import { takeOn } from "./actions";
import { readPerson, UNREACHABLE } from "./typed";

const NOBODY = { name: "", role: "" };

/** Who works here. Whoever wrote an entry stays: a logbook names its writers for good. */
export function People({ people }: { people: readonly { id: string; name: string; role: string }[] }) {
  const [typed, setTyped] = useState(NOBODY);
  const [said, setSaid] = useState<{ message?: string; saved?: string }>({});
  const add = async () => {
    const read = readPerson(typed);
    if (!read.ok) return setSaid({ message: Object.values(read.problems)[0] ?? "" });
    const answer = await takeOn(typed).catch(() => UNREACHABLE);
    if (!answer.ok) return setSaid({ message: answer.message });
    setTyped(NOBODY);
    return setSaid({ saved: `${read.value.name} is on.` });
  };
  const change = (part: Partial<typeof NOBODY>) => {
    setSaid({});
    setTyped({ ...typed, ...part });
  };
  return (
    <section aria-label="People" className="flex flex-col gap-3">
      <ul className="flex flex-wrap gap-2">
        {people.map(({ id, name, role }) => (
          <li key={id} className="rounded-box bg-base-200 px-3 py-2">
            <strong>{name}</strong> <span className="dim">{role}</span>
          </li>
        ))}
      </ul>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <TextField label="Somebody new" inputClass="w-64" value={typed.name} onChange={(name) => change({ name })} />
        <TextField
          label="What they do here"
          inputClass="w-64"
          value={typed.role}
          placeholder="technician"
          onChange={(role) => change({ role })}
        />
        <button className="btn btn-outline h-11">Take on</button>
        {said.saved ? <span role="status">{said.saved}</span> : null}
        {said.message ? <ErrorText>{said.message}</ErrorText> : null}
      </form>
    </section>
  );
}
