import { candidatesOf } from "./candidates";
import { compile, type Compiled } from "./compile";
import { solverOf, type Change, type Solver } from "./dc";
import { coldTubes, netOfSheet, SUPPLY, type CircuitSheet, type SetState } from "./from-sheet";
import { GROUND } from "./net";

/** An ohmmeter sends so little that a junction of silicon notices nothing, A. */
const TEST_AMPS = 1e-6;

/** A set with the power off, the capacitors discharged and the tubes cold: only what passes direct current is there. */
export type Cold = { compiled: Compiled; solver: Solver };
export function coldCircuit(sheet: CircuitSheet, state: SetState = {}): Cold {
  const { net } = netOfSheet({ ...sheet, net: (sheet.net ?? []).filter(({ part }) => part !== SUPPLY) }, state);
  const compiled = compile(
    [...net, { kind: "amps", name: "ohmmeter", a: GROUND, b: GROUND, amps: 0 }],
    coldTubes(sheet),
  );
  return { compiled, solver: solverOf(compiled) };
}

/**
 * Ohms that belong between a node and another one, plus at the node and minus at it: where a junction is on the way, one of
 * them is lower.
 * @returns Ω; Infinity where nothing passes; undefined where the node is not in the net
 */
export function ohmsAt(
  { compiled, solver }: Cold,
  node: string,
  other = GROUND,
  change: Change = {},
): { plus: number; minus: number } | undefined {
  const [a, b] = [compiled.index.get(node), compiled.index.get(other) ?? -1];
  if (a === undefined || (b < 0 && other !== GROUND)) return undefined;
  const read = (amps: number): number => {
    const solution = solver.solve({ ...change, inject: [{ from: b, to: a, amps }] });
    if (!solution.ok) return Number.NaN;
    const v = (at: number) => (at < 0 ? 0 : (solution.x[at] as number));
    const ohms = (v(a) - v(b)) / amps;
    return ohms > NOTHING_PASSES ? Number.POSITIVE_INFINITY : ohms;
  };
  return { plus: read(TEST_AMPS), minus: read(-TEST_AMPS) };
}
/** More than any meter reads, Ω. */
const NOTHING_PASSES = 2e9;

/**
 * Ohms differ by so much that a meter tells them apart in spite of the parts’ tolerances. Shop rule.
 * @example 470 kΩ and 340 kΩ are told apart, 470 kΩ and 400 kΩ are not
 */
const TELLS = 1.33;

export type OhmsCheck = { node: string; says: { key: string; ohms: number }[] };

/** The node whose ohms to chassis, power off, best tell some causes apart; undefined where none does. */
export function nextOhms(
  sheet: CircuitSheet,
  state: SetState,
  causes: readonly { key: string; severity?: number }[],
): OhmsCheck | undefined {
  if (causes.length < 2) return undefined;
  const cold = coldCircuit(sheet, state);
  const candidates = candidatesOf(cold.compiled, sheet.components);
  const changes = causes.flatMap(({ key, severity }) => {
    const candidate = candidates.find((one) => one.key === key);
    return candidate ? [{ key, change: candidate.change(severity ?? candidate.from) }] : [];
  });
  if (changes.length < causes.length) return undefined;
  let best: (OhmsCheck & { apart: number }) | undefined;
  for (const node of cold.compiled.nodes) {
    const says = changes.flatMap(({ key, change }) => {
      const ohms = ohmsAt(cold, node, GROUND, change)?.plus;
      return ohms === undefined || Number.isNaN(ohms) ? [] : [{ key, ohms: Math.min(ohms, NOTHING_PASSES) }];
    });
    if (says.length < changes.length) continue;
    const logs = says.map(({ ohms }) => Math.log(Math.max(1, ohms)));
    // The first cause against the nearest of the others.
    const apart = Math.min(...logs.slice(1).map((one) => Math.abs(one - (logs[0] ?? 0))));
    if (apart > Math.log(TELLS) && apart > (best?.apart ?? 0)) best = { node, says, apart };
  }
  return best && { node: best.node, says: best.says };
}
