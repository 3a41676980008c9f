"use client";

import type { AnyTest, System } from "@/core/diagnosis";
import type { Circuit } from "@/core/model";
import type { ContentOf } from "@/core/kinds";
import { ErrorText, Form, FormEnd, SelectField, TextField, TickField, useForm } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook } from "@/ui/logbook";
import { ReadAs } from "./ReadAs";

const NO_SYMPTOM = { what: "" };

/** What the set does, in the technician's own words. */
export function AddSymptom({ circuit, system }: { circuit: Circuit; system: System }) {
  const { append } = useLogbook();
  const form = useForm({
    initial: NO_SYMPTOM,
    check: ({ what }) => (what.trim() ? {} : { what: "Describe what the set does, and when: hum, worse when warm." }),
    save: async ({ what }) =>
      saying(await append({ kind: "symptom", payload: { v: 1, what: what.trim(), state: "present" } })),
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
        />
        <FormEnd form={form} save="Add" saveClass="" />
      </div>
      <ReadAs text={form.fields.what} circuit={circuit} system={system} />
      <LineHint line={`? ${form.fields.what || "hum, worse when warm"}`} />
    </Form>
  );
}

const NO_TEST = { id: "", outcome: "", doubtful: false };
type TypedTest = typeof NO_TEST;

/** Any test of the set, whatever was advised, and what came of it. */
export function AnyTestForm({ tests }: { tests: readonly AnyTest[] }) {
  const { append, lineOf } = useLogbook();
  const contentOf = ({ id, outcome, doubtful }: TypedTest): ContentOf<"fault-test"> | undefined => {
    const test = tests.find((one) => one.id === id);
    const chosen = test?.outcomes.find(({ key }) => key === outcome);
    if (!test || !chosen) return undefined;
    const sure = doubtful ? ({ doubtful: true, remark: "intermittent" } as const) : {};
    const payload = { v: 1, test: test.id, outcome: chosen.key, what: test.name, says: chosen.says, ...sure } as const;
    return { kind: "fault-test", payload };
  };
  const form = useForm<TypedTest>({
    initial: NO_TEST,
    check: ({ id, outcome }) => ({
      ...(id ? {} : { id: "Choose the test that was made." }),
      ...(id && !outcome ? { outcome: "Choose what came of it." } : {}),
    }),
    save: async (typed) => {
      const content = contentOf(typed);
      return content ? saying(await append(content)) : { ok: false, message: "Choose what came of it." };
    },
    next: (written) => ({ ...written, outcome: "" }),
  });
  const { fields, change, problem } = form;
  const test = tests.find((one) => one.id === fields.id);
  const content = contentOf(fields);
  return (
    <Form form={form} label="Any test" className="flex flex-col gap-2">
      <SelectField
        label="Another test"
        options={[["", "Choose …"], ...tests.map(({ id, name }) => [id, name] as const)]}
        {...form.field("id")}
        onChange={(id) => change({ id, outcome: "" })}
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
                onChange={() => change({ outcome: key })}
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
