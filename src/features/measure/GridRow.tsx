"use client";

import { Ban, RotateCcw, X } from "lucide-react";
import { useRef, useState } from "react";
import { figureText, showRow, type Column, type Shown, type Worked } from "@/core/sheets";
import { AskWords } from "@/ui/AskWords";
import { ErrorText } from "@/ui/form";
import { VerdictMark } from "@/ui/VerdictMark";
import type { GridLine } from "./rows";
import type { RunInView, Saved } from "./useRun";

type GridRowProps = {
  run: RunInView;
  line: GridLine;
  worked: readonly Worked[];
  /** what follows stands below the row */
  wide: boolean;
  onGo: (from: HTMLElement, by: number) => void;
  onFocus: (column: string) => void;
};

const widthOf = ({ quantity }: Column, wide: boolean) =>
  quantity === "text" ? "w-28" : wide ? "w-[4.5rem] px-2" : "w-24";

function Verdict({ cell }: { cell: Shown | undefined }) {
  if (!cell || cell.verdict === "none" || !cell.limit) return null;
  const limit = `${cell.limit.sense === "at-least" ? "at least" : "at most"} ${cell.limit.text}`;
  return (
    <span title={limit} className="inline-flex items-center">
      <VerdictMark mark={cell.verdict} iconOnly />
      <span className="sr-only">{limit}</span>
    </span>
  );
}

