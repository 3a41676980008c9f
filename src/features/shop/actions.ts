"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { database } from "@/db/client";
import type { Saved } from "@/db/customers";
import { termsSchema } from "@/core/handback";
import { saveMeter, saveShop, saveTerms } from "@/db/shop";
import { logFailure } from "@/server/log";
import { readMeter, readShop } from "./typed";

type Answer = Saved | { ok: false; message: string; problems: Record<string, string> };

const text = z.string().max(400);
const shopSchema = z.object({ name: text, lineVolts: text, lineHz: text, currency: text, lamps: text });
const meterSchema = z.object({ name: text, input: text, calibratedOn: text, everyMonths: text, retired: z.boolean() });
const version = z.number().int().min(0);

async function kept(where: string, save: () => Promise<Saved>): Promise<Saved> {
  try {
    const saved = await save();
    if (saved.ok) revalidatePath("/", "layout");
    return saved;
  } catch (error) {
    return {
      ok: false,
      message: `It could not be saved; what you typed is still here. Reference ${logFailure(where, error)}.`,
    };
  }
}

const refused = (problems: Record<string, string>): Answer => ({
  ok: false,
  message: Object.values(problems)[0] ?? "That does not fit.",
  problems,
});

export async function changeShop(typed: unknown, seen: unknown): Promise<Answer> {
  const read = readShop(shopSchema.parse(typed));
  if (!read.ok) return refused(read.problems);
  return kept("change shop", () => saveShop(database(), { ...read.value, version: version.parse(seen) }));
}

export async function changeMeter(id: unknown, typed: unknown, seen: unknown): Promise<Answer> {
  const read = readMeter(meterSchema.parse(typed));
  if (!read.ok) return refused(read.problems);
  return kept("change meter", () =>
    saveMeter(database(), { ...read.value, id: z.uuid().parse(id), version: version.parse(seen) }),
  );
}

/** What the shop works by: labour, tax, warranty, soak. */
export async function changeTerms(terms: unknown, seen: unknown): Promise<Saved> {
  const read = termsSchema.safeParse(terms);
  if (!read.success) return { ok: false, message: read.error.issues[0]?.message ?? "That is no rule." };
  return kept("change terms", () => saveTerms(database(), read.data, version.parse(seen)));
}
