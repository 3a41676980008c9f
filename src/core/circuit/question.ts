import type { MeterLoad } from "../model";
import { meterOhms, rangeFor } from "../readings";
import {
  disagrees,
  expectedChart,
  highestVolts,
  isSolved,
  loadsOf,
  solveSheet,
  tubeLoads,
  type Load,
  type Solved,
  type TubeLoad,
} from "./expect";
import { explainer, type Explanation, type NodeReading } from "./explain";
import type { CircuitSheet, NetRemark, SetState } from "./from-sheet";
import { gainsOf, type StageGain } from "./gain";
import { nextOhms, type OhmsCheck } from "./ohms";

/** A question about a set’s circuit, as plain data: it goes to a worker and comes back answered. */
export type CircuitQuestion = {
  sheet: CircuitSheet;
  line?: number;
  /** values that are fitted or were measured, by designator */
  values: readonly (readonly [string, number])[];
  readings: readonly NodeReading[];
  /** what reads the chart’s points; without one the chart’s own */
  meter?: MeterLoad;
  /** the highest volts across each part are wanted too: it is solved for a high line and for cold tubes */
  ratings?: boolean;
  /** where chart and circuit disagree: which part, if it were another, would reconcile them? */
  reconcile?: boolean;
};

export type Cause = Omit<Explanation, "x">;

export type CircuitAnswer =
  | { ok: false; why: string }
  | {
      ok: true;
      remarks: NetRemark[];
      /** points of the chart by the circuit, V */
      points: { point: string; node: string; chart: number; volts: number; unloaded: number; disagrees: boolean }[];
      /** volts of every node, V */
      nodes: { node: string; volts: number }[];
      /** what each tube dissipates, beside its limits, W */
      tubes: TubeLoad[];
      /** of the resistance-coupled stages */
      gains: StageGain[];
      /** volts across and watts in each part */
      loads: Load[];
      /** the highest volts that each part can see, V; only where they were asked for */
      highest?: [part: string, volts: number][];
      /** what would make the circuit read as the chart does; only where it was asked for and they disagree */
      reconciles?: Cause;
      /** only where readings were given */
      explained?: {
        causes: Cause[];
        nothing: number;
        twins: string[];
        strange: string[];
        /** of every cause: how many times likelier these readings are with it than with nothing wrong */
        times: [key: string, times: number][];
        next?: { node: string; bits: number; says: { key: string; volts: number }[] };
        /** with the power off, where volts do not tell them apart */
        ohms?: OhmsCheck;
      };
    };

/** Less sure than this is not worth a sentence. Shop's rule. @example of three parts that would do, none is named */
const WORTH_SAYING = 0.4;

/** The part that, if it were another, would make the circuit read as the chart does. */
function reconciling(solved: Solved, sheet: CircuitSheet, meter: MeterLoad | undefined): Cause | undefined {
  const points = expectedChart(solved, sheet.points, meter);
  if (!points.some(disagrees)) return undefined;
  const readings = points.map(({ point, node, unloaded }): NodeReading => {
    const ohms = meter && meterOhms(meter, point.range ?? rangeFor(Math.abs(unloaded)));
    return { id: point.point, node, volts: point.expected, ...(ohms ? { meterOhms: ohms } : {}) };
  });
  const [first] = explainer(solved, sheet.components)(readings).causes;
  if (!first || first.probability < WORTH_SAYING) return undefined;
  const { x: _, ...cause } = first;
  return cause;
}

/** Causes that a check by ohms is sought for: those that together have nearly all of it. */
const OF_INTEREST = 3;

/** Solves a set’s circuit and explains its readings. */
export function answerCircuit({
  sheet,
  line,
  values,
  readings,
  meter,
  ratings,
  reconcile,
}: CircuitQuestion): CircuitAnswer {
  const state: SetState = { ...(line === undefined ? {} : { line }), values: new Map(values) };
  const solved = solveSheet(sheet, state);
  if (solved === undefined) return { ok: false, why: "This model has no net yet: how its parts are joined." };
  if (!isSolved(solved))
    return {
      ok: false,
      why:
        solved.why === "singular"
          ? solved.node === undefined
            ? "Two sources lie across each other: look at the rows of the supply and of the wires at it."
            : `Nothing determines ${solved.node}: look at the rows that name it.`
          : `No operating point was found: ${solved.node ?? "a source"} does not settle. Look at the rows that name it.`,
    };
  const points = expectedChart(solved, sheet.points, meter ?? sheet.chart?.meter).map((one) => ({
    point: one.point.point,
    node: one.node,
    chart: one.point.expected,
    volts: one.volts,
    unloaded: one.unloaded,
    disagrees: disagrees(one),
  }));
  const nodes = solved.compiled.nodes.map((node, at) => ({ node, volts: solved.x[at] as number }));
  const tubes = tubeLoads(solved, sheet.tubes);
  const cause = reconcile ? reconciling(solved, sheet, meter ?? sheet.chart?.meter) : undefined;
  const base = {
    ok: true,
    remarks: solved.remarks,
    points,
    nodes,
    tubes,
    gains: gainsOf(solved),
    loads: loadsOf(solved),
    ...(cause ? { reconciles: cause } : {}),
    ...(ratings ? { highest: [...highestVolts(sheet)] } : {}),
  } as const;
  if (readings.length === 0) return base;
  const { causes, next, ...rest } = explainer(solved, sheet.components)(readings);
  const leaders = causes
    .filter(({ probability, also }) => probability > 0.03 && !also)
    .slice(0, OF_INTEREST)
    .map(({ key, severity }) => ({ key, ...(severity === undefined ? {} : { severity }) }));
  const ohms = nextOhms(sheet, state, leaders);
  return {
    ...base,
    explained: {
      ...rest,
      causes: causes.map(({ x: _, ...cause }) => cause),
      ...(next ? { next } : {}),
      ...(ohms ? { ohms } : {}),
    },
  };
}
