"use server";

import { revalidatePath } from "next/cache";
import { cookies } from "next/headers";
import { z } from "zod";
import { MOVE_KINDS, priceListTable, STOCK_TABLE } from "@/core/stock";
import { readRows } from "@/core/tables";
import { database } from "@/db/client";
import { replaceOffers } from "@/db/offers";
import { shopOf } from "@/db/shop";
import { visitByJob } from "@/db/sets";
import { addStockTest, importStock, move, saveStock } from "@/db/stock";
import { logFailure } from "@/server/log";
import { currentPerson, PERSON_COOKIE } from "@/server/person";
import { readStock } from "./typed";

export type Answer = { ok: true; said?: string } | { ok: false; message: string; problems?: Record<string, string> };

const typedSchema = z.record(z.string().max(40), z.string().max(400));
const cellsSchema = z.array(z.array(z.string().max(2000)).max(60)).max(20_001);

async function kept(where: string, save: () => Promise<Answer>): Promise<Answer> {
  try {
    const answer = await save();
    if (answer.ok) revalidatePath("/parts", "layout");
    return answer;
  } catch (error) {
    return {
      ok: false,
      message: `It could not be saved; what you typed is still here. Reference ${logFailure(where, error)}.`,
    };
  }
}

const person = async () => (await currentPerson((await cookies()).get(PERSON_COOKIE)?.value)).person.id;

/** Makes or changes a stock line. */
export async function changeStock(id: unknown, typed: unknown, version: unknown): Promise<Answer> {
  return kept("change stock", async () => {
    const read = readStock(typedSchema.parse(typed), (await shopOf(database())).currency);
    if (!read.ok)
      return { ok: false, message: Object.values(read.problems)[0] ?? "That does not fit.", problems: read.problems };
    const change = { ...read.value, id: z.uuid().parse(id), version: z.number().int().min(0).parse(version) };
    return saveStock(database(), change, await person());
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
    if (number && !visit) return { ok: false, message: `There is no job ${number}.` };
    const change = { partId: z.uuid().parse(partId), kind: wanted, count: z.number().parse(count), visitId: visit?.id };
    return move(database(), change, { by: await person(), note: z.string().max(200).parse(note).trim() });
  });
}

/** A stock list as cells, read again here before anything is kept. */
export async function importList(cells: unknown): Promise<Answer> {
  return kept("import stock", async () => {
    const read = readRows(STOCK_TABLE, cellsSchema.parse(cells), { currency: (await shopOf(database())).currency });
    const rows = read.rows.flatMap(({ row }) => (row ? [row] : []));
    if (read.bad > 0 || rows.length === 0)
      return { ok: false, message: read.trouble ?? "A row does not read: look at the preview again." };
    const done = await importStock(database(), rows, await person());
    return { ok: true, said: `${done.made} lines made, ${done.changed} changed, ${done.counted} counts taken over.` };
  });
}

/** A supplier's price list as cells, in place of the last one. */
export async function importPrices(supplier: unknown, cells: unknown): Promise<Answer> {
  return kept("import prices", async () => {
    const name = z.string().trim().max(60).parse(supplier);
    if (!name) return { ok: false, message: "Say whose price list it is." };
    const { currency } = await shopOf(database());
    const read = readRows(priceListTable(name, currency), cellsSchema.parse(cells), {});
    const rows = read.rows.flatMap(({ row }) => (row ? [row] : []));
    if (read.bad > 0 || rows.length === 0)
      return { ok: false, message: read.trouble ?? "A row does not read: look at the preview again." };
    await replaceOffers(database(), name, rows);
    return { ok: true, said: `${rows.length} articles of ${name} are in.` };
  });
}

const testSchema = z.object({
  id: z.uuid(),
  partId: z.uuid(),
  test: z.string().trim().min(1, "What was measured: gm or emission.").max(40),
  measured: z.number("The measured value is a number.").min(0, "A strength is not below zero."),
  nominal: z.number("The nominal is a number.").positive("The nominal is above zero.").nullable(),
  unit: z.string().trim().max(20),
  setup: z.string().trim().max(200),
});

/** A test of a tube in stock. */
export async function testTube(test: unknown): Promise<Answer> {
  return kept("test tube", async () => {
    const read = testSchema.safeParse(test);
    if (!read.success) return { ok: false, message: read.error.issues[0]?.message ?? "That is no test." };
    await addStockTest(database(), read.data, await person());
    return { ok: true };
  });
}
