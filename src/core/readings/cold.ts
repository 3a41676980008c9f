import { format, formatDeviation, type Quantity } from "../quantity";
import type { Judgement } from "./verdict";
import { OPEN_OHMS } from "./measured";

/**
 * Tolerance of a winding's DC resistance against its chart, as a fraction. Shop rule.
 * @example chart 300 Ω: 255 to 345 Ω are good
 */
export const WINDING_TOLERANCE = 0.15;
/** How far windings that are made alike may differ, as a fraction of the larger. Shop rule. */
export const SISTER_TOLERANCE = 0.1;

/** What a good reading of a winding means, and no more. */
export const SHORTED_TURN_NOTE = "Continuous, no more: a shorted turn does not show at DC.";

/**
 * Judges a winding by its DC resistance: open is a fault; inside its tolerance it is continuous and no more.
 * @param measured Ω @param expected Ω of the chart, above zero, and its tolerance as a fraction
 */
export function judgeWinding(measured: number, expected: { value: number; tolerance: number }): Judgement {
  if (measured >= OPEN_OHMS)
    return { verdict: "high", corrected: expected.value, reasons: ["Open: the winding or its lead is broken."] };
  const ratio = measured / expected.value;
  const off = `${formatDeviation(ratio - 1)}, ±${format(expected.tolerance, "percent")} allowed.`;
  const base = { ratio, corrected: expected.value };
  if (Math.abs(ratio - 1) <= expected.tolerance + 1e-9)
    return { ...base, verdict: "good", reasons: [off, SHORTED_TURN_NOTE] };
  if (ratio > 1)
    return {
      ...base,
      verdict: "high",
      reasons: [off, "A poor joint in series, green spot, or rewound with thinner wire."],
    };
  return {
    ...base,
    verdict: "low",
    reasons: [off, "Shorted layers, or a path beside it: disconnect one end and read again."],
  };
}

/** Judges a resistance that must not be below a limit: B+ to chassis, say. */
export function judgeAtLeast(measured: number, expected: { value: number }, quantity: Quantity): Judgement {
  const base = { corrected: expected.value, ratio: measured / expected.value };
  const limit = format(expected.value, quantity);
  if (measured >= OPEN_OHMS)
    return { verdict: "good", corrected: expected.value, reasons: [`Open; at least ${limit}.`] };
  return measured >= expected.value
    ? { ...base, verdict: "good", reasons: [`At least ${limit}, as it should be.`] }
    : {
        ...base,
        verdict: "low",
        reasons: [`Below ${limit}: no power before the path is found. Filter capacitors charge on the meter: wait.`],
      };
}

/** Cold resistance over hot, as the trade counts it: about 1/7 to 1/5. */
export const COLD_OVER_HOT = { least: 1 / 7, most: 1 / 5 } as const;
/** What is still taken for a cold heater around these, as a fraction of them. Shop rule. */
export const COLD_SLACK = 0.25;
/** From this share of the hot resistance a heater is no longer cold. Shop rule. */
const NEAR_HOT = 0.7;

/**
 * Judges a heater at the ohmmeter. It is cold there: about 1/7 to 1/5 of what it is when it glows.
 * @param measured Ω @param hot Ω, from the heater's volts over its amps
 */
export function judgeColdHeater(measured: number, hot: number): Judgement {
  if (measured >= OPEN_OHMS)
    return {
      verdict: "high",
      corrected: hot / 6,
      reasons: ["Open: the heater is broken, or its pins make no contact."],
    };
  const share = measured / hot;
  const base = { ratio: (measured / hot) * 6, corrected: hot / 6 };
  const cold = `This is a cold value, ${share.toFixed(2)} of the ${format(hot, "resistance")} when hot: never size a dropper from it.`;
  if (share >= COLD_OVER_HOT.least * (1 - COLD_SLACK) && share <= COLD_OVER_HOT.most * (1 + COLD_SLACK))
    return { ...base, verdict: "good", reasons: [cold] };
  if (share >= NEAR_HOT)
    return {
      ...base,
      verdict: "high",
      reasons: ["That is the hot value: the tube is still warm, or it is one of a smaller heater current."],
    };
  if (share > COLD_OVER_HOT.most)
    return {
      ...base,
      verdict: "high",
      reasons: ["High for a cold heater: poor contact, still warm, or another type."],
    };
  return {
    ...base,
    verdict: "low",
    reasons: ["Low for a cold heater: another path beside it (pull the tube), or another type."],
  };
}

export type Sister = { name: string; group: string; ohms: number };

/**
 * Compares windings that are made alike with each other.
 * @returns one sentence for each group of at least two; `apart` when they differ by more than a tenth of the larger
 */
export function judgeSisters(measured: readonly Sister[]): { group: string; apart: boolean; text: string }[] {
  const groups = new Map<string, Sister[]>();
  for (const one of measured) groups.set(one.group, [...(groups.get(one.group) ?? []), one]);
  return [...groups].flatMap(([group, all]) => {
    const closed = all.filter((one) => one.ohms < OPEN_OHMS).sort((a, b) => a.ohms - b.ohms);
    const [least, most] = [closed[0], closed.at(-1)];
    if (!least || !most || least === most) return [];
    const difference = 1 - least.ohms / most.ohms;
    const apart = difference > SISTER_TOLERANCE + 1e-9;
    const figures = `${format(least.ohms, "resistance")} (${least.name}) and ${format(most.ohms, "resistance")} (${most.name})`;
    return [
      {
        group,
        apart,
        text: apart
          ? `${group}: ${figures} differ by ${format(difference, "percent", 2)}; they count as alike within ${format(SISTER_TOLERANCE, "percent")}. The lower one may have shorted turns.`
          : `${group}: ${figures} are alike, within ${format(SISTER_TOLERANCE, "percent")}.`,
      },
    ];
  });
}
