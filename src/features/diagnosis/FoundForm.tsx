"use client";

import { useEffect, useRef, useState } from "react";
import type { Cause } from "@/core/diagnosis";
import type { ContentOf } from "@/core/kinds";
import { ErrorText, Field } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";

/** Confirms a cause: in words, with the entries that show it. */
export function FoundForm({ cause, onDone }: { cause: Cause; onDone: () => void }) {
  const { append, lineOf } = useLogbook();
  const [words, setWords] = useState(cause.name);
  const [error, setError] = useState<string>();
  const field = useRef<HTMLInputElement>(null);

  // The form opens above what was pressed: bring it into view, ready to type.
  useEffect(() => field.current?.focus(), []);
  const content: ContentOf<"finding"> = {
    kind: "finding",
    payload: {
      v: 1,
      fault: cause.id,
      cause: words.trim(),
      state: "found",
      evidence: [...new Set(cause.for.map(({ id }) => id))].slice(0, 20),
      work: [],
      gone: [],
    },
  };
  const save = async () => {
    const outcome = await append(content);
    if (outcome.ok) onDone();
    else setError(outcome.problems[0]?.message);
  };
  return (
    <form
      className="flex flex-col gap-2 rounded-box border-2 border-primary p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field
        label="The cause, and how it was shown"
        hint={`${content.payload.evidence.length} entries speak for it and go along.`}
      >
        {(props) => (
          <input
            {...props}
            ref={field}
            className="input h-11 w-full scroll-mt-24"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        )}
      </Field>
      {error ? <ErrorText>{error}</ErrorText> : null}
      <div className="flex gap-2">
        <button className="btn btn-primary h-11">Found</button>
        <button type="button" className="btn btn-ghost h-11" onClick={onDone}>
          Not yet
        </button>
      </div>
      <LineHint line={lineOf(content)} />
    </form>
  );
}
