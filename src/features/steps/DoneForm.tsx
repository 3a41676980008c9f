"use client";

import type { Step } from "@/core/model";
import { ofKind } from "@/core/kinds";
import { Form, FormEnd, TextField, useForm } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineOf } from "@/ui/logbook";

type DoneFormProps = {
  step: Step;
  label: string;
  placeholder: string;
  button: string;
  /** says why the step cannot be done yet, or gives what is written in front of the note */
  check?: () => { problem: string } | { prefix: string };
};

const NO_NOTE = { note: "" };

/** Records a step as done, with what was seen. */
export function DoneForm({ step, label, placeholder, button, check }: DoneFormProps) {
  const { settled, visit, append } = useLogbook();
  const lineOf = useLineOf();
  const word = ofKind(settled, "step").findLast(
    ({ entry, content }) => entry.visitId === visit.id && content.payload.step === step,
  )?.content.payload;
  const contentOf = (prefix: string, note: string) => {
    const reason = [prefix, note.trim()].filter(Boolean).join("; ");
    return { kind: "step", payload: { v: 1, step, state: "passed", ...(reason ? { reason } : {}) } } as const;
  };
  const form = useForm({
    initial: NO_NOTE,
    keep: { key: `done ${step} ${visit.id}`, fits: shapeOf(NO_NOTE) },
    save: async ({ note }) => {
      const checked = check?.() ?? { prefix: "" };
      if ("problem" in checked) return { ok: false, message: checked.problem };
      return saying(await append(contentOf(checked.prefix, note)));
    },
    next: () => NO_NOTE,
  });
  const preview = check?.() ?? { prefix: "" };
  return (
    <Form form={form} className="mt-3 flex flex-col gap-2">
      {word?.state === "passed" ? (
        <p className="rounded-box border border-success p-2">
          <strong className="text-success">Done.</strong> {word.reason}
        </p>
      ) : null}
      <TextField label={label} placeholder={placeholder} inputClass="w-full" {...form.field("note")} />
      <FormEnd form={form} save={word?.state === "passed" ? "Record it again" : button} />
      <LineHint line={lineOf(contentOf("prefix" in preview ? preview.prefix : "…", form.fields.note))} />
    </Form>
  );
}
