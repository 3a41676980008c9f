import type { ChartPoint } from "./schemas/chart";

/** Points that are a rail of high voltage: B+, HT or high voltage, with whatever stands behind it (B+2, HT screen). */
export const railPoints = (points: readonly ChartPoint[]): ChartPoint[] =>
  points.filter(
    ({ point, quantity }) =>
      quantity === "voltage" &&
      /^(b\+|b plus|ht|high voltage)/i.test(point) &&
      !/secondary|\bac\b|\brms\b/i.test(point),
  );

/** The rail that everything hangs on: the first of the rails in the chart. */
export const mainRail = (points: readonly ChartPoint[]): ChartPoint | undefined => railPoints(points)[0];
