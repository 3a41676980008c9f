"use client";

import { Download, FileInput } from "lucide-react";
import { useMemo, useState } from "react";
import { checkNet } from "@/core/circuit";
import { modelName, type Join, type Model } from "@/core/model";
import { rowsOf, tableOf, type TableContext, type TableName } from "@/core/tables";
import { WhatIf } from "@/ui/circuit/later";
import { ErrorText } from "@/ui/form";
import { later } from "@/ui/later";
import { IfMay } from "@/ui/role";
import { changeTable } from "./actions";
import { cellsOfGrid, freshRow, readGrid, type GridRow } from "./grid";
import { ImportPanel } from "./ImportPanel";
import { SheetGrid } from "./SheetGrid";

const NetProposal = later(async () => (await import("./NetProposal")).NetProposal);
const ChartFromNet = later(async () => (await import("./ChartFromNet")).ChartFromNet);
const Proposal = later(async () => (await import("./Proposal")).Proposal);

const UNREACHABLE = { ok: false, message: "The server cannot be reached; what you typed is still here." } as const;

/** The rows of a table as the grid holds them. */
export const gridOf = (model: Model, name: TableName): GridRow[] =>
  rowsOf(model.sheet, name).map((row) => freshRow(tableOf(name).write(row)));

type NetNotes = { net: Join[]; notes?: Map<string, string[]>; whole: string[] };

/** What is wrong with a net, beside the row it belongs to; of a tube, or of what has no row, above the grid. */
function netNotes(sheet: Model["sheet"], name: TableName, rows: readonly GridRow[], context: TableContext): NetNotes {
  if (name !== "net" || rows.length === 0) return { net: [], whole: [] };
  const net = readGrid(tableOf("net"), rows, context).flatMap(({ read }) => (read?.row ? [read.row as Join] : []));
  const parts = new Set(net.map(({ part }) => part));
  const notes = new Map<string, string[]>();
  const whole: string[] = [];
  for (const { part, text } of checkNet({ ...sheet, net }))
    if (parts.has(part)) notes.set(part, [...(notes.get(part) ?? []), text]);
    else whole.push(text);
  return { net, notes, whole };
}

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

  const { notes, whole, net } = useMemo(
    () => netNotes(model.sheet, name, rows, context),
    [model.sheet, name, rows, context],
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
        <IfMay action="change model" otherwise="say">
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
        </IfMay>
        {said.saved && !draft ? <span role="status">Saved: every set of this model follows.</span> : null}
        {draft && problems.length > 0 ? (
          <span className="font-semibold text-warning">
            {problems.length} {problems.length === 1 ? "row does" : "rows do"} not read yet
          </span>
        ) : null}
        <span className="grow" />
        <IfMay action="change model">
          <button
            type="button"
            className="btn btn-outline h-11"
            disabled={Boolean(draft)}
            title={draft ? "Save or undo first" : undefined}
            onClick={() => setImporting(true)}
          >
            <FileInput size={16} aria-hidden="true" /> Paste or drop a CSV
          </button>
        </IfMay>
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
      {name === "net" ? (
        <NetProposal
          key={rows.length === 0 ? "empty" : "filled"}
          name={modelName(model)}
          sheet={model.sheet}
          net={net}
          there={new Set(rows.map(({ raw }) => (raw.part ?? "").trim()))}
          onTake={(texts) => onDraft([...rows, ...texts.map(freshRow)])}
        />
      ) : null}
      {name === "voltages" && (model.sheet.net?.length ?? 0) > 0 ? (
        <ChartFromNet
          sheet={model.sheet}
          there={new Set(rows.map(({ raw }) => (raw.point ?? "").trim()))}
          onTake={(texts) => onDraft([...rows, ...texts.map(freshRow)])}
        />
      ) : null}
      {name === "voltages" && (model.sheet.net?.length ?? 0) > 0 ? (
        <WhatIf base={{ sheet: model.sheet, values: [], readings: [] }} sheet={model.sheet} />
      ) : null}
      {whole.length > 0 ? (
        <ul aria-label="About the net as a whole" className="border-l-4 border-warning pl-2">
          {whole.map((text) => (
            <li key={text} className="font-semibold">
              {text}
            </li>
          ))}
        </ul>
      ) : null}
      <SheetGrid
        name={name}
        notes={notes}
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
