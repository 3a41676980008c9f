"use client";

import { loansOut } from "@/core/kinds";
import { ErrorText, Form, FormEnd, TextField, useForm, type Problems } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineContext } from "@/ui/logbook";
import { Time } from "@/ui/Time";
import { useWrite } from "./useWrite";

const NO_LOAN = { what: "", place: "" };

/** Boards, tubes and parts that sit in the set for a test only: they come out again before it leaves. */
export function Loans() {
  const { settled, append } = useLogbook();
  const context = useLineContext();
  const { write, error } = useWrite();
  const form = useForm({
    initial: NO_LOAN,
    check: ({ what }): Problems => (what.trim() ? {} : { what: "Say what goes in for the test." }),
    save: async ({ what, place }) => {
      const at = place.trim() ? { place: place.trim() } : {};
      return saying(await append({ kind: "loan", payload: { v: 1, what: what.trim(), ...at, state: "in" } }));
    },
    next: () => NO_LOAN,
  });
  const loans = loansOut(settled);
  const n = (id: string) => context.tape.find((item) => item.id === id)?.n;
  const [first] = loans;
  return (
    <section aria-label="On loan for a test" className="mt-4">
      <h2 className="text-lg font-bold">On loan for a test</h2>
      {loans.length === 0 ? <p className="dim">Nothing: what sits in the set belongs to it.</p> : null}
      <ul>
        {loans.map((loan) => (
          <li key={loan.id} className="flex min-h-11 flex-wrap items-center gap-3 border-b border-base-300 py-1">
            <span className="min-w-52 flex-1">
              <strong>{loan.what}</strong>
              {loan.place ? ` at ${loan.place}` : ""}{" "}
              <span className="dim text-sm">
                since <Time iso={loan.at} as="full" />
              </span>
            </span>
            <button
              type="button"
              className="btn btn-outline h-10"
              aria-label={`Out again: ${loan.what}`}
              onClick={() =>
                void write({ kind: "loan", payload: { v: 1, what: loan.what, state: "out", about: loan.id } })
              }
            >
              It is out again
            </button>
          </li>
        ))}
      </ul>
      <Form form={form} label="Put in for a test" className="mt-1 flex flex-wrap items-start gap-2">
        <TextField
          label="What is put in for a test"
          bare
          className="min-w-52 flex-1"
          inputClass="w-full"
          placeholder="spare AF board, tested; 6146 from the test box"
          {...form.field("what")}
        />
        <TextField label="Where it sits" bare inputClass="w-32 font-mono" placeholder="V2" {...form.field("place")} />
        <FormEnd form={form} save="Put in for a test" saveClass="btn-outline" />
      </Form>
      {error ? <ErrorText>{error}</ErrorText> : null}
      <LineHint line={first ? `back #${n(first.id) ?? 1}` : "loan spare AF board; at AF socket; from the test box"} />
    </section>
  );
}
