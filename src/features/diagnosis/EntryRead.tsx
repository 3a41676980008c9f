"use client";

import { useState } from "react";
import type { Said, System } from "@/core/diagnosis";
import { ofKind, type Content } from "@/core/kinds";
import type { Circuit } from "@/core/model";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { ReadAs } from "./ReadAs";

type SetOf = { circuit: Circuit; system: System };
type Read = {
  id: string;
  text: string;
  reads: readonly Said[] | undefined;
  with: (reads: Said[] | undefined) => Content;
};

/** How an entry is read, to be put right: that is a correction of the entry, with its reason. */
function PutRight({ id, text, reads, with: contentWith, circuit, system }: Read & SetOf) {
  const { append } = useLogbook();
  const [error, setError] = useState<string>();
  const put = async (next: Said[] | undefined) => {
    const answer = await append(
      {
        kind: "amendment",
        payload: { v: 1, action: "correct", reason: "how it is read was put right", content: contentWith(next) },
      },
      { amends: id },
    );
    setError(answer.ok ? undefined : answer.problems[0]?.message);
  };
  return (
    <>
      <ReadAs text={text} reads={reads} circuit={circuit} system={system} onReads={(next) => void put(next)} />
      {error ? <ErrorText>{error}</ErrorText> : null}
    </>
  );
}

/** Leaves a reading out where there is none: the words speak again. */
const kept = <P extends { reads?: unknown }>(payload: P, reads: Said[] | undefined): P => {
  const { reads: _reads, ...rest } = payload;
  return { ...rest, ...(reads ? { reads } : {}) } as P;
};

/** How a symptom on the tape is read. */
export function EntryRead({ id, ...set }: { id: string } & SetOf) {
  const { settled } = useLogbook();
  const item = ofKind(settled, "symptom").find(({ entry }) => entry.id === id);
  if (!item) return null;
  const { payload } = item.content;
  return (
    <PutRight
      {...set}
      id={id}
      text={payload.what}
      reads={payload.reads}
      with={(reads) => ({ kind: "symptom", payload: kept(payload, reads) })}
    />
  );
}

/** The complaint of this visit, and how it is read. */
export function ComplaintRead(set: SetOf) {
  const { settled, visit } = useLogbook();
  const item = ofKind(settled, "take-in").find(({ entry }) => entry.visitId === visit.id);
  if (!item) return null;
  const { payload } = item.content;
  return (
    <div className="border-b border-base-300 pb-1">
      <span className="dim">Complaint:</span> {payload.complaint}
      <PutRight
        {...set}
        id={item.entry.id}
        text={payload.complaint}
        reads={payload.reads}
        with={(reads) => ({ kind: "take-in", payload: kept(payload, reads) })}
      />
    </div>
  );
}
