import { windingName, type Sheet } from "../model";
import { WINDING_TOLERANCE, type Rule } from "../readings";
import { format } from "../quantity";
import { heatersOf } from "../tubes";

/** A resistance that is read with the set unplugged and discharged. */
export type ColdCheck = {
  point: string;
  /** Ω */
  expected?: { text: string; value: number; tolerance: number; rule?: Rule };
  /** windings made alike */
  group?: string;
  how?: string;
};

/**
 * B+ to chassis must be at least this once the filters have charged on the meter, Ω. Shop rule.
 * @example 8 kΩ from B+ to chassis: not before that is found
 */
export const BPLUS_LEAST_OHMS = 10e3;
/**
 * Supply to earth rail of a transistor set, Ω. Shop rule.
 * @example 20 Ω across the battery clips of a portable: shorted
 */
export const RAIL_LEAST_OHMS = 50;

const least = (value: number) => ({
  text: `at least ${format(value, "resistance")}`,
  value,
  tolerance: 1,
  rule: "at-least" as const,
});

/** The cold checks of exactly this set: mains primary, B+ to chassis, windings, heaters. */
export function coldChecks(sheet: Sheet): ColdCheck[] {
  const { supply, windings, tubes } = sheet;
  const list: ColdCheck[] = [];
  const primary = windings.some(({ winding }) => /primary|mains/i.test(winding) && !/output/i.test(winding));
  if ((supply === "transformer" || supply === "high-voltage") && !primary)
    list.push({
      point: "Mains primary",
      how: "At the plug, switch on. The chart has no figure: open is a fault, and so is next to nothing.",
    });
  list.push(
    supply === "low-voltage"
      ? {
          point: "Supply to earth rail",
          expected: least(RAIL_LEAST_OHMS),
          how: "Both ways round; switch on, batteries out.",
        }
      : {
          point: supply === "live-chassis" ? "B+ to B−" : "B+ to chassis",
          expected: least(BPLUS_LEAST_OHMS),
          how: "Red lead on B+; wait until the filters have charged on the meter.",
        },
  );
  for (const one of windings)
    list.push({
      point: windingName(one),
      expected: {
        text: one.text ?? format(one.ohms, "resistance"),
        value: one.ohms,
        tolerance: one.tolerance ?? WINDING_TOLERANCE,
        rule: "winding",
      },
      ...(one.group ? { group: one.group } : {}),
      ...(one.note ? { how: one.note } : {}),
    });
  const heaters = heatersOf(supply, tubes);
  const cold = (hot: number) => ({
    text: `hot ${format(hot, "resistance")}`,
    value: hot,
    tolerance: 0.5,
    rule: "cold-heater" as const,
  });
  if (heaters.wiring === "series")
    list.push({
      point: "Heater string cold",
      expected: cold(heaters.volts / heaters.amps),
      how: "All tubes in, from end to end of the string, without the dropper.",
    });
  if (heaters.wiring === "parallel")
    for (const { position, type, heater } of heaters.each)
      list.push({
        point: `${position} heater cold`,
        expected: cold(heater.volts / heater.amps),
        how: `${type} pulled, across its heater pins.`,
      });
  return list;
}
