import {
  MOST_ROWS,
  type AlignmentRow,
  type Caution,
  type ChartPoint,
  type Component,
  type Join,
  type ModelBand,
  type ModelFigure,
  type Pin,
  type Sheet,
  type Tube,
  type Winding,
} from "../model";
import { ALIGNMENT } from "./alignment";
import { BANDS } from "./bands";
import { NET } from "./net";
import { PINS } from "./pins";
import { RESISTANCES, VOLTAGES } from "./charts";
import { FIGURES } from "./figures";
import { CAUTIONS, TUBES } from "./line-up";
import { PARTS } from "./parts";
import type { Column, RowRead, Table, TableContext, TableName } from "./types";

export type RowOf = {
  tubes: Tube;
  parts: Component;
  voltages: ChartPoint;
  resistances: Winding;
  cautions: Caution;
  figures: ModelFigure;
  bands: ModelBand;
  alignment: AlignmentRow;
  net: Join;
  pins: Pin;
};
export type AnyRow = RowOf[TableName];

const ALL: { [N in TableName]: Table<RowOf[N]> } = {
  tubes: TUBES,
  parts: PARTS,
  voltages: VOLTAGES,
  resistances: RESISTANCES,
  figures: FIGURES,
  bands: BANDS,
  alignment: ALIGNMENT,
  net: NET,
  pins: PINS,
  cautions: CAUTIONS,
};

/** A table of the sheet by its name. */
export const tableOf = (name: TableName): Table<AnyRow> => ALL[name] as unknown as Table<AnyRow>;

/** Where a table's rows are in the sheet. */
export const SHEET_FIELD = {
  tubes: "tubes",
  parts: "components",
  voltages: "points",
  resistances: "windings",
  figures: "figures",
  bands: "bands",
  alignment: "alignment",
  net: "net",
  pins: "pins",
  cautions: "cautions",
} as const satisfies Record<TableName, keyof Sheet>;

export const rowsOf = (sheet: Sheet, name: TableName): AnyRow[] => sheet[SHEET_FIELD[name]] ?? [];

const plain = (text: string) => text.toLowerCase().replace(/[^a-z0-9+]/g, "");

/** Which column each heading of a file stands for; null for one that is not known. */
export function mapColumns(columns: readonly Column[], headings: readonly string[]): (string | null)[] {
  const taken = new Set<string>();
  const find = (heading: string, names: (column: Column) => string[]) =>
    columns.find((column) => !taken.has(column.key) && names(column).some((name) => plain(name) === plain(heading)));
  // An exact title goes before a looser name, wherever it stands.
  const exact = headings.map((heading) => {
    const column = find(heading, ({ key, title }) => [key, title]);
    if (column) taken.add(column.key);
    return column?.key ?? null;
  });
  return exact.map((key, index) => {
    if (key) return key;
    const column = find(headings[index] ?? "", ({ also }) => also);
    if (column) taken.add(column.key);
    return column?.key ?? null;
  });
}

export type TableRow<Row = AnyRow> = RowRead<Row> & {
  /** number of the line in the file, the heading being 1 */
  line: number;
  key?: string;
};

export type TableRead<Row = AnyRow> = {
  headings: string[];
  /** column of each heading; null: left out */
  mapping: (string | null)[];
  /** titles of required columns that no heading stands for */
  missing: string[];
  rows: TableRow<Row>[];
  good: number;
  bad: number;
  /** why nothing can be saved, as a sentence */
  trouble?: string;
};

/** An apostrophe in front keeps a spreadsheet from taking a text as a formula; it is taken off again. */
const unguard = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);
const SAFE_NUMBER = /^[-+]\s?[\d.,]+\s?[A-Za-zµΩ%]{0,4}$/;
/** Text that a spreadsheet would take as a formula gets an apostrophe in front. */
export const guard = (cell: string): string =>
  (/^[=+\-@\t\r]/.test(cell) && !SAFE_NUMBER.test(cell)) || /^'+[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;

/** Reads a table of a model's sheet. See `readRows`. */
export function readTable(
  name: TableName,
  cells: readonly (readonly string[])[],
  context: TableContext,
  mapping?: readonly (string | null)[],
): TableRead {
  const read = readRows(tableOf(name), cells, context, mapping);
  const trouble =
    read.good > MOST_ROWS
      ? `A sheet holds ${MOST_ROWS} rows of a table; this file has ${read.good}. Split it, or take the rows that belong to this model.`
      : undefined;
  return trouble ? { ...read, trouble } : read;
}