/** A row of the grid: it is written down when it is left, or with Enter in its last cell. */
export function GridRow({ run, line, worked, wide, onGo, onFocus }: GridRowProps) {
  const { sheet, around } = run;
  const row = useRef<HTMLTableRowElement>(null);
  const [answer, setAnswer] = useState<Saved>({ ok: true });
  const [striking, setStriking] = useState(false);
  const typed = run.typedAt(line);
  const changed = run.changed(line);
  const read = run.read(line);
  const shown = read.ok ? showRow(read.row, around) : [];
  const { saved } = line;
  const gone = saved?.void !== undefined && !changed;
  const label = sheet.rowBy
    .map(({ key }) => typed[key] ?? "")
    .filter(Boolean)
    .join(", ");
  const last = sheet.columns.at(-1)?.key;
  const cellOf = (key: string) => shown.find((one) => one.key === key);
  // What is wrong with a cell that nothing was typed in is said when the row is written.
  const problem = (key: string) => (!read.ok && (typed[key] ?? "") !== "" ? read.problems[key] : undefined);

  // Enter writes the row and goes on, and so leaves it: it is written once.
  const writing = useRef(false);
  const save = async (sure = false) => {
    if (writing.current) return;
    writing.current = true;
    try {
      setAnswer(await run.save(line, sure));
    } finally {
      writing.current = false;
    }
  };
  const leave = (event: React.FocusEvent) => {
    if (row.current?.contains(event.relatedTarget as Node | null)) return;
    if (changed && read.ok) void save();
  };
  const keyed = (event: React.KeyboardEvent<HTMLElement>, column: string) => {
    if (event.key === "ArrowUp" || event.key === "ArrowDown") {
      event.preventDefault();
      onGo(event.currentTarget, (event.key === "ArrowUp" ? -1 : 1) * sheet.columns.length);
    }
    if (event.key !== "Enter") return;
    event.preventDefault();
    if (column === last && changed) void save();
    onGo(event.currentTarget, 1);
  };
  const field = (column: Column) => {
    const name = `${label}: ${column.name}${column.unit ? `, ${column.unit}` : ""}`;
    const common = {
      "data-grid-cell": `${line.key} ${column.key}`,
      "aria-label": name,
      "aria-invalid": Boolean(problem(column.key)),
      value: typed[column.key] ?? "",
      onFocus: () => onFocus(column.key),
      onKeyDown: (event: React.KeyboardEvent<HTMLElement>) => keyed(event, column.key),
    };
    const change = (text: string) => {
      setAnswer({ ok: true });
      run.type(line.key, column.key, text);
    };
    return column.choices ? (
      <select {...common} className="select h-10 w-28" onChange={(event) => change(event.target.value)}>
        <option value="">–</option>
        {column.choices.map((one) => (
          <option key={one}>{one}</option>
        ))}
      </select>
    ) : (
      <input
        {...common}
        className={`input h-10 font-mono ${column.quantity === "text" ? "" : "text-right"} ${widthOf(column, wide)} ${gone ? "line-through" : ""}`}
        inputMode={column.quantity === "text" ? undefined : "decimal"}
        autoComplete="off"
        onChange={(event) => change(event.target.value)}
      />
    );
  };
  const troubles = [...new Set(sheet.columns.flatMap(({ key }) => problem(key) ?? []))];
  const follows = wide
    ? worked.flatMap(({ key, name }) => (cellOf(key)?.value === undefined ? [] : [{ name, cell: cellOf(key) }]))
    : [];
  const below = follows.length > 0 || troubles.length > 0 || !answer.ok || striking || gone;
  return (
    <>
      <tr ref={row} className={below ? "border-b-0" : ""} onBlur={leave}>
        <th
          scope="row"
          className={`sticky left-0 z-10 bg-base-100 py-0.5 text-base font-semibold whitespace-nowrap ${gone ? "line-through" : ""}`}
        >
          {label}
          {line.times > 1 ? <span className="dim text-sm font-normal"> measured {line.times} times</span> : null}
        </th>
        {sheet.columns.map((column) => (
          <td key={column.key} className="py-0.5 text-right whitespace-nowrap">
            <span className="inline-flex items-center gap-1">
              <Verdict cell={gone ? undefined : cellOf(column.key)} />
              {field(column)}
            </span>
          </td>
        ))}
        {(wide ? [] : worked).map(({ key }) => {
          const cell = cellOf(key);
          return (
            <td key={key} className={`py-0.5 text-right font-mono whitespace-nowrap ${gone ? "line-through" : ""}`}>
              {cell?.value === undefined ? (
                <span className="dim">–</span>
              ) : (
                <span className="inline-flex items-center gap-1">
                  <Verdict cell={gone ? undefined : cell} />
                  {figureText(cell.value, cell.quantity, cell.unit)}
                </span>
              )}
            </td>
          );
        })}
        <td className="py-0.5 text-right whitespace-nowrap">
          {changed ? (
            <button
              type="button"
              className="btn btn-primary h-10 px-2"
              aria-label={`Write ${label} down`}
              onClick={() => void save()}
            >
              Write
            </button>
          ) : saved?.void !== undefined ? (
            <button
              type="button"
              className="btn btn-ghost h-10 min-w-10 px-2"
              aria-label={`${label} counts again`}
              onClick={async () => setAnswer(await run.strike(saved, undefined))}
            >
              <RotateCcw size={18} aria-hidden="true" />
            </button>
          ) : saved ? (
            <button
              type="button"
              className="btn btn-ghost h-10 min-w-10 px-2"
              aria-label={`Strike ${label}`}
              title="Strike this row: it counts for nothing"
              onClick={() => setStriking(true)}
            >
              <Ban size={18} aria-hidden="true" />
            </button>
          ) : (
            <button
              type="button"
              className="btn btn-ghost h-10 min-w-10 px-2"
              aria-label={`Leave ${label} out`}
              title="Leave this row out"
              onClick={() => run.leave(line.key)}
            >
              <X size={18} aria-hidden="true" />
            </button>
          )}
        </td>
      </tr>
      {below ? (
        <tr>
          <td colSpan={sheet.columns.length + (wide ? 0 : worked.length) + 2} className="pt-0 pb-1">
            {follows.length > 0 ? (
              <p className={`flex flex-wrap justify-end gap-x-4 text-base ${gone ? "line-through" : ""}`}>
                {follows.map(({ name, cell }) => (
                  <span key={name} className="inline-flex items-center gap-1 whitespace-nowrap">
                    <span className="dim">{name}</span>
                    <Verdict cell={gone ? undefined : cell} />
                    <span className="font-mono">
                      {figureText(cell?.value ?? 0, cell?.quantity ?? "number", cell?.unit)}
                    </span>
                  </span>
                ))}
              </p>
            ) : null}
            {troubles.map((text) => (
              <ErrorText key={text}>{text}</ErrorText>
            ))}
            {gone ? <span className="text-sm text-warning">Counts for nothing: {saved?.void}</span> : null}
            {answer.ok ? null : (
              <div className="flex flex-wrap items-center gap-2">
                <ErrorText>{answer.message}</ErrorText>
                {answer.doubts ? (
                  <>
                    <button type="button" className="btn btn-outline h-10" onClick={run.lookAgain}>
                      Look at the set-up again
                    </button>
                    <button type="button" className="btn btn-outline h-10" onClick={() => void save(true)}>
                      The figure is right
                    </button>
                    <button
                      type="button"
                      className="btn btn-ghost h-10"
                      onClick={() => {
                        run.forget(line.key);
                        setAnswer({ ok: true });
                      }}
                    >
                      Forget it
                    </button>
                  </>
                ) : null}
              </div>
            )}
            {striking && saved ? (
              <AskWords
                label={`Why ${label} counts for nothing`}
                placeholder="two modulations were on"
                onCancel={() => setStriking(false)}
                onWrite={async (why) => {
                  if (!why) return setAnswer({ ok: false, message: "Say why it counts for nothing." });
                  const done = await run.strike(saved, why.slice(0, 120));
                  setAnswer(done);
                  return done.ok ? setStriking(false) : undefined;
                }}
              />
            ) : null}
          </td>
        </tr>
      ) : null}
    </>
  );
}
