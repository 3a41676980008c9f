"use client";

import { useState } from "react";
import { Form, FormEnd, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { changePerson } from "./actions";

type Person = { id: string; name: string };

type Props = {
  people: readonly Person[];
  /** who was here last: chosen already */
  personId: string;
  /** the right PIN was typed: by whom, and whether a password of their own comes first */
  onOpen: (personId: string, mustChange: boolean) => void;
  onCancel?: () => void;
};

/** Names to choose from and a field for the PIN: who is at this device now. */
export function OpenScreen({ people, personId, onOpen, onCancel }: Props) {
  const [chosen, setChosen] = useState(personId);
  const form = useForm({
    initial: { pin: "" },
    check: ({ pin }) => ({ pin: pin === "" ? "Type your PIN." : undefined }),
    save: async ({ pin }): Promise<SaveAnswer> => {
      const answer = await changePerson(chosen, pin);
      if (answer.ok) onOpen(chosen, "mustChange" in answer && answer.mustChange === true);
      return answer.ok ? { ok: true } : { ok: false, message: answer.message };
    },
    next: () => ({ pin: "" }),
  });
  return (
    <Form form={form} label="Who is at the bench" className="flex flex-col gap-4">
      <fieldset className="flex flex-wrap gap-2">
        <legend className="mb-1 font-bold">Who is at the bench?</legend>
        {people.map(({ id, name }) => (
          <label
            key={id}
            className="flex min-h-12 cursor-pointer items-center gap-2 rounded-box border border-base-300 px-3 has-checked:border-primary has-checked:bg-base-300 has-focus-visible:outline-2"
          >
            <input
              type="radio"
              name="who"
              className="radio radio-primary"
              checked={chosen === id}
              onChange={() => {
                setChosen(id);
                form.clear();
              }}
            />
            {name}
          </label>
        ))}
      </fieldset>
      <TextField
        label="PIN"
        type="password"
        inputClass="w-40 font-mono text-xl tracking-widest"
        numeric
        autoFocus
        {...form.field("pin")}
      />
      <FormEnd form={form} save="Open" onCancel={onCancel} />
    </Form>
  );
}
