import { chartTolerance, type Judgement } from "../readings";
import type { Sheet } from "../model";
import type { Quantity } from "../quantity";
import { format } from "../quantity";
import { judgeReading, ofKind, type ContentOf, type Phase, type Settled } from "../history";

export type ReadingPayload = ContentOf<"reading">["payload"];
export type Expected = NonNullable<ReadingPayload["expected"]>;

/** A point that is measured on this set: from the model's chart, or because it was measured before. */
export type PointRow = { point: string; quantity: Quantity; expected?: Expected; designator?: string };

/** What the chart expects at each of its points, with tolerance and line voltage resolved. */
export function chartRows(sheet: Sheet, year: number | null): PointRow[] {
  return sheet.points.map(({ point, quantity, expected, tolerance, withLine }) => ({
    point,
    quantity,
    expected: {
      text: format(expected, quantity),
      value: expected,
      tolerance: tolerance ?? chartTolerance(year ?? undefined),
      ...(withLine ? { lineVolts: sheet.lineVolts } : {}),
    },
  }));
}

/** The rows of a visit's readings table: the chart, then points that this visit measured beyond it. */
export function pointRows(sheet: Sheet, year: number | null, settled: readonly Settled[], visitId: string): PointRow[] {
  const rows = new Map(chartRows(sheet, year).map((row) => [row.point, row]));
  for (const { content, entry } of ofKind(settled, "reading")) {
    const { point, quantity, expected, designator } = content.payload;
    if (entry.visitId !== visitId || rows.has(point)) continue;
    rows.set(point, { point, quantity, ...(expected ? { expected } : {}), ...(designator ? { designator } : {}) });
  }
  return [...rows.values()];
}

export type Taken = { id: string; at: string; payload: ReadingPayload; judgement: Judgement };

/** The last reading of each point in one phase of a visit. */
export function takenIn(settled: readonly Settled[], visitId: string, phase: Phase): Map<string, Taken> {
  const taken = new Map<string, Taken>();
  for (const { entry, at, content } of ofKind(settled, "reading"))
    if (entry.visitId === visitId && content.payload.phase === phase)
      taken.set(content.payload.point, {
        id: entry.id,
        at,
        payload: content.payload,
        judgement: judgeReading(content.payload),
      });
  return taken;
}
