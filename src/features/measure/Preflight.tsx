"use client";

import { useState } from "react";
import { SeenList } from "@/ui/SeenList";
import type { RunInView } from "./useRun";

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
    <SeenList
      title="Look at this before the first figure"
      items={sheet.preflight.map(({ key, text, voids }) => ({
        key,
        text,
        note: voids ? "(a row without it is void)" : undefined,
      }))}
      seen={seen}
      onSee={see}
      onClose={() => setOpen(undefined)}
    />
  );
}
