"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { useRef } from "react";
import { tableOf, type TableName } from "@/core/tables";
import type { Preview } from "@/workers/preview";

const STATE_WORDS = { new: "new", changed: "changes", same: "as it is", "left-out": "not read" } as const;

type PreviewTableProps = { name: TableName; preview: Preview };

/** Row by row what each cell was understood as, and what the row would do to the sheet. */
export function PreviewTable({ name, preview }: PreviewTableProps) {
  const box = useRef<HTMLDivElement>(null);
  const table = tableOf(name);
  const columns = table.columns.filter(({ key }) => preview.mapping.includes(key));
  // Its functions are called while this component renders and handed to no other.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: preview.rows.length,
    getScrollElement: () => box.current,
    estimateSize: () => 40,
    overscan: 12,
  });
  const template = `4rem 6rem ${columns.map(() => "minmax(7rem, 1fr)").join(" ")}`;
  return (
    <div
      ref={box}
      role="table"
      aria-label="What the file was understood as"
      aria-rowcount={preview.rows.length + 1}
      tabIndex={0}
      className="max-h-[46dvh] overflow-auto rounded-box border border-base-300"
    >
      <div
        role="row"
        className="sticky top-0 z-10 grid min-w-max border-b border-base-300 bg-base-200 font-semibold"
        style={{ gridTemplateColumns: template }}
      >
        <span role="columnheader" className="px-2 py-1">
          Line
        </span>
        <span role="columnheader" className="px-2 py-1">
          Does
        </span>
        {columns.map(({ key, title }) => (
          <span key={key} role="columnheader" className="px-2 py-1">
            {title}
          </span>
        ))}
      </div>
      <div role="rowgroup" className="relative min-w-max" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const row = preview.rows[item.index];
          const state = preview.states[item.index] ?? "left-out";
          if (!row) return null;
          return (
            <div
              key={item.key}
              ref={virtual.measureElement}
              data-index={item.index}
              role="row"
              aria-rowindex={item.index + 2}
              className="absolute right-0 left-0 grid border-b border-base-300"
              style={{ gridTemplateColumns: template, transform: `translateY(${item.start}px)` }}
            >
              <span role="cell" className="dim px-2 py-1 font-mono">
                {row.line}
              </span>
              <span role="cell" className={`px-2 py-1 ${state === "left-out" ? "font-semibold text-warning" : ""}`}>
                {STATE_WORDS[state]}
              </span>
              {columns.map(({ key }) => {
                const cell = row.cells[key];
                return (
                  <span key={key} role="cell" className="px-2 py-1 font-mono">
                    {cell?.shown}
                    {cell && cell.shown !== cell.raw && cell.raw !== "" ? (
                      <span className="dim block text-sm">{cell.raw}</span>
                    ) : null}
                    {cell?.problem ? (
                      <span className="block font-sans text-sm font-semibold text-warning">{cell.problem}</span>
                    ) : null}
                    {cell?.remark ? (
                      <span className="block font-sans text-sm font-semibold text-info">{cell.remark}</span>
                    ) : null}
                  </span>
                );
              })}
            </div>
          );
        })}
      </div>
    </div>
  );
}
