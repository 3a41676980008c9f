"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { answerOf, POLICY_NAMES, SWITCH_NAMES, SWITCHES } from "@/core/policy";
import { ofKind, type ContentOf } from "@/core/kinds";
import { formatMoney } from "@/core/quantity";
import { Attachments } from "@/ui/Attachments";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { useLogbook, type Outcome } from "@/ui/logbook";
import { EMPTY_TAKE_IN, fieldsOfTakeIn, takeInFields, takeInPayload, type TakeInFields as Fields } from "./schema";
import { TakeInFields } from "./TakeInFields";

type TakeIn = ContentOf<"take-in">["payload"];

type FormProps = {
  initial: Fields;
  button: string;
  needsReason: boolean;
  onSave: (payload: TakeIn, reason: string) => Promise<Outcome>;
  onCancel?: () => void;
};

function TakeInForm({ initial, button, needsReason, onSave, onCancel }: FormProps) {
  const { lineOf, shop } = useLogbook();
  const [reason, setReason] = useState("");
  const [refusal, setRefusal] = useState<string>();
  const { register, handleSubmit, control, formState } = useForm<Fields>({
    resolver: zodResolver(takeInFields),
    defaultValues: initial,
  });
  const typed = useWatch({ control }) as Fields;
  const save = handleSubmit(async (fields) => {
    if (needsReason && !reason.trim()) return setRefusal("Say why it is changed.");
    const outcome = await onSave(takeInPayload(fields, shop.currency), reason.trim());
    return setRefusal(outcome.ok ? undefined : outcome.problems[0]?.message);
  });
  return (
    <form onSubmit={save} className="flex flex-col gap-3" noValidate>
      <TakeInFields register={register} errors={formState.errors} prefix="" />
      {needsReason ? (
        <Field label="Why it is changed" error={refusal}>
          {(props) => (
            <input
              {...props}
              className="input h-11 w-full"
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
          )}
        </Field>
      ) : refusal ? (
        <ErrorText>{refusal}</ErrorText>
      ) : null}
      {needsReason ? null : (
        <LineHint
          line={lineOf({
            kind: "take-in",
            payload: { ...takeInPayload(typed, shop.currency), complaint: typed.complaint || "…" },
          })}
        />
      )}
      <div className="flex gap-2">
        <button className="btn btn-primary h-11">{button}</button>
        {onCancel ? (
          <button type="button" className="btn btn-ghost h-11" onClick={onCancel}>
            Cancel
          </button>
        ) : null}
      </div>
    </form>
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
        initial={EMPTY_TAKE_IN}
        button="Write it down"
        needsReason={false}
        onSave={(payload) => append({ kind: "take-in", payload })}
      />
    );
  if (editing)
    return (
      <TakeInForm
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
      <blockquote className="mb-4 border-l-4 border-primary pl-3 text-xl">{taken.content.payload.complaint}</blockquote>
      <Written payload={taken.content.payload} />
      <button type="button" className="btn btn-outline my-4 h-11" onClick={() => setEditing(true)}>
        Correct or complete
      </button>
      <Attachments entryId={taken.entry.id} />
    </div>
  );
}
