"use client";

import { useState } from "react";
import { ofKind, openPoints } from "@/core/history";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";
import { SymptomList } from "@/ui/SymptomList";
import { DoneForm } from "./DoneForm";

function AddSymptom() {
  const { append } = useLogbook();
  const [what, setWhat] = useState("");
  const [error, setError] = useState<string>();
  const add = async () => {
    if (!what.trim()) return setError("Describe what the set does, and when: hum, worse when warm.");
    const outcome = await append({ kind: "symptom", payload: { v: 1, what: what.trim(), state: "present" } });
    if (outcome.ok) setWhat("");
    return setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  return (
    <form
      className="mb-3 flex flex-col gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <Field label="What it does, and when">
        {(props) => (
          <span className="flex gap-2">
            <input
              {...props}
              className="input h-11 grow"
              value={what}
              placeholder="hum, worse when warm"
              onChange={(event) => setWhat(event.target.value)}
            />
            <button className="btn h-11">Add</button>
          </span>
        )}
      </Field>
      {error ? <ErrorText>{error}</ErrorText> : null}
      <LineHint line={`? ${what || "hum, worse when warm"}`} />
    </form>
  );
}

/** Find: symptoms with their state, the readings that are out, and the cause when it is known. */
export function FindPlate() {
  const { settled, input, visit } = useLogbook();
  const open = openPoints(settled, input.now);
  const symptoms = ofKind(settled, "symptom").filter(
    ({ entry, content }) => entry.visitId === visit.id && content.payload.state !== "gone",
  );
  const readings = open.filter((point) => point.kind === "reading");
  return (
    <div>
      <AddSymptom />
      <h2 className="font-bold">Symptoms</h2>
      {symptoms.length === 0 ? <p className="dim">None written down.</p> : null}
      <div className="mb-3">
        <SymptomList symptoms={symptoms} />
      </div>
      <h2 className="font-bold">Readings out of tolerance</h2>
      {readings.length === 0 ? <p className="dim">None.</p> : null}
      <ul>
        {readings.map((point) => (
          <li key={point.id} className="border-b border-base-300 py-2">
            {point.text}
          </li>
        ))}
      </ul>
      <DoneForm
        step="find"
        label="The cause, and how it was shown"
        placeholder="C14 leaks: grid falls to zero with it lifted"
        button="Found"
      />
    </div>
  );
}
