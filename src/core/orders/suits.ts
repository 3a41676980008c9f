import { asItem, choose, readStock, type PlanNeed, type Shelves } from "../components";
import { printMarking, type Offer } from "../stock";
import { tubeType } from "../tubes";
import type { Want } from "./wants";

/** A supplier's list, read once for many wants. */
export type ReadList = { supplier: string; offers: readonly Offer[]; shelves: Shelves };

/** Price lists, supplier by supplier. */
export function readLists(offers: readonly Offer[]): ReadList[] {
  const bySupplier = new Map<string, Offer[]>();
  for (const offer of offers) bySupplier.set(offer.supplier, [...(bySupplier.get(offer.supplier) ?? []), offer]);
  return [...bySupplier].map(([supplier, list]) => ({ supplier, offers: list, shelves: readStock(list.map(asItem)) }));
}

const isNeed = (ask: Want["ask"]): ask is PlanNeed => "window" in ask;

/** Is it the same thing by its name? Tubes go by type: a 6V6 is a 6V6GT where the table says so. */
function sameName(ask: { kind: string; marking: string }, offer: Offer): boolean {
  if (offer.kind !== ask.kind) return false;
  if (ask.kind !== "tube") return printMarking(offer).toLowerCase() === ask.marking.toLowerCase();
  const [wanted, offered] = [tubeType(ask.marking), tubeType(offer.marking)];
  return wanted && offered
    ? wanted === offered
    : offer.marking.trim().toLowerCase() === ask.marking.trim().toLowerCase();
}

/**
 * What each supplier has for a want: at most one article of each, the one that suits it best.
 * @param year now, for the age of electrolytics
 */
export function offersFor({ ask }: Want, lists: readonly ReadList[], year: number): Offer[] {
  return lists.flatMap(({ offers, shelves }): Offer[] => {
    if (!isNeed(ask)) {
      const [cheapest] = offers.filter((offer) => sameName(ask, offer)).sort((a, b) => a.priceMinor - b.priceMinor);
      return cheapest ? [cheapest] : [];
    }
    const best = choose(ask, shelves, year).find(({ items }) => items.length === 1)?.items[0];
    const offer = best ? offers[Number(best.id)] : undefined;
    return offer ? [offer] : [];
  });
}
