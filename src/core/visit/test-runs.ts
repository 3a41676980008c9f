import { ofKind, type Settled, type Standing } from "../kinds";
import { makeRow, readCell, type Column, type Limit, type Row, type TestSheet } from "../sheets";
import type { Run } from "./sheet-runs";

/** How cells of a sheet are read where a single test does not say it. */
const PLACE = { ohms: 50, dial: "terminated" } as const;
/** What stands in a column of words that a single test says nothing for. */
const SINGLE = "single test";

const plain = (text: string) => text.trim().toLowerCase();
const FIGURE = /\d+(?:[.,]\d+)?\s*[a-zµΩ%]+/gi;

/** The measured column that a test is: by its name or word, else by the name of the sheet and its unit. */
function columnOf(sheet: TestSheet, test: string, text: string): Column | undefined {
  const words = plain(test);
  const reads = (column: Column) => column.quantity !== "text" && readCell(column, text, PLACE).ok;
  const named = sheet.columns.find((column) => [column.name, column.word, column.key].map(plain).includes(words));
  if (named) return reads(named) ? named : undefined;
  return plain(sheet.name).startsWith(words) ? sheet.columns.find(reads) : undefined;
}

/** What the row is: figures of the condition go to the columns that read them, its words to the first column of words. */
function labelOf(sheet: TestSheet, condition: string): Record<string, string> {
  let rest = condition;
  const figures = sheet.rowBy
    .filter(({ quantity }) => quantity !== "text")
    .flatMap((column) => {
      const found = rest.match(FIGURE)?.find((text) => readCell(column, text, PLACE).ok);
      if (found) rest = rest.replace(found, "").replace(/^[\s,;]+|[\s,;]+$/g, "");
      return found ? [[column.key, found] as const] : [];
    });
  const words = sheet.rowBy
    .filter(({ quantity }) => quantity === "text")
    .map((column, n) => [column.key, n === 0 && rest ? rest : SINGLE] as const);
  return Object.fromEntries([...figures, ...words]);
}

/** A single test as a row of a sheet; undefined where it does not belong there. */
function rowOf({ content: { payload } }: Standing<"test-result">, sheet: TestSheet): Row | undefined {
  const { test, condition = "", measured, unit = "", nominal, sense } = payload;
  const text = `${measured.text} ${unit}`.trim();
  const column = columnOf(sheet, test, text);
  if (!column) return undefined;
  const limit = nominal && sense !== "share" ? readCell(column, `${nominal.text} ${unit}`.trim(), PLACE) : undefined;
  const limits: Limit[] =
    limit?.ok && limit.value !== undefined
      ? [
          {
            column: column.key,
            sense: sense === "at-most" ? "at-most" : "at-least",
            text: limit.text,
            value: limit.value,
          },
        ]
      : [];
  const made = makeRow({ ...sheet, limits: [] }, [], { ...labelOf(sheet, condition), [column.key]: text }, limits);
  return made.ok ? made.row : undefined;
}

/**
 * Tests of the whole set that were written down one by one, as runs of a sheet: one for each visit and phase. So what
 * was measured before there were sheets stands in the same table, and beside the runs of today.
 */
export function testRuns(settled: readonly Settled[], sheet: TestSheet): Run[] {
  const runs = new Map<string, Run>();
  for (const item of ofKind(settled, "test-result")) {
    const { entry, at, content } = item;
    if (content.payload.designator) continue;
    const row = rowOf(item, sheet);
    if (!row) continue;
    const { phase } = content.payload;
    const key = `${entry.visitId} ${phase}`;
    const before = runs.get(key);
    runs.set(key, {
      ...(before ?? {
        id: `single ${entry.id}`,
        sheet: row.sheet,
        visitId: entry.visitId,
        phase,
        at,
        given: [],
        preflight: [],
      }),
      rows: [...(before?.rows ?? []), { id: entry.id, at, row }],
    });
  }
  return [...runs.values()];
}
