"use client";

import { useMemo, useState } from "react";
import { Download, FileInput } from "lucide-react";
import { netOfSheet, proposeNet, writeSpice, type CircuitSheet } from "@/core/circuit";
import type { Join } from "@/core/model";
import { tableOf } from "@/core/tables";
import { download } from "@/ui/download";
import { NetlistIn } from "./NetlistIn";

type NetProposalProps = {
  /** of the model, for the head of a netlist */
  name: string;
  sheet: CircuitSheet;
  /** the net as it stands in the grid */
  net: readonly Join[];
  /** parts that stand in the grid already */
  there: ReadonlySet<string>;
  /** the proposed rows as rows of the grid */
  onTake: (rows: Record<string, string>[]) => void;
};

/** A net proposed from roles, stages and line-up, each row with its reason; what is missing is taken into the grid. */
export function NetProposal({ name, sheet, net, there, onTake }: NetProposalProps) {
  const [open, setOpen] = useState(there.size === 0);
  const [reading, setReading] = useState(false);
  const { rows, left } = useMemo(() => proposeNet(sheet), [sheet]);
  const fresh = rows.filter(({ part }) => !there.has(part));
  if (reading) return <NetlistIn sheet={sheet} there={there} onTake={onTake} onClose={() => setReading(false)} />;
  if (!open)
    return (
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-outline h-11" onClick={() => setOpen(true)}>
          Propose the net
        </button>
        <button
          type="button"
          className="btn btn-outline h-11"
          onClick={() =>
            download(
              writeSpice(netOfSheet({ ...sheet, net }).net, name),
              "text/plain",
              `${name.replaceAll(/[^A-Za-z0-9]+/g, "-").replaceAll(/^-|-$/g, "")}.cir`,
            )
          }
        >
          <Download size={16} aria-hidden="true" /> Export a SPICE netlist
        </button>
        <button type="button" className="btn btn-outline h-11" onClick={() => setReading(true)}>
          <FileInput size={16} aria-hidden="true" /> Take a netlist in
        </button>
      </div>
    );
  return (
    <section aria-label="Proposed net" className="rounded-box border border-base-300 p-3">
      <div className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary h-11"
          disabled={fresh.length === 0}
          onClick={() => {
            onTake(fresh.map(({ reason: _, ...row }) => tableOf("net").write(row)));
            setOpen(false);
          }}
        >
          {fresh.length === 0 ? "Every proposed row is there" : `Take ${fresh.length} rows into the table`}
        </button>
        <button type="button" className="btn btn-ghost h-11" onClick={() => setOpen(false)}>
          Close
        </button>
        <span className="dim text-sm">From the parts’ roles and stages, the line-up and the resistance chart.</span>
      </div>
      {rows.length === 0 ? (
        <p className="mt-2">
          Enter the tubes and the parts with their roles and stages first: the net follows from them.
        </p>
      ) : (
        <ol className="mt-2 max-h-56 overflow-y-auto" tabIndex={0} aria-label="Rows with their reasons">
          {fresh.map(({ part, from, to, tap, reason }) => (
            <li key={part} className="border-t border-base-300 py-1">
              <strong>{part}</strong>{" "}
              <span className="font-mono">
                {from} – {to}
                {tap ? `, slider ${tap}` : ""}
              </span>{" "}
              <span className="dim">{reason}</span>
            </li>
          ))}
        </ol>
      )}
      {left.length > 0 ? (
        <details className="mt-2">
          <summary className="min-h-10 cursor-pointer font-semibold">
            {left.length} not placed: what carries direct current of them is typed by hand
          </summary>
          <ul>
            {left.map(({ part, why }) => (
              <li key={part}>
                <strong>{part}</strong> <span className="dim">{why}</span>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
    </section>
  );
}
