import Papa from "papaparse";
import { mergeRows, readTable, type AnyRow, type TableContext, type TableName, type TableRead } from "@/core/tables";

export type PreviewInput = {
  name: TableName;
  text: string;
  context: TableContext;
  /** rows of the sheet as it stands */
  before: AnyRow[];
  /** the file is the whole table */
  replace: boolean;
  mapping?: (string | null)[] | undefined;
};

export type Preview = TableRead & {
  /** of each row that is shown: what it does to the sheet */
  states: ("new" | "changed" | "same" | "left-out")[];
  /** rows of the sheet that would go, where the file is the whole table */
  going: number;
  separator: string;
};

/** Most rows that are shown; the counts are of all. */
const SHOWN = 2000;

/** Cells of a CSV; the separator is found, a byte order mark goes. */
export function cellsOf(text: string): { cells: string[][]; separator: string } {
  const { data, meta } = Papa.parse<string[]>(text.replace(/^\ufeff/, ""), {
    delimitersToGuess: [";", "\t", ",", "|"],
    skipEmptyLines: false,
  });
  return { cells: data, separator: meta.delimiter };
}

/** What a CSV would do to a table of the sheet, row by row. Nothing is saved here. */
export function previewCsv({ name, text, context, before, replace, mapping }: PreviewInput): Preview {
  const { cells, separator } = cellsOf(text);
  const read = readTable(name, cells, context, mapping);
  const good = read.rows.flatMap(({ row }) => (row ? [row] : []));
  const merged = mergeRows(name, before, good, replace);
  let at = 0;
  const states = read.rows.map(({ row }) => (row ? (merged.states[at++] ?? "new") : "left-out"));
  const going = replace ? before.length - merged.states.filter((state) => state !== "new").length : 0;
  return { ...read, rows: read.rows.slice(0, SHOWN), states: states.slice(0, SHOWN), going, separator };
}
