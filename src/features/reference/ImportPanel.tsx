"use client";

import { Upload } from "lucide-react";
import { useId, useMemo, useState } from "react";
import { tableOf, writeTable, type AnyRow, type TableContext, type TableName } from "@/core/tables";
import type { PreviewInput } from "@/workers/preview";
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
  const [over, setOver] = useState(false);
  const id = useId();
  const input = useMemo(
    (): PreviewInput | undefined => (text.trim() ? { name, text, context, before, replace, mapping } : undefined),
    [name, text, context, before, replace, mapping],
  );
  const { preview, reading } = usePreview(input);

  const change = (next: string) => {
    setError(undefined);
    setMapping(undefined);
    if (next.length > LARGEST) return setError("That is far more than a sheet holds: split the file.");
    return setText(next);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > LARGEST) return setError(`“${file.name}” is far larger than any sheet: split the file.`);
    const bytes = await file.arrayBuffer();
    try {
      change(new TextDecoder("utf-8", { fatal: true }).decode(bytes));
    } catch {
      // Older spreadsheets write their own code page; µ and Ω are then to be looked at in the preview.
      change(new TextDecoder("windows-1252").decode(bytes));
    }
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
    <section
      aria-label={`Paste or drop: ${table.title}`}
      className={`flex flex-col gap-3 rounded-box border-2 p-3 ${over ? "border-primary bg-base-200" : "border-base-300"}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void take(event.dataTransfer.files[0]);
      }}
    >
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="text-lg font-bold">{table.title}: paste or drop a CSV</h2>
        <label htmlFor={id} className="btn btn-outline h-11">
          <Upload size={16} aria-hidden="true" /> Choose a file
        </label>
        <input
          id={id}
          type="file"
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          className="sr-only"
          onChange={(event) => void take(event.target.files?.[0])}
        />
        <button type="button" className="btn btn-ghost ml-auto h-11" onClick={onClose}>
          Leave it
        </button>
      </div>
      <textarea
        className="textarea min-h-28 w-full font-mono"
        aria-label="The table as text"
        spellCheck={false}
        value={text}
        placeholder={`${table.columns.map(({ title }) => title).join(", ")}\n${table.columns.map(({ hint }) => hint).join(", ")}`}
        onChange={(event) => change(event.target.value)}
      />
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
      {error ? <ErrorText>{error}</ErrorText> : null}
    </section>
  );
}
