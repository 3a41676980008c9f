"use client";

import { useMemo, useState } from "react";
import { guard, readRows, type Table } from "@/core/tables";
import { CsvFrame, csvExample } from "@/ui/CsvFrame";
import { ErrorText } from "@/ui/form";
import { cellsOf } from "@/workers/preview";
import type { Answer } from "@/server/action";

const LARGEST = 4_000_000;
/** Rows that are shown; those with something wrong come first. */
const SHOWN = 60;

type CsvPanelProps<Row> = {
  table: Table<Row>;
  title: string;
  /** of the shop, for prices that name none */
  currency?: string;
  onSave: (cells: string[][]) => Promise<Answer>;
  onDone: (said: string | undefined) => void;
  children?: React.ReactNode;
};

/** A list pasted or chosen: how many rows are understood, what is wrong in the others, and nothing saved before Save. */
export function CsvPanel<Row>({ table, title, currency, onSave, onDone, children }: CsvPanelProps<Row>) {
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const [saving, setSaving] = useState(false);
  const read = useMemo(
    () => (text.trim() ? readRows(table, cellsOf(text).cells, { currency }) : undefined),
    [table, text, currency],
  );
  const rows = read ? [...read.rows].sort((a, b) => Number(b.problems.length > 0) - Number(a.problems.length > 0)) : [];
  const save = async () => {
    if (!read) return;
    setSaving(true);
    const titles = table.columns.map(({ title: name }) => name);
    const cells = [
      titles,
      ...read.rows.flatMap((row) =>
        row.row ? [table.columns.map(({ key }) => guard(row.cells[key]?.raw ?? ""))] : [],
      ),
    ];
    const answer = await onSave(cells).catch((): Answer => ({
      ok: false,
      message: "The server cannot be reached; the list is still here.",
    }));
    setSaving(false);
    if (answer.ok) onDone(answer.said);
    else setError(answer.message);
  };
  return (
    <CsvFrame
      title={title}
      label="The list as text"
      placeholder={csvExample(table.columns)}
      largest={LARGEST}
      text={text}
      onText={setText}
      error={error}
      onError={setError}
      onClose={() => onDone(undefined)}
      fields={children}
    >
      {read?.trouble ? <ErrorText>{read.trouble}</ErrorText> : null}
      {read && read.rows.length > 0 ? (
        <>
          <div className="flex flex-wrap items-center gap-4">
            <p aria-live="polite">
              <strong>{read.good}</strong> {read.good === 1 ? "row" : "rows"} understood
              {read.bad > 0 ? (
                <>
                  , <strong className="text-warning">{read.bad}</strong> not: they are left out
                </>
              ) : null}
            </p>
            <button
              type="button"
              className="btn btn-primary h-11"
              disabled={saving || read.good === 0}
              onClick={() => void save()}
            >
              Save {read.good} {read.good === 1 ? table.one : `${table.one}s`}
            </button>
          </div>
          <div className="overflow-x-auto">
            <table className="table table-sm">
              <thead>
                <tr className="text-base-content">
                  <th scope="col">line</th>
                  {table.columns.map(({ key, title: name }) => (
                    <th key={key} scope="col">
                      {name}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.slice(0, SHOWN).map((row) => (
                  <tr key={row.line} className="align-top">
                    <td className="dim">{row.line}</td>
                    {table.columns.map(({ key }) => {
                      const cell = row.cells[key];
                      return (
                        <td key={key} className={`font-mono ${cell?.problem ? "text-warning" : ""}`}>
                          {cell?.shown || cell?.raw}
                          {cell?.problem ? (
                            <span className="block font-sans font-semibold whitespace-normal">{cell.problem}</span>
                          ) : null}
                        </td>
                      );
                    })}
                  </tr>
                ))}
              </tbody>
            </table>
            {rows.length > SHOWN ? <p className="dim">and {rows.length - SHOWN} more</p> : null}
          </div>
        </>
      ) : null}
    </CsvFrame>
  );
}
