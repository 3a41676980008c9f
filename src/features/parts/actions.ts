"use server";

import { z } from "zod";
import type { ActionName } from "@/core/access";
import { GAS, SHORTS } from "@/core/tubes";
import { MOVE_KINDS, priceListTable, STOCK_TABLE } from "@/core/stock";
import { readRows, type TableRead } from "@/core/tables";
import { database } from "@/db/client";
import { replaceOffers } from "@/db/offers";
import { shopOf } from "@/db/shop";
import { visitByJob } from "@/db/sets";
import { addStockTest, importStock, move, saveStock } from "@/db/stock";
import { action, personId, read, refuse, refuseFields, type Answer } from "@/server/action";
import { tubeTested } from "@/server/orders/book-in";
import { readStock } from "./typed";

const typedSchema = z.record(z.string().max(40), z.string().max(400));
const cellsSchema = z.array(z.array(z.string().max(2000)).max(60)).max(20_001);

const kept = (name: ActionName, save: () => Promise<Answer>) => action(name, save, { shownOn: "/parts" });

/** Makes or changes a stock line. */
export async function changeStock(id: unknown, typed: unknown, version: unknown): Promise<Answer> {
  return kept("change stock", async () => {
    const line = readStock(typedSchema.parse(typed), (await shopOf(database())).currency);
    if (!line.ok) return refuseFields(line.problems);
    const change = { ...line.value, id: z.uuid().parse(id), version: z.number().int().min(0).parse(version) };
    return saveStock(database(), change, personId());
  });
}

/** A move by hand; for reservations the job is named by its number. */
export async function moveStock(
  partId: unknown,
  kind: unknown,
  count: unknown,
  job: unknown,
  note: unknown,
): Promise<Answer> {
  return kept("move stock", async () => {
    const wanted = z.enum(MOVE_KINDS).parse(kind);
    const number = z
      .string()
      .max(12)
      .parse(job)
      .trim()
      .replace(/^#|^JT/i, "");
    const visit = number && /^\d{1,9}$/.test(number) ? await visitByJob(database(), Number(number)) : undefined;
    if (number && !visit) refuse(`There is no job ${number}.`);
    const change = { partId: z.uuid().parse(partId), kind: wanted, count: z.number().parse(count), visitId: visit?.id };
    return move(database(), change, { by: personId(), note: z.string().max(200).parse(note).trim() });
  });
}

/** The rows of a list that reads in full; a list with a bad row was not looked at. */
function goodRows<R>(list: TableRead<R>): R[] {
  const rows = list.rows.flatMap(({ row }) => (row ? [row] : []));
  if (list.bad > 0 || rows.length === 0) refuse(list.trouble ?? "A row cannot be read: look at the preview again.");
  return rows;
}

/** A stock list as cells, read again here before anything is kept. */
export async function importList(cells: unknown): Promise<Answer> {
  return kept("import stock", async () => {
    const { currency } = await shopOf(database());
    const rows = goodRows(readRows(STOCK_TABLE, cellsSchema.parse(cells), { currency }));
    const done = await importStock(database(), rows, personId());
    return { ok: true, said: `${done.made} lines made, ${done.changed} changed, ${done.counted} counts taken over.` };
  });
}

/** A supplier's price list as cells, in place of the last one. */
export async function importPrices(supplier: unknown, cells: unknown): Promise<Answer> {
  return kept("import prices", async () => {
    const name = z.string().trim().max(60).parse(supplier);
    if (!name) refuse("Say whose price list it is.");
    const { currency } = await shopOf(database());
    const rows = goodRows(readRows(priceListTable(name, currency), cellsSchema.parse(cells), {}));
    await replaceOffers(database(), name, rows);
    return { ok: true, said: `${rows.length} articles of ${name} are in.` };
  });
}

const testSchema = z
  .object({
    id: z.uuid(),
    partId: z.uuid(),
    test: z.string().trim().min(1, "What was measured: gm or emission.").max(40),
    shorts: z.enum(SHORTS, "Shorts come first: none, or shorted."),
    between: z.string().trim().max(60),
    gas: z.enum(GAS).nullable(),
    measured: z.number("The measured value is a number.").min(0, "A strength is not below zero.").nullable(),
    nominal: z.number("The nominal is a number.").positive("The nominal is above zero.").nullable(),
    unit: z.string().trim().max(20),
    setup: z.string().trim().max(200),
  })
  .refine(({ shorts, measured, gas }) => shorts === "none" || (measured === null && gas === null), {
    path: ["shorts"],
    message: "A shorted tube is not tested further: it can harm the tester.",
  });

/** A test of a tube in stock. */
export async function testTube(test: unknown): Promise<Answer> {
  return kept("test tube", async () => {
    const tested = read(testSchema, test);
    await addStockTest(database(), tested, personId());
    const said = await tubeTested(database(), tested.partId, personId(), Date.now());
    return { ok: true, ...(said ? { said } : {}) };
  });
}
