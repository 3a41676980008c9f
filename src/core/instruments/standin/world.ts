import { isSolved, metered, ohmsAt, coldCircuit, solveSheet, type CircuitSheet, type SetState } from "../../circuit";
import { nodeOfPoint } from "../../model";

/** What stands behind the stand-in's probes: a set, or nothing. */
export type World = {
  /** V at a point against chassis, with this resistance of the meter across it; undefined where nothing is known */
  volts: (point: string, ohms: number) => number | undefined;
  /** Ω from a point to chassis, power off */
  ohms: (point: string) => number | undefined;
  /** what is alternating at a point, as a generator drives it: V and Hz, and when it was changed last, ms */
  ac?: (point: string) => { volts: number; hertz: number; since: number };
  /** its points, for whoever holds the probe */
  points: readonly string[];
};

/** Leads that hang in the air. */
export const OPEN_LEADS: World = { volts: () => undefined, ohms: () => undefined, points: [] };

/** A set by its circuit, as it plays; undefined where its circuit has no operating point. */
export function setWorld(sheet: CircuitSheet, state: SetState = {}): World | undefined {
  const solved = solveSheet(sheet, state);
  if (!solved || !isSolved(solved)) return undefined;
  const cold = coldCircuit(sheet, state);
  return {
    volts: (point, ohms) => metered(solved, nodeOfPoint(point), ohms),
    ohms: (point) => ohmsAt(cold, nodeOfPoint(point))?.plus,
    points: sheet.points.map(({ point }) => point),
  };
}

/** The hand, the clock and the noise of a stand-in: everything in it that is not the instrument. */
export type Bench = {
  world: World;
  /** where the probe is; none: it hangs in the air */
  probe?: string;
  /** when it was put there, ms */
  since: number;
  /** is the set switched on? */
  power: boolean;
  now: () => number;
  /** 0 to 1 */
  random: () => number;
};
