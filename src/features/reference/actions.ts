"use server";

import { z } from "zod";
import { circuitSchema, type Model, type Sheet } from "@/core/model";
import { mergeRows, readTable, rowsOf, SHEET_FIELD, TABLES, tableOf } from "@/core/tables";
import { database } from "@/db/client";
import { modelById, revisionAt, saveSheet } from "@/db/models";
import { action, personId, read, refuse, refuseFields } from "@/server/action";
import { readBasics, withBasics, type TypedBasics } from "./typed-basics";

const seen = z.object({ id: z.uuid(), version: z.number().int().positive() });
const words = z.string().max(2000);

/** Changes a sheet as somebody saw it; refuses when it has changed since. */
const change = (where: unknown, make: (model: Model) => Sheet | Promise<Sheet>) =>
  action(
    "change model",
    async () => {
      const { id, version } = seen.parse(where);
      const model = (await modelById(database(), id)) ?? refuse("This model is not in the books any more.");
      return saveSheet(database(), id, version, await make(model), personId());
    },
    { shownOn: "/" },
  );

const typedBasics = z.object({
  kind: words,
  supply: words,
  lineVolts: words,
  lineHz: words,
  taps: words,
  highestVolts: words,
  supplyRms: words,
  rectifier: words,
  heaterAmps: words,
  heaterRails: words,
  watts: words,
  dialect: words,
  chartLine: words,
  chartMeter: words,
  signal: words,
  controls: words,
  chartNote: words,
});

/** Changes what a model is and how its chart was made; the tables of its sheet stay as they are. */
export async function changeBasics(where: unknown, typed: unknown) {
  return change(where, ({ sheet }) => {
    const basics = readBasics(typedBasics.parse(typed) as TypedBasics);
    return basics.ok ? withBasics(sheet, basics.value) : refuseFields(basics.problems);
  });
}

/** Keeps the stages of a model: its own from then on, whatever its tubes propose. */
export async function changeCircuit(where: unknown, circuit: unknown) {
  return change(where, ({ sheet }) => ({ ...sheet, circuit: read(circuitSchema, circuit) }));
}

const typedTable = z.object({
  table: z.enum(TABLES),
  /** cells as texts, the titles of the columns first */
  cells: z.array(z.array(words).max(20)).max(2002, "A table of a sheet holds at most 2000 rows."),
  replace: z.boolean(),
});

/** Saves the rows of a table: all of them, or laid over those that are there. Every cell is read here again. */
export async function changeTable(where: unknown, typed: unknown) {
  return change(where, ({ sheet }) => {
    const { table, cells, replace } = read(typedTable, typed);
    const [headings = []] = cells;
    const mapping = tableOf(table).columns.map(({ title, key }) => (headings.includes(title) ? key : null));
    const rows = readTable(table, cells, { dialect: sheet.dialect }, mapping);
    const wrong = rows.rows.find((row) => !row.row);
    if (wrong) refuse(`Row ${wrong.line - 1}: ${wrong.problems[0] ?? "does not read"}`);
    if (rows.missing.length > 0) refuse(rows.trouble ?? "Columns are missing.");
    const good = rows.rows.flatMap(({ row }) => (row ? [row] : []));
    const merged = mergeRows(table, rowsOf(sheet, table), good, replace);
    return { ...sheet, [SHEET_FIELD[table]]: merged.rows };
  });
}

/** Brings an earlier version of the sheet back, as a new one. */
export async function bringBack(where: unknown, version: unknown) {
  return change(where, async ({ id }) => {
    const sheet = await revisionAt(database(), id, z.number().int().positive().parse(version));
    return sheet ?? refuse("That version is not kept.");
  });
}
