"use client";

import { useState } from "react";
import { ofKind, TELLING, type Content } from "@/core/kinds";
import { FileThumb } from "@/ui/Attachments";
import { ErrorText, Form, FormEnd, SelectField, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineOf } from "@/ui/logbook";
import { Time } from "@/ui/Time";
import { LetterForm } from "./LetterForm";
import { Signature } from "./Signature";

function TellForm() {
  const { owner, append } = useLogbook();
  const lineOf = useLineOf();
  const contentOf = (typed: { to: string; how: (typeof TELLING)[number]; remark: string }): Content => ({
    kind: "told",
    payload: {
      v: 1,
      to: typed.to.trim(),
      how: typed.how,
      ...(typed.remark.trim() ? { remark: typed.remark.trim() } : {}),
    },
  });
  const form = useForm({
    initial: { to: owner, how: "phone" as (typeof TELLING)[number], remark: "" },
    check: ({ to }) => (to.trim() ? {} : { to: "Say who was told." }),
    save: async (typed): Promise<SaveAnswer> => saying(await append(contentOf(typed))),
  });
  return (
    <Form form={form} label="The owner was told" className="flex flex-col gap-1">
      <div className="flex flex-wrap items-end gap-3">
        <TextField label="Who was told" inputClass="w-52" {...form.field("to")} />
        <SelectField
          label="How"
          inputClass="w-36"
          options={TELLING.map((one) => [one, one] as const)}
          {...form.field("how")}
        />
        <TextField label="Remark" inputClass="w-52" placeholder="comes on Friday" {...form.field("remark")} />
        <FormEnd form={form} save="They were told" saveClass="btn-outline" />
      </div>
      {form.fields.to.trim() ? <LineHint line={lineOf(contentOf(form.fields))} /> : null}
    </Form>
  );
}

/** A picture that a page made, as a file to be sent. */
function fileOf(picture: string, name: string): File {
  const bytes = Uint8Array.from(atob(picture.slice(picture.indexOf(",") + 1)), (letter) => letter.charCodeAt(0));
  return new File([bytes], name, { type: "image/png" });
}

/** @param onSending the signature is on its way: the form stays until it is kept */
function CollectForm({ onSending }: { onSending: (sending: boolean) => void }) {
  const { owner, visit, append, attach } = useLogbook();
  const [picture, setPicture] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const form = useForm({
    initial: { by: owner },
    check: ({ by }) => (by.trim() ? {} : { by: "Say who collects it." }),
    save: async ({ by }): Promise<SaveAnswer> => {
      onSending(picture !== undefined);
      const written = await append({ kind: "collected", payload: { v: 1, by: by.trim() } });
      if (!written.ok) {
        onSending(false);
        return saying(written);
      }
      if (picture) {
        const sent = await attach(written.id, fileOf(picture, `signature job ${visit.job}.png`));
        setProblem(sent.ok ? undefined : `The entry stands; its signature could not be kept: ${sent.message}`);
        if (sent.ok) onSending(false);
      }
      return { ok: true };
    },
  });
  return (
    <Form form={form} label="It is collected" className="flex flex-col gap-3">
      <TextField label="Who collects it" inputClass="w-64" {...form.field("by")} />
      <Signature label="Signature: received in working order, with what came along" onChange={setPicture} />
      <FormEnd form={form} save={picture ? "Collected and signed" : "Collected, without a signature"} />
      {problem ? <ErrorText>{problem}</ErrorText> : null}
    </Form>
  );
}

/** Ready, told, collected: a letter made from the record, who was told and how, and who took the set along. */
export function ReadyPanel() {
  const { settled, visit, attachments } = useLogbook();
  const [sending, setSending] = useState(false);
  const mine = <K extends "told" | "collected" | "hand-back">(kind: K) =>
    ofKind(settled, kind).filter(({ entry }) => entry.visitId === visit.id);
  const told = mine("told");
  const collected = mine("collected").at(-1);
  const gone = mine("hand-back").length > 0;
  return (
    <div className="flex flex-col gap-4">
      <section aria-label="Letter" className="flex flex-col gap-2">
        <h3 className="text-lg font-bold">A letter or message</h3>
        <LetterForm key={gone ? "ready" : "estimate"} first={gone ? "ready" : "estimate"} />
      </section>
      <section aria-label="Told" className="flex flex-col gap-2">
        <h3 className="text-lg font-bold">Told</h3>
        {told.length === 0 ? (
          <p className="dim">Nobody was told yet that the set is ready.</p>
        ) : (
          <ul>
            {told.map(({ entry, at, content: { payload } }) => (
              <li key={entry.id}>
                <Time iso={at} />: {payload.to}, {payload.how}
                {payload.remark ? `, ${payload.remark}` : ""}
              </li>
            ))}
          </ul>
        )}
        <TellForm />
      </section>
      <section aria-label="Collected" className="flex flex-col gap-2">
        <h3 className="text-lg font-bold">Collected</h3>
        {collected && !sending ? (
          <div className="flex items-center gap-3">
            <p>
              By {collected.content.payload.by}, <Time iso={collected.at} />.
            </p>
            {attachments
              .filter(({ entryId }) => entryId === collected.entry.id)
              .map((file) => (
                <FileThumb key={file.id} file={file} side={96} />
              ))}
          </div>
        ) : gone ? (
          <CollectForm onSending={setSending} />
        ) : (
          <p className="dim">A set is collected once it is handed back: the last look and the gates come first.</p>
        )}
      </section>
    </div>
  );
}
