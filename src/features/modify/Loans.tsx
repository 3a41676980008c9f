"use client";

import { useState } from "react";
import { loansOut } from "@/core/kinds";
import { emptied } from "@/ui/emptied";
import { ErrorText } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";
import { Time } from "@/ui/Time";
import { useWrite } from "./useWrite";

/** Boards, tubes and parts that sit in the set for a test only: they come out again before it leaves. */
export function Loans() {
  const { settled, context } = useLogbook();
  const { write, error, setError } = useWrite();
  const [what, setWhat] = useState("");
  const [place, setPlace] = useState("");
  const loans = loansOut(settled);
  const lend = async () => {
    if (!what.trim()) return setError("Say what goes in for the test.");
    const at = place.trim();
    const done = await write({
      kind: "loan",
      payload: { v: 1, what: what.trim(), ...(at ? { place: at } : {}), state: "in" },
    });
    if (!done) return undefined;
    setWhat(emptied(what));
    setPlace(emptied(place));
    return undefined;
  };
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
      <form
        className="mt-1 flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void lend();
        }}
      >
        <input
          className="input h-11 min-w-52 flex-1"
          aria-label="What is put in for a test"
          placeholder="spare AF board, tested; 6146 from the test box"
          value={what}
          onChange={(event) => {
            setError(undefined);
            setWhat(event.target.value);
          }}
        />
        <input
          className="input h-11 w-32 font-mono"
          aria-label="Where it sits"
          placeholder="V2"
          value={place}
          onChange={(event) => setPlace(event.target.value)}
        />
        <button className="btn btn-outline h-11">Put in for a test</button>
      </form>
      {error ? <ErrorText>{error}</ErrorText> : null}
      <LineHint line={first ? `back #${n(first.id) ?? 1}` : "loan spare AF board; at AF socket; from the test box"} />
    </section>
  );
}
