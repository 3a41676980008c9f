import type { Settled } from "../kinds";
import type { Sheet } from "../model";
import type { PointRow } from "../readings";
import { comparePoints, type ComparedPoint } from "./compare";
import { pointRows } from "./readings-table";

export type Comparison = PointRow & ComparedPoint;

/** The comparison of a visit with what the chart expects at each point. */
export function compareVisit(
  sheet: Sheet,
  year: number | null,
  settled: readonly Settled[],
  visitId: string,
): Comparison[] {
  const rows = new Map(pointRows(sheet, year, settled, visitId).map((row) => [row.point, row]));
  return comparePoints(sheet, settled, visitId).flatMap((compared) => {
    const row = rows.get(compared.point);
    return row ? [{ ...row, ...compared }] : [];
  });
}
