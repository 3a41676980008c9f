import { ofKind, type Settled } from "../kinds";
import type { ChartPoint, Sheet } from "../model";
import { coldChecks } from "../power";
import { format } from "../quantity";
import { chartTolerance, meterOhms, rangeFor, type Expected, type PointRow } from "../readings";
import { HEATER_TOLERANCE } from "../thumb";
import { isThoriated } from "../tubes";

const HEATERS = /^(?:heaters?|filaments?|lt)\b/i;

/** Heaters are held to their data sheets, whatever the year of the chart: ±10 %, thoriated filaments ±5 %. */
function heaterTolerance({ tubes }: Sheet, { point, quantity }: ChartPoint): number | undefined {
  const volts = quantity === "voltage" || quantity === "ac-voltage";
  if (!volts || !HEATERS.test(point)) return undefined;
  return tubes.some(({ type }) => isThoriated(type)) ? HEATER_TOLERANCE.thoriated : HEATER_TOLERANCE.receiving;
}

function expectedAt(sheet: Sheet, year: number | null, one: ChartPoint): Expected {
  const { expected, quantity } = one;
  const { chart, taps = [] } = sheet;
  const chartOhms =
    quantity === "voltage" && one.sourceOhms ? meterOhms(chart?.meter, one.range ?? rangeFor(expected)) : undefined;
  return {
    text: format(expected, quantity),
    value: expected,
    tolerance: one.tolerance ?? heaterTolerance(sheet, one) ?? chartTolerance(year ?? undefined),
    ...(one.withLine ? { lineVolts: chart?.lineVolts ?? sheet.lineVolts } : {}),
    ...(one.withLine && taps.length > 1 ? { tapVolts: sheet.lineVolts } : {}),
    ...(quantity === "voltage" && one.sourceOhms ? { sourceOhms: one.sourceOhms } : {}),
    ...(chartOhms ? { chartOhms } : {}),
    ...(quantity === "voltage" && !chart?.meter ? { asFound: true } : {}),
  };
}

/** What the chart expects at each of its points, with tolerance, line voltage and the chart's meter resolved. */
export function chartRows(sheet: Sheet, year: number | null): PointRow[] {
  return sheet.points.map((one) => ({
    point: one.point,
    quantity: one.quantity,
    expected: expectedAt(sheet, year, one),
    ...(one.note ? { how: one.note } : {}),
  }));
}

/** The cold checks of this set as rows of a table. */
export const coldRows = (sheet: Sheet): PointRow[] =>
  coldChecks(sheet).map((one) => ({ ...one, quantity: "resistance", phase: "cold" }));

/** The rows of a visit's readings table: the chart, then points that this visit measured beyond it. */
export function pointRows(sheet: Sheet, year: number | null, settled: readonly Settled[], visitId: string): PointRow[] {
  const rows = new Map(chartRows(sheet, year).map((row) => [row.point, row]));
  for (const { content, entry } of ofKind(settled, "reading")) {
    const { point, quantity, expected, designator, phase } = content.payload;
    if (entry.visitId !== visitId || phase === "cold" || rows.has(point)) continue;
    rows.set(point, { point, quantity, ...(expected ? { expected } : {}), ...(designator ? { designator } : {}) });
  }
  return [...rows.values()];
}
