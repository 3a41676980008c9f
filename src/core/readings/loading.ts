import { format } from "../quantity";
import type { MeterLoad } from "../model";

/** Ranges of a pointer meter when nobody has said which ones it has, V. Usual values of the time. */
export const USUAL_RANGES = [2.5, 10, 50, 250, 500, 1000, 2500, 5000];

/** The smallest range that holds a voltage, V. Above all of them the largest. */
export function rangeFor(volts: number, ranges: readonly number[] = USUAL_RANGES): number {
  const sorted = [...ranges].sort((a, b) => a - b);
  return sorted.find((range) => range >= Math.abs(volts)) ?? sorted.at(-1) ?? Math.abs(volts);
}

/**
 * What a meter's input is to the circuit.
 * @param meter ohms per volt, or one input resistance for every range
 * @param range in use, V; needed for ohms per volt
 * @returns Ω; undefined when the meter says nothing about itself
 * @example meterOhms({ ohmsPerVolt: 1000 }, 250) // 250 kΩ
 */
export function meterOhms(meter: MeterLoad | undefined, range: number): number | undefined {
  if (meter?.inputOhms) return meter.inputOhms;
  return meter?.ohmsPerVolt ? meter.ohmsPerVolt * range : undefined;
}

/**
 * What a meter reads at a point that is fed through a resistance: V · R_m / (R_m + R_source).
 * @param volts at the point with no meter on it, V @param sourceOhms from 0 Ω @param ohms of the meter, above 0 Ω
 * @throws RangeError outside these ranges
 */
export function loaded(volts: number, sourceOhms: number, ohms: number): number {
  if (!(sourceOhms >= 0) || !(ohms > 0)) throw new RangeError("resistances in ohms are needed, the meter's above zero");
  return (volts * ohms) / (ohms + sourceOhms);
}

/** What is known of a point's loading: its source, and the meters of then and now; all in Ω. */
export type Loading = { sourceOhms: number; chartOhms?: number | undefined; meterOhms?: number | undefined };

/**
 * The factor from the chart's figure to what this meter should read: the chart's meter is taken off the point, this
 * one is put on. 1 when one of the two meters is not known.
 */
export function loadingFactor({ sourceOhms, chartOhms, meterOhms: now }: Loading): number {
  if (!chartOhms || !now || sourceOhms <= 0) return 1;
  return loaded(1, sourceOhms, now) / loaded(1, sourceOhms, chartOhms);
}

/** Corrections smaller than this are not worth a word, as a fraction. Shop rule. */
const WORTH_SAYING = 0.005;

/** Says what was done about the meters, or why nothing was. */
export function loadingReason(value: number, loading: Loading): string | undefined {
  const { sourceOhms, chartOhms, meterOhms: now } = loading;
  if (!chartOhms || !now) return undefined;
  const factor = loadingFactor(loading);
  if (Math.abs(factor - 1) < WORTH_SAYING) return undefined;
  return `Fed through ${format(sourceOhms, "resistance")}: the chart's meter (${format(chartOhms, "resistance")}) read ${format(value, "voltage")}, this one (${format(now, "resistance")}) should read ${format(value * factor, "voltage")}.`;
}
