"use client";

import { useState } from "react";
import { cellText } from "@/core/sheets";
import { SelectField, TextField } from "@/ui/form";
import type { RunInView } from "./useRun";

/** The set-up of a run: it goes along from row to row, and from one run to the next. Once it stands it takes one line. */
export function RunSetUp({ run }: { run: RunInView }) {
  const { sheet, setup, given, setUp } = run;
  const [open, setOpen] = useState(false);
  if (sheet.setup.length === 0) return null;
  const wrong = Object.keys(given.problems).length > 0;
  if (run.run && !open && !wrong)
    return (
      <p className="mr-6 mb-1 inline-flex flex-wrap items-center gap-2">
        <span>
          {given.cells.length > 0
            ? given.cells.map((cell) => `${cell.name} ${cellText(cell)}`).join(" · ")
            : "Nothing of the set-up is noted."}
        </span>
        <button type="button" className="btn btn-outline h-10" onClick={() => setOpen(true)}>
          Change the set-up
        </button>
      </p>
    );
  return (
    <section
      aria-label="Set-up"
      className="mb-3 grid grid-cols-2 items-start gap-x-3 gap-y-1 sm:grid-cols-3 lg:grid-cols-4"
    >
      {sheet.setup.map(({ key, name, unit, choices }) =>
        choices ? (
          <SelectField
            key={key}
            label={name}
            value={setup[key] ?? ""}
            options={[["", "not noted"], ...choices.map((one) => [one, one] as const)]}
            onChange={(text) => setUp(key, text)}
          />
        ) : (
          <TextField
            key={key}
            label={unit ? `${name}, ${unit}` : name}
            value={setup[key] ?? ""}
            error={given.problems[key]}
            inputClass="w-full font-mono"
            onChange={(text) => setUp(key, text)}
          />
        ),
      )}
      {run.run ? (
        <button
          type="button"
          className="btn btn-outline col-span-full h-10 justify-self-start"
          onClick={() => setOpen(false)}
        >
          Done
        </button>
      ) : null}
    </section>
  );
}
