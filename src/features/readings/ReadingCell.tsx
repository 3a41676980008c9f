"use client";

import type { PointRow } from "@/core/readings";
import type { Cell } from "./useReadings";

type ReadingCellProps = { row: PointRow; cell: Cell; onFocus: () => void };

/** Moves between the cells of the table: Enter and the arrows walk the rows. */
function walk(from: HTMLInputElement, by: 1 | -1): void {
  const cells = [...(from.closest("table")?.querySelectorAll<HTMLInputElement>("input[data-reading]") ?? [])];
  const next = cells[cells.indexOf(from) + by];
  next?.focus();
  next?.select();
}

export function ReadingCell({ row, cell, onFocus }: ReadingCellProps) {
  return (
    <input
      data-reading
      className="input h-10 w-24 text-right font-mono text-lg"
      inputMode="decimal"
      autoComplete="off"
      aria-label={`${row.point}, measured`}
      aria-invalid={cell.live.kind === "problem"}
      value={cell.text}
      onFocus={onFocus}
      onChange={(event) => cell.setText(event.target.value)}
      onBlur={() => {
        // A reading that is asked about waits for its answer; the others are written when the cell is left.
        if (!cell.asks) cell.save();
      }}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== "ArrowDown" && event.key !== "ArrowUp") return;
        event.preventDefault();
        if (event.key === "Enter" && !cell.save()) return;
        walk(event.currentTarget, event.key === "ArrowUp" ? -1 : 1);
      }}
    />
  );
}
