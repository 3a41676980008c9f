import { and, eq, gte } from "drizzle-orm";
import { againstEstimate, ageOfWork, type AgainstEstimate, type AgeOfWork } from "@/core/across";
import { marginOf, type PartsMargin } from "@/core/invoice";
import { modelName } from "@/core/model";
import type { Db } from "./client";
import { fromAllSets } from "./from-all-sets";
import { invoice } from "./money-schema";
import { boardCards, setsWithStays } from "./summaries";

/** Parts are looked at over so many days. */
export const MARGIN_DAYS = 365;

export type MoneyFigures = { against: AgainstEstimate[]; margin: PartsMargin; age: AgeOfWork[] };

const againstEstimates = fromAllSets(async (db) => againstEstimate(await setsWithStays(db)));

/**
 * Hours against estimate, what was earned on parts, and how old the work in the shop is.
 * @param currency invoices in another one cannot be added up @param now ISO
 */
export async function moneyFigures(db: Db, currency: string, now: string): Promise<MoneyFigures> {
  const against = await againstEstimates(db);
  const since = new Date(Date.parse(now) - MARGIN_DAYS * 86_400_000).toISOString().slice(0, 10);
  const docs = await db
    .select({ doc: invoice.doc })
    .from(invoice)
    .where(and(gte(invoice.issuedOn, since), eq(invoice.currency, currency)));
  const cards = await boardCards(db);
  const open = cards.map(({ job, openedAt, model, left }) => {
    return { job, name: model.nickname ?? modelName(model), openedAt, minutes: left.spent };
  });
  return { against, margin: marginOf(docs.map(({ doc }) => doc)), age: ageOfWork(open, now) };
}
