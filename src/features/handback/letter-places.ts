import type { Price } from "@/core/handback";
import { monthsLater } from "@/core/exchange";
import { ofKind, type Settled } from "@/core/kinds";
import type { Places } from "@/core/letters";
import { modelName, type Model } from "@/core/model";
import { formatMoney } from "@/core/quantity";
import { workSummary } from "@/core/visit";

type From = {
  settled: readonly Settled[];
  visit: { id: string; job: number };
  owner: string;
  model: Model;
  shop: { name: string };
  price: Price;
};

/** What a letter can say of a visit, out of its record. */
export function placesFor({ settled, visit, owner, model, shop, price }: From): Places {
  const last = <K extends "hand-back" | "told" | "estimate">(kind: K) =>
    ofKind(settled, kind).findLast(({ entry }) => entry.visitId === visit.id);
  const gone = last("hand-back");
  const told = last("told");
  const said = last("estimate")?.content.payload;
  const { warrantyMonths, summary, instructions, watch, nextService } = gone?.content.payload ?? {};
  return {
    owner,
    set: modelName(model),
    job: String(visit.job),
    shop: shop.name,
    done: summary ?? workSummary(settled, visit.id).done,
    instructions: instructions ?? "",
    watch: watch ?? "",
    price: price.totalMinor > 0 ? formatMoney({ minor: price.totalMinor, currency: price.currency }) : "",
    warranty: gone && warrantyMonths ? monthsLater(gone.at, warrantyMonths) : "",
    told: told?.at.slice(0, 10) ?? gone?.at.slice(0, 10) ?? "",
    estimate: said ? formatMoney(said.total) : "",
    most: said?.upTo ? formatMoney(said.upTo) : said ? formatMoney(said.total) : "",
    deposit: said?.deposit ? formatMoney(said.deposit) : "",
    due: nextService ?? "",
  };
}
