"use client";

import { useState } from "react";
import { v7 } from "uuid";
import { TOLD_BY } from "@/core/kinds";
import { Form, FormEnd, SelectField, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { dayWords } from "@/ui/plan/words";
import { promiseDay } from "./actions";

type PromiseProps = { visit: string; to: string; today: string; suggested: string | undefined; onDone?: () => void };

/** A day is promised to the owner. The day that nine of ten runs keep is proposed. */
export function PromiseForm({ visit, to, today, suggested, onDone }: PromiseProps) {
  // Made once: sending the form again with the same id never doubles the promise.
  const [entry] = useState(() => v7());
  const form = useForm({
    asks: "promise day",
    initial: { day: suggested ?? "", to, how: "phone" as (typeof TOLD_BY)[number], remark: "" },
    check: ({ day, to: whom }) => ({
      ...(day === "" ? { day: "Say the day." } : day < today ? { day: "That day is over: promise a later one." } : {}),
      ...(whom.trim() ? {} : { to: "Say to whom." }),
    }),
    save: async (typed): Promise<SaveAnswer> => {
      const answer = await promiseDay({ ...typed, entry, visit, today });
      if (answer.ok) onDone?.();
      return answer.ok ? { ok: true } : answer;
    },
  });
  const soon = suggested !== undefined && form.fields.day !== "" && form.fields.day < suggested;
  return (
    <Form form={form} label="Promise a day" className="flex flex-col gap-2 rounded-box bg-base-200 p-3">
      <div className="flex flex-wrap items-end gap-3">
        <TextField label="Promise it for" type="date" inputClass="w-44" {...form.field("day")} />
        <TextField label="To" inputClass="w-48" {...form.field("to")} />
        <SelectField
          label="How"
          inputClass="w-32"
          options={TOLD_BY.map((way) => [way, way] as const)}
          {...form.field("how")}
        />
        <FormEnd form={form} save="Promise" />
      </div>
      {soon ? (
        <p role="status" className="text-warning">
          Sooner than {dayWords(suggested)}, which nine of ten cases keep.
        </p>
      ) : null}
    </Form>
  );
}
