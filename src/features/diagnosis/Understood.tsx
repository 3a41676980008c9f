"use client";

import { meantBy, said, type Said, type System } from "@/core/diagnosis";
import { ofKind } from "@/core/kinds";
import type { Circuit } from "@/core/model";
import { useLogbook } from "@/ui/logbook";
import { SymptomList } from "@/ui/SymptomList";
import { ComplaintRead, EntryRead } from "./EntryRead";
import { AddSymptom } from "./Observation";
import { asked } from "@/ui/words";

type UnderstoodProps = { circuit: Circuit; system: System };

/** What the search has understood of the complaint and the symptoms, in one line; open, each can be put right. */
export function Understood({ circuit, system }: UnderstoodProps) {
  const { settled, visit } = useLogbook();
  const symptoms = ofKind(settled, "symptom").filter(
    ({ entry, content }) => entry.visitId === visit.id && content.payload.state !== "gone",
  );
  const [takeIn] = ofKind(settled, "take-in").filter(({ entry }) => entry.visitId === visit.id);
  const told: { text: string; reads?: readonly Said[] | undefined }[] = [
    ...(takeIn ? [{ text: takeIn.content.payload.complaint, reads: takeIn.content.payload.reads }] : []),
    ...symptoms.map(({ content: { payload } }) => ({ text: payload.what, reads: payload.reads })),
  ];
  const read = told.map(({ text, reads }) => {
    const { outcomes, parts } = said(text, circuit);
    return {
      outcomes: reads ?? outcomes,
      unread: reads ? [] : parts.filter((part) => part.outcomes.length === 0).map((part) => part.text),
    };
  });
  const chips = [
    ...new Map(
      read
        .flatMap(({ outcomes }) => outcomes)
        .flatMap((one) => meantBy(one, system) ?? [])
        .map((chip) => [chip.key, chip] as const),
    ).values(),
  ];
  const unread = [...new Set(read.flatMap((one) => one.unread))];
  return (
    <details className="rounded-box border border-base-300 px-2" aria-label="What was said">
      <summary className="flex min-h-11 cursor-pointer flex-wrap items-center gap-1 py-1">
        <span className="font-bold">Understood:</span>
        {chips.length === 0 ? <span className="text-warning">nothing yet that tells what is wrong.</span> : null}
        {chips.map(({ key, name, says }) => (
          <span key={key} className="rounded-field border border-base-300 px-1.5 text-sm">
            {asked(name)} <strong>{says}</strong>
          </span>
        ))}
        {unread.length > 0 ? (
          <span className="text-sm text-warning">Not read: {unread.map((part) => `“${part}”`).join(", ")}.</span>
        ) : null}
        <span className="grow" />
        <span className="link text-sm">put right, add</span>
      </summary>
      <div className="flex flex-col gap-3 border-t border-base-300 py-2">
        <AddSymptom circuit={circuit} system={system} />
        <ComplaintRead circuit={circuit} system={system} />
        <SymptomList
          symptoms={symptoms}
          under={(entryId) => <EntryRead id={entryId} circuit={circuit} system={system} />}
        />
      </div>
    </details>
  );
}
