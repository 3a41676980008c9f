"use client";

import { Download } from "lucide-react";
import Papa from "papaparse";
import { useRouter } from "next/navigation";
import { useState } from "react";
import {
  COLUMN_QUANTITIES,
  FUNCTIONS,
  readSheet,
  readSheetCsv,
  sheetCsv,
  textsOf,
  type SheetTexts,
  type TestSheet,
} from "@/core/sheets";
import { guard } from "@/core/tables";
import { download } from "@/ui/download";
import { CsvFrame } from "@/ui/CsvFrame";
import { Form, FormEnd, TextField, useForm } from "@/ui/form";
import { changeSheet, removeSheet } from "./actions";
import { TextGrid } from "@/ui/TextGrid";
import { IfMay } from "@/ui/role";

const COLUMNS = [
  { key: "name", name: "Name", wide: true },
  { key: "quantity", name: "What it is", choices: COLUMN_QUANTITIES },
  { key: "unit", name: "Unit of a bare number" },
  { key: "word", name: "Word on the line" },
  { key: "choices", name: "Choices, with /" },
];
const LIMITS = [
  { key: "column", name: "Of", wide: true },
  { key: "sense", name: "Limit", choices: ["at least", "at most"] },
  { key: "value", name: "Value" },
  { key: "row", name: "Only in row", wide: true },
];
/** Largest CSV of a sheet. */
const LARGEST = 200_000;

const asRecord = (rows: readonly string[][]) =>
  rows.map((row) => Object.fromEntries(row.map((text, n) => [String(n), text])));

/** A test sheet: what it looks at, and for the shop's own its rows, columns and limits. */
export function SheetEditor({ sheet, own, newKey }: { sheet: TestSheet; own: boolean; newKey: string }) {
  const router = useRouter();
  const [csv, setCsv] = useState<string>();
  const [error, setError] = useState<string>();
  const start: SheetTexts = own ? textsOf(sheet) : { ...textsOf(sheet), name: `${sheet.name}, ours` };
  const key = own ? sheet.key : newKey;
  const form = useForm<SheetTexts>({
    asks: "change test sheet",
    initial: start,
    check: (texts) => {
      const read = readSheet(sheet, key, texts);
      return read.ok ? {} : { "": read.problems[0] };
    },
    save: async (texts) => {
      const read = readSheet(sheet, key, texts);
      if (!read.ok) return { ok: false, message: read.problems.join(" ") };
      const answer = await changeSheet({ ...read.sheet, version: own ? sheet.version : 1 }, own ? sheet.version : 0);
      if (answer.ok) router.push("/reference/sheets");
      return answer;
    },
  });
  const { fields, change } = form;
  const read = readSheet(sheet, key, fields);
  const rowColumns = sheet.rowBy.map(({ name }, n) => ({ key: String(n), name, wide: true }));
  const save = () => {
    const text = Papa.unparse(
      sheetCsv(fields).map((cells) => cells.map(guard)),
      { newline: "\r\n" },
    );
    download(`\ufeff${text}\r\n`, "text/csv", `${key}-sheet.csv`);
  };
  const take = (text: string) => {
    const { texts, strange } = readSheetCsv(Papa.parse<string[]>(text.trim(), { skipEmptyLines: true }).data);
    if (strange.length > 0) return setError(`A line begins with sheet, column, row or limit; here is “${strange[0]}”.`);
    if (texts.columns.length === 0) return setError("There is no column in this list.");
    change({ ...texts, name: texts.name || fields.name });
    return setCsv(undefined);
  };
  return (
    <Form form={form} label={own ? "Test sheet" : "Copy of a test sheet"} className="flex flex-col gap-4">
      <p className="max-w-3xl">{sheet.says}</p>
      {sheet.preflight.length > 0 ? (
        <section aria-label="Pre-flight">
          <h2 className="text-lg font-bold">Looked at first</h2>
          <ul className="list-disc pl-6">
            {sheet.preflight.map((one) => (
              <li key={one.key}>
                {one.text}
                {one.voids ? <span className="dim"> (a row without it is void)</span> : null}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <TextField label={own ? "Name" : "Name of the copy"} inputClass="w-full max-w-md" {...form.field("name")} />
      <section aria-label="Columns">
        <h2 className="text-lg font-bold">Measured columns</h2>
        <TextGrid
          one="column"
          columns={COLUMNS}
          rows={fields.columns}
          fresh={{ name: "", quantity: "voltage", unit: "V", word: "", choices: "" }}
          onChange={(rows) => change({ columns: rows as SheetTexts["columns"] })}
        />
        {sheet.worked.length > 0 ? (
          <p className="mt-2">
            Worked out:{" "}
            {sheet.worked.map(({ name, by }) => `${name} (${FUNCTIONS[by].says.replace(/\.$/, "")})`).join("; ")}.
          </p>
        ) : null}
        {read.ok && read.gone.length > 0 ? (
          <p className="border-l-4 border-warning pl-2 font-semibold">
            No longer worked out: {read.gone.join(", ")}, because a column that it needs is not there.
          </p>
        ) : null}
      </section>
      <section aria-label="Rows">
        <h2 className="text-lg font-bold">Rows that are proposed</h2>
        <TextGrid
          one="row"
          columns={rowColumns}
          rows={asRecord(fields.rows)}
          fresh={{}}
          onChange={(rows) => change({ rows: rows.map((row) => rowColumns.map(({ key: at }) => row[at] ?? "")) })}
        />
      </section>
      <section aria-label="Limits">
        <h2 className="text-lg font-bold">Limits</h2>
        <p className="dim">A model has limits of its own: on its sheet, under Figures. They take the place of these.</p>
        <TextGrid
          one="limit"
          columns={LIMITS}
          rows={fields.limits}
          fresh={{ column: sheet.columns[0]?.name ?? "", sense: "at least", value: "", row: "" }}
          onChange={(rows) => change({ limits: rows as SheetTexts["limits"] })}
        />
      </section>
      {csv === undefined ? null : (
        <CsvFrame
          title="The sheet from a list"
          label="The sheet as text"
          placeholder={
            "sheet, Our output test\ncolumn, Output, power, W, out,\nrow, 80 m, CW\nlimit, Output, at least, 50 W,"
          }
          largest={LARGEST}
          text={csv}
          onText={setCsv}
          error={error}
          onError={setError}
          onClose={() => setCsv(undefined)}
        >
          <div>
            <button type="button" className="btn btn-outline h-11" disabled={!csv.trim()} onClick={() => take(csv)}>
              Put it into the sheet
            </button>
          </div>
        </CsvFrame>
      )}
      <FormEnd
        form={form}
        save={own ? "Save the sheet" : "Keep the copy"}
        always={
          <button type="button" className="btn btn-outline h-11" onClick={save}>
            <Download size={16} aria-hidden="true" /> As CSV
          </button>
        }
      >
        <button
          type="button"
          className="btn btn-outline h-11"
          onClick={() => setCsv(csv === undefined ? "" : undefined)}
        >
          From CSV
        </button>
        <IfMay action="remove test sheet">
          {own ? (
            <button
              type="button"
              className="btn btn-ghost h-11"
              onClick={async () => {
                const answer = await removeSheet(sheet.key);
                if (answer.ok) router.push("/reference/sheets");
              }}
            >
              Take the sheet away
            </button>
          ) : null}
        </IfMay>
      </FormEnd>
    </Form>
  );
}
