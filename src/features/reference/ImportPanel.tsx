"use client";

import { useMemo, useState } from "react";
import { tableOf, writeTable, type AnyRow, type TableContext, type TableName } from "@/core/tables";
import type { PreviewInput } from "@/workers/preview";
import { CsvFrame, csvExample } from "@/ui/CsvFrame";
import { ErrorText } from "@/ui/form";
import { PreviewTable } from "./PreviewTable";
import { usePreview } from "./usePreview";

/** Largest text that is read as a table, characters. */
const LARGEST = 8_000_000;

type ImportPanelProps = {
  name: TableName;
  before: AnyRow[];
  context: TableContext;
  /** saves the cells; a sentence when that failed */
  onSave: (cells: string[][], replace: boolean) => Promise<string | undefined>;
  onClose: () => void;
};

/** Paste or drop a CSV: what each cell was understood as stands below, row by row, before anything is saved. */
export function ImportPanel({ name, before, context, onSave, onClose }: ImportPanelProps) {
  const table = tableOf(name);
  const [text, setText] = useState("");
  const [replace, setReplace] = useState(false);
  const [leaveOut, setLeaveOut] = useState(false);
  const [mapping, setMapping] = useState<(string | null)[]>();
  const [error, setError] = useState<string>();
  const [saving, setSaving] = useState(false);
  const input = useMemo(
    (): PreviewInput | undefined => (text.trim() ? { name, text, context, before, replace, mapping } : undefined),
    [name, text, context, before, replace, mapping],
  );
  const { preview, reading } = usePreview(input);

  const change = (next: string) => {
    setMapping(undefined);
    setText(next);
  };
  const good = preview?.good ?? 0;
  const bad = preview?.bad ?? 0;
  const blocked = Boolean(preview?.trouble) || good === 0 || (bad > 0 && !leaveOut);
  const save = async () => {
    if (!preview || blocked) return;
    setSaving(true);
    const rows = preview.rows.flatMap(({ row }) => (row ? [row] : []));
    const message = await onSave(writeTable(name, rows), replace);
    setSaving(false);
    if (message) setError(message);
    else onClose();
  };

  return (
    <CsvFrame
      title={`${table.title}: paste or drop a CSV`}
      label="The table as text"
      placeholder={csvExample(table.columns)}
      largest={LARGEST}
      text={text}
      onText={change}
      error={error}
      onError={setError}
      onClose={onClose}
    >
      {preview && preview.headings.length > 0 && (preview.missing.length > 0 || preview.mapping.includes(null)) ? (
        <div className="flex flex-wrap gap-2">
          {preview.headings.map((heading, index) => (
            <label key={`${index} ${heading}`} className="flex flex-col text-sm">
              <span className="max-w-40 truncate">“{heading || `column ${index + 1}`}” is</span>
              <select
                className="select h-11 w-40"
                value={preview.mapping[index] ?? ""}
                onChange={(event) =>
                  setMapping(
                    preview.mapping.map((key, at) =>
                      at === index ? event.target.value || null : key === event.target.value ? null : key,
                    ),
                  )
                }
              >
                <option value="">left out</option>
                {table.columns.map(({ key, title }) => (
                  <option key={key} value={key}>
                    {title}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </div>
      ) : null}
      {preview?.trouble ? <ErrorText>{preview.trouble}</ErrorText> : null}
      {preview && preview.rows.length > 0 ? (
        <>
          <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
            <p aria-live="polite">
              <strong>{good}</strong> {good === 1 ? "row" : "rows"} understood
              {bad > 0 ? (
                <>
                  , <strong className="text-warning">{bad}</strong> not
                </>
              ) : null}
              {reading ? <span className="dim"> · reading…</span> : null}
            </p>
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={replace}
                onChange={(event) => setReplace(event.target.checked)}
              />
              It is the whole table{preview.going > 0 ? `: ${preview.going} rows of the sheet go` : ""}
            </label>
            {bad > 0 ? (
              <label className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-warning"
                  checked={leaveOut}
                  onChange={(event) => setLeaveOut(event.target.checked)}
                />
                Leave out what is not understood
              </label>
            ) : null}
            <button
              type="button"
              className="btn btn-primary h-11"
              disabled={blocked || saving || reading}
              onClick={() => void save()}
            >
              Save {good} {good === 1 ? table.one : `${table.one}s`}
            </button>
          </div>
          <PreviewTable name={name} preview={preview} />
        </>
      ) : reading ? (
        <p className="dim">Reading…</p>
      ) : null}
    </CsvFrame>
  );
}
