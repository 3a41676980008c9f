import { mainRail, nodeOfPoint, type ChartPoint, type MeterLoad, type Sheet } from "../model";
import { CHART_TOLERANCE, meterOhms, rangeFor } from "../readings";
import { tubeType } from "../tubes";
import { compile, conditionOf, LEAST_OHMS, type Compiled, type Conditions } from "./compile";
import { solverOf, voltsAt, type Change, type DcFailure, type Solver } from "./dc";
import { coldTubes, netOfSheet, SUPPLY, type CircuitSheet, type NetRemark, type SetState } from "./from-sheet";
import { plateTakes, spaceAt } from "./laws/tube";
import { GROUND, type Net } from "./net";

/** A sheet’s circuit, solved in one state. */
export type Solved = {
  net: Net;
  compiled: Compiled;
  solver: Solver;
  x: Float64Array;
  remarks: NetRemark[];
};

/** Solves a sheet’s net in a state. @returns undefined where it has no net; what would not settle otherwise */
export function solveSheet(sheet: CircuitSheet, state: SetState = {}): Solved | DcFailure | undefined {
  if (!sheet.net || sheet.net.length === 0) return undefined;
  const { net, remarks } = netOfSheet(sheet, state);
  const compiled = compile(net, state.conditions);
  const solver = solverOf(compiled);
  const solution = solver.solve();
  return solution.ok ? { net, compiled, solver, x: solution.x, remarks } : solution;
}

export const isSolved = (one: ReturnType<typeof solveSheet>): one is Solved => one !== undefined && "compiled" in one;

/** The node at which B+ is measured: that of the chart, else what the supply feeds. */
export function railOf(sheet: CircuitSheet, { compiled }: Solved): string | undefined {
  const point = mainRail(sheet.points)?.point;
  const charted = point === undefined ? undefined : nodeOfPoint(point);
  if (charted !== undefined && compiled.index.has(charted)) return charted;
  const supply = sheet.net?.find(({ part }) => part === SUPPLY);
  return supply && (supply.to === GROUND ? supply.from : supply.to);
}

/**
 * Volts that a meter reads at a node: its resistance is simply in the circuit.
 * @param ohms of the meter, Ω; without one nothing is drawn
 * @param change what is wrong with the set, where `x` was solved with it
 */
export function metered(
  { compiled, solver, x }: Pick<Solved, "compiled" | "solver" | "x">,
  node: string,
  ohms?: number,
  change: Change = {},
): number | undefined {
  const at = compiled.index.get(node);
  if (at === undefined) return node === GROUND ? 0 : undefined;
  if (!ohms || !Number.isFinite(ohms)) return x[at];
  const meter = { a: at, b: -1, siemens: 1 / ohms };
  const loaded = solver.solve({ ...change, shunts: [...(change.shunts ?? []), meter] }, x);
  return loaded.ok ? loaded.x[at] : undefined;
}

/** A point of the chart beside what the circuit says. */
export type Expected = {
  point: ChartPoint;
  node: string;
  /** with this meter, V */
  volts: number;
  /** without any meter, V */
  unloaded: number;
};

/** Points of the chart that are DC volts at a node of the net. */
export function chartNodes(points: readonly ChartPoint[], compiled: Compiled): { point: ChartPoint; node: string }[] {
  return points.flatMap((point) => {
    const node = nodeOfPoint(point.point);
    return point.quantity === "voltage" && compiled.index.has(node) ? [{ point, node }] : [];
  });
}

/** What the points of a chart should read by the circuit, with a meter. */
export function expectedChart(solved: Solved, points: readonly ChartPoint[], meter?: MeterLoad): Expected[] {
  return chartNodes(points, solved.compiled).flatMap(({ point, node }): Expected[] => {
    const unloaded = voltsAt(solved.compiled, solved.x, node) ?? 0;
    const range = point.range ?? rangeFor(Math.abs(unloaded));
    const volts = metered(solved, node, meter && meterOhms(meter, range));
    return volts === undefined ? [] : [{ point, node, volts, unloaded }];
  });
}

