"use client";

import { useState } from "react";
import type { Phase } from "@/core/readings";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { TextField } from "@/ui/TextField";
import { useLogbook } from "@/ui/logbook";
import { NO_TEST, readTest, type TestFields } from "./test-fields";

/** Tests that a set is asked for often; anything else can be typed. */
const USUAL = ["output", "sensitivity", "dial error", "hum", "carrier output", "modulation depth", "frequency drift"];

/** A test of the whole set: what, under which condition, its figure with unit, and the limit. */
export function TestForm({ phase }: { phase: Phase }) {
  const { append, lineOf } = useLogbook();
  const [fields, setFields] = useState<TestFields>(NO_TEST);
  const [error, setError] = useState<string>();
  const put = (part: Partial<TestFields>) => {
    setError(undefined);
    setFields((all) => ({ ...all, ...part }));
  };
  const read = readTest(fields, phase);
  const save = async () => {
    if (!read.ok) return setError(read.message);
    const outcome = await append({ kind: "test-result", payload: read.payload });
    if (!outcome.ok) return setError(outcome.problems[0]?.message);
    // The next band is usually next: only what differs is cleared.
    return setFields((now) => (now === fields ? { ...fields, condition: "", measured: "" } : now));
  };
  return (
    <form
      aria-label="Add a test"
      className="mt-3 grid grid-cols-2 items-end gap-x-3 gap-y-2 rounded-box bg-base-200 p-3 md:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field label="Test">
        {(props) => (
          <>
            <input
              {...props}
              className="input h-11 w-full"
              list="usual-tests"
              value={fields.test}
              placeholder="output"
              onChange={(event) => put({ test: event.target.value })}
            />
            <datalist id="usual-tests">
              {USUAL.map((name) => (
                <option key={name} value={name} />
              ))}
            </datalist>
          </>
        )}
      </Field>
      <TextField
        label="At (band, level, mode)"
        value={fields.condition}
        onChange={(condition) => put({ condition })}
        placeholder="80 m"
        inputClass="w-full"
      />
      <TextField
        label="Measured"
        value={fields.measured}
        onChange={(measured) => put({ measured })}
        placeholder="62"
        numeric
      />
      <TextField label="Unit" value={fields.unit} onChange={(unit) => put({ unit })} placeholder="W" />
      <Field label="Limit is">
        {(props) => (
          <select
            {...props}
            className="select h-11 w-full"
            value={fields.sense}
            onChange={(event) => put({ sense: event.target.value as TestFields["sense"] })}
          >
            <option value="at-least">at least</option>
            <option value="at-most">at most</option>
          </select>
        )}
      </Field>
      <TextField label="Limit" value={fields.limit} onChange={(limit) => put({ limit })} placeholder="50" numeric />
      <TextField
        label="Set-up"
        value={fields.setup}
        onChange={(setup) => put({ setup })}
        placeholder="dummy load, power meter"
        inputClass="w-full"
      />
      <button className="btn btn-primary h-11">Add the test</button>
      {error ? (
        <div className="col-span-full">
          <ErrorText>{error}</ErrorText>
        </div>
      ) : null}
      <div className="col-span-full">
        <LineHint
          line={
            read.ok
              ? lineOf({ kind: "test-result", payload: read.payload })
              : "test output at 80 m 62 W min 50 on dummy load"
          }
        />
      </div>
    </form>
  );
}
