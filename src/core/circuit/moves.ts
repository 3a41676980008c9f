import { candidatesOf, type Candidate } from "./candidates";
import { isSolved, railOf, solveSheet, type Solved } from "./expect";
import type { CircuitSheet } from "./from-sheet";

/** How the volts of a node move: beyond the chart’s tolerance up or down, or gone. */
export type NodeMove = "high" | "low" | "none";
/** What each fault of a net does to its nodes: how often each way, over all its severities. */
export type Moves = {
  /** by the name of the fault and of the node */
  moves: Record<string, Record<string, [NodeMove, number][]>>;
  nodes: readonly string[];
  /** the node at which B+ is measured */
  rail?: string;
};

/** Severities that are looked at, evenly in their logarithm. */
const SEVERITIES = 5;
/**
 * How far volts move before a chart calls them out, as a fraction. Shop's rule, as the tolerance of charts.
 * @example a plate of 100 V that reads 79 V is low
 */
const OUT = 0.2;
/** What is left of volts that are gone, as a fraction. Shop's rule. @example 100 V that read 4 V are gone */
const GONE = 0.06;
/** Below this no meter and no chart tells, V. Shop's rule. @example a grid that goes from 0 to 0.3 V is not noticed */
const NOTICED = 0.5;

/** How volts have moved, as a chart calls it; undefined where they have not. V */
export function moveOf(before: number, after: number): NodeMove | undefined {
  const [was, is] = [Math.abs(before), Math.abs(after)];
  if (Math.abs(after - before) < Math.max(NOTICED, OUT * was)) return undefined;
  if (was > NOTICED && is < GONE * was) return "none";
  // A grid that stands at nothing goes up when it turns positive, whatever its sign before.
  if (was <= NOTICED) return after > before ? "high" : "low";
  return is > was ? "high" : "low";
}

function severitiesOf({ from, to }: Candidate): number[] {
  if (from === to) return [from];
  return Array.from({ length: SEVERITIES }, (_, k) => from * (to / from) ** (k / (SEVERITIES - 1)));
}

function movesOfCandidate({ compiled, solver, x }: Solved, candidate: Candidate): Moves["moves"][string] {
  const found: Record<string, [NodeMove, number][]> = {};
  const severities = severitiesOf(candidate);
  let start = x;
  for (const severity of severities) {
    const solution = solver.solve(candidate.change(severity), start);
    if (!solution.ok) continue;
    start = solution.x;
    compiled.nodes.forEach((node, at) => {
      const move = moveOf(x[at] as number, start[at] as number);
      if (!move) return;
      const list = (found[node] ??= []);
      const known = list.find(([one]) => one === move);
      if (known) known[1] += 1 / severities.length;
      else list.push([move, 1 / severities.length]);
    });
  }
  return found;
}

/**
 * What each fault of a set does to the volts of its nodes, by its own circuit.
 * @returns undefined where the sheet has no net or no operating point was found
 */
export function netMoves(sheet: CircuitSheet): Moves | undefined {
  const solved = solveSheet(sheet);
  if (!solved || !isSolved(solved)) return undefined;
  const rail = railOf(sheet, solved);
  return {
    moves: Object.fromEntries(
      candidatesOf(solved.compiled, sheet.components).map((candidate) => [
        candidate.key,
        movesOfCandidate(solved, candidate),
      ]),
    ),
    nodes: solved.compiled.nodes,
    ...(rail === undefined ? {} : { rail }),
  };
}
