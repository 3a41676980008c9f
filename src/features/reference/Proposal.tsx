"use client";

import { useMemo, useState } from "react";
import { proposeAlignment, stepKey, WAY_WORDS, wayOf, WAYS, type Way } from "@/core/alignment";
import { circuitOf } from "@/core/diagnosis";
import type { Sheet } from "@/core/model";
import { tableOf } from "@/core/tables";
import { SelectField } from "@/ui/form";
import { format } from "@/core/quantity";

type ProposalProps = {
  sheet: Sheet;
  /** nothing stands in the grid yet */
  empty: boolean;
  /** the proposed steps as rows of the grid */
  onTake: (rows: Record<string, string>[]) => void;
};

const ways = WAYS.map((way) => [way, WAY_WORDS[way]] as const);

/** An alignment proposed from parts, bands and stages, each step with its reason; taken into the grid as a whole. */
export function Proposal({ sheet, empty, onTake }: ProposalProps) {
  const stages = useMemo(() => circuitOf(sheet).circuit.stages.map(({ kind }) => kind), [sheet]);
  const [way, setWay] = useState<Way>(() => wayOf(sheet, stages));
  const [open, setOpen] = useState(empty);
  const steps = useMemo(() => proposeAlignment(sheet, stages, way), [sheet, stages, way]);
  const guesses = steps.filter(({ guess }) => guess).length;
  if (!open)
    return (
      <button type="button" className="btn btn-outline h-11 self-start" onClick={() => setOpen(true)}>
        Propose steps
      </button>
    );
  return (
    <section aria-label="Proposed steps" className="rounded-box border border-base-300 p-3">
      <div className="flex flex-wrap items-end gap-3">
        <SelectField label="Proposed steps for" value={way} options={ways} onChange={setWay} />
        <button
          type="button"
          className="btn btn-primary h-11"
          disabled={steps.length === 0}
          onClick={() => {
            onTake(steps.map(({ row }) => tableOf("alignment").write(row)));
            setOpen(false);
          }}
        >
          Take the {steps.length} steps into the table
        </button>
        <button type="button" className="btn btn-ghost h-11" onClick={() => setOpen(false)}>
          Close
        </button>
      </div>
      {steps.length === 0 ? (
        <p className="mt-1">Enter the bands of the model first: the steps follow from them.</p>
      ) : (
        <>
          <p className="mt-1">
            {guesses > 0
              ? `${guesses} of ${steps.length} steps name a part that the sheet does not have: put the right place in before you save.`
              : "Every part that is turned stands in the parts list."}
          </p>
          <ol className="mt-1 max-h-64 overflow-y-auto" tabIndex={0} aria-label="Steps with their reasons">
            {steps.map(({ row, why, guess }) => (
              <li key={stepKey(row)} className="border-t border-base-300 py-1">
                <strong>{row.group}</strong>: {row.adjust} for{" "}
                {row.aim === "figure" ? row.figure : row.aim.replace("-", " ")}
                {row.hertz === undefined ? "" : ` at ${format(row.hertz, "frequency", 5)}`}.{" "}
                <span className="dim">{why}</span>
                {guess ? <span className="text-warning"> {guess}</span> : null}
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}
