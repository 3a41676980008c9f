"use client";

import { useState } from "react";
import { ROLE_SAYS, ROLE_WORDS, ROLES, type Role } from "@/core/access";
import { ErrorText, Form, FormEnd, SelectField, TextField, TickField, useForm, type SaveAnswer } from "@/ui/form";
import { IfMay } from "@/ui/role";
import { askEverybody, changeSomebody, resetPassword, takeOn } from "./actions";
import { problemsOf } from "./form-read";
import { readName } from "./typed";

export type Somebody = { id: string; name: string; access: Role; retired: boolean };

const OPTIONS = ROLES.map((role) => [role, ROLE_WORDS[role]] as const);

/** A password that is shown this once, to be told to somebody. */
function Told({ name, password }: { name: string; password: string }) {
  return (
    <p role="status" className="rounded-box border-2 border-primary bg-base-100 p-3">
      Password for {name}, shown this once: <strong className="font-mono text-lg select-all">{password}</strong>. It is
      changed at the first sign-in.
    </p>
  );
}

function NewPerson() {
  const [told, setTold] = useState<{ name: string; password: string }>();
  const form = useForm({
    initial: { name: "", access: "technician" as Role },
    check: ({ name }) => problemsOf(readName(name)),
    save: async (typed): Promise<SaveAnswer> => {
      const answer = await takeOn(typed);
      setTold("password" in answer ? { name: typed.name.trim(), password: answer.password } : undefined);
      return answer.ok ? { ok: true } : answer;
    },
    next: () => ({ name: "", access: "technician" as Role }),
  });
  return (
    <>
      <Form form={form} label="Take somebody on" className="flex flex-wrap items-end gap-3">
        <TextField label="Somebody new" inputClass="w-64" {...form.field("name")} />
        <SelectField label="Role" inputClass="w-52" options={OPTIONS} {...form.field("access")} />
        <FormEnd form={form} save="Take on" saveClass="btn-outline" />
      </Form>
      <p className="dim">{ROLE_SAYS[form.fields.access]}</p>
      {told ? <Told {...told} /> : null}
    </>
  );
}

function ChangePerson({ person, onDone }: { person: Somebody; onDone: () => void }) {
  const [told, setTold] = useState<string>();
  const [message, setMessage] = useState<string>();
  const form = useForm({
    initial: { name: person.name, access: person.access, retired: person.retired },
    check: ({ name }) => problemsOf(readName(name)),
    save: async ({ name, access, retired }): Promise<SaveAnswer> => {
      const answer = await changeSomebody(person.id, { name, access }, retired);
      if (answer.ok) onDone();
      return answer.ok ? { ok: true } : answer;
    },
  });
  const reset = async () => {
    const answer = await resetPassword(person.id);
    setTold("password" in answer ? answer.password : undefined);
    setMessage(answer.ok ? undefined : answer.message);
  };
  return (
    <div className="flex flex-col gap-2 rounded-box bg-base-200 p-3">
      <Form form={form} label={`Change ${person.name}`} className="flex flex-wrap items-end gap-3">
        <TextField label="Name" inputClass="w-64" autoFocus {...form.field("name")} />
        <SelectField label="Role" inputClass="w-52" options={OPTIONS} {...form.field("access")} />
        <TickField
          label="Works here no more"
          value={form.fields.retired}
          onChange={(retired) => form.change({ retired })}
        />
        <FormEnd form={form} save="Save" onCancel={onDone}>
          <button type="button" className="btn btn-outline h-11" onClick={() => void reset()}>
            New password
          </button>
        </FormEnd>
      </Form>
      <p className="dim">{ROLE_SAYS[form.fields.access]}</p>
      {told ? <Told name={person.name} password={told} /> : null}
      {message ? <p role="alert">{message}</p> : null}
    </div>
  );
}

/** Whether everybody is asked for a code from a phone. */
function CodesOfAll({ asked }: { asked: boolean }) {
  const [message, setMessage] = useState<string>();
  const [ticked, setTicked] = useState(asked);
  const change = async (wanted: boolean) => {
    setTicked(wanted);
    const answer = await askEverybody(wanted);
    setMessage(answer.ok ? undefined : answer.message);
    if (!answer.ok) setTicked(!wanted);
  };
  return (
    <div className="flex flex-col gap-1">
      <TickField
        label="Everybody signs in with a code from a phone, too"
        value={ticked}
        onChange={(wanted) => void change(wanted)}
      />
      <p className="dim">
        Each sets it up on My sign-in{asked ? "; who has none yet is led there first" : ""}. A new password ends the
        codes of a phone that is lost.
      </p>
      {message ? <ErrorText>{message}</ErrorText> : null}
    </div>
  );
}

/** Who works here, and what each may do. Whoever wrote an entry stays: a logbook names its writers for good. */
export function People({ people, codesAsked }: { people: readonly Somebody[]; codesAsked: boolean }) {
  const [changing, setChanging] = useState<string>();
  const person = people.find(({ id }) => id === changing);
  return (
    <section aria-label="People" className="flex flex-col gap-3">
      <ul className="flex flex-wrap gap-2">
        {people.map(({ id, name, access, retired }) => (
          <li key={id} className="flex items-center gap-2 rounded-box bg-base-200 px-3 py-2">
            <span>
              <strong>{name}</strong>{" "}
              <span className="dim">{retired ? "works here no more" : ROLE_WORDS[access].toLowerCase()}</span>
            </span>
            <IfMay action="change person's row">
              <button
                type="button"
                className="btn btn-ghost btn-sm min-h-10"
                aria-label={`Change ${name}`}
                onClick={() => setChanging(id)}
              >
                Change
              </button>
            </IfMay>
          </li>
        ))}
      </ul>
      {person ? <ChangePerson key={person.id} person={person} onDone={() => setChanging(undefined)} /> : null}
      <IfMay action="ask for codes">
        <CodesOfAll asked={codesAsked} />
      </IfMay>
      <IfMay action="take on" otherwise="say">
        <NewPerson />
      </IfMay>
    </section>
  );
}
