import type { Dialect } from "../quantity";

/** The tables of a model's sheet. */
export const TABLES = [
  "tubes",
  "parts",
  "voltages",
  "resistances",
  "figures",
  "bands",
  "alignment",
  "net",
  "pins",
  "cautions",
] as const;
export type TableName = (typeof TABLES)[number];

export type Column = {
  key: string;
  title: string;
  /** other headings under which the column comes in a file */
  also: string[];
  required?: boolean;
  hint: string;
  /** what may stand here, where that is a short list */
  choices?: readonly string[];
};

/** What the values of a table are read against. */
export type TableContext = {
  dialect?: Dialect | undefined;
  /** of the shop: a price that names none is in it */
  currency?: string | undefined;
};

/** What a cell was understood as. */
export type CellRead = { raw: string; shown: string; problem?: string; remark?: string };

export type RowRead<Row> = {
  cells: Record<string, CellRead>;
  /** there only when every cell could be read */
  row?: Row;
  problems: string[];
  /** worth a look, though it can be saved */
  remarks: string[];
};

/** A table: its columns, how a row is read from texts, how it is written, and what tells one row from another. */
export type Table<Row> = {
  name: string;
  title: string;
  /** one row, for a sentence */
  one: string;
  columns: Column[];
  read: (raw: Record<string, string>, context: TableContext) => RowRead<Row>;
  write: (row: Row) => Record<string, string>;
  keyOf: (row: Row) => string;
};
