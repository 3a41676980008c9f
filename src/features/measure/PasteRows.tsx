"use client";

import Papa from "papaparse";
import { useState } from "react";
import { mapColumns, MOST_READ, thinRows, typedRows } from "@/core/sheets";
import { CsvFrame } from "@/ui/CsvFrame";
import { shapeOf, useKept } from "@/ui/kept";
import { lineKey } from "./rows";
import type { RunInView } from "./useRun";

/** Figures of an analyser's list. @example 200,000 points are about 6 MB */
const LARGEST = 20_000_000;

/** A list of an instrument becomes rows: its columns are matched once, and known again by its head. */
export function PasteRows({ run, onClose }: { run: RunInView; onClose: () => void }) {
  const { sheet, fillIn } = run;
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const { value: known, set: remember } = useKept<Record<string, (string | null)[]>>(
    `list ${sheet.key}`,
    shapeOf({}),
    {},
  );
  const lines = text.trim() === "" ? [] : Papa.parse<string[]>(text.trim(), { skipEmptyLines: true }).data;
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
      onText={setText}
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
                ? `${all.length.toLocaleString("en")} lines: ${rows.length} of them become rows, at equal steps. Keep the list itself as a file of an entry.`
                : `${rows.length} ${rows.length === 1 ? "line becomes a row" : "lines become rows"}. Nothing is written down before you look at them.`}
          </p>
          <div>
            <button
              type="button"
              className="btn btn-primary h-11"
              disabled={rows.length === 0}
              onClick={() => {
                fillIn(rows, (row) => lineKey(sheet, row));
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
