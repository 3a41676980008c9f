"use client";

import { useRef, useState } from "react";
import type { Column } from "@/core/sheets";
import { ErrorText } from "@/ui/form";
import { GridRow } from "./GridRow";
import { Pad } from "./Pad";
import { lineKey } from "./rows";
import type { RunInView } from "./useRun";

const CELLS = "input[data-grid-cell], select[data-grid-cell]";

/** Columns that fit beside one another on a laptop. */
const MOST_ACROSS = 6;

/** One more row than the sheet proposes. */
function AddRow({ run }: { run: RunInView }) {
  const { sheet, add } = run;
  const [at, setAt] = useState<Record<string, string>>({});
  const [error, setError] = useState<string>();
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-2"
      aria-label="Add a row"
      onSubmit={(event) => {
        event.preventDefault();
        if (lineKey(sheet, at).replaceAll("|", "") === "")
          return setError(`Say which row: ${sheet.rowBy[0]?.name ?? ""}.`);
        add(at);
        setError(undefined);
        return setAt({});
      }}
    >
      {sheet.rowBy.map(({ key, name, unit, choices }) => (
        <input
          key={key}
          className="input h-10 w-44 font-mono"
          aria-label={`New row: ${name}`}
          placeholder={unit ? `${name}, ${unit}` : name}
          list={choices ? `choices-${key}` : undefined}
          value={at[key] ?? ""}
          onChange={(event) => setAt({ ...at, [key]: event.target.value })}
        />
      ))}
      <button className="btn btn-outline h-10">Add the row</button>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </form>
  );
}

/** Rows that came from a list, or were typed and left: written one after the other, until one has to be asked about. */
function WriteAll({ run }: { run: RunInView }) {
  const [said, setSaid] = useState<string>();
  const [done, setDone] = useState<number>();
  const open = run.lines.filter((line) => run.changed(line));
  if (open.length < 2 && done === undefined) return said ? <ErrorText>{said}</ErrorText> : null;
  const write = async () => {
    setSaid(undefined);
    for (const [n, line] of open.entries()) {
      setDone(n);
      const answer = await run.save(line);
      if (answer.ok) continue;
      setSaid(`${Object.values(line.at).join(", ")}: ${answer.message}`);
      break;
    }
    setDone(undefined);
  };
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      <button
        type="button"
        className="btn btn-primary h-11"
        aria-disabled={done !== undefined}
        onClick={() => done === undefined && void write()}
      >
        Write all {open.length} rows
      </button>
      {done === undefined ? null : <span role="status">{done} written…</span>}
      {said ? <ErrorText>{said}</ErrorText> : null}
    </div>
  );
}

const heading = ({ name, unit }: Pick<Column, "name" | "unit">) => (
  <>
    {name}
    {unit ? <span className="dim font-normal">, {unit}</span> : null}
  </>
);

/** The grid of a run: filled in measuring order; what follows from a row stands beside it while one types. */
export function RunGrid({ run }: { run: RunInView }) {
  const { sheet, lines, leftOut, bringBack } = run;
  const frame = useRef<HTMLDivElement>(null);
  const [pad, setPad] = useState(false);
  const [at, setAt] = useState<{ line: string; column: string }>();
  const go = (from: HTMLElement, by: number) => {
    const cells = [...(frame.current?.querySelectorAll<HTMLElement>(CELLS) ?? [])];
    const next = cells[cells.indexOf(from) + by];
    next?.focus();
    if (next instanceof HTMLInputElement) next.select();
  };
  const columns = new Set(run.table.columns.filter(({ worked }) => worked).map(({ key }) => key));
  // A column that nothing can be worked out for yet takes no room, unless something is being typed.
  const worked = sheet.worked.filter(
    ({ key }) => columns.has(key) || lines.some((line) => run.changed(line)) || columns.size === 0,
  );
  // Many columns: what follows from a row stands below it, so that nothing has to be scrolled for.
  const wide = sheet.columns.length + worked.length > MOST_ACROSS;
  const current = lines.find(({ key }) => key === at?.line);
  return (
    <div ref={frame}>
      <div className="overflow-x-auto">
        <table className="table [&_td]:px-1 [&_th]:px-1">
          <thead>
            <tr className="align-bottom text-base text-base-content">
              <th scope="col" className="whitespace-normal">
                {sheet.rowBy.map(({ name }) => name).join(", ")}
              </th>
              {sheet.columns.map((column) => (
                <th key={column.key} scope="col" className="text-right whitespace-normal">
                  {heading(column)}
                </th>
              ))}
              {(wide ? [] : worked).map(({ key, name }) => (
                <th key={key} scope="col" className="text-right whitespace-normal">
                  {name}
                </th>
              ))}
              <th scope="col">
                <span className="sr-only">What becomes of the row</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <GridRow
                key={line.key}
                run={run}
                line={line}
                worked={worked}
                wide={wide}
                onGo={go}
                onFocus={(column) => setAt({ line: line.key, column })}
              />
            ))}
          </tbody>
        </table>
      </div>
      {lines.length === 0 ? (
        <p className="dim py-1">No rows yet: add the first one below, or type it on the bench line.</p>
      ) : null}
      <WriteAll run={run} />
      <div className="flex flex-wrap items-end gap-x-4">
        <AddRow run={run} />
        <button type="button" className="btn btn-outline mt-2 h-10" aria-pressed={pad} onClick={() => setPad(!pad)}>
          Number pad
        </button>
        {leftOut > 0 ? (
          <button type="button" className="btn btn-ghost mt-2 h-10" onClick={bringBack}>
            Bring {leftOut} left-out {leftOut === 1 ? "row" : "rows"} back
          </button>
        ) : null}
      </div>
      {pad ? (
        <Pad
          at={
            current && at
              ? `${Object.values(current.at).join(", ")}: ${[...sheet.rowBy, ...sheet.columns].find(({ key }) => key === at.column)?.name ?? ""}`
              : undefined
          }
          text={current && at ? (run.typedAt(current)[at.column] ?? "") : ""}
          onText={(text) => current && at && run.type(current.key, at.column, text)}
          onGo={(by) => {
            const cell = frame.current?.querySelector<HTMLElement>(
              `[data-grid-cell="${CSS.escape(`${at?.line ?? ""} ${at?.column ?? ""}`)}"]`,
            );
            if (cell) go(cell, by);
            else frame.current?.querySelector<HTMLElement>(CELLS)?.focus();
          }}
        />
      ) : null}
    </div>
  );
}
