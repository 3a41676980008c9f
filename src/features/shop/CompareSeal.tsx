"use client";

import { useState } from "react";
import { Form, FormEnd, SelectField, TextField, useForm } from "@/ui/form";
import { compareSeal } from "./actions";
import { problemsOf } from "./form-read";
import { readSealLine, type TypedSealLine } from "./typed";

/** A line of a printed sheet is typed in, and held against the logbook as it is today. */
export function CompareSeal({ sets }: { sets: readonly { setId: string; name: string }[] }) {
  const [said, setSaid] = useState("");
  const form = useForm<TypedSealLine>({
    initial: { setId: sets[0]?.setId ?? "", of: "entries", count: "", seal: "" },
    check: (typed) => problemsOf(readSealLine(typed)),
    save: async (typed) => {
      setSaid("");
      const answer = await compareSeal(typed);
      if (answer.ok) setSaid(answer.said ?? "");
      return answer;
    },
  });
  return (
    <section aria-label="Compare" className="rounded-box bg-base-100 p-4">
      <h2 className="text-lg font-bold">Compare with a printed sheet</h2>
      <Form form={form} className="mt-2 grid items-start gap-3 sm:grid-cols-[2fr_1fr_7rem_2fr]">
        <SelectField
          label="Set"
          options={sets.map(({ setId, name }) => [setId, name] as const)}
          {...form.field("setId")}
        />
        <SelectField
          label="Seal of its"
          options={[
            ["entries", "entries"],
            ["files", "photos and files"],
          ]}
          {...form.field("of")}
        />
        <TextField label="How many" numeric {...form.field("count")} />
        <TextField label="Seal" hint="The first two groups are enough." {...form.field("seal")} />
        <FormEnd form={form} save="Compare" saveClass="btn-outline" className="col-span-full" saved={said} />
      </Form>
    </section>
  );
}
