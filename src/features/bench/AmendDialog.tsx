"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import { parseCorrection, untouchedFields, type NamedField } from "@/core/bench-line";
import {
  describe,
  fieldText,
  type Amendment,
  type Content,
  type ContentOf,
  type Entry,
  type Settled,
} from "@/core/kinds";
import { wrongDate } from "@/core/log";
import { Attachments } from "@/ui/Attachments";
import { ErrorText } from "@/ui/form";
import { useLogbook, useLineOf, useLineContext } from "@/ui/logbook";
import { momentField } from "@/ui/dates";
import { Time } from "@/ui/Time";
import { DraftChip } from "@/ui/DraftChip";
import { KeepWithModel } from "./KeepWithModel";

type AmendDialogProps = { item: Settled; number: number; onClose: () => void };

const originalOf = (entry: Entry): Content => ({ kind: entry.kind, payload: entry.payload }) as Content;

/** What an entry says, as a lesson for the next set: a note's own words, else what it is about and what was found. */
function lessonOf(content: Content): string {
  const { subject, text } = describe(content);
  return content.kind === "note" ? text : `${subject}: ${text}`;
}

/** What was first written, and every amendment since; each of them can be undone by one more. */
function Trail({ item, onUndo }: { item: Settled; onUndo: (amendment: Entry) => void }) {
  const { nameOf } = useLogbook();
  const original = describe(originalOf(item.entry));
  return (
    <ol className="mt-1 flex flex-col gap-1 border-l-2 border-base-300 pl-3">
      <li>
        <span className="dim text-sm">
          <Time iso={item.entry.at} /> · {nameOf(item.entry.by)} · first written
        </span>
        <br />
        <strong className="font-mono">{original.subject}</strong> {original.text}
      </li>
      {item.amendments.map((entry) => {
        const payload = entry.payload as Amendment;
        const inForce = item.inForce?.entry.id === entry.id;
        return (
          <li key={entry.id}>
            <span className="dim text-sm">
              <Time iso={entry.at} /> · {nameOf(entry.by)} · {payload.action === "withdraw" ? "withdrawn" : "corrected"}
              : {payload.reason}
            </span>
            {payload.action === "correct" ? (
              <p>
                <strong className="font-mono">{describe(payload.content).subject}</strong>{" "}
                {describe(payload.content).text}
              </p>
            ) : null}
            {inForce ? (
              <button type="button" className="btn btn-outline h-10" onClick={() => onUndo(entry)}>
                Undo this {payload.action === "withdraw" ? "withdrawal" : "correction"}
              </button>
            ) : null}
          </li>
        );
      })}
    </ol>
  );
}

/** What the line does not say, and a correction therefore leaves as it is. */
function Untouched({ fields }: { fields: readonly NamedField[] }) {
  if (fields.length === 0) return null;
  return (
    <div className="rounded-field bg-base-200 px-2 py-1 text-sm">
      <p className="font-semibold">Stays as it is</p>
      <ul className="dim">
        {fields.map(({ field, name, value }) => {
          const text = fieldText(field, value);
          return <li key={field}>{text ? `${name}: ${text.slice(0, 160)}` : name}</li>;
        })}
      </ul>
    </div>
  );
}

/** Puts a note into the record that the owner gets, or takes it out again. */
function ForTheRecord({ note, amend }: { note: ContentOf<"note">; amend: (to: Amendment) => void }) {
  const { record, ...said } = note.payload;
  const content: Content = { kind: "note", payload: record ? said : { ...said, record: true } };
  const reason = record ? "not for the record" : "for the record";
  return (
    <button
      type="button"
      className="btn btn-outline h-10 self-start"
      onClick={() => amend({ v: 1, action: "correct", reason, content })}
    >
      {record ? "Take it out of the owner’s record" : "Put it into the owner’s record"}
    </button>
  );
}

