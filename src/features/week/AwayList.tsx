"use client";

import { Form, FormEnd, SelectField, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { dayWords } from "@/ui/plan/words";
import { ActButton } from "@/ui/ActButton";
import { IfMay } from "@/ui/role";
import { noteAway, strikeAway } from "./actions";

type AwayProps = {
  away: readonly { id: string; person?: string; from: string; to: string; why: string }[];
  people: readonly { id: string; name: string }[];
};

const NOTHING = { person: "", from: "", to: "", why: "" };

function NewAway({ people }: Pick<AwayProps, "people">) {
  const form = useForm({
    asks: "note days away",
    initial: NOTHING,
    check: ({ from, to }) => ({
      ...(from ? {} : { from: "Say the first day." }),
      ...(to && from && to < from ? { to: "The last day lies before the first." } : {}),
    }),
    save: async ({ person, from, to, why }): Promise<SaveAnswer> => {
      const answer = await noteAway({ person: person || null, from, to: to || from, why });
      return answer.ok ? { ok: true } : answer;
    },
    next: () => NOTHING,
  });
  return (
    <Form form={form} label="Days away" className="flex flex-wrap items-end gap-3">
      <SelectField
        label="Who"
        inputClass="w-72"
        options={[["", "everybody: the shop is closed"], ...people.map(({ id, name }) => [id, name] as const)]}
        {...form.field("person")}
      />
      <TextField label="From" type="date" inputClass="w-44" {...form.field("from")} />
      <TextField label="To, the day included" type="date" inputClass="w-44" {...form.field("to")} />
      <TextField label="Why" placeholder="ill" inputClass="w-44" {...form.field("why")} />
      <FormEnd form={form} save="Note" saveClass="btn-outline" />
    </Form>
  );
}

/** Days on which somebody is away, or the shop is closed. The plan follows at once. */
export function AwayList({ away, people }: AwayProps) {
  return (
    <section aria-label="Days away" className="flex flex-col gap-2">
      {away.length === 0 ? <p className="dim">Nobody is away.</p> : null}
      <ul className="flex flex-col gap-1">
        {away.map(({ id, person, from, to, why }) => (
          <li key={id} className="flex flex-wrap items-center gap-3">
            <span>
              <strong>
                {person ? (people.find((one) => one.id === person)?.name ?? "Somebody") : "The shop is closed"}
              </strong>
              : {dayWords(from)}
              {to === from ? "" : ` to ${dayWords(to)}`}
              {why ? `, ${why}` : ""}
            </span>
            <ActButton asks="strike days away" act={() => strikeAway(id)} className="btn btn-ghost btn-sm min-h-10">
              Strike out
            </ActButton>
          </li>
        ))}
      </ul>
      <IfMay action="note days away" otherwise="say">
        <NewAway people={people} />
      </IfMay>
    </section>
  );
}
