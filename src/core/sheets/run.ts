import { thin, type Point } from "../response";
import { figuresOf, labelOf, showRow, type Around, type Shown } from "./row";
import type { Row } from "./schemas/row";
import { sumsOf, type Sum } from "./sums";
import type { TestSheet } from "./schemas/sheet";

/** A row of a run with what became of it. */
export type RunRow = { id: string; row: Row; void?: string | undefined };

export type TableRow = {
  id: string;
  label: string;
  shown: Shown[];
  /** why it counts for nothing */
  void?: string;
};

export type RunTable = {
  /** columns in the order of the sheet: those that any row has */
  columns: { key: string; name: string; worked: boolean }[];
  rows: TableRow[];
  curve: { points: readonly Point[]; drawn: readonly Point[]; x: string; y: string; log: boolean } | undefined;
  sums: Sum[];
};

/** Most points that a chart draws. */
const DRAWN = 1200;

/** The row that others are held against: of those that count, the one nearest to the reference. */
function referenceRow(rows: readonly Row[], curve: TestSheet["curve"]): Row | undefined {
  if (!curve || curve.reference === undefined) return undefined;
  const { x, reference } = curve;
  const at = (row: Row) => figuresOf(row)[x];
  const far = (value: number) =>
    reference > 0 && value > 0 ? Math.abs(Math.log(value / reference)) : Math.abs(value - reference);
  // The last of those that were measured there: a row is repeated because the first was wrong.
  return rows.reduce<Row | undefined>((best, row) => {
    const value = at(row);
    if (value === undefined) return best;
    const before = best && at(best);
    return before === undefined || far(value) <= far(before) ? row : best;
  }, undefined);
}

/** What rows of a run are held against: the reference row and the first one. */
export function aroundOf(rows: readonly RunRow[], curve: TestSheet["curve"]): Around {
  const count = rows.filter((one) => one.void === undefined).map(({ row }) => row);
  const [first] = count;
  const reference = referenceRow(count, curve);
  return {
    ...(reference ? { reference: figuresOf(reference) } : {}),
    ...(first ? { first: figuresOf(first) } : {}),
  };
}

/**
 * A run as a table, a curve and what it comes to. Rows that were voided stay in the table and count in nothing.
 * @param sheet of the run, for its curve and its sums
 */
export function runTable(sheet: Pick<TestSheet, "curve" | "sums">, rows: readonly RunRow[]): RunTable {
  const around = aroundOf(rows, sheet.curve);
  const shown = rows.map(({ id, row, void: reason }) => ({
    id,
    label: labelOf(row),
    shown: showRow(row, around),
    ...(reason === undefined ? {} : { void: reason }),
  }));
  const columns = new Map<string, RunTable["columns"][number]>();
  for (const { shown: cells } of shown)
    for (const { key, name, worked } of cells) if (!columns.has(key)) columns.set(key, { key, name, worked });
  const counting = rows.filter((one) => one.void === undefined).map(({ row }) => row);
  const figures = counting.map((row) => figuresOf(row, around));
  const curve = curveOf(sheet.curve, figures);
  return {
    // Measured columns first, in the order in which they were met.
    columns: [...columns.values()].sort((a, b) => Number(a.worked) - Number(b.worked)),
    rows: shown,
    curve:
      curve && sheet.curve
        ? { points: curve, drawn: thin(curve, DRAWN), x: sheet.curve.x, y: sheet.curve.y, log: sheet.curve.log }
        : undefined,
    sums: sumsOf(sheet.sums, { rows: figures, curve: curve ?? [] }),
  };
}

function curveOf(
  curve: TestSheet["curve"],
  figures: readonly Readonly<Record<string, number | undefined>>[],
): Point[] | undefined {
  if (!curve) return undefined;
  const { x, y, log } = curve;
  // Measured twice at one place: the last one counts.
  const points = new Map<number, number>();
  for (const row of figures) {
    const [a, b] = [row[x], row[y]];
    if (a !== undefined && b !== undefined && (!log || a > 0)) points.set(a, b);
  }
  return [...points].map(([a, b]) => ({ x: a, y: b })).sort((a, b) => a.x - b.x);
}

/** A response as volts over frequency, for the tone capacitor: of the rows that count. */
export function responseRun(rows: readonly RunRow[]): Point[] {
  return rows
    .filter((one) => one.void === undefined)
    .flatMap(({ row }) => {
      const { frequency, volts } = figuresOf(row);
      return frequency !== undefined && volts !== undefined ? [{ x: frequency, y: volts }] : [];
    });
}
