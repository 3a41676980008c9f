"use server";

import { cookies } from "next/headers";
import { revalidatePath } from "next/cache";
import { z } from "zod";
import { circuitSchema, type Model, type Sheet } from "@/core/model";
import { mergeRows, readTable, rowsOf, SHEET_FIELD, TABLES, tableOf } from "@/core/tables";
import { database } from "@/db/client";
import type { Saved } from "@/db/customers";
import { modelById, revisionAt, saveSheet } from "@/db/models";
import { logFailure } from "@/server/log";
import { currentPerson, PERSON_COOKIE } from "@/server/person";
import { readBasics, withBasics, type TypedBasics } from "./basics";

const seen = z.object({ id: z.uuid(), version: z.number().int().positive() });
const words = z.string().max(2000);

/** Changes a sheet as somebody saw it; refuses when it has changed since. */
async function change(
  where: unknown,
  make: (model: Model) => Sheet | Promise<Sheet | string> | string,
): Promise<Saved> {
  const { id, version } = seen.parse(where);
  try {
    const model = await modelById(database(), id);
    if (!model) return { ok: false, message: "This model is not in the books any more." };
    const sheet = await make(model);
    if (typeof sheet === "string") return { ok: false, message: sheet };
    const { person } = await currentPerson((await cookies()).get(PERSON_COOKIE)?.value);
    const saved = await saveSheet(database(), id, version, sheet, person.id);
    if (saved.ok) revalidatePath("/", "layout");
    return saved;
  } catch (error) {
    return {
      ok: false,
      message: `It could not be saved; what you typed is still here. Reference ${logFailure("change model", error)}.`,
    };
  }
}

const typedBasics = z.object({
  kind: words,
  supply: words,
  lineVolts: words,
  lineHz: words,
  taps: words,
  highestVolts: words,
  supplyRms: words,
  heaterAmps: words,
  watts: words,
  dialect: words,
  chartLine: words,
  chartMeter: words,
  signal: words,
  controls: words,
  chartNote: words,
});

/** Changes what a model is and how its chart was made; the tables of its sheet stay as they are. */
export async function changeBasics(where: unknown, typed: unknown): Promise<Saved> {
  const read = readBasics(typedBasics.parse(typed) as TypedBasics);
  if (!read.ok) return { ok: false, message: Object.values(read.problems)[0] ?? "That does not fit." };
  return change(where, ({ sheet }) => withBasics(sheet, read.value));
}

/** Keeps the stages of a model: its own from then on, whatever its tubes propose. */
export async function changeCircuit(where: unknown, circuit: unknown): Promise<Saved> {
  const read = circuitSchema.safeParse(circuit);
  if (!read.success) return { ok: false, message: read.error.issues[0]?.message ?? "That is no circuit." };
  return change(where, ({ sheet }) => ({ ...sheet, circuit: read.data }));
}

const typedTable = z.object({
  table: z.enum(TABLES),
  /** cells as texts, the titles of the columns first */
  cells: z.array(z.array(words).max(20)).max(2002),
  replace: z.boolean(),
});

/** Saves the rows of a table: all of them, or laid over those that are there. Every cell is read here again. */
export async function changeTable(where: unknown, typed: unknown): Promise<Saved> {
  const parsed = typedTable.safeParse(typed);
  if (!parsed.success) return { ok: false, message: "A table of a sheet holds at most 2000 rows." };
  const { table, cells, replace } = parsed.data;
  return change(where, ({ sheet }) => {
    const [headings = []] = cells;
    const mapping = tableOf(table).columns.map(({ title, key }) => (headings.includes(title) ? key : null));
    const read = readTable(table, cells, { dialect: sheet.dialect }, mapping);
    const wrong = read.rows.find((row) => !row.row);
    if (wrong) return `Row ${wrong.line - 1}: ${wrong.problems[0] ?? "does not read"}`;
    if (read.missing.length > 0) return read.trouble ?? "Columns are missing.";
    const rows = read.rows.flatMap(({ row }) => (row ? [row] : []));
    const merged = mergeRows(table, rowsOf(sheet, table), rows, replace);
    return { ...sheet, [SHEET_FIELD[table]]: merged.rows };
  });
}

/** Brings an earlier version of the sheet back, as a new one. */
export async function bringBack(where: unknown, version: unknown): Promise<Saved> {
  return change(where, async ({ id }) => {
    const sheet = await revisionAt(database(), id, z.number().int().positive().parse(version));
    return sheet ?? "That version is not kept.";
  });
}
