import { partsCost, type PartsCost, type ShopRules, rulesOf } from "@/core/components";
import { soldFor } from "@/core/handback";
import { settle } from "@/core/kinds";
import { leftOf, type Left, type Times } from "@/core/plan";
import { recapOf, runSheet } from "@/core/visit";
import type { Db } from "@/db/client";
import { offers } from "@/db/offers";
import { shopPast } from "@/db/plan";
import { setFile, visitById } from "@/db/sets";
import { partRules, shopOf, shopTerms } from "@/db/shop";
import { stockItems } from "@/db/stock";
import { circuitOfModel } from "./in-circuit";

/** What an estimate is made from: what is left to do, how long that takes here, what the parts are sold for. */
export type ForecastFacts = { left: Left; times: Times[keyof Times]; parts: PartsCost };

const rulesFor = (rules: ShopRules) => rulesOf(rules);

/** What an estimate of a visit is made from. @param now ISO */
export async function forecastFacts(db: Db, visitId: string, now: string): Promise<ForecastFacts | undefined> {
  const visit = await visitById(db, visitId);
  const file = visit ? await setFile(db, visit.setId) : undefined;
  if (!file) return undefined;
  const [stock, priced, { rules }, { currency }, { terms }, { times }] = [
    await stockItems(db, visitId),
    await offers(db),
    await partRules(db),
    await shopOf(db),
    await shopTerms(db),
    await shopPast(db),
  ];
  const { settled } = settle(file.entries);
  const { sheet, year } = file.model;
  const circuit = circuitOfModel(file.model);
  const input = { sheet, year, settled, visitId, now, rules: rulesFor(rules), stock, ...(circuit ? { circuit } : {}) };
  const needs = recapOf(input)
    .filter(({ action }) => action === "replace" || action === "restuff")
    .flatMap((line) => line.needs);
  const cost = partsCost(needs, stock, priced, { year: new Date(now).getUTCFullYear(), currency });
  const left = leftOf(input, runSheet(input));
  return {
    left,
    times: times[left.setClass],
    parts: { ...cost, minor: soldFor(cost.minor, terms) },
  };
}
