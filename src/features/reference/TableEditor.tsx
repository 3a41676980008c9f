"use client";

import { Download, FileInput } from "lucide-react";
import { useMemo, useState } from "react";
import type { Model } from "@/core/model";
import { rowsOf, tableOf, type TableName } from "@/core/tables";
import { ErrorText } from "@/ui/form";
import { later } from "@/ui/later";
import { changeTable } from "./actions";
import { cellsOfGrid, freshRow, readGrid, type GridRow } from "./grid";
import { ImportPanel } from "./ImportPanel";
import { SheetGrid } from "./SheetGrid";

const Proposal = later(async () => (await import("./Proposal")).Proposal);

const UNREACHABLE = { ok: false, message: "The server cannot be reached; what you typed is still here." } as const;

/** The rows of a table as the grid holds them. */
export const gridOf = (model: Model, name: TableName): GridRow[] =>
  rowsOf(model.sheet, name).map((row) => freshRow(tableOf(name).write(row)));

type TableEditorProps = {
  model: Model;
  name: TableName;
  version: number;
  /** what is typed and not saved; kept while another table is looked at */
  draft: GridRow[] | undefined;
  onDraft: (rows: GridRow[] | undefined) => void;
  onSaved: (version: number) => void;
};

/** One table of the sheet: edited in its grid, taken from a CSV, given out as one. */
export function TableEditor({ model, name, version, draft, onDraft, onSaved }: TableEditorProps) {
  const table = tableOf(name);
  const stored = useMemo(() => gridOf(model, name), [model, name]);
  // What was just saved stands until the page has it from the server.
  const [own, setOwn] = useState<{ version: number; rows: readonly GridRow[] }>();
  const [importing, setImporting] = useState(false);
  const [said, setSaid] = useState<{ error?: string; saved?: boolean }>({});
  const rows = draft ?? (own && own.version > model.version ? own.rows : stored);
  const { dialect } = model.sheet;
  const context = useMemo(() => ({ dialect }), [dialect]);
  const problems = readGrid(table, rows, context).flatMap(({ problems: all }, index) =>
    all.map((problem) => `Row ${index + 1}: ${problem}`),
  );

  const send = async (cells: string[][], replace: boolean, kept?: readonly GridRow[]): Promise<string | undefined> => {
    const answer = await changeTable({ id: model.id, version }, { table: name, cells, replace }).catch(
      () => UNREACHABLE,
    );
    if (!answer.ok) return answer.message;
    if (kept) setOwn({ version: answer.version, rows: kept });
    onSaved(answer.version);
    return undefined;
  };
  const save = async () => {
    if (problems[0]) return setSaid({ error: problems[0] });
    const message = await send(cellsOfGrid(table.columns, rows), true, rows);
    if (message) return setSaid({ error: message });
    onDraft(undefined);
    return setSaid({ saved: true });
  };

  if (importing)
    return (
      <ImportPanel
        name={name}
        before={rowsOf(model.sheet, name)}
        context={context}
        onClose={() => setImporting(false)}
        onSave={(cells, replace) => send(cells, replace)}
      />
    );
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-2">
        <button className="btn btn-primary h-11" type="button" disabled={!draft} onClick={() => void save()}>
          Save {table.title.toLowerCase()}
        </button>
        <button
          type="button"
          className="btn btn-ghost h-11"
          disabled={!draft}
          onClick={() => {
            setSaid({});
            onDraft(undefined);
          }}
        >
          Undo what is not saved
        </button>
        {said.saved && !draft ? <span role="status">Saved: every set of this model follows.</span> : null}
        {draft && problems.length > 0 ? (
          <span className="font-semibold text-warning">
            {problems.length} {problems.length === 1 ? "row does" : "rows do"} not read yet
          </span>
        ) : null}
        <span className="grow" />
        <button
          type="button"
          className="btn btn-outline h-11"
          disabled={Boolean(draft)}
          title={draft ? "Save or undo first" : undefined}
          onClick={() => setImporting(true)}
        >
          <FileInput size={16} aria-hidden="true" /> Paste or drop a CSV
        </button>
        <a className="btn btn-outline h-11" href={`/api/models/${model.id}/tables/${name}.csv`} download>
          <Download size={16} aria-hidden="true" /> Export CSV
        </a>
      </div>
      {said.error ? <ErrorText>{said.error}</ErrorText> : null}
      {name === "alignment" ? (
        <Proposal
          sheet={model.sheet}
          empty={rows.length === 0}
          onTake={(texts) => onDraft([...rows, ...texts.map(freshRow)])}
        />
      ) : null}
      <SheetGrid
        name={name}
        rows={rows}
        context={context}
        onChange={(next) => {
          setSaid({});
          onDraft(next);
        }}
      />
      <p className="dim text-sm">
        Enter and the arrows walk the cells, Ctrl Delete takes a row away, a block from a spreadsheet is pasted as one.
        Readings that were taken keep what they were judged against.
      </p>
    </div>
  );
}
