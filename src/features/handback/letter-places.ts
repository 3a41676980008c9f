import type { Price } from "@/core/handback";
import { monthsLater } from "@/core/exchange";
import { ofKind, type Settled } from "@/core/kinds";
import type { Language, Places } from "@/core/letters";
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

/** A day as it is written in a language. @param iso its first ten letters are the day */
const dayIn = (language: Language, iso: string): string =>
  iso
    ? new Intl.DateTimeFormat(language === "en" ? "en-GB" : language, { dateStyle: "long", timeZone: "UTC" }).format(
        new Date(`${iso.slice(0, 10)}T12:00:00Z`),
      )
    : "";

/** What a letter in a language can say of a visit, out of its record. */
export function placesFor({ settled, visit, owner, model, shop, price }: From, language: Language): Places {
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
    warranty: gone && warrantyMonths ? dayIn(language, monthsLater(gone.at, warrantyMonths)) : "",
    told: dayIn(language, told?.at ?? gone?.at ?? ""),
    estimate: said ? formatMoney(said.total) : "",
    most: said?.upTo ? formatMoney(said.upTo) : said ? formatMoney(said.total) : "",
    deposit: said?.deposit ? formatMoney(said.deposit) : "",
    due: dayIn(language, nextService ?? ""),
  };
}
