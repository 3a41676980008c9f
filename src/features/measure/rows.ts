import { readCell, rowsFor, type Row, type TestSheet, type TypedRow } from "@/core/sheets";
import type { Sheet } from "@/core/model";
import type { Run } from "@/core/visit";
import { day } from "@/ui/dates";

/** A line of the grid: proposed, added, or measured. */
export type GridLine = {
  key: string;
  /** texts of what the row is, by column */
  at: TypedRow;
  saved?: Run["rows"][number];
  /** how often it was measured */
  times: number;
};

const PLACE = { ohms: 50, dial: "terminated" } as const;

/** What a row is, so that `400 Hz` and `0.4 kHz` are one. */
export function lineKey(sheet: Pick<TestSheet, "rowBy">, at: TypedRow): string {
  return sheet.rowBy
    .map((column) => {
      const text = at[column.key]?.trim() ?? "";
      const read = text === "" ? undefined : readCell(column, text, PLACE);
      return read?.ok && read.value !== undefined ? read.value.toPrecision(9) : text.toLowerCase();
    })
    .join("|");
}

export const atOf = (row: Pick<Row, "at">): TypedRow => Object.fromEntries(row.at.map(({ key, text }) => [key, text]));

/**
 * The lines of the grid: those that the model or the sheet proposes and those that were added, each with its last
 * measured row; what was measured elsewhere stands behind them in the order of measuring.
 */
export function gridLines(
  sheet: TestSheet,
  model: Pick<Sheet, "figures">,
  run: Run | undefined,
  added: readonly TypedRow[],
  left: readonly string[],
): GridLine[] {
  const lines = new Map<string, GridLine>();
  const put = (at: TypedRow) => {
    const key = lineKey(sheet, at);
    if (key.replaceAll("|", "") !== "" && !lines.has(key)) lines.set(key, { key, at, times: 0 });
    return key;
  };
  for (const texts of rowsFor(model, sheet))
    put(Object.fromEntries(sheet.rowBy.map(({ key }, n) => [key, texts[n] ?? ""])));
  for (const at of added) put(at);
  for (const saved of run?.rows ?? []) {
    const key = put(atOf(saved.row));
    const line = lines.get(key);
    if (!line) continue;
    // Of a row that was measured twice the last one stands here; a void one gives way to any other.
    const keeps = saved.void !== undefined && line.saved !== undefined && line.saved.void === undefined;
    lines.set(key, { ...line, ...(keeps ? {} : { saved }), times: line.times + 1 });
  }
  return [...lines.values()].filter(({ key, saved }) => saved !== undefined || !left.includes(key));
}

/** What stands in the fields of a measured row. */
export const typedOf = (row: Pick<Row, "at" | "cells">): TypedRow =>
  Object.fromEntries([...row.at, ...row.cells].map(({ key, text }) => [key, text]));

/** A run in a list: where and when. */
export const runName = (run: Pick<Run, "phase" | "at">, job: number | undefined): string =>
  `${job === undefined ? "" : `job ${job}, `}${{ baseline: "baseline", prove: "proof" }[run.phase as "prove"] ?? "in between"}, ${day(run.at)}`;
