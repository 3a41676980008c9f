"use server";

import { z } from "zod";
import { rulesOf, shopRulesSchema, type ShopRules } from "@/core/components";
import { closedAt } from "@/core/history";
import { settle } from "@/core/kinds";
import { modelName } from "@/core/model";
import { planDifferences, recapOf } from "@/core/visit";
import { database } from "@/db/client";

import { partRules, savePartRules } from "@/db/shop";
import { setsInShop } from "@/db/summaries";
import { action, read } from "@/server/action";
import { circuitOfModel } from "@/server/in-circuit";

export type Effect = { job: number; set: string; lines: { designator: string; text: string }[] };

/** What these rules would change in the plans of the sets that are in the shop. */
export async function effectsOf(rules: unknown) {
  return action(
    "effects of rules",
    async () => ({ ok: true as const, effects: await effects(read(shopRulesSchema, rules)) }),
    { failed: "It could not be worked out." },
  );
}

async function effects(rules: ShopRules): Promise<Effect[]> {
  const db = database();
  const [files, now] = [await setsInShop(db), new Date().toISOString()];
  const before = rulesOf((await partRules(db)).rules);
  const after = rulesOf(rules);
  return files.flatMap(({ model, entries, visits }): Effect[] => {
    const { settled } = settle(entries);
    const open = visits.filter(({ id }) => !closedAt(settled, id));
    return open.flatMap(({ id, job }): Effect[] => {
      const circuit = circuitOfModel(model);
      const bench = { sheet: model.sheet, year: model.year, settled, visitId: id, now };
      const input = circuit ? { ...bench, circuit } : bench;
      const lines = planDifferences(recapOf({ ...input, rules: before }), recapOf({ ...input, rules: after }));
      return lines.length > 0 ? [{ job, set: modelName(model), lines }] : [];
    });
  });
}

/** Keeps the shop's rules for parts. */
export async function changeRules(rules: unknown, version: unknown) {
  return action(
    "change rules",
    async () => savePartRules(database(), read(shopRulesSchema, rules), z.number().int().min(0).parse(version)),
    { shownOn: "/" },
  );
}
