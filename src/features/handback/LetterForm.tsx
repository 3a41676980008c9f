"use client";

import { useState } from "react";
import { fillLetter, LANGUAGE_WORDS, LANGUAGES, LETTER_WORDS, LETTERS, TEMPLATES } from "@/core/letters";
import type { Language, LetterKind } from "@/core/letters";
import { priceOf } from "@/core/handback";
import { ErrorText, LinesField, SelectField, TextField } from "@/ui/form";
import { day } from "@/ui/dates";
import { useLogbook } from "@/ui/logbook";
import { placesFor } from "./letter-places";

/** So long a text fits into the address of a mail program. */
const LONGEST_MAILTO = 1800;

/** A letter or message to the owner, made from the record, in one of four languages; it can be put right before it goes. */
export function LetterForm({ first }: { first: LetterKind }) {
  const { settled, visit, owner, model, shop, terms } = useLogbook();
  const [kind, setKind] = useState<LetterKind>(first);
  const [language, setLanguage] = useState<Language>("en");
  const [changed, setChanged] = useState<{ subject: string; text: string }>();
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const price = priceOf(settled, visit.id, terms, shop.currency);
  const filled = fillLetter(
    TEMPLATES[kind][language],
    placesFor({ settled, visit, owner, model, shop, price }, language),
  );
  const { subject, text } = changed ?? filled;
  const put = (part: Partial<typeof filled>) => setChanged({ subject, text, ...part });
  const mail = `mailto:?subject=${encodeURIComponent(subject)}&body=${encodeURIComponent(text)}`;
  const print = async () => {
    setBusy(true);
    setProblem(undefined);
    try {
      const answer = await fetch("/api/letters", {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ to: [owner], day: day(new Date().toISOString()), subject, text }),
      });
      if (!answer.ok) {
        const said = (await answer.json()) as { problems?: { message: string }[] };
        setProblem(said.problems?.[0]?.message ?? "The letter could not be set.");
      } else window.open(URL.createObjectURL(await answer.blob()), "_blank");
    } catch {
      setProblem("The server cannot be reached. The letter is still here: try again in a moment.");
    }
    setBusy(false);
  };
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap gap-3">
        <SelectField
          label="Letter"
          inputClass="w-44"
          options={LETTERS.map((one) => [one, LETTER_WORDS[one]] as const)}
          value={kind}
          onChange={(next) => {
            setKind(next);
            setChanged(undefined);
          }}
        />
        <SelectField
          label="Language"
          inputClass="w-36"
          options={LANGUAGES.map((one) => [one, LANGUAGE_WORDS[one]] as const)}
          value={language}
          onChange={(next) => {
            setLanguage(next);
            setChanged(undefined);
          }}
        />
        <TextField
          label="Subject"
          className="min-w-64 flex-1"
          inputClass="w-full"
          value={subject}
          onChange={(next) => put({ subject: next })}
        />
      </div>
      <LinesField label="Text" rows={10} value={text} onChange={(next) => put({ text: next })} />
      <div className="flex flex-wrap items-center gap-3">
        {mail.length <= LONGEST_MAILTO ? (
          <a href={mail} className="btn btn-outline h-11">
            Open in the mail program
          </a>
        ) : (
          <span className="dim">Too long for the mail program: copy it.</span>
        )}
        <button type="button" className="btn btn-outline h-11" disabled={busy} onClick={() => void print()}>
          Letter as PDF
        </button>
        {changed ? (
          <button type="button" className="btn btn-ghost h-11" onClick={() => setChanged(undefined)}>
            As it was proposed
          </button>
        ) : null}
        {problem ? <ErrorText>{problem}</ErrorText> : null}
      </div>
    </div>
  );
}
