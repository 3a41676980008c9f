"use client";

import { returnOf, staysOf } from "@/core/across";
import { ofKind, type Content } from "@/core/kinds";
import { Form, FormEnd, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineOf } from "@/ui/logbook";
import { useState } from "react";

type Answer = "counts" | "not";

/** The set is back within the warranty of an earlier job: what was done then, and whether this counts as that. */
export function ReturnNote() {
  const { settled, visits, visit, model, append } = useLogbook();
  const lineOf = useLineOf();
  const back = returnOf(staysOf({ visits, settled }), visit.id, model.sheet);
  const word = ofKind(settled, "warranty").findLast(({ entry }) => entry.visitId === visit.id)?.content.payload;
  const [answer, setAnswer] = useState<Answer>("counts");
  const contentOf = (why: string): Content => ({
    kind: "warranty",
    payload: { v: 1, job: back?.job ?? 1, counts: answer === "counts", why: why.trim() },
  });
  const proposed = back
    ? [
        back.sameComplaint && "the complaint is read as the same",
        back.again.length > 0 && `${back.again.join(", ")} again`,
        back.again.length === 0 && back.stages.length > 0 && `the same stage, ${back.stages.join(", ")}`,
      ]
        .filter(Boolean)
        .join(", ")
    : "";
  const form = useForm({
    initial: { why: proposed },
    check: ({ why }) => (why.trim() ? {} : { why: "Say why." }),
    save: async ({ why }): Promise<SaveAnswer> => saying(await append(contentOf(why))),
  });
  if (!back) return null;
  return (
    <section aria-label="Back within warranty" className="flex flex-col gap-2 rounded-box border-2 border-warning p-3">
      <p>
        <strong>Back within the warranty of job {back.job}</strong>, which runs until {back.until}: it went out{" "}
        {back.days} {back.days === 1 ? "day" : "days"} before.{" "}
        {back.sameComplaint ? "The complaint is read as the same. " : "The complaint is read as another one. "}
        {back.again.length > 0 ? `Worked on again: ${back.again.join(", ")}. ` : ""}
        {back.stages.length > 0 ? `In a stage that was worked on then: ${back.stages.join(", ")}.` : ""}
      </p>
      {back.work.length > 0 ? (
        <p className="dim">
          Done then: {back.work.map(({ designators, text }) => `${designators.join(", ")} ${text}`).join("; ")}.
        </p>
      ) : null}
      {word ? (
        <p role="status">
          {word.counts ? "It counts as warranty: nothing is charged" : "It does not count as warranty"}: {word.why}.
        </p>
      ) : null}
      <Form form={form} label="Warranty" className="flex flex-wrap items-end gap-3">
        <fieldset className="flex gap-4">
          <legend className="sr-only">Does it count as warranty?</legend>
          {(
            [
              ["counts", "It counts as warranty"],
              ["not", "It does not"],
            ] as const
          ).map(([key, label]) => (
            <label key={key} className="flex min-h-11 items-center gap-2">
              <input
                type="radio"
                className="radio"
                name="warranty"
                checked={answer === key}
                onChange={() => setAnswer(key)}
              />
              {label}
            </label>
          ))}
        </fieldset>
        <TextField label="Why" inputClass="w-72" {...form.field("why")} />
        <FormEnd form={form} save={word ? "Say so instead" : "Say so"} saveClass="btn-outline" />
      </Form>
      <LineHint line={lineOf(contentOf(form.fields.why || "why"))} />
    </section>
  );
}
