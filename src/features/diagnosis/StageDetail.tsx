"use client";

import { X } from "lucide-react";
import type { AnyTest } from "@/core/diagnosis";
import type { Search } from "@/core/visit";
import { percent } from "./words";

type StageDetailProps = {
  id: string;
  search: Search;
  probabilityOf: (fault: string) => number;
  entries: readonly { n: number; text: string }[];
  tests: readonly AnyTest[];
  onClose: () => void;
  onPick: (cause: string) => void;
};

/** One stage: its faults, its components, what was read there, and what can be done there. */
export function StageDetail({ id, search, probabilityOf, entries, tests, onClose, onPick }: StageDetailProps) {
  const stage = search.circuit.stages.find((one) => one.id === id);
  if (!stage) return null;
  const parts = search.question.facts.parts.filter((part) => part.stage === id).map(({ designator }) => designator);
  const faults = search.system.faults
    .filter((fault) => fault.stage.id === id)
    .map((fault) => ({ fault, p: probabilityOf(fault.id) }))
    .sort((a, b) => b.p - a.p);
  return (
    <section aria-label={`Stage: ${stage.name}`} className="rounded-box border-2 border-primary p-2">
      <header className="flex items-center gap-2">
        <h2 className="text-lg font-bold">{stage.name}</h2>
        <p className="dim grow">
          {[...stage.tubes, ...new Set(parts)].join(", ") || "no parts of it are in the sheet"}
          {stage.board ? `, on the ${stage.board}` : ""}
        </p>
        <button type="button" className="btn btn-ghost btn-square h-10" aria-label="Close the stage" onClick={onClose}>
          <X size={18} aria-hidden="true" />
        </button>
      </header>
      <div className="grid gap-3 lg:grid-cols-2">
        <div>
          <h3 className="font-semibold">What can be wrong</h3>
          <ul>
            {faults.slice(0, 8).map(({ fault, p }) => (
              <li key={fault.id}>
                <button
                  type="button"
                  className="flex min-h-10 w-full items-center gap-2 text-left hover:bg-base-200"
                  onClick={() => onPick(fault.id)}
                >
                  <span className="w-14 shrink-0 text-right font-mono">{percent(p)}</span>
                  <span>
                    {fault.mode.name}
                    {fault.designator ? ` (${fault.designator})` : ""}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          {faults.length > 8 ? <p className="dim">and {faults.length - 8} less likely</p> : null}
        </div>
        <div>
          <h3 className="font-semibold">What was read there</h3>
          {entries.length === 0 ? <p className="dim">Nothing yet.</p> : null}
          <ul>
            {entries.map(({ n, text }) => (
              <li key={`${n}-${text}`}>
                <span className="dim font-mono">#{n}</span> {text}
              </li>
            ))}
          </ul>
          <h3 className="mt-2 font-semibold">What can be done there</h3>
          <p className="dim">{tests.map(({ name }) => name).join("; ") || "Nothing of its own."}</p>
        </div>
      </div>
    </section>
  );
}
