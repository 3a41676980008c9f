"use client";

import Papa from "papaparse";
import { useMemo, useState } from "react";
import { LARGEST_FILE } from "@/core/log";
import { mapColumns, MOST_READ, thinRows, typedRows } from "@/core/sheets";
import { CsvFrame } from "@/ui/CsvFrame";
import { shapeOf, useKept } from "@/ui/kept";
import { lineKey } from "./rows";
import type { RunInView } from "./useRun";

/** An analyser's list that is kept whole is a file of an entry, and no larger than one may be. */
const LARGEST = LARGEST_FILE;

/** A list of an instrument becomes rows: its columns are matched once, and known again by its head. */
export function PasteRows({ run, onClose }: { run: RunInView; onClose: () => void }) {
  const { sheet, fillIn, keepWith } = run;
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  /** a list that is too long to be shown: it is thinned for the rows, and kept whole as a file */
  const [long, setLong] = useState<{ text: string; name: string }>();
  const { value: known, set: remember } = useKept<Record<string, (string | null)[]>>(
    `list ${sheet.key}`,
    shapeOf({}),
    {},
  );
  const source = (long?.text ?? text).trim();
  const lines = useMemo(
    () => (source === "" ? [] : Papa.parse<string[]>(source, { skipEmptyLines: true }).data),
    [source],
  );
  const chosen = Object.fromEntries(
    Object.entries(known).map(([head, columns]) => [head, columns.map((one) => one ?? undefined)]),
  );
  const mapped = mapColumns(sheet, lines, chosen);
  const all = typedRows(lines, mapped);
  const rows = thinRows(all);
  const columns = [...sheet.rowBy, ...sheet.columns];
  const width = Math.max(0, ...lines.slice(0, 20).map((line) => line.length));
  const choose = (at: number, key: string) =>
    remember((now) => ({
      ...now,
      [mapped.head]: Array.from({ length: width }, (_, n) => (n === at ? key || null : (mapped.columns[n] ?? null))),
    }));
  return (
    <CsvFrame
      title="Rows from a list"
      label="The list as text"
      placeholder={`${columns.map(({ name, unit }) => (unit ? `${name} (${unit})` : name)).join(", ")}\n…`}
      largest={LARGEST}
      text={text}
      onText={(next) => {
        setLong(undefined);
        setText(next);
      }}
      onLong={(whole, name) => {
        setText("");
        setLong({ text: whole, name });
      }}
      error={error}
      onError={setError}
      onClose={onClose}
    >
      {lines.length > 0 ? (
        <>
          <div className="flex flex-wrap gap-2">
            {Array.from({ length: width }, (_, n) => (
              <label key={n} className="flex flex-col text-sm">
                {lines[Math.max(0, mapped.from - 1)]?.[n]?.trim() || `Column ${n + 1}`}
                <select
                  className="select h-10"
                  value={mapped.columns[n] ?? ""}
                  onChange={(event) => choose(n, event.target.value)}
                >
                  <option value="">not used</option>
                  {columns.map(({ key, name }) => (
                    <option key={key} value={key}>
                      {name}
                    </option>
                  ))}
                </select>
              </label>
            ))}
          </div>
          <p>
            {all.length === 0
              ? "No figures were found in this list: look at the columns above."
              : all.length > MOST_READ
                ? `${all.length.toLocaleString("en")} lines: ${rows.length} of them become rows, at equal steps. The whole list is kept as a file with the first row that you write.`
                : `${rows.length} ${rows.length === 1 ? "line becomes a row" : "lines become rows"}. Nothing is written down before you look at them.`}
          </p>
          <div>
            <button
              type="button"
              className="btn btn-primary h-11"
              disabled={rows.length === 0}
              onClick={() => {
                fillIn(rows, (row) => lineKey(sheet, row));
                if (all.length > rows.length)
                  keepWith(new File([source], long?.name ?? `${sheet.key}.csv`, { type: "text/csv" }));
                onClose();
              }}
            >
              Put them into the table
            </button>
          </div>
        </>
      ) : null}
    </CsvFrame>
  );
}