/** Corrects or withdraws an entry of the tape, with a reason. Nothing is overwritten. */
export function AmendDialog({ item, number, onClose }: AmendDialogProps) {
  const { append } = useLogbook();
  const context = useLineContext();
  const lineOf = useLineOf();
  const dialog = useRef<HTMLDialogElement>(null);
  const base = item.content ?? originalOf(item.entry);
  const [text, setText] = useState(() => lineOf(base));
  const [reason, setReason] = useState("");
  const [when, setWhen] = useState(() => momentField(item.at));
  const [error, setError] = useState<string>();
  const result = useMemo(() => parseCorrection(text, base, context), [text, context, base]);
  const untouched = useMemo(() => untouchedFields(base, context), [context, base]);

  useEffect(() => dialog.current?.showModal(), []);

  const amend = async (payload: Amendment, amends: string) => {
    const outcome = await append({ kind: "amendment", payload }, { amends });
    if (outcome.ok) dialog.current?.close();
    else setError(outcome.problems[0]?.message);
  };
  const withReason = (make: (why: string) => Promise<void>) => {
    const why = reason.trim();
    if (!why) return setError("Say why it is changed: the next technician wants to know.");
    return void make(why);
  };
  const correct = () => {
    if (result.kind !== "draft" || result.draft.type !== "content")
      return setError("The line above cannot be read as an entry yet.");
    const { content } = result.draft;
    const moved = when !== momentField(item.at);
    const at = moved && !Number.isNaN(Date.parse(when)) ? new Date(when).toISOString() : undefined;
    const wrong = moved ? wrongDate(at ?? "", Date.now()) : undefined;
    if (wrong) return setError(wrong);
    // An entry that was moved before stays where it was moved to.
    const keep = item.at === item.entry.at ? undefined : item.at;
    return withReason((why) =>
      amend(
        { v: 1, action: "correct", reason: why, content, ...((at ?? keep) ? { at: at ?? keep } : {}) },
        item.entry.id,
      ),
    );
  };
  const withdraw = () => withReason((why) => amend({ v: 1, action: "withdraw", reason: why }, item.entry.id));

  return (
    <dialog ref={dialog} className="modal" aria-labelledby="amend-title" onClose={onClose}>
      <div className="modal-box max-w-2xl">
        <h2 id="amend-title" className="text-xl font-bold">
          Entry #{number}
        </h2>
        <Trail
          item={item}
          onUndo={(entry) => void amend({ v: 1, action: "withdraw", reason: reason.trim() || "undone" }, entry.id)}
        />
        <div className="mt-3 flex flex-col gap-2">
          <Attachments entryId={item.entry.id} />
          {item.content ? <KeepWithModel text={lessonOf(item.content)} /> : null}
          {item.content?.kind === "note" ? (
            <ForTheRecord note={item.content} amend={(to) => void amend(to, item.entry.id)} />
          ) : null}
        </div>
        {item.content ? (
          <form
            className="mt-4 flex flex-col gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              correct();
            }}
          >
            <label className="flex flex-col gap-1">
              <span className="font-semibold">What it should say</span>
              <input
                className="input h-12 w-full font-mono"
                value={text}
                autoComplete="off"
                spellCheck={false}
                onChange={(event) => setText(event.target.value)}
              />
            </label>
            <DraftChip result={result} line={text} onChoose={(choice) => setText(choice.text)} />
            <Untouched fields={untouched} />
            <label className="flex flex-col gap-1">
              <span className="font-semibold">When it happened</span>
              <input
                type="datetime-local"
                className="input h-12 w-64"
                value={when}
                onChange={(event) => {
                  setError(undefined);
                  setWhen(event.target.value);
                }}
              />
            </label>
            <label className="flex flex-col gap-1">
              <span className="font-semibold">Why</span>
              <input
                className="input h-12 w-full"
                value={reason}
                maxLength={500}
                aria-invalid={Boolean(error)}
                onChange={(event) => {
                  setError(undefined);
                  setReason(event.target.value);
                }}
              />
            </label>
            {error ? <ErrorText>{error}</ErrorText> : null}
            <div className="flex flex-wrap gap-2">
              <button className="btn btn-primary h-11">Correct it</button>
              <button type="button" className="btn btn-outline btn-warning h-11" onClick={() => withdraw()}>
                Withdraw it
              </button>
              <button type="button" className="btn btn-ghost ml-auto h-11" onClick={() => dialog.current?.close()}>
                Leave it
              </button>
            </div>
          </form>
        ) : (
          <button type="button" className="btn mt-4 h-11" onClick={() => dialog.current?.close()}>
            Close
          </button>
        )}
      </div>
    </dialog>
  );
}
