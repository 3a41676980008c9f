"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { X } from "lucide-react";
import { useMemo, useRef, useState } from "react";
import { tableOf, type Column, type TableContext, type TableName } from "@/core/tables";
import { cellsOf } from "@/workers/preview";
import { freshRow, pasteInto, readGrid, type GridRead, type GridRow } from "./grid";

const WIDTHS: Record<string, string> = {
  designator: "7rem",
  position: "6rem",
  role: "10.75rem",
  value: "8rem",
  rating: "5.5rem",
  common: "6rem",
  step: "9rem",
  job: "5rem",
  line: "6rem",
  tolerance: "6rem",
  range: "6rem",
  source: "6.5rem",
  from: "5rem",
  to: "5rem",
  ohms: "6rem",
  type: "8rem",
  expected: "7rem",
  heaterVolts: "7rem",
  heaterAmps: "7rem",
};
/** Nodes of a net have longer names than the ends of a winding. */
const OF_THE_NET: Record<string, string> = { part: "12rem", from: "9rem", to: "9rem", tap: "8rem", at: "5rem" };
const template = (columns: readonly Column[]) =>
  `2.25rem ${columns.map(({ key }) => (columns[0]?.key === "part" ? OF_THE_NET : WIDTHS)[key] ?? "minmax(7rem, 1fr)").join(" ")} minmax(8.5rem, 1fr) 2.75rem`;

/** Roles, steps and the like read as they are typed; a value is worth saying again. */
const SAID_AGAIN = new Set(["value", "expected", "ohms", "tolerance", "range", "source", "heaterVolts", "heaterAmps"]);

/** What the values of a row were understood as, where that is more than what was typed. */
function understood({ read }: GridRead, columns: readonly Column[]): string {
  const cells = read?.cells ?? {};
  return columns
    .filter(({ key }) => SAID_AGAIN.has(key) && cells[key] && cells[key].shown !== cells[key].raw)
    .map(({ key }) => cells[key]?.shown ?? "")
    .filter(Boolean)
    .join(" · ");
}

/** What is wrong with a row, or worth a look. */
function Trouble({ read, notes }: { read: GridRead; notes: readonly string[] }) {
  const remarks = [...(read.read?.remarks ?? []), ...notes];
  if (read.problems.length === 0 && remarks.length === 0) return null;
  return (
    <p className="col-span-full pb-1 pl-11 text-sm">
      {read.problems.map((problem) => (
        <span key={problem} className="mr-3 font-semibold text-warning">
          {problem}
        </span>
      ))}
      {remarks.map((remark) => (
        <span key={remark} className="mr-3 font-semibold text-info">
          {remark}
        </span>
      ))}
    </p>
  );
}

type SheetGridProps = {
  name: TableName;
  rows: readonly GridRow[];
  context: TableContext;
  onChange: (rows: GridRow[]) => void;
  /** what the table as a whole has to say of a row, by its key */
  notes?: ReadonlyMap<string, readonly string[]> | undefined;
};

