import { drawnSpec, sectionSpecs } from "../model";
import type { Load } from "./expect";
import type { CircuitSheet } from "./from-sheet";

/** A part in its circuit beside what it is made for. V and W. */
export type Rating = {
  part: string;
  /** across it as the set plays */
  volts: number;
  watts: number;
  /** the most across it: line high, tubes cold */
  highest?: number;
  ratedVolts?: number;
  ratedWatts?: number;
  /** what it is asked for beyond what it is made for */
  over: ("volts" | "watts")[];
};

/**
 * Each part of the net beside its marking.
 * @param highest the most volts that each part sees; without it the volts as it plays are held against the marking
 * @returns parts that have a row in the table of parts
 */
export function ratingsOf(
  sheet: Pick<CircuitSheet, "components" | "dialect">,
  loads: readonly Load[],
  highest: ReadonlyMap<string, number> = new Map(),
): Rating[] {
  return loads.flatMap(({ part, volts, watts }): Rating[] => {
    const [designator, section] = part.split("/");
    const component = sheet.components.find((one) => one.designator === designator);
    if (!component) return [];
    const spec = section ? sectionSpecs(component)[Number(section) - 1]?.spec : drawnSpec(sheet, component);
    const most = highest.get(part);
    const { volts: ratedVolts, watts: ratedWatts } = spec ?? {};
    const over: Rating["over"] = [];
    if (/^C/.test(part) && ratedVolts !== undefined && (most ?? Math.abs(volts)) > ratedVolts) over.push("volts");
    if (ratedWatts !== undefined && watts > ratedWatts) over.push("watts");
    return [
      {
        part,
        volts: Math.abs(volts),
        watts,
        ...(most === undefined ? {} : { highest: most }),
        ...(ratedVolts === undefined ? {} : { ratedVolts }),
        ...(ratedWatts === undefined ? {} : { ratedWatts }),
        over,
      },
    ];
  });
}
