"use client";

import { useState } from "react";
import { openPoints } from "@/core/history";
import type { ContentKind } from "@/core/kinds";
import { ErrorText } from "./form";
import { LineHint } from "./LineHint";
import { saying, useLogbook, useLineOf } from "./logbook";

/** What an apprentice wrote on this plate where it counts for safety: a lead looks at it and confirms it. */
export function ToConfirm({ kind }: { kind: ContentKind }) {
  const { settled, visit, input, append, mayConfirm } = useLogbook();
  const lineOf = useLineOf();
  const [message, setMessage] = useState<string>();
  const kinds = new Map(settled.map(({ entry }) => [entry.id, entry.kind]));
  const waiting = openPoints(settled, input.now).filter(
    (point) => point.kind === "confirm" && point.visitId === visit.id && kinds.get(point.id) === kind,
  );
  if (waiting.length === 0) return null;
  const content = { kind: "confirmed", payload: { v: 1, entries: waiting.map(({ id }) => id) } } as const;
  const confirm = async () => {
    const answer = saying(await append(content));
    setMessage(answer.ok ? undefined : answer.message);
  };
  return (
    <section aria-label="To confirm" className="my-3 rounded-box border-2 border-warning p-3">
      <p className="font-bold">
        {waiting.length === 1 ? "One entry" : `${waiting.length} entries`} of an apprentice: a lead looks at the set and
        confirms.
      </p>
      <ul className="ml-4 list-disc">
        {waiting.map(({ id, text }) => (
          <li key={id}>{text.replace(/: a lead confirms.*$/, "")}</li>
        ))}
      </ul>
      {mayConfirm ? (
        <div className="mt-2 flex flex-wrap items-center gap-3">
          <button type="button" className="btn btn-primary h-11" onClick={() => void confirm()}>
            I have looked at it: confirmed
          </button>
          <LineHint line={lineOf(content)} />
        </div>
      ) : (
        <p className="dim mt-1">Change the person in the header: the lead types a PIN and confirms.</p>
      )}
      {message ? <ErrorText>{message}</ErrorText> : null}
    </section>
  );
}
