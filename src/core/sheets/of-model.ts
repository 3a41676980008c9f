import type { Sheet } from "../model";
import type { Limit, TestSheet } from "./schemas/sheet";

type Figures = Pick<Sheet, "figures">;

/** The limits that a model has for a sheet, each for its row. */
export const limitsOfModel = ({ figures = [] }: Figures, key: string): Limit[] =>
  figures.flatMap(({ sheet, row, column, sense, text, value }) =>
    sheet === key && column && sense && text && value !== undefined ? [{ column, sense, text, value, row }] : [],
  );

/** Rows of a sheet for a model: its own where it has some, in their order; else those of the sheet. */
export function rowsFor({ figures = [] }: Figures, sheet: TestSheet): readonly (readonly string[])[] {
  const own = [...new Set(figures.filter((one) => one.sheet === sheet.key).map(({ row }) => row))];
  if (own.length === 0) return sheet.rows;
  const { length } = sheet.rowBy;
  return own.map((row) => {
    const parts = row.split(",").map((part) => part.trim());
    return length === 1 ? [row] : [...parts.slice(0, length - 1), parts.slice(length - 1).join(", ")];
  });
}
