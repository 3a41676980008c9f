"use client";

import { readingOf, said, type Said, type System } from "@/core/diagnosis";
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
  const read = told.map(({ text, reads }) => readingOf(said(text, circuit), reads, system));
  const chips = [
    ...new Map(read.flatMap(({ meanings }) => meanings).map((chip) => [chip.key, chip] as const)).values(),
  ];
  const quoted = (some: readonly string[]) => [...new Set(some)].map((part) => `“${part}”`).join(", ");
  const unread = quoted(read.flatMap((one) => one.unread));
  const idle = quoted(read.flatMap((one) => one.idle));
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
        {unread ? <span className="text-sm text-warning">Not read: {unread}.</span> : null}
        {idle ? <span className="dim text-sm">Nothing on the list of this set does this: {idle}.</span> : null}
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
