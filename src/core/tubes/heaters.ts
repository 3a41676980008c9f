/**
 * Heaters and filaments: nominal volts and amps, from the manufacturers' published data sheets of each type.
 * A double triode with a tapped heater stands with its whole heater in series (12AX7 at 12.6 V).
 */
const TABLE: Record<string, [volts: number, amps: number]> = {
  "6K8": [6.3, 0.3],
  "6K7": [6.3, 0.3],
  "6Q7": [6.3, 0.3],
  "6V6": [6.3, 0.45],
  "6L6": [6.3, 0.9],
  "6U5": [6.3, 0.3],
  "6AG7": [6.3, 0.65],
  "6BA6": [6.3, 0.3],
  "6BE6": [6.3, 0.3],
  "6C4": [6.3, 0.15],
  "6AL5": [6.3, 0.3],
  "6AQ5": [6.3, 0.45],
  "6X4": [6.3, 0.6],
  "6146": [6.3, 1.25],
  "807": [6.3, 0.9],
  "811A": [6.3, 4],
  "12AX7": [12.6, 0.15],
  "12BY7A": [12.6, 0.3],
  "5Y3": [5, 2],
  "5R4": [5, 2],
  "80": [5, 2],
  "35": [2.5, 1.75],
  "24A": [2.5, 1.75],
  "47": [2.5, 1.75],
  UCH42: [14, 0.1],
  UF41: [12.6, 0.1],
  UBC41: [14, 0.1],
  UL41: [45, 0.1],
  UY41: [31, 0.1],
  DK96: [1.4, 0.025],
  DF96: [1.4, 0.025],
  DAF96: [1.4, 0.025],
  DL96: [1.4, 0.05],
};

/** Tubes without a heater: gas regulators with a cold cathode. */
const COLD = new Set(["OA2", "0A2", "OB2", "0B2"]);

export type Heater = { volts: number; amps: number };

/**
 * The heater of a type: its own figures where the sheet has them, else the table's.
 * @returns undefined for a type that neither knows, or one without a heater
 */
export function heaterOf(tube: { type: string; heaterVolts?: number | undefined; heaterAmps?: number | undefined }) {
  if (tube.heaterVolts && tube.heaterAmps) return { volts: tube.heaterVolts, amps: tube.heaterAmps };
  const type = tube.type.trim().toUpperCase();
  // A suffix names the bulb (6V6GT, 6K7G); the heater is that of the plain type.
  const found = TABLE[type] ?? TABLE[type.replace(/(GT|G|GTA|GB|WA|WC)$/, "")];
  return found ? { volts: found[0], amps: found[1] } : undefined;
}

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
export function heatersOf(
  supply: string,
  tubes: readonly {
    position: string;
    type: string;
    heaterVolts?: number | undefined;
    heaterAmps?: number | undefined;
  }[],
): Heaters {
  const found = tubes.map((tube) => ({ position: tube.position, type: tube.type, heater: heaterOf(tube) }));
  const each = found.flatMap(({ heater, ...tube }) => (heater ? [{ ...tube, heater }] : []));
  const unknown = found
    .filter(({ heater, type, position }) => !heater && !COLD.has(type.toUpperCase()) && /^V/i.test(position))
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

/** The tubes that rectify: their B+ comes only when they are warm. */
export const rectifierTubes = <T extends { type: string; work: string }>(tubes: readonly T[]): T[] =>
  tubes.filter((tube) => /rectif/i.test(tube.work));

/** Cold resistance over hot, as the trade counts it: about 1/7 to 1/5. */
export const COLD_OVER_HOT = { least: 1 / 7, most: 1 / 5 } as const;
/** What is still taken for a cold heater around these, as a fraction of them. Shop rule. */
export const COLD_SLACK = 0.25;
