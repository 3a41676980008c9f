"use client";

import type { PointRow } from "@/core/visit";
import type { Live } from "./rows";

type ReadingCellProps = { row: PointRow; text: string; live: Live; onText: (text: string) => void; onSave: () => void };

/** Moves between the cells of the table: Enter and the arrows walk the rows. */
function walk(from: HTMLInputElement, by: 1 | -1): void {
  const cells = [...(from.closest("table")?.querySelectorAll<HTMLInputElement>("input[data-reading]") ?? [])];
  const next = cells[cells.indexOf(from) + by];
  next?.focus();
  next?.select();
}

export function ReadingCell({ row, text, live, onText, onSave }: ReadingCellProps) {
  return (
    <input
      data-reading
      className="input h-10 w-24 text-right font-mono text-lg"
      inputMode="decimal"
      autoComplete="off"
      aria-label={`${row.point}, measured`}
      aria-invalid={live.kind === "problem"}
      value={text}
      onChange={(event) => onText(event.target.value)}
      onBlur={onSave}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== "ArrowDown" && event.key !== "ArrowUp") return;
        event.preventDefault();
        onSave();
        walk(event.currentTarget, event.key === "ArrowUp" ? -1 : 1);
      }}
    />
  );
}
