"use client";

import { useMemo, useState } from "react";
import { readSpice, SUPPLY, WIRE, type CircuitSheet } from "@/core/circuit";
import { tableOf } from "@/core/tables";
import { LinesField } from "@/ui/form";

type NetlistInProps = {
  sheet: CircuitSheet;
  there: ReadonlySet<string>;
  onTake: (rows: Record<string, string>[]) => void;
  onClose: () => void;
};

/** A SPICE netlist read as rows of the net; what is not read, and what the sheet lacks, is listed before anything is taken. */
export function NetlistIn({ sheet, there, onTake, onClose }: NetlistInProps) {
  const [text, setText] = useState("");
  const { rows, devices, left } = useMemo(() => readSpice(text), [text]);
  const known = new Set([
    ...sheet.components.map(({ designator }) => designator),
    ...sheet.windings.map(({ winding }) => winding),
  ]);
  const lacking = rows.filter(({ part }) => !known.has(part) && part !== SUPPLY && !WIRE.test(part));
  const tubes = devices.filter(({ position }) => !sheet.tubes.some((one) => one.position === position));
  const fresh = rows.filter(({ part }) => !there.has(part));
  return (
    <section aria-label="A netlist" className="rounded-box border border-base-300 p-3">
      <LinesField label="The netlist (.cir)" value={text} onChange={setText} rows={6} mono />
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary h-11"
          disabled={fresh.length === 0}
          onClick={() => {
            onTake(fresh.map(({ value: _, ...row }) => tableOf("net").write(row)));
            onClose();
          }}
        >
          Take {fresh.length} rows into the table
        </button>
        <button type="button" className="btn btn-ghost h-11" onClick={onClose}>
          Close
        </button>
        <span role="status">
          {text.trim() === ""
            ? "Resistors, capacitors, coils, sources, tubes and transistors are read."
            : `${rows.length} rows and ${devices.length} tubes or transistors read, ${left.length} lines not.`}
        </span>
      </div>
      {lacking.length > 0 ? (
        <p className="mt-2 border-l-4 border-warning pl-2">
          Not in the parts of the sheet yet: {lacking.map(({ part }) => part).join(", ")}. Their rows are taken, and
          have no value until the part is entered.
        </p>
      ) : null}
      {tubes.length > 0 ? (
        <p className="mt-2 border-l-4 border-warning pl-2">
          Not in the line-up yet: {tubes.map(({ position, type }) => `${position} ${type}`).join(", ")}.
        </p>
      ) : null}
      {left.length > 0 ? (
        <ul className="mt-2 max-h-40 overflow-y-auto" tabIndex={0} aria-label="Lines that were not read">
          {left.map(({ line, text: one, why }) => (
            <li key={line}>
              <span className="dim">Line {line}</span> <span className="font-mono">{one}</span>{" "}
              <span className="dim">{why}</span>
            </li>
          ))}
        </ul>
      ) : null}
    </section>
  );
}
