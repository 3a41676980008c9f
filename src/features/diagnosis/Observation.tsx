"use client";

import type { AnyTest, Said, System } from "@/core/diagnosis";
import type { Circuit } from "@/core/model";
import type { ContentOf } from "@/core/kinds";
import { ErrorText, Form, FormEnd, TextField, TickField, useForm } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineOf } from "@/ui/logbook";
import { ReadAs } from "./ReadAs";

const NO_SYMPTOM: { what: string; reads: Said[] | undefined } = { what: "", reads: undefined };

/** What the set does, in the technician's own words. */
export function AddSymptom({ circuit, system }: { circuit: Circuit; system: System }) {
  const { append } = useLogbook();
  const lineOf = useLineOf();
  const form = useForm({
    initial: NO_SYMPTOM,
    check: ({ what }) => (what.trim() ? {} : { what: "Describe what the set does, and when: hum, worse when warm." }),
    save: async ({ what, reads }) =>
      saying(
        await append({
          kind: "symptom",
          payload: { v: 1, what: what.trim(), state: "present", ...(reads ? { reads } : {}) },
        }),
      ),
    next: () => NO_SYMPTOM,
  });
  return (
    <Form form={form} className="flex flex-col gap-1">
      <div className="flex items-end gap-2">
        <TextField
          label="What it does, and when"
          placeholder="hum, worse when warm"
          className="grow"
          inputClass="w-full"
          {...form.field("what")}
          // Other words are read anew.
          onChange={(what) => form.change({ what, reads: undefined })}
        />
        <FormEnd form={form} save="Add" saveClass="" />
      </div>
      <ReadAs
        text={form.fields.what}
        reads={form.fields.reads}
        circuit={circuit}
        system={system}
        onReads={(reads) => form.change({ reads })}
      />
      <LineHint
        line={lineOf({
          kind: "symptom",
          payload: {
            v: 1,
            what: form.fields.what || "hum, worse when warm",
            state: "present",
            ...(form.fields.reads ? { reads: form.fields.reads } : {}),
          },
        })}
      />
    </Form>
  );
}

type Imagine = (test?: string, outcome?: string) => void;
const NO_TEST = { name: "", outcome: "", doubtful: false };
type TypedTest = typeof NO_TEST;

/** Any test of the set, whatever was advised, and what came of it. */
export function AnyTestForm({ tests, onImagine }: { tests: readonly AnyTest[]; onImagine: Imagine }) {
  const { append } = useLogbook();
  const lineOf = useLineOf();
  const named = (name: string) => tests.find((one) => one.name.toLowerCase() === name.trim().toLowerCase());
  const contentOf = ({ name, outcome, doubtful }: TypedTest): ContentOf<"fault-test"> | undefined => {
    const test = named(name);
    const chosen = test?.outcomes.find(({ key }) => key === outcome);
    if (!test || !chosen) return undefined;
    const sure = doubtful ? ({ doubtful: true, remark: "intermittent" } as const) : {};
    const payload = { v: 1, test: test.id, outcome: chosen.key, what: test.name, says: chosen.says, ...sure } as const;
    return { kind: "fault-test", payload };
  };
  const form = useForm<TypedTest>({
    initial: NO_TEST,
    check: ({ name, outcome }) => ({
      ...(named(name)
        ? {}
        : {
            name: name.trim()
              ? "No test of this set is called so: choose one of the list."
              : "Choose the test that was made.",
          }),
      ...(named(name) && !outcome ? { outcome: "Choose what came of it." } : {}),
    }),
    save: async (typed) => {
      const content = contentOf(typed);
      return content ? saying(await append(content)) : { ok: false, message: "Choose what came of it." };
    },
    next: (written) => ({ ...written, outcome: "" }),
  });
  const { fields, change, problem } = form;
  const test = named(fields.name);
  const content = contentOf(fields);
  return (
    <Form form={form} label="Any test" className="flex flex-col gap-2">
      <TextField
        label="Another test"
        placeholder="part of its name: IF, C14, plate"
        inputClass="w-full"
        choices={tests.map(({ name }) => name)}
        {...form.field("name")}
        onChange={(name) => change({ name, outcome: "" })}
      />
      {test ? (
        <fieldset className="flex flex-wrap gap-x-4" data-invalid={problem("outcome") ? true : undefined}>
          <legend className="sr-only">What came of it</legend>
          {test.outcomes.map(({ key, says }) => (
            <label key={key} className="flex min-h-11 items-center gap-2">
              <input
                type="radio"
                name="outcome"
                className="radio"
                checked={fields.outcome === key}
                onChange={() => {
                  change({ outcome: key });
                  onImagine(test.id, key);
                }}
              />
              {says}
            </label>
          ))}
          <TickField
            label="it comes and goes: count it little"
            value={fields.doubtful}
            onChange={(doubtful) => change({ doubtful })}
          />
          {problem("outcome") ? <ErrorText>{problem("outcome")}</ErrorText> : null}
        </fieldset>
      ) : null}
      <FormEnd form={form} save="Write it down" saveClass="" />
      {content ? <LineHint line={lineOf(content)} /> : null}
    </Form>
  );
}
