"use client";

import { useState } from "react";
import { answerOf, POLICY_NAMES, SWITCH_NAMES, SWITCHES } from "@/core/policy";
import { ofKind, type ContentOf } from "@/core/kinds";
import { formatMoney } from "@/core/quantity";
import { Attachments } from "@/ui/Attachments";
import { Form, FormEnd, schemaProblems, TextField, useForm } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, type Outcome, useLineOf } from "@/ui/logbook";
import { ReturnNote } from "./ReturnNote";
import { EMPTY_TAKE_IN, fieldsOfTakeIn, takeInFields, takeInPayload, type TakeInFields as Fields } from "./schema";
import { TakeInFields } from "./TakeInFields";

type TakeIn = ContentOf<"take-in">["payload"];

type TypedTakeIn = Fields & { reason: string };

type FormProps = {
  /** the form and the entry that it is about */
  name: string;
  initial: Fields;
  button: string;
  needsReason: boolean;
  onSave: (payload: TakeIn, reason: string) => Promise<Outcome>;
  onCancel?: () => void;
};

const fits = shapeOf<TypedTakeIn>({ ...EMPTY_TAKE_IN, reason: "" });

function TakeInForm({ name, initial, button, needsReason, onSave, onCancel }: FormProps) {
  const { shop } = useLogbook();
  const lineOf = useLineOf();
  const form = useForm<TypedTakeIn>({
    initial: { ...initial, reason: "" },
    keep: { key: name, fits },
    check: (fields) => ({
      ...schemaProblems(takeInFields, fields),
      ...(needsReason && !fields.reason.trim() ? { reason: "Say why it is changed." } : {}),
    }),
    save: async ({ reason, ...fields }) => saying(await onSave(takeInPayload(fields, shop.currency), reason.trim())),
  });
  const { fields } = form;
  const { complaint } = fields;
  return (
    <Form form={form} className="flex flex-col gap-3">
      <TakeInFields fields={fields} onChange={form.change} problem={form.problem} />
      {needsReason ? <TextField label="Why it is changed" inputClass="w-full" {...form.field("reason")} /> : null}
      {needsReason ? null : (
        <LineHint
          line={lineOf({
            kind: "take-in",
            payload: { ...takeInPayload(fields, shop.currency), complaint: complaint.trim() || "…" },
          })}
        />
      )}
      <FormEnd form={form} save={button} onCancel={onCancel} />
    </Form>
  );
}

function Written({ payload }: { payload: TakeIn }) {
  const rows: [string, string | undefined][] = [
    ["Since", payload.since],
    ["The owner wants", payload.wants],
    ["Policy", POLICY_NAMES[payload.policy]],
    ["Came with it", payload.received.join(", ")],
    ["Missing", payload.missing.join(", ")],
    ["Earlier work", payload.earlierWork],
    ["Loose or foreign", payload.loose],
    ["Cosmetic state", payload.cosmetic],
    ["The outside", payload.grades?.map(({ part, grade }) => `${part} ${grade.replace("-", " ")}`).join(", ")],
    ["Date codes", payload.dateCodes],
    ["Provenance", payload.provenance],
    ["Ask above", payload.costLimit && formatMoney(payload.costLimit)],
    [
      "Choices",
      SWITCH_NAMES.flatMap((name) => {
        const answer = payload.switches?.[name];
        return answer ? [`${SWITCHES[name].question}: ${answerOf(name, answer)}`] : [];
      }).join("; "),
    ],
  ];
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
      {rows.map(([label, value]) => (
        <div key={label} className="contents">
          <dt className="dim">{label}</dt>
          <dd>{value || <span className="dim">not noted</span>}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Take in: the complaint and what came with the set; corrected later by amending. */
export function TakeInPlate() {
  const { settled, visit, append } = useLogbook();
  const [editing, setEditing] = useState(false);
  const taken = ofKind(settled, "take-in").findLast(({ entry }) => entry.visitId === visit.id);
  if (!taken)
    return (
      <TakeInForm
        name={`take-in ${visit.id}`}
        initial={EMPTY_TAKE_IN}
        button="Write it down"
        needsReason={false}
        onSave={(payload) => append({ kind: "take-in", payload })}
      />
    );
  if (editing)
    return (
      <TakeInForm
        name={`correct ${taken.entry.id}`}
        initial={fieldsOfTakeIn(taken.content.payload)}
        button="Correct it"
        needsReason
        onCancel={() => setEditing(false)}
        onSave={async (payload, reason) => {
          const content = { kind: "take-in", payload } as const;
          const outcome = await append(
            { kind: "amendment", payload: { v: 1, action: "correct", reason, content } },
            { amends: taken.entry.id },
          );
          if (outcome.ok) setEditing(false);
          return outcome;
        }}
      />
    );
  return (
    <div>
      <ReturnNote />
      <blockquote className="my-4 border-l-4 border-primary pl-3 text-xl">{taken.content.payload.complaint}</blockquote>
      <Written payload={taken.content.payload} />
      <button type="button" className="btn btn-outline my-4 h-11" onClick={() => setEditing(true)}>
        Correct or complete
      </button>
      <Attachments entryId={taken.entry.id} />
    </div>
  );
}
