import { type Column, type RowRead, type Table, type TableContext, guard, type AnyRow } from "@/core/tables";

/** A row of the grid while it is typed: texts by column, and a key that stays with it. */
export type GridRow = { id: number; raw: Record<string, string> };

let last = 0;
export const freshRow = (raw: Record<string, string> = {}): GridRow => ({ id: (last += 1), raw });

export const isEmpty = (row: GridRow): boolean => Object.values(row.raw).every((text) => text.trim() === "");

export type GridRead = { row: GridRow; read?: RowRead<AnyRow>; problems: string[] };

/** Every row as it is understood; an empty one is none. A key that stands there twice is a problem of the later row. */
export function readGrid(table: Table<AnyRow>, rows: readonly GridRow[], context: TableContext): GridRead[] {
  const seen = new Map<string, number>();
  return rows.map((row, index): GridRead => {
    if (isEmpty(row)) return { row, problems: [] };
    const read = table.read(row.raw, context);
    if (!read.row) return { row, read, problems: read.problems };
    const key = table.keyOf(read.row);
    const before = seen.get(key);
    if (before !== undefined)
      return { row, read, problems: [`The same ${table.one} stands in row ${before + 1} already.`] };
    seen.set(key, index);
    return { row, read, problems: [] };
  });
}

/** The rows as cells for the server, titles first; empty rows stay behind. */
export const cellsOfGrid = (columns: readonly Column[], rows: readonly GridRow[]): string[][] => [
  columns.map(({ title }) => title),
  ...rows.filter((row) => !isEmpty(row)).map(({ raw }) => columns.map(({ key }) => guard(raw[key] ?? ""))),
];

/** Lays pasted cells over the grid from a place on; rows are added below as needed. */
export function pasteInto(
  columns: readonly Column[],
  rows: readonly GridRow[],
  at: { row: number; column: number },
  cells: readonly (readonly string[])[],
): GridRow[] {
  const next = rows.map((row) => ({ ...row, raw: { ...row.raw } }));
  cells.forEach((texts, down) => {
    while (next.length <= at.row + down) next.push(freshRow());
    texts.forEach((text, right) => {
      const column = columns[at.column + right];
      const row = next[at.row + down];
      if (column && row) row.raw[column.key] = text.trim();
    });
  });
  return next;
}
