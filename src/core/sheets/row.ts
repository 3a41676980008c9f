import { keepsTo, reaches } from "../quantity";
import { givesOf, workOut } from "./functions";
import type { ColumnQuantity } from "./quantities";
import type { Cell, Row } from "./schemas/row";
import type { Limit, TestSheet } from "./schemas/sheet";

export type CellVerdict = "good" | "bad" | "none";
/** A column of a row as it is shown: measured or worked out, with its verdict. */
export type Shown = {
  key: string;
  name: string;
  quantity: ColumnQuantity;
  unit: string;
  value?: number;
  text?: string;
  worked: boolean;
  verdict: CellVerdict;
  limit?: Pick<Limit, "sense" | "text" | "value">;
};

/** A figure as it was typed; a bare number with the unit that it was read in. */
export const cellText = ({ text, unit, quantity }: Pick<Cell, "text" | "unit" | "quantity">): string =>
  quantity !== "text" && unit && /^[-−+]?[\d.,]+$/.test(text) ? `${text} ${unit}` : text;

/** The row in words: `80 m, CW`, `400 Hz`. */
export const labelOf = (row: Pick<Row, "at">): string => row.at.map(cellText).join(", ");

type Values = Readonly<Record<string, number | undefined>>;

const valuesOf = (cells: readonly Cell[]): Record<string, number | undefined> =>
  Object.fromEntries(cells.map(({ key, value }) => [key, value]));

/** Figures of other rows that a row is held against. */
export type Around = { reference?: Values | undefined; first?: Values | undefined };

/** Everything that a row has, by key: its cells and what can be worked out from them, in the order of the sheet. */
export function figuresOf(row: Row, around: Around = {}): Record<string, number | undefined> {
  const own = { ...valuesOf(row.at), ...valuesOf(row.cells) };
  const given = valuesOf(row.given);
  for (const { key, by, from } of row.worked) {
    const args = Object.entries(from).map(([name, ref]): [string, number | undefined] => {
      const of = ref.slice(1);
      if (ref.startsWith("=")) return [name, given[of]];
      if (ref.startsWith("@")) return [name, around.reference?.[of]];
      if (ref.startsWith("^")) return [name, around.first?.[of]];
      return [name, own[ref]];
    });
    // A drive that was not measured counts for nothing; every other figure must be there.
    if (args.some(([name, value]) => value === undefined && name !== "drive")) continue;
    const value = workOut(by, Object.fromEntries(args.map(([name, one]) => [name, one ?? 0])));
    if (value !== undefined) own[key] = value;
  }
  return own;
}

/** Holds a figure against the limits of its column. The tightest that is missed is said. */
function judge(value: number | undefined, limits: readonly Omit<Limit, "row">[]): Pick<Shown, "verdict" | "limit"> {
  const [first] = limits;
  if (value === undefined || !first) return { verdict: "none" };
  const missed = limits.find(({ sense, value: limit }) =>
    // Edges are compared as shares, where fractions of a machine do not count; a limit of zero is itself.
    sense === "at-least"
      ? !(limit > 0 ? reaches(value / limit, 1) : value >= limit)
      : !(limit > 0 ? keepsTo(value / limit, 1) : value <= limit),
  );
  return { verdict: missed ? "bad" : "good", limit: missed ?? first };
}

/** A row as it is shown: its measured columns, then what is worked out. */
export function showRow(row: Row, around: Around = {}): Shown[] {
  const values = figuresOf(row, around);
  const limitsOf = (key: string) => row.limits.filter(({ column }) => column === key);
  return [
    ...row.cells.map(({ key, name, quantity, unit, value, text }) => ({
      ...{ key, name, quantity, unit, text, worked: false },
      ...(value === undefined ? {} : { value }),
      ...judge(value, limitsOf(key)),
    })),
    ...row.worked.flatMap(({ key, name, by }): Shown[] => {
      const value = values[key];
      if (value === undefined) return [];
      return [{ key, name, quantity: givesOf(by), unit: "", value, worked: true, ...judge(value, limitsOf(key)) }];
    }),
  ];
}

/** What stands on the tape of a row's verdict: bad where one limit is missed, good where all are met. */
export function rowVerdict(shown: readonly Pick<Shown, "verdict">[]): CellVerdict {
  if (shown.some(({ verdict }) => verdict === "bad")) return "bad";
  return shown.some(({ verdict }) => verdict === "good") ? "good" : "none";
}

/** The limits of a sheet that hold for a row. */
export const limitsFor = (sheet: Pick<TestSheet, "limits">, label: string): Row["limits"] =>
  sheet.limits
    .filter(({ row }) => row === undefined || row.trim().toLowerCase() === label.trim().toLowerCase())
    .map(({ column, sense, text, value }) => ({ column, sense, text, value }));
