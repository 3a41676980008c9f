import { v7 } from "uuid";
import { split } from "@/core/orders";
import { daysLater, workdaysLater } from "@/core/days";
import type { Db } from "@/db/client";
import { saveSupplier, unknownSupplier } from "@/db/orders";
import { placeOrder } from "@/server/orders/place";
import { toOrder } from "@/server/orders/to-order";

/** What the suppliers of the demo ask beside their prices. */
const SUPPLIERS = [
  {
    ...{ name: "Harbour Components", minimumMinor: 1500, postageMinor: 590, freeFromMinor: 8000, deliveryDays: 3 },
    reach: "by their order form",
  },
  {
    ...{ name: "Salt Lane Tubes", minimumMinor: 0, postageMinor: 850, freeFromMinor: 15000, deliveryDays: 6 },
    reach: "by telephone, mornings",
  },
];

/** Drawers that were ordered with it two days ago; the rest is left for the page to show. */
const DRAWERS_ORDERED = 3;

type Lines = Parameters<typeof placeOrder>[1]["lines"];

/** Orders on their way: what a set waits for, and some drawers. The rest is still to be ordered. */
export async function fillOrders(db: Db, by: string, today: Date): Promise<void> {
  for (const one of SUPPLIERS) await saveSupplier(db, { ...unknownSupplier(one.name), ...one });
  const [day, at] = [today.toISOString().slice(0, 10), today.getTime() - 2 * 86_400_000];
  const order = async (supplier: string, workdays: number, lines: Lines) => {
    const asked = { id: v7(), supplier, expectedOn: workdaysLater(day, workdays), note: "", lines };
    const placed = await placeOrder(db, asked, by, daysLater(day, -2), at);
    if (!placed.ok) throw new Error(placed.message);
  };
  const { wants, awaited, terms } = await toOrder(db, today.toISOString());
  const fjord = awaited.find(({ job }) => job === 1190);
  if (!fjord) throw new Error("job 1190 waits for no parts");
  const hand = { visit: fjord.visit, place: "V2", wait: fjord.wait };
  const tube = { key: "hand:V2", pieces: 1, hand };
  await order("Salt Lane Tubes", 3, [{ orderNumber: "T-1013", pieces: 1, wants: [tube] }]);
  const mine = wants.filter(({ for: of }) => of.to === "bin").slice(0, DRAWERS_ORDERED);
  for (const { supplier, lines } of split(mine, terms).baskets)
    await order(
      supplier,
      1,
      lines.map(({ offer, pieces, wants: keys }) => ({
        orderNumber: offer.orderNumber,
        pieces,
        wants: keys.map((key) => ({ key, pieces: mine.find((one) => one.key === key)?.pieces ?? 1 })),
      })),
    );
}
