import { rulesOf } from "@/core/components";
import { closedAt } from "@/core/history";
import { ofKind, settle, type Settled } from "@/core/kinds";
import { modelName } from "@/core/model";
import {
  awaitedByHand,
  drawerWants,
  notOnOrder,
  offersFor,
  readLists,
  setWants,
  type Awaited,
  type OrderingSet,
  type SupplierTerms,
  type Want,
} from "@/core/orders";
import type { Offer } from "@/core/stock";
import type { Tx } from "@/db/client";
import { offers } from "@/db/offers";
import { onOrder, ordersIn, suppliers, termsOf, waitsOf } from "@/db/orders";
import { partRules, shopOf } from "@/db/shop";
import { stockItems } from "@/db/stock";
import { reservations } from "@/db/stock-arrivals";
import { setsInShop } from "@/db/summaries";
import { circuitOfModel } from "../in-circuit";

export type WantRow = Want & { offers: Offer[] };
export type ToOrder = { wants: WantRow[]; awaited: Awaited[]; terms: SupplierTerms[]; currency: string };

/** Was an estimate told, and has the owner not said yes since? Work without one is taken as agreed to at the desk. */
function agreedTo(settled: readonly Settled[], visitId: string): boolean {
  const mine = <T extends { entry: { visitId: string } }>(all: readonly T[]) =>
    all.findLast(({ entry }) => entry.visitId === visitId);
  const [told, yes] = [mine(ofKind(settled, "estimate")), mine(ofKind(settled, "approval"))];
  return !told || (yes !== undefined && Date.parse(yes.at) >= Date.parse(told.at));
}

async function orderingSets(db: Tx, now: string): Promise<OrderingSet[]> {
  const [files, aside, { rules }] = [await setsInShop(db), await reservations(db), await partRules(db)];
  return files.flatMap(({ model, entries, visits }) => {
    const { settled } = settle(entries);
    const circuit = circuitOfModel(model);
    return visits
      .filter(({ id }) => !closedAt(settled, id))
      .map(({ id, job }): OrderingSet => {
        const promise = ofKind(settled, "promised").findLast(({ entry }) => entry.visitId === id);
        return {
          job,
          name: model.nickname ?? modelName(model),
          ...(promise ? { promised: promise.content.payload.day } : {}),
          agreed: agreedTo(settled, id),
          input: {
            ...{ sheet: model.sheet, year: model.year, settled, visitId: id, now, rules: rulesOf(rules) },
            ...(circuit ? { circuit } : {}),
          },
          reserved: aside.get(id) ?? new Map<string, number>(),
        };
      });
  });
}

/**
 * Everything that the shop lacks and has not ordered: what the sets need that the stock cannot give, and the drawers that
 * run low; with who has it.
 * @param now ISO
 */
export async function toOrder(db: Tx, now: string): Promise<ToOrder> {
  const [sets, stock, priced, { currency }, open, known] = [
    await orderingSets(db, now),
    await stockItems(db),
    await offers(db),
    await shopOf(db),
    await ordersIn(db, "open"),
    await suppliers(db),
  ];
  const year = new Date(now).getUTCFullYear();
  const lists = readLists(priced.filter((offer) => offer.currency === currency));
  const wants = notOnOrder([...setWants(sets, stock, year), ...drawerWants(stock)], onOrder(open));
  const ordered = new Set(open.flatMap((order) => waitsOf(order).map(({ waitId }) => waitId)));
  return {
    awaited: awaitedByHand(sets, ordered),
    wants: wants.map((want) => ({ ...want, offers: offersFor(want, lists, year) })),
    terms: known.map(termsOf),
    currency,
  };
}
