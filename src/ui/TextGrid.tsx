"use client";

import { Plus, X } from "lucide-react";
import { useContext } from "react";
import { ReadAloneContext } from "./form/ReadAlone";

export type GridColumn = { key: string; name: string; choices?: readonly string[]; wide?: boolean };

type TextGridProps = {
  /** what a row is called: `column`, `limit` */
  one: string;
  columns: readonly GridColumn[];
  rows: readonly Readonly<Record<string, string>>[];
  onChange: (rows: Record<string, string>[]) => void;
  /** what a new row begins with */
  fresh: Record<string, string>;
};

/** A small table of texts: rows are added, changed and taken away. */
export function TextGrid({ one, columns, rows, onChange, fresh }: TextGridProps) {
  const disabled = useContext(ReadAloneContext);
  const put = (at: number, key: string, text: string) =>
    onChange(rows.map((row, n) => (n === at ? { ...row, [key]: text } : { ...row })));
  return (
    <div className="overflow-x-auto">
      <table className="table [&_td]:px-1 [&_td]:py-0.5 [&_th]:px-1">
        <thead>
          <tr className="text-base text-base-content">
            {columns.map(({ key, name }) => (
              <th key={key} scope="col">
                {name}
              </th>
            ))}
            <th scope="col">
              <span className="sr-only">Take away</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <tr key={at}>
              {columns.map(({ key, name, choices, wide }) => {
                const common = { "aria-label": `${name} of ${one} ${at + 1}`, value: row[key] ?? "", disabled };
                return (
                  <td key={key}>
                    {choices ? (
                      <select
                        {...common}
                        className="select h-10 w-40"
                        onChange={(event) => put(at, key, event.target.value)}
                      >
                        {choices.map((choice) => (
                          <option key={choice}>{choice}</option>
                        ))}
                      </select>
                    ) : (
                      <input
                        {...common}
                        className={`input h-10 ${wide ? "w-56" : "w-28"}`}
                        autoComplete="off"
                        onChange={(event) => put(at, key, event.target.value)}
                      />
                    )}
                  </td>
                );
              })}
              <td>
                <button
                  type="button"
                  className="btn btn-ghost h-10 min-w-10 px-2"
                  disabled={disabled}
                  aria-label={`Take ${one} ${at + 1} away`}
                  onClick={() => onChange(rows.filter((_, n) => n !== at).map((other) => ({ ...other })))}
                >
                  <X size={18} aria-hidden="true" />
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <button
        type="button"
        className="btn btn-outline mt-1 h-10"
        disabled={disabled}
        onClick={() => onChange([...rows.map((row) => ({ ...row })), fresh])}
      >
        <Plus size={16} aria-hidden="true" /> One more {one}
      </button>
    </div>
  );
}
