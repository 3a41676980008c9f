import { ofKind, type Settled } from "../kinds";
import type { Phase } from "../readings";
import { SHIPPED, type TestSheet } from "../sheets";
import type { RunInHand } from "../shorthand";
import type { Run } from "./sheet-runs";

/** Curve and sums of a run: of its sheet as it is now; one that is gone has a table alone. */
export const sheetOf = (run: Pick<Run, "sheet">, sheets: readonly TestSheet[] = SHIPPED): TestSheet | undefined =>
  sheets.find(({ key }) => key === run.sheet.key);

/** What a run is drawn with. */
export const drawnBy = (
  run: Pick<Run, "sheet">,
  sheets: readonly TestSheet[] = SHIPPED,
): Pick<TestSheet, "curve" | "sums"> => sheetOf(run, sheets) ?? { sums: [] };

/** The run that a line without a sheet goes on with: the one that was measured last in this step. */
export function runInHand(
  settled: readonly Settled[],
  visitId: string,
  phase: Phase,
  sheets: readonly TestSheet[] = SHIPPED,
): RunInHand | undefined {
  const last = ofKind(settled, "measured-row").findLast(
    ({ entry, content }) => entry.visitId === visitId && content.payload.phase === phase,
  );
  const sheet = last && sheets.find(({ key }) => key === last.content.payload.sheet.key);
  if (!last || !sheet) return undefined;
  const { given, preflight, run } = last.content.payload;
  return { id: run ?? last.entry.id, sheet, given, preflight };
}
