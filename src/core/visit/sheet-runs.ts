import { ofKind, type Settled } from "../kinds";
import type { Phase } from "../readings";
import { labelOf, rowVerdict, showRow, type Cell, type RunRow } from "../sheets";
import type { RunInHand } from "../shorthand";
import { outcomeOf, type Outcome } from "./compare";
import { markOf } from "./since";

/** A run of a test sheet: one filling of it, row by row, with one set-up. */
export type Run = {
  /** the entry of its first row */
  id: string;
  sheet: { key: string; version: number; name: string };
  visitId: string;
  phase: Phase;
  /** when its first row was measured */
  at: string;
  rows: (RunRow & { at: string })[];
  /** set-up of its last row */
  given: Cell[];
  preflight: RunInHand["preflight"];
};

/** All runs of a log, in the order of their first rows. */
export function sheetRuns(settled: readonly Settled[]): Run[] {
  const runs = new Map<string, Run>();
  for (const { entry, at, content } of ofKind(settled, "measured-row")) {
    const { payload } = content;
    const id = payload.run ?? entry.id;
    const { sheet, given, preflight, phase, void: reason } = payload;
    const row = { id: entry.id, at, row: payload, ...(reason === undefined ? {} : { void: reason }) };
    const before = runs.get(id);
    runs.set(id, {
      ...(before ?? { id, visitId: entry.visitId, at }),
      ...{ sheet, given, preflight, phase: before?.phase ?? phase },
      rows: [...(before?.rows ?? []), row],
    });
  }
  return [...runs.values()];
}

/** Phases before and after the work. */
const BEFORE: readonly Phase[] = ["baseline", "check"];

/** Runs of one sheet in a visit: the first of the baseline, and the last that was made to prove. */
export function runPair(runs: readonly Run[], visitId: string, key: string): { before?: Run; after?: Run } {
  const mine = runs.filter((run) => run.visitId === visitId && run.sheet.key === key);
  const before = mine.find(({ phase }) => phase === "baseline") ?? mine.find(({ phase }) => BEFORE.includes(phase));
  const after = mine.findLast(({ phase }) => phase === "prove");
  return { ...(before ? { before } : {}), ...(after ? { after } : {}) };
}

/** A row of a sheet before and after, as far as the run sheet asks. */
export type SheetRow = { name: string; before?: string; after?: string; outcome: Outcome; mark?: string };

/**
 * What was measured by sheets before the work and after it, row by row. Rows that are void count in neither; of a row
 * that was measured twice the last one counts.
 */
export function sheetRows(settled: readonly Settled[], visitId: string): SheetRow[] {
  const runs = sheetRuns(settled);
  const changedSince = markOf(settled, visitId);
  const keys = new Set(runs.filter((run) => run.visitId === visitId).map(({ sheet }) => sheet.key));
  const rowsOf = (run: Run | undefined) =>
    new Map(
      (run?.rows ?? [])
        .filter((row) => row.void === undefined)
        .map((row) => [labelOf(row.row).toLowerCase(), { ...row, verdict: rowVerdict(showRow(row.row)) }]),
    );
  return [...keys].flatMap((key) => {
    const pair = runPair(runs, visitId, key);
    const [before, after] = [rowsOf(pair.before), rowsOf(pair.after)];
    const name = (pair.after ?? pair.before)?.sheet.name ?? key;
    return [...new Set([...before.keys(), ...after.keys()])].map((label): SheetRow => {
      const [a, b] = [before.get(label), after.get(label)];
      const side = (one: typeof a) =>
        one && { verdict: one.verdict === "bad" ? ("out" as const) : one.verdict, closeness: 0 };
      const mark = b ? changedSince(b) : undefined;
      const row = (b ?? a)?.row;
      return {
        name: `${name} ${row ? labelOf(row) : label}`,
        ...(a ? { before: a.id } : {}),
        ...(b ? { after: b.id } : {}),
        outcome: outcomeOf(side(a), side(b)),
        ...(mark ? { mark } : {}),
      };
    });
  });
}
