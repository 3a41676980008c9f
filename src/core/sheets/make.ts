import { LEVEL_OHMS, type LevelPlace } from "../levels";
import { readCell } from "./cell";
import { labelOf, limitsFor } from "./row";
import type { Cell, Row } from "./schemas/row";
import type { Column, Limit, TestSheet } from "./schemas/sheet";

/** What is typed of a row: texts by the key of a column. Empty ones are left out. */
export type TypedRow = Readonly<Record<string, string>>;

export type RowRead =
  | { ok: true; row: Row }
  /** sentences by the key of a column */
  | { ok: false; problems: Record<string, string> };

/** Where a level of a run is read, from the set-up as it was typed. */
export function placeOf(setup: readonly Cell[]): LevelPlace {
  const ohms = setup.find(({ key, quantity }) => key === "ohms" && quantity === "resistance")?.value;
  const dial = setup.find(({ key }) => key === "dial")?.text;
  return { ohms: ohms && ohms > 0 ? ohms : LEVEL_OHMS, dial: dial?.toLowerCase() === "emf" ? "emf" : "terminated" };
}

const cellOf = (column: Column, text: string, value: number | undefined): Cell => ({
  key: column.key,
  name: column.name,
  word: column.word,
  quantity: column.quantity,
  unit: column.unit,
  text,
  ...(value === undefined ? {} : { value }),
});

/** Reads the columns that something was typed in. */
export function readCells(
  columns: readonly Column[],
  typed: TypedRow,
  place: LevelPlace,
): { cells: Cell[]; problems: Record<string, string> } {
  const cells: Cell[] = [];
  const problems: Record<string, string> = {};
  for (const column of columns) {
    const text = typed[column.key]?.trim() ?? "";
    if (text === "") continue;
    const read = readCell(column, text, place);
    if (read.ok) cells.push(cellOf(column, read.text, read.value));
    else problems[column.key] = read.message;
  }
  return { cells, problems };
}

/** The limit of the plates comes with the set-up: it is no figure of the sheet. */
const FROM_SETUP: readonly { column: string; setup: string; sense: Limit["sense"] }[] = [
  { column: "heat", setup: "plate-limit", sense: "at-most" },
];

/**
 * Makes a row of a run from what was typed.
 * @param sheet that it is a row of @param setup as it was read @param limits of the model, in place of the sheet's where it has some
 */
export function makeRow(
  sheet: TestSheet,
  setup: readonly Cell[],
  typed: TypedRow,
  limits: readonly Limit[] = [],
): RowRead {
  const place = placeOf(setup);
  const at = readCells(sheet.rowBy, typed, place);
  const measured = readCells(sheet.columns, typed, place);
  const problems = { ...at.problems, ...measured.problems };
  const [first] = sheet.rowBy;
  if (at.cells.length === 0 && first && !problems[first.key])
    problems[first.key] = `${first.name} says which row this is.`;
  const [column] = sheet.columns;
  if (measured.cells.length === 0 && column && Object.keys(problems).length === 0)
    problems[column.key] = "Nothing was measured yet.";
  if (Object.keys(problems).length > 0) return { ok: false, problems };
  const label = labelOf({ at: at.cells });
  const own = new Set(limits.map((one) => one.column));
  const fromSetup = FROM_SETUP.flatMap(({ column: of, setup: key, sense }) => {
    const cell = setup.find((one) => one.key === key);
    return cell?.value !== undefined && sheet.worked.some((one) => one.key === of)
      ? [{ column: of, sense, text: cell.text, value: cell.value }]
      : [];
  });
  return {
    ok: true,
    row: {
      sheet: { key: sheet.key, version: sheet.version, name: sheet.name },
      at: at.cells,
      cells: measured.cells,
      given: [...setup],
      worked: sheet.worked,
      limits: [
        ...limitsFor({ limits: [...limits] }, label),
        ...limitsFor({ limits: sheet.limits.filter((one) => !own.has(one.column)) }, label),
        ...fromSetup,
      ],
    },
  };
}
