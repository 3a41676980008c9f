"use client";

import { useState } from "react";
import type { RunInView, Seen } from "./useRun";

const ANSWERS: readonly (readonly [Seen, string])[] = [
  ["so", "so"],
  ["not", "not so"],
];

/** What is looked at before the first figure counts. A row that is measured while something is not so may be void. */
export function Preflight({ run }: { run: RunInView }) {
  const { sheet, seen, unseen, see } = run;
  // A run that has rows is not held up by its list, until one is written through the table.
  const [chosen, setOpen] = useState<boolean>();
  const open = chosen ?? (unseen.length > 0 && run.run === undefined);
  const failed = sheet.preflight.filter(({ key }) => seen[key] === "not");
  if (sheet.preflight.length === 0) return null;
  if (unseen.length > 0 && !open)
    return (
      <p className="mr-6 mb-1 inline-flex flex-wrap items-center gap-2">
        <span className="font-semibold text-warning">The set-up was not looked at for this run.</span>
        <button type="button" className="btn btn-outline h-10" onClick={() => setOpen(true)}>
          Look at it
        </button>
      </p>
    );
  if (!open)
    return (
      <p className="mr-6 mb-1 inline-flex flex-wrap items-center gap-2">
        {failed.length === 0 ? (
          <span className="dim">Set-up looked at: all is so.</span>
        ) : (
          <span className="font-semibold text-warning">
            Not so: {failed.map(({ text }) => text).join("; ")}
            {failed.some(({ voids }) => voids) ? ". Rows that are measured now count for nothing." : "."}
          </span>
        )}
        <button type="button" className="btn btn-outline h-10" onClick={() => setOpen(true)}>
          Look again
        </button>
      </p>
    );
  return (
    <fieldset className="mb-3 rounded-box bg-base-200 p-3">
      <legend className="sr-only">Looked at before the first figure</legend>
      <p className="mb-1 font-bold" aria-hidden="true">
        Look at this before the first figure
      </p>
      <ul className="flex flex-col gap-1">
        {sheet.preflight.map(({ key, text, voids }) => (
          <li key={key} className="flex items-center gap-x-3">
            <span className="join shrink-0" role="group" aria-label={text}>
              {ANSWERS.map(([answer, word]) => (
                <button
                  key={answer}
                  type="button"
                  className={`btn join-item h-10 ${seen[key] === answer ? (answer === "so" ? "btn-primary" : "btn-warning") : "btn-outline"}`}
                  aria-pressed={seen[key] === answer}
                  onClick={() => see({ [key]: answer })}
                >
                  {word}
                </button>
              ))}
            </span>
            <span>
              {text}
              {voids ? <span className="dim"> (a row without it is void)</span> : null}
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex gap-2">
        {unseen.length > 0 ? (
          <button
            type="button"
            className="btn btn-primary h-11"
            onClick={() => {
              see(Object.fromEntries(sheet.preflight.map(({ key }) => [key, seen[key] ?? "so"])));
              setOpen(undefined);
            }}
          >
            All of it is so
          </button>
        ) : (
          <button type="button" className="btn btn-outline h-11" onClick={() => setOpen(undefined)}>
            Done
          </button>
        )}
      </div>
    </fieldset>
  );
}
