/** The tables of a model's sheet as rows of text: read with what each cell was understood as, written, merged. */
export { Row } from "./cells";
export {
  guard,
  mapColumns,
  mergeRows,
  readRows,
  readTable,
  rowsOf,
  SHEET_FIELD,
  tableOf,
  writeRows,
  writeTable,
  type AnyRow,
  type Merged,
  type RowOf,
  type TableRead,
  type TableRow,
} from "./read-table";
export {
  TABLES,
  type CellRead,
  type Column,
  type RowRead,
  type Table,
  type TableContext,
  type TableName,
} from "./types";
