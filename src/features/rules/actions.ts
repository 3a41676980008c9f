"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { rulesOf, shopRulesSchema } from "@/core/components";
import { closedAt } from "@/core/history";
import { settle } from "@/core/kinds";
import { modelName } from "@/core/model";
import { planDifferences, recapOf } from "@/core/visit";
import { database } from "@/db/client";
import type { Saved } from "@/db/customers";
import { setsPerhapsInShop } from "@/db/sets";
import { partRules, savePartRules } from "@/db/shop";
import { logFailure } from "@/server/log";

export type Effect = { job: number; set: string; lines: { designator: string; text: string }[] };
export type Effects = { ok: true; effects: Effect[] } | { ok: false; message: string };

/** What these rules would change in the plans of the sets that are in the shop. */
export async function effectsOf(rules: unknown): Promise<Effects> {
  const read = shopRulesSchema.safeParse(rules);
  if (!read.success) return { ok: false, message: read.error.issues[0]?.message ?? "That is no rule." };
  const db = database();
  const [files, now] = [await setsPerhapsInShop(db), new Date().toISOString()];
  const before = rulesOf((await partRules(db)).rules);
  const after = rulesOf(read.data);
  const effects = files.flatMap(({ model, entries, visits }): Effect[] => {
    const { settled } = settle(entries);
    const open = visits.filter(({ id }) => !closedAt(settled, id));
    return open.flatMap(({ id, job }): Effect[] => {
      const input = { sheet: model.sheet, year: model.year, settled, visitId: id, now };
      const lines = planDifferences(recapOf({ ...input, rules: before }), recapOf({ ...input, rules: after }));
      return lines.length > 0 ? [{ job, set: modelName(model), lines }] : [];
    });
  });
  return { ok: true, effects };
}

/** Keeps the shop's rules for parts. */
export async function changeRules(rules: unknown, version: unknown): Promise<Saved> {
  const read = shopRulesSchema.safeParse(rules);
  if (!read.success) return { ok: false, message: read.error.issues[0]?.message ?? "That is no rule." };
  try {
    const saved = await savePartRules(database(), read.data, z.number().int().min(0).parse(version));
    if (saved.ok) revalidatePath("/", "layout");
    return saved;
  } catch (error) {
    return {
      ok: false,
      message: `The rules could not be saved; they are still here. Reference ${logFailure("change rules", error)}.`,
    };
  }
}
