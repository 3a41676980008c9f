"use client";

import { useState } from "react";
import type { AnyTest } from "@/core/diagnosis";
import { emptied } from "@/ui/emptied";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";

/** What the set does, in the technician's own words. */
export function AddSymptom() {
  const { append } = useLogbook();
  const [what, setWhat] = useState("");
  const [error, setError] = useState<string>();
  const add = async () => {
    if (!what.trim()) return setError("Describe what the set does, and when: hum, worse when warm.");
    const outcome = await append({ kind: "symptom", payload: { v: 1, what: what.trim(), state: "present" } });
    if (outcome.ok) setWhat(emptied(what));
    return setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  return (
    <form
      className="flex flex-col gap-1"
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
              onChange={(event) => {
                setError(undefined);
                setWhat(event.target.value);
              }}
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

/** Any test of the set, whatever was advised, and what came of it. */
export function AnyTestForm({ tests }: { tests: readonly AnyTest[] }) {
  const { append, lineOf } = useLogbook();
  const [id, setId] = useState("");
  const [outcome, setOutcome] = useState("");
  const [doubtful, setDoubtful] = useState(false);
  const [error, setError] = useState<string>();
  const test = tests.find((one) => one.id === id);
  const chosen = test?.outcomes.find(({ key }) => key === outcome);
  const content =
    test && chosen
      ? ({
          kind: "fault-test",
          payload: {
            v: 1,
            test: test.id,
            outcome: chosen.key,
            what: test.name,
            says: chosen.says,
            ...(doubtful ? { doubtful: true, remark: "intermittent" } : {}),
          },
        } as const)
      : undefined;
  const save = async () => {
    if (!content) return setError(test ? "Choose what came of it." : "Choose the test that was made.");
    const done = await append(content);
    setError(done.ok ? undefined : done.problems[0]?.message);
    if (done.ok) setOutcome("");
    return undefined;
  };
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field label="Another test">
        {(props) => (
          <select
            {...props}
            className="select h-11 w-full"
            value={id}
            onChange={(event) => {
              setError(undefined);
              setOutcome("");
              setId(event.target.value);
            }}
          >
            <option value="">Choose …</option>
            {tests.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      {test ? (
        <fieldset className="flex flex-wrap gap-x-4">
          <legend className="sr-only">What came of it</legend>
          {test.outcomes.map(({ key, says }) => (
            <label key={key} className="flex min-h-11 items-center gap-2">
              <input
                type="radio"
                name="outcome"
                className="radio"
                checked={outcome === key}
                onChange={() => {
                  setError(undefined);
                  setOutcome(key);
                }}
              />
              {says}
            </label>
          ))}
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={doubtful}
              onChange={(event) => setDoubtful(event.target.checked)}
            />
            it comes and goes: count it little
          </label>
        </fieldset>
      ) : null}
      {error ? <ErrorText>{error}</ErrorText> : null}
      <button className="btn h-11 self-start">Write it down</button>
      {content ? <LineHint line={lineOf(content)} /> : null}
    </form>
  );
}
