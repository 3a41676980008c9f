import { CHASSIS, electrodeNode } from "../model";
import { voltsAt } from "./dc";
import {
  highestVolts,
  isSolved,
  loadsOf,
  railOf,
  solveSheet,
  tubeLoads,
  type Load,
  type Solved,
  type TubeLoad,
} from "./expect";
import { coldTubes, SUPPLY, type CircuitSheet, type SetState } from "./from-sheet";
import { gainsOf, type StageGain } from "./gain";
import { supplyAt } from "./laws/supply";
import { coldCircuit, ohmsAt } from "./ohms";

/** What is asked of a circuit beyond its volts, as plain data. */
export type FactsQuestion = {
  sheet: CircuitSheet;
  line?: number;
  values?: readonly (readonly [string, number])[];
  /** what a tester found of tubes, as shares of their nominal current, by position */
  strengths?: readonly (readonly [string, number])[];
  /** parts of full line at which B+ is wanted */
  fractions?: readonly number[];
};

/** B+ on the way up, V and A. */
export type Rise = {
  fraction: number;
  /** as it plays */
  loaded: number;
  /** while the tubes are cold */
  cold: number;
  /** current out of the rectifier, as it plays */
  amps: number;
};

export type CircuitFacts = {
  loads: Load[];
  /** the most volts across each part: line high, tubes cold */
  highest: [part: string, volts: number][];
  tubes: TubeLoad[];
  gains: StageGain[];
  /** from each electrode and rail to chassis, power off, Ω; with plus and with minus of the meter at it */
  ohms: { node: string; plus: number; minus: number }[];
  /** the rail that B+ is measured at */
  rail?: string;
  rise: Rise[];
};

/** Below this a meter reads its own leads, Ω. */
const LEAST_READ = 0.5;

/** Current that the supply of a solved set gives, A. */
function supplied({ net, compiled, x }: Solved): number {
  const supply = net.find(({ name }) => name === SUPPLY);
  const v = (node: string) => voltsAt(compiled, x, node) ?? 0;
  if (supply?.kind === "supply") return supplyAt(supply.model, v(supply.a) - v(supply.b)).amps;
  const row = compiled.branch.get(SUPPLY);
  return row === undefined ? 0 : Math.abs(x[row] as number);
}

function riseOf(sheet: CircuitSheet, state: SetState, rail: string, fractions: readonly number[]): Rise[] {
  const full = state.line ?? sheet.chart?.lineVolts ?? sheet.lineVolts;
  return fractions.flatMap((fraction): Rise[] => {
    const [playing, unloaded] = [state.conditions, coldTubes(sheet)].map((conditions) =>
      solveSheet(sheet, { ...state, line: full * fraction, ...(conditions ? { conditions } : {}) }),
    );
    if (!playing || !unloaded || !isSolved(playing) || !isSolved(unloaded)) return [];
    const at = ({ compiled, x }: Solved) => Math.abs(voltsAt(compiled, x, rail) ?? 0);
    return [{ fraction, loaded: at(playing), cold: at(unloaded), amps: supplied(playing) }];
  });
}

const byName = (a: string, b: string) => a.localeCompare(b, "en", { numeric: true });

/** Which nodes a cold check is worth a row of. */
const worthOhms = (node: string): boolean =>
  node !== CHASSIS && (electrodeNode(node) !== undefined || /^(b ?\+|reservoir|avc)/i.test(node));

/**
 * What follows from a set’s circuit beside its chart: loads and ratings, ohms with the power off, B+ on the way up.
 * @returns undefined where the model has no net or no operating point was found
 */
export function circuitFacts(question: FactsQuestion): CircuitFacts | undefined {
  const { sheet, line, values, strengths = [], fractions = [] } = question;
  const state: SetState = {
    ...(line === undefined ? {} : { line }),
    ...(values ? { values: new Map(values) } : {}),
    conditions: Object.fromEntries(strengths.map(([tube, strength]) => [tube, { strength, gas: 0 }])),
  };
  const solved = solveSheet(sheet, state);
  if (!solved || !isSolved(solved)) return undefined;
  const rail = railOf(sheet, solved);
  const cold = coldCircuit(sheet, state);
  return {
    loads: loadsOf(solved),
    highest: [...highestVolts(sheet)],
    tubes: tubeLoads(solved, sheet.tubes, state.conditions),
    gains: gainsOf(solved, state.conditions),
    ohms: [...cold.compiled.nodes]
      .filter(worthOhms)
      .sort(byName)
      .flatMap((node) => {
        const read = ohmsAt(cold, node);
        return read && read.plus > LEAST_READ && !Number.isNaN(read.plus) && !Number.isNaN(read.minus)
          ? [{ node, ...read }]
          : [];
      }),
    ...(rail === undefined ? {} : { rail }),
    rise: rail === undefined ? [] : riseOf(sheet, state, rail, fractions),
  };
}
