import { ofKind, type Settled } from "../kinds";
import { unitName, type Quantity } from "../quantity";
import { labelOf, SHIPPED } from "../sheets";
import { TUBE_REPLACE } from "../thumb";

export type SeriesPoint = { at: string; value: number; entry: string; visitId: string };

/** One point or test over the years, with the limits it was judged by last. */
export type Series = {
  key: string;
  name: string;
  /** of a reading; a test has its unit as it was typed */
  quantity?: Quantity;
  unit?: string;
  taken: SeriesPoint[];
  low?: number;
  high?: number;
};

/**
 * Every point and test that was measured at least twice, as a line over time. A reading's limits are those of its last
 * expectation, corrected for line and meter as its verdict was; a tube is drawn as its share of nominal.
 */
export function seriesOf(settled: readonly Settled[]): Series[] {
  const found = new Map<string, Series>();
  const add = (series: Omit<Series, "taken">, point: SeriesPoint) => {
    const before = found.get(series.key);
    found.set(series.key, { ...series, taken: [...(before?.taken ?? []), point] });
  };
  for (const item of ofKind(settled, "reading")) {
    const { payload } = item.content;
    if (payload.phase === "cold" && !payload.designator) continue;
    const { corrected } = item.judged;
    const tolerance = payload.expected?.tolerance;
    const limits =
      corrected !== undefined && tolerance !== undefined
        ? { low: corrected - Math.abs(corrected) * tolerance, high: corrected + Math.abs(corrected) * tolerance }
        : {};
    add(
      { key: `point ${payload.point}`, name: payload.point, quantity: payload.quantity, ...limits },
      pointOf(item, payload.measured.value),
    );
  }
  for (const item of ofKind(settled, "test-result")) {
    const { payload } = item.content;
    const name = [payload.designator, payload.test, payload.condition && `at ${payload.condition}`]
      .filter(Boolean)
      .join(" ");
    const limits =
      payload.nominal && payload.sense !== "share"
        ? payload.sense === "at-least"
          ? { low: payload.nominal.value }
          : { high: payload.nominal.value }
        : {};
    add(
      { key: `test ${name}`, name, ...(payload.unit ? { unit: unitName(payload.unit) } : {}), ...limits },
      pointOf(item, payload.measured.value),
    );
  }
  for (const item of ofKind(settled, "measured-row")) {
    const { payload } = item.content;
    if (payload.void !== undefined) continue;
    const main = SHIPPED.find(({ key }) => key === payload.sheet.key)?.main;
    const shown = item.judged.shown.find(({ key }) => key === main) ?? item.judged.shown[0];
    if (shown?.value === undefined || shown.quantity === "text") continue;
    const name = `${payload.sheet.name}, ${labelOf(payload)}: ${shown.name.toLowerCase()}`;
    const limits = shown.limit ? { [shown.limit.sense === "at-least" ? "low" : "high"]: shown.limit.value } : {};
    const { quantity } = shown;
    const what =
      quantity === "level"
        ? { quantity: "voltage" as const }
        : quantity === "decibel"
          ? { unit: "dB" }
          : quantity === "number"
            ? { unit: shown.unit }
            : { quantity };
    add({ key: `sheet ${payload.sheet.key} ${name}`, name, ...what, ...limits }, pointOf(item, shown.value));
  }
  for (const item of ofKind(settled, "tube-test")) {
    const { ratio } = item.judged;
    const { designator } = item.content.payload;
    if (ratio !== undefined)
      add(
        { key: `tube ${designator}`, name: `${designator} of nominal`, quantity: "percent", low: TUBE_REPLACE },
        pointOf(item, ratio),
      );
  }
  return [...found.values()].filter(({ taken }) => taken.length > 1);
}

const pointOf = ({ entry, at }: Settled, value: number): SeriesPoint => ({
  at,
  value,
  entry: entry.id,
  visitId: entry.visitId,
});
