"use client";

import { useState } from "react";
import { loansOut, type Content, type OpenPoint } from "@/core/kinds";
import { openPoints } from "@/core/history";
import { Form, FormEnd, TextField, TickField, useForm, type Problems } from "@/ui/form";
import { saying, useLogbook } from "@/ui/logbook";

function SettleForm({ point }: { point: OpenPoint }) {
  const { append } = useLogbook();
  const form = useForm({
    initial: { how: "", waive: false },
    check: ({ how }): Problems => (how.trim() ? {} : { how: "Say how it was settled." }),
    save: async ({ how, waive }) => {
      const said = how.trim();
      const { line } = point;
      // A line that a modification made necessary is answered by itself, done or waived with its reason.
      const content: Content = line
        ? {
            kind: "tick",
            payload: {
              v: 1,
              about: point.id,
              ...line,
              ...(waive ? { state: "skipped", why: said } : { state: "done", saw: said }),
            },
          }
        : { kind: "note", payload: { v: 1, text: said, open: false, closes: [point.id] } };
      return saying(await append(content));
    },
  });
  return (
    <Form form={form} className="flex w-full flex-wrap gap-2">
      <TextField
        label={`How it was settled: ${point.text}`}
        bare
        className="grow"
        inputClass="w-full"
        autoFocus
        placeholder="how it was settled"
        {...form.field("how")}
      />
      {point.line ? (
        <TickField label="waived" value={form.fields.waive} onChange={(waive) => form.change({ waive })} />
      ) : null}
      <FormEnd form={form} save="Settled" />
    </Form>
  );
}

function Settle({ point }: { point: OpenPoint }) {
  const [open, setOpen] = useState(false);
  if (open) return <SettleForm point={point} />;
  return (
    <button
      type="button"
      className="btn btn-outline h-10"
      onClick={() => setOpen(true)}
      aria-label={`Settle: ${point.text}`}
    >
      Settle
    </button>
  );
}

/** A loan and a soak are settled by what is done, and by no word on it. */
function Act({ point, button, content }: { point: OpenPoint; button: string; content: Content }) {
  const { append } = useLogbook();
  return (
    <button
      type="button"
      className="btn btn-outline h-10"
      aria-label={`${button}: ${point.text}`}
      onClick={() => void append(content)}
    >
      {button}
    </button>
  );
}

function Answer({ point }: { point: OpenPoint }) {
  const { settled } = useLogbook();
  if (point.kind === "loan") {
    const what = loansOut(settled).find(({ id }) => id === point.id)?.what ?? point.text.slice(0, 120);
    const content: Content = { kind: "loan", payload: { v: 1, what, state: "out", about: point.id } };
    return <Act point={point} button="It is out again" content={content} />;
  }
  if (point.kind === "soak")
    return <Act point={point} button="End the soak" content={{ kind: "soak", payload: { v: 1, state: "end" } }} />;
  return <Settle point={point} />;
}

/** What the set still asks for; each point is settled with a word on how. */
export function OpenPoints() {
  const { settled, input } = useLogbook();
  const points = openPoints(settled, input.now);
  const blocking = points.filter((point) => point.blocks);
  const left = points.filter((point) => !point.blocks);
  return (
    <div className="mb-3">
      <h2 className="font-bold">Open points</h2>
      {blocking.length === 0 ? <p className="dim">None: nothing stands in the way.</p> : null}
      <ul>
        {blocking.map((point) => (
          <li
            key={`${point.id} ${point.text}`}
            className="flex min-h-11 flex-wrap items-center gap-2 border-b border-base-300 py-1"
          >
            <span className="grow">{point.text}</span>
            <Answer point={point} />
          </li>
        ))}
      </ul>
      {left.length > 0 ? (
        <p className="dim mt-2">Left as they are: {left.map((point) => point.text).join("; ")}.</p>
      ) : null}
    </div>
  );
}
