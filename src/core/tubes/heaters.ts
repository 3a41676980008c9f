import { HEATER_TOLERANCE } from "../thumb";
import { tubeType, type Heater } from "./table";

export type { Heater };

/** What a sheet says of a tube: its type, and its heater where the table does not know it. */
export type NamedTube = {
  type: string;
  heaterVolts?: number | undefined;
  heaterAmps?: number | undefined;
};

/**
 * The heater of a type: its own figures where the sheet has them, else the table's.
 * A tapped heater is taken as it stands first in the table (12AX7 at 12.6 V).
 * @returns undefined for a type that neither knows, or one without a heater
 */
export function heaterOf(tube: NamedTube): Heater | undefined {
  if (tube.heaterVolts && tube.heaterAmps) return { volts: tube.heaterVolts, amps: tube.heaterAmps };
  return tubeType(tube.type)?.heaters[0];
}

const hasHeater = (type: string) => tubeType(type)?.heaters.length !== 0;

/** How a set's heaters are wired, with what they take together. */
export type Heaters =
  | { wiring: "parallel"; watts: number; each: { position: string; type: string; heater: Heater }[]; unknown: string[] }
  | {
      wiring: "series";
      volts: number;
      amps: number;
      watts: number;
      each: { position: string; type: string; heater: Heater }[];
      unknown: string[];
    }
  | { wiring: "none"; watts: 0; each: []; unknown: string[] };

/** Currents of a series string that are this much alike are one current, as a fraction. Shop rule: data sheets' ±5 %. */
const ALIKE = 0.05;

/**
 * The heaters of a line-up. A live-chassis set whose heaters share one current has them in series; others in parallel.
 * @param supply of the model @param tubes its line-up
 */
export function heatersOf(supply: string, tubes: readonly (NamedTube & { position: string })[]): Heaters {
  const found = tubes.map((tube) => ({ position: tube.position, type: tube.type, heater: heaterOf(tube) }));
  const each = found.flatMap(({ heater, ...tube }) => (heater ? [{ ...tube, heater }] : []));
  const unknown = found
    .filter(({ heater, type, position }) => !heater && hasHeater(type) && /^V/i.test(position))
    .map(({ type }) => type);
  const [first] = each;
  if (!first) return { wiring: "none", watts: 0, each: [], unknown };
  const watts = each.reduce((sum, { heater }) => sum + heater.volts * heater.amps, 0);
  const amps = first.heater.amps;
  const one = each.every(({ heater }) => Math.abs(heater.amps / amps - 1) <= ALIKE);
  if (supply === "live-chassis" && one)
    return {
      wiring: "series",
      volts: each.reduce((sum, { heater }) => sum + heater.volts, 0),
      amps,
      watts,
      each,
      unknown,
    };
  return { wiring: "parallel", watts, each, unknown };
}

/**
 * Heater voltages this much alike are one, as a fraction: 6 V and 6.3 V are two. Shop rule.
 * @example 6.2 and 6.3 V are one voltage, 6.0 and 6.3 V are two
 */
const SAME_VOLTS = 0.02;

/**
 * The one voltage that all heaters of a line-up can stand on side by side; tapped heaters by either of their ways.
 * @returns undefined for a series string, for unknown types, and where there is none or more than one such voltage
 */
export function commonHeaterVolts(
  supply: string,
  tubes: readonly (NamedTube & { position: string })[],
): number | undefined {
  const wired = heatersOf(supply, tubes);
  if (wired.wiring !== "parallel" || wired.unknown.length > 0) return undefined;
  const ways = tubes.flatMap((tube) => {
    const own = tube.heaterVolts && tube.heaterAmps ? [tube.heaterVolts] : undefined;
    const all = own ?? tubeType(tube.type)?.heaters.map(({ volts }) => volts) ?? [];
    return all.length > 0 ? [all] : [];
  });
  const [first = []] = ways;
  const alike = (a: number, b: number) => Math.abs(a / b - 1) <= SAME_VOLTS;
  const common = first.filter((volts) => ways.every((all) => all.some((one) => alike(one, volts))));
  return common.length === 1 ? common[0] : undefined;
}

/** Early receiving types with a filament of thoriated tungsten; later ones have oxide. Data sheets. */
const THORIATED: readonly string[] = ["01A", "10", "801A"];
/** Glass transmitting tubes from this plate dissipation on have one, W. Data sheets: 811A to 4-400A. */
const THORIATED_FROM = 40;

/** Has a type a filament of thoriated tungsten? Its volts are held more closely: too little strips it, too much ends it. */
export function isThoriated(type: string): boolean {
  const tube = tubeType(type);
  if (!tube || tube.rectifier) return false;
  const filament = tube.pinout.pins.some(({ electrodes }) => electrodes.includes("f"));
  return THORIATED.includes(tube.type) || (filament && (tube.limits.plateWatts ?? 0) >= THORIATED_FROM);
}

/** How far the heater of a type may be off, as a fraction. */
export const heaterTolerance = (type: string): number =>
  isThoriated(type) ? HEATER_TOLERANCE.thoriated : HEATER_TOLERANCE.receiving;

/** What rectifies, by the tubes of the sheet; unknown while the sheet lists none. */
export const rectifierOf = (tubes: readonly { type: string; work: string }[]): "tube" | "solid-state" | "unknown" =>
  tubes.length === 0 ? "unknown" : rectifierTubes(tubes).length > 0 ? "tube" : "solid-state";

/** The tubes that rectify: their B+ comes only when they are warm. */
export const rectifierTubes = <T extends { type: string; work: string }>(tubes: readonly T[]): T[] =>
  tubes.filter((tube) => /rectif/i.test(tube.work));
