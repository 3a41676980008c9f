import { decibels, powerDecibels, printChange } from "../levels";
import type { ColumnQuantity } from "./quantities";
import { cellText } from "./row";
import type { Cell, Row } from "./schemas/row";
import type { RunRow, RunTable, TableRow } from "./run";

/** One figure in two runs. */
export type Pair = {
  key: string;
  name: string;
  quantity: ColumnQuantity;
  unit: string;
  before?: number;
  after?: number;
  /** dB, or a share where decibels mean nothing */
  change?: { value: number; as: "dB" | "%" };
};
export type PairRow = { label: string; pairs: Pair[] };

/** Ratios of these are told in dB: of volts, of powers. */
const VOLTS: readonly ColumnQuantity[] = ["level", "ac-voltage"];
const POWERS: readonly ColumnQuantity[] = ["power"];

/** What became of a figure: dB for levels and powers, a difference of dB, a share for all others. */
export function changeOf(quantity: ColumnQuantity, before: number, after: number): Pair["change"] {
  if (quantity === "decibel") return { value: after - before, as: "dB" };
  if (before <= 0 || after <= 0) return undefined;
  if (VOLTS.includes(quantity)) return { value: decibels(after / before), as: "dB" };
  if (POWERS.includes(quantity)) return { value: powerDecibels(after / before), as: "dB" };
  return { value: after / before - 1, as: "%" };
}

/** Rows of two runs belong together where they are about the same: by their figures, else by their words. */
const placeKey = (row: Row): string =>
  row.at
    .map(({ text, value, quantity }) =>
      value === undefined || quantity === "text" ? text.trim().toLowerCase() : value.toPrecision(9),
    )
    .join("|");

/**
 * Two runs over each other, row by row. Rows that were voided are in neither; of a row that was measured twice the last
 * counts.
 */
export function compareRuns(
  before: { rows: readonly RunRow[]; table: RunTable },
  after: { rows: readonly RunRow[]; table: RunTable },
): PairRow[] {
  const places = (run: typeof before) => {
    const shown = new Map(run.table.rows.map((row) => [row.id, row]));
    return new Map(
      run.rows.flatMap(({ id, row, void: reason }): [string, TableRow][] => {
        const table = shown.get(id);
        return reason === undefined && table ? [[placeKey(row), table]] : [];
      }),
    );
  };
  const [a, b] = [places(before), places(after)];
  return [...new Set([...a.keys(), ...b.keys()])].map((key) => {
    const [one, other] = [a.get(key), b.get(key)];
    const columns = new Map([...(one?.shown ?? []), ...(other?.shown ?? [])].map((cell) => [cell.key, cell]));
    return {
      label: (other ?? one)?.label ?? "",
      pairs: [...columns.values()].map(({ key: of, name, quantity, unit }): Pair => {
        const [from, to] = [one, other].map((row) => row?.shown.find((cell) => cell.key === of)?.value);
        const change = from !== undefined && to !== undefined ? changeOf(quantity, from, to) : undefined;
        return {
          ...{ key: of, name, quantity, unit },
          ...(from === undefined ? {} : { before: from }),
          ...(to === undefined ? {} : { after: to }),
          ...(change ? { change } : {}),
        };
      }),
    };
  });
}

const said = (cell: Cell | undefined) => (cell ? cellText(cell) : "not noted");

/** What differs between the set-ups of two runs, in sentences: it is said before their figures are compared. */
export function setupDifferences(before: readonly Cell[], after: readonly Cell[]): string[] {
  const names = new Map([...before, ...after].map(({ key, name }) => [key, name]));
  return [...names].flatMap(([key, name]) => {
    const [a, b] = [before, after].map((cells) => cells.find((cell) => cell.key === key));
    const same =
      a?.value !== undefined && b?.value !== undefined
        ? a.value === b.value
        : said(a).toLowerCase() === said(b).toLowerCase();
    return same ? [] : [`${name}: ${said(a)} before, ${said(b)} now`];
  });
}

/** A change in words: `+6.0 dB`, `−2.5 %`. */
export const changeText = ({ value, as }: NonNullable<Pair["change"]>): string =>
  printChange(as === "%" ? value * 100 : value, as);
