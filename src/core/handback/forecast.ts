import type { StepLeft, Times } from "../plan";
import type { Step } from "../model";
import { share } from "../quantity";
import type { Terms } from "./terms";

/** Labour as it is to be expected of a step, minutes: half of the cases, and nine of ten. */
export type StepForecast = { step: Step; minutes: number; p90: number };

/** What a set will come to, in minor units before and after tax. */
export type Forecast = {
  steps: StepForecast[];
  labourMinutes: number;
  labourMinor: number;
  partsMinor: number;
  travelMinor: number;
  reserveMinor: number;
  netMinor: number;
  taxMinor: number;
  totalMinor: number;
  /** what nine of ten such sets stay below, tax included */
  upToMinor: number;
};

/** What comes beside the labour, minor units before tax. */
export type ForecastMore = {
  partsMinor: number;
  travelMinor?: number;
  reserveMinor?: number;
  spent?: { minutes: number; partsMinor: number };
};

/** Labour is estimated to a quarter of an hour. Shop rule. @example 50 min are said as 45 */
export const QUARTER = 15;

const rounded = (minutes: number): number => Math.max(QUARTER, Math.round(minutes / QUARTER) * QUARTER);

/** Time of a step that is still to do. */
function timeOf({ step, share: part, parts }: StepLeft, times: Times[keyof Times]): StepForecast {
  const { median, p90 } = times[step].takes;
  const minutes = median * (parts ?? part);
  const spread = (p90 - median) * (parts === undefined ? part : Math.sqrt(parts));
  return { step, minutes: rounded(minutes), p90: Math.max(rounded(minutes), minutes + spread) };
}

/** Minutes that nine of ten such sets take longer than is expected of their steps. */
export const spreadOfSteps = (steps: readonly StepForecast[]): number =>
  Math.sqrt(steps.reduce((sum, { minutes, p90 }) => sum + Math.max(0, p90 - minutes) ** 2, 0));

/**
 * What the work that is left will come to. Spreads of steps add as the root of their squares: not all of them take
 * long in the same set.
 * @param spent labour and parts of the visit so far: minutes, and minor units before tax
 * @param partsMinor parts that are still to come, minor units before tax
 */
export function forecast(
  left: readonly StepLeft[],
  times: Times[keyof Times],
  terms: Pick<Terms, "hourMinor" | "tax">,
  more: ForecastMore,
): Forecast {
  return sumOf(
    left.map((one) => timeOf(one, times)),
    terms,
    more,
  );
}

/** The same for times that somebody has put right. */
export function sumOf(
  steps: readonly StepForecast[],
  terms: Pick<Terms, "hourMinor" | "tax">,
  more: ForecastMore,
): Forecast {
  const { partsMinor, travelMinor = 0, reserveMinor = 0, spent = { minutes: 0, partsMinor: 0 } } = more;
  const spread = spreadOfSteps(steps);
  const labourMinutes = spent.minutes + steps.reduce((sum, { minutes }) => sum + minutes, 0);
  const labourMinor = share(terms.hourMinor, labourMinutes, 60);
  const parts = spent.partsMinor + partsMinor;
  const netMinor = labourMinor + parts + travelMinor + reserveMinor;
  const taxMinor = share(netMinor, terms.tax);
  const most = netMinor + share(terms.hourMinor, spread, 60);
  return {
    steps: [...steps],
    labourMinutes,
    labourMinor,
    partsMinor: parts,
    travelMinor,
    reserveMinor,
    netMinor,
    taxMinor,
    totalMinor: netMinor + taxMinor,
    upToMinor: most + share(most, terms.tax),
  };
}
