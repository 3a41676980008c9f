"use server";

import { revalidatePath } from "next/cache";
import { v7 } from "uuid";
import { z } from "zod";
import { database } from "@/db/client";
import type { Saved } from "@/db/customers";
import { termsSchema } from "@/core/handback";
import { openShop } from "@/db/first-day";
import { addPerson } from "@/db/people";
import { saveMeter, saveShop, saveTerms } from "@/db/shop";
import { logFailure } from "@/server/log";
import { readMeter, readPerson, readShop } from "./typed";

type Answer = Saved | { ok: false; message: string; problems: Record<string, string> };

const text = z.string().max(400);
const shopSchema = z.object({ name: text, lineVolts: text, lineHz: text, currency: text, lamps: text });
const meterSchema = z.object({ name: text, input: text, calibratedOn: text, everyMonths: text, retired: z.boolean() });
const personSchema = z.object({ name: text, role: text });
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

/** Opens a shop in an empty database. */
export async function beginShop(typed: unknown, who: unknown): Promise<Answer> {
  const [shop, person] = [readShop(shopSchema.parse(typed)), readPerson(personSchema.parse(who))];
  if (!shop.ok) return refused(shop.problems);
  if (!person.ok) return refused(person.problems);
  return kept("open shop", () => openShop(database(), shop.value, { id: v7(), ...person.value }));
}

/** Takes somebody on. */
export async function takeOn(who: unknown): Promise<Answer> {
  const read = readPerson(personSchema.parse(who));
  if (!read.ok) return refused(read.problems);
  return kept("take on", () => addPerson(database(), { id: v7(), ...read.value }));
}
