"use client";

import { describe, ofKind, SENT_TO, stockAt, type ContentOf } from "@/core/kinds";
import { describeItem } from "@/core/stock";
import { Form, FormEnd, SelectField, TextField, useForm } from "@/ui/form";
import { shapeOf } from "@/ui/kept";
import { LineHint } from "@/ui/LineHint";
import { SideBySide } from "@/ui/SideBySide";
import { saying, useLogbook, useLineOf, useLineContext } from "@/ui/logbook";
import { Time } from "@/ui/Time";

type To = (typeof SENT_TO)[number];
const NOTHING = { what: "", code: "", to: "supplier" as To, why: "" };
const TO_WORDS: Record<To, string> = { owner: "the owner", supplier: "the supplier" };

/** Fix: a part that was ordered or brought and is not needed goes back. With its label it leaves the stock. */
export function SentBackPlate() {
  const { settled, visit, stock, append, refreshStock } = useLogbook();
  const context = useLineContext();
  const lineOf = useLineOf();
  const stockOf = (code: string) => (code.trim() ? stockAt(code.trim().toUpperCase(), context) : undefined);
  const contentOf = ({ what, code, to, why }: typeof NOTHING): ContentOf<"sent-back"> => {
    const from = stockOf(code);
    return {
      kind: "sent-back",
      payload: {
        v: 1,
        what: what.trim(),
        to,
        ...(from ? { stock: from } : {}),
        ...(why.trim() ? { why: why.trim() } : {}),
      },
    };
  };
  const form = useForm({
    initial: NOTHING,
    keep: { key: `sent-back ${visit.id}`, fits: shapeOf(NOTHING) },
    check: ({ what, code }) => ({
      ...(what.trim() ? {} : { what: "Say what goes back." }),
      ...(code.trim() && !stockOf(code) ? { code: `${code.trim()} is not a label of the stock: scan it again.` } : {}),
    }),
    save: async (typed) => {
      const answer = saying(await append(contentOf(typed)));
      if (answer.ok && typed.code.trim()) await refreshStock();
      return answer;
    },
    next: () => NOTHING,
  });
  const { field, fields } = form;
  const sent = ofKind(settled, "sent-back").filter(({ entry }) => entry.visitId === visit.id);
  const inThisVisit = (
    <section aria-label="Sent back in this visit">
      <h2 className="font-bold">In this visit</h2>
      {sent.length === 0 ? <p className="dim">Nothing went back.</p> : null}
      <ul>
        {sent.map(({ entry, at, content }) => {
          const line = describe(content);
          return (
            <li key={entry.id} className="border-b border-base-300 py-1.5">
              <strong>{line.subject}:</strong> {line.text}{" "}
              <span className="dim text-sm">
                <Time iso={at} as="day" />
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
  return (
    <SideBySide narrow="below" side={inThisVisit}>
      <Form form={form} label="A part goes back" className="grid gap-2 rounded-box bg-base-200 p-3 sm:grid-cols-2">
        <TextField
          label="What goes back"
          placeholder="AF board, ordered in May"
          inputClass="w-full"
          {...field("what")}
        />
        <SelectField label="To" options={SENT_TO.map((one) => [one, TO_WORDS[one]])} {...field("to")} />
        <TextField
          label="From stock, its label"
          placeholder="JP00001A7"
          hint="With its label one piece leaves the stock."
          choices={stock.map((item) => ({ value: item.code, text: describeItem(item) }))}
          {...field("code")}
        />
        <TextField label="Why" placeholder="one is fitted already" inputClass="w-full" {...field("why")} />
        <FormEnd form={form} save="It goes back" saved="Written." className="sm:col-span-2" />
        {fields.what.trim() ? (
          <div className="sm:col-span-2">
            <LineHint line={lineOf(contentOf(fields))} />
          </div>
        ) : null}
      </Form>
    </SideBySide>
  );
}