/** A table of the sheet, edited in place: arrows and Enter walk the cells, a block from a spreadsheet is pasted as one. */
export function SheetGrid({ name, rows, context, onChange, notes }: SheetGridProps) {
  const table = tableOf(name);
  const { columns } = table;
  // One empty row stands below the last: writing into it makes the next.
  const [spare, setSpare] = useState(() => freshRow());
  const all = useMemo(() => [...rows, spare], [rows, spare]);
  const reads = useMemo(() => readGrid(table, all, context), [table, all, context]);
  const box = useRef<HTMLDivElement>(null);
  // Its functions are called while this component renders and handed to no other.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: all.length,
    getScrollElement: () => box.current,
    estimateSize: () => 46,
    getItemKey: (index) => all[index]?.id ?? index,
    overscan: 12,
  });

  const focus = (row: number, column: number) => {
    const to = Math.max(0, Math.min(all.length - 1, row));
    const take = () => {
      const cell = box.current?.querySelector<HTMLInputElement>(`[data-cell="${to}-${column}"]`);
      cell?.focus();
      cell?.select();
      return Boolean(cell);
    };
    // A row in sight takes the focus at once, so that no key is lost; one far away is scrolled to first.
    const there = take();
    virtual.scrollToIndex(to);
    if (!there) window.requestAnimationFrame(take);
  };
  const put = (next: GridRow[]) => {
    // The spare row was written into: it is a row now, and another takes its place.
    if (next.length > rows.length) setSpare(freshRow());
    onChange(next);
  };
  const type = (at: number, key: string, text: string) =>
    at === rows.length
      ? put([...rows, { ...spare, raw: { [key]: text } }])
      : put(rows.map((row, index) => (index === at ? { ...row, raw: { ...row.raw, [key]: text } } : row)));
  const remove = (at: number) => {
    put(rows.filter((_row, index) => index !== at));
    focus(at, 0);
  };

  const onKeyDown = (event: React.KeyboardEvent<HTMLInputElement>, row: number, column: number) => {
    const field = event.currentTarget;
    const whole = field.selectionStart === 0 && field.selectionEnd === field.value.length;
    const atStart = field.selectionEnd === 0 || whole;
    const atEnd = field.selectionStart === field.value.length || whole;
    if (event.key === "Enter") focus(row + (event.shiftKey ? -1 : 1), column);
    else if (event.key === "ArrowDown") focus(row + 1, column);
    else if (event.key === "ArrowUp") focus(row - 1, column);
    else if (event.key === "ArrowLeft" && atStart && column > 0) focus(row, column - 1);
    else if (event.key === "ArrowRight" && atEnd && column < columns.length - 1) focus(row, column + 1);
    else if (event.key === "Delete" && event.ctrlKey && row < rows.length) remove(row);
    else return;
    event.preventDefault();
  };
  const onPaste = (event: React.ClipboardEvent, row: number, column: number) => {
    const text = event.clipboardData.getData("text/plain");
    if (!/[\t\n]/.test(text.trim())) return;
    event.preventDefault();
    const { cells } = cellsOf(text.replace(/\r?\n$/, ""));
    put(pasteInto(columns, rows, { row, column }, cells));
  };

  return (
    <div
      ref={box}
      role="grid"
      aria-label={table.title}
      aria-rowcount={all.length + 1}
      aria-colcount={columns.length + 3}
      className="max-h-[62dvh] overflow-auto rounded-box border border-base-300"
    >
      <div
        role="row"
        className="sticky top-0 z-10 grid min-w-max border-b border-base-300 bg-base-200 font-semibold"
        style={{ gridTemplateColumns: template(columns) }}
      >
        <span role="columnheader" className="py-1 pl-2">
          <span className="sr-only">Row</span>
        </span>
        {columns.map(({ key, title, required }) => (
          <span key={key} role="columnheader" className="px-2 py-1">
            {title}
            {required ? <span className="dim"> *</span> : null}
          </span>
        ))}
        <span role="columnheader" className="dim px-2 py-1 font-normal">
          understood as
        </span>
        <span role="columnheader">
          <span className="sr-only">Take away</span>
        </span>
      </div>
      <div role="rowgroup" className="relative min-w-max" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const row = all[item.index];
          const read = reads[item.index];
          if (!row || !read) return null;
          const cells = read.read?.cells ?? {};
          return (
            <div
              key={item.key}
              ref={virtual.measureElement}
              data-index={item.index}
              role="row"
              aria-rowindex={item.index + 2}
              className="absolute right-0 left-0 grid border-b border-base-300"
              style={{ gridTemplateColumns: template(columns), transform: `translateY(${item.start}px)` }}
            >
              <span role="rowheader" className="dim self-center pl-2 text-sm">
                {item.index < rows.length ? item.index + 1 : "+"}
              </span>
              {columns.map(({ key, title, hint, choices }, column) => (
                <span key={key} role="gridcell" className="p-0.5">
                  <input
                    data-cell={`${item.index}-${column}`}
                    aria-label={`${title}, row ${item.index + 1}`}
                    aria-invalid={Boolean(cells[key]?.problem)}
                    className={`h-10 w-full rounded-field bg-transparent px-1.5 font-mono hover:bg-base-200 focus:bg-base-100 ${cells[key]?.problem ? "border-b-2 border-warning" : ""}`}
                    value={row.raw[key] ?? ""}
                    placeholder={item.index === rows.length ? hint : ""}
                    list={choices ? `choices-${name}-${key}` : undefined}
                    autoComplete="off"
                    spellCheck={false}
                    onChange={(event) => type(item.index, key, event.target.value)}
                    onKeyDown={(event) => onKeyDown(event, item.index, column)}
                    onPaste={(event) => onPaste(event, item.index, column)}
                  />
                </span>
              ))}
              <span role="gridcell" className="dim self-center px-2 text-sm">
                {understood(read, columns)}
              </span>
              <span role="gridcell">
                {item.index < rows.length ? (
                  <button
                    type="button"
                    tabIndex={-1}
                    className="btn btn-ghost btn-square h-10 w-10"
                    aria-label={`Take row ${item.index + 1} away`}
                    onClick={() => remove(item.index)}
                  >
                    <X size={16} aria-hidden="true" />
                  </button>
                ) : null}
              </span>
              <Trouble read={read} notes={(read.read?.row && notes?.get(table.keyOf(read.read.row))) ?? []} />
            </div>
          );
        })}
      </div>
      {columns.map(({ key, choices }) =>
        choices ? (
          <datalist key={key} id={`choices-${name}-${key}`}>
            {choices.map((choice) => (
              <option key={choice} value={choice} />
            ))}
          </datalist>
        ) : null,
      )}
    </div>
  );
}