/**
 * Reads a table from the cells of a file, its first row being the headings.
 *
 * @param table which table @param cells rows of texts @param context how values are read
 * @param mapping which column each heading stands for, where a person has said so
 * @returns every row with what each of its cells was understood as; rows with a problem carry no value
 */
export function readRows<Row>(
  table: Table<Row>,
  cells: readonly (readonly string[])[],
  context: TableContext,
  mapping?: readonly (string | null)[],
): TableRead<Row> {
  const [first = [], ...body] = cells;
  const headings = first.map((text) => text.replace(/^\ufeff/, "").trim());
  const columns = mapping ? [...mapping] : mapColumns(table.columns, headings);
  const missing = table.columns
    .filter((column) => column.required && !columns.includes(column.key))
    .map((column) => column.title);
  if (missing.length > 0) {
    const named = columns.some((key) => key !== null);
    const trouble = named
      ? `Missing: ${missing.join(", ")}. Say below which heading stands for it.`
      : `The first row names the columns: ${table.columns.map(({ title }) => title).join(", ")}. Needed: ${missing.join(", ")}.`;
    return { headings, mapping: columns, missing, rows: [], good: 0, bad: 0, trouble };
  }
  const seen = new Map<string, number>();
  const rows = body.flatMap((texts, index): TableRow<Row>[] => {
    if (texts.every((text) => text.trim() === "")) return [];
    const raw: Record<string, string> = {};
    columns.forEach((key, column) => {
      if (key) raw[key] = unguard(texts[column] ?? "");
    });
    const line = index + 2;
    const read = table.read(raw, context);
    if (!read.row) return [{ ...read, line }];
    const key = table.keyOf(read.row);
    const before = seen.get(key);
    if (before !== undefined) {
      const { row: _row, ...rest } = read;
      const what = table.columns[0]?.key ?? "";
      const problem = `The same ${table.one} stands in line ${before} already.`;
      const cell = { ...(read.cells[what] ?? { raw: "", shown: "" }), problem };
      return [{ ...rest, cells: { ...read.cells, [what]: cell }, problems: [problem], line }];
    }
    seen.set(key, line);
    return [{ ...read, line, key }];
  });
  const good = rows.filter((row) => row.row).length;
  const trouble = rows.length === 0 ? "There is no row below the headings." : undefined;
  return { headings, mapping: columns, missing, rows, good, bad: rows.length - good, ...(trouble ? { trouble } : {}) };
}

export const writeTable = (name: TableName, rows: readonly AnyRow[]): string[][] => writeRows(tableOf(name), rows);

/** The rows of a table as cells of a file, headings first; nothing in them starts a formula. */
export function writeRows<Row>(table: Table<Row>, rows: readonly Row[]): string[][] {
  return [
    table.columns.map(({ title }) => title),
    ...rows.map((row) => {
      const texts = table.write(row);
      return table.columns.map(({ key }) => guard(texts[key] ?? ""));
    }),
  ];
}

export type Merged = { rows: AnyRow[]; states: ("new" | "changed" | "same")[] };

/**
 * Lays new rows over those of the sheet: a row with the same key takes the old one's place, others are added behind.
 * @param replace the new rows are the whole table
 */
export function mergeRows(
  name: TableName,
  before: readonly AnyRow[],
  rows: readonly AnyRow[],
  replace: boolean,
): Merged {
  const table = tableOf(name);
  const essence = (row: AnyRow) => JSON.stringify(table.write(row));
  const old = new Map(before.map((row) => [table.keyOf(row), row]));
  const states = rows.map((row) => {
    const known = old.get(table.keyOf(row));
    return known === undefined ? "new" : essence(known) === essence(row) ? "same" : "changed";
  });
  if (replace) return { rows: [...rows], states };
  const fresh = new Map(rows.map((row) => [table.keyOf(row), row]));
  const kept = before.map((row) => fresh.get(table.keyOf(row)) ?? row);
  return { rows: [...kept, ...rows.filter((row) => !old.has(table.keyOf(row)))], states };
}