/** Chart and circuit disagree by more than the chart’s own tolerance, or than that of any chart where it names none. */
export const disagrees = ({ point, volts }: Expected): boolean =>
  Math.abs(volts - point.expected) > Math.max(0.5, (point.tolerance ?? CHART_TOLERANCE) * Math.abs(point.expected));

/** Volts across and watts in each part, plate and screen watts of each tube, V and W. */
export type Load = { part: string; volts: number; watts: number };
export type TubeLoad = {
  tube: string;
  /** A */
  plateAmps: number;
  screenAmps: number;
  /** grid against cathode, and cathode against chassis, V */
  bias: number;
  cathodeVolts: number;
  plateWatts: number;
  screenWatts: number;
  plateLimit?: number;
  screenLimit?: number;
};

/** Dissipation of the parts at an operating point. */
export function loadsOf({ net, compiled, x }: Solved): Load[] {
  const v = (node: string) => voltsAt(compiled, x, node) ?? 0;
  return net.flatMap((element): Load[] => {
    if (element.kind === "resistor" || element.kind === "inductor") {
      const volts = v(element.a) - v(element.b);
      return [{ part: element.name, volts, watts: volts ** 2 / Math.max(LEAST_OHMS, element.ohms) }];
    }
    return element.kind === "capacitor" ? [{ part: element.name, volts: v(element.a) - v(element.b), watts: 0 }] : [];
  });
}

/**
 * What the tubes draw and dissipate, beside the limits of their types.
 * @param conditions how strong each is: what it was solved with
 */
export function tubeLoads(
  { net, compiled, x }: Solved,
  tubes: Sheet["tubes"],
  conditions: Conditions = {},
): TubeLoad[] {
  const v = (node: string) => voltsAt(compiled, x, node) ?? 0;
  return net.flatMap((element): TubeLoad[] => {
    if (element.kind !== "triode" && element.kind !== "pentode") return [];
    const k = v(element.cathode);
    const plate = v(element.plate) - k;
    const grid = v(element.grid) - k;
    const type = tubeType(tubes.find(({ position }) => position === element.name.replace(/[ab]$/, ""))?.type ?? "");
    const limits = {
      ...(type?.limits.plateWatts ? { plateLimit: type.limits.plateWatts } : {}),
      ...(type?.limits.screenWatts ? { screenLimit: type.limits.screenWatts } : {}),
    };
    const { strength } = conditionOf(conditions, element.name);
    const feed = element.kind === "triode" ? plate : v(element.screen) - k;
    const amps = strength * spaceAt(element.model, feed, grid).amps;
    const share = element.kind === "triode" ? 1 : plateTakes(element.model, plate).share;
    const [plateAmps, screenAmps] = [amps * share, amps * (1 - share)];
    return [
      {
        tube: element.name,
        plateAmps,
        screenAmps,
        bias: grid,
        cathodeVolts: k,
        plateWatts: plate * plateAmps,
        screenWatts: feed * screenAmps,
        ...limits,
      },
    ];
  });
}

/**
 * The line at its upper limit, as a factor. Shop rule.
 * @example what stands at 260 V on a line of 230 V stands at 286 V on one of 253 V
 */
const HIGH_LINE = 1.1;

/**
 * The highest volts that each capacitor can see: the line high, the rectifier warm and the tubes still cold, or as it plays.
 * @returns V by part
 */
export function highestVolts(sheet: CircuitSheet): Map<string, number> {
  const line = (sheet.chart?.lineVolts ?? sheet.lineVolts) * HIGH_LINE;
  const found = new Map<string, number>();
  for (const conditions of [undefined, coldTubes(sheet)]) {
    const solved = solveSheet(sheet, { line, ...(conditions ? { conditions } : {}) });
    if (!isSolved(solved)) continue;
    for (const { part, volts } of loadsOf(solved)) found.set(part, Math.max(found.get(part) ?? 0, Math.abs(volts)));
  }
  return found;
}
