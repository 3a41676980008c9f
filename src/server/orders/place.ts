import { v7 } from "uuid";
import { inPacks, postageOf, type Want } from "@/core/orders";
import { waitKey } from "@/core/plan";
import type { Db, Tx } from "@/db/client";
import { append } from "@/db/entries";
import { offers } from "@/db/offers";
import { orderById, waitsOf, writeOrder, type NewOrder, type OrderRow, type Written } from "@/db/orders";
import { pinTask } from "@/db/plan";
import { visitById } from "@/db/sets";
import { toOrder } from "./to-order";

/** An order as it is asked for: the articles, and what each is for. */
export type Asked = {
  id: string;
  supplier: string;
  expectedOn: string | null;
  note: string;
  lines: { orderNumber: string; pieces: number; wants: AskedWant[] }[];
};

/** What an article is for: a want of the list, or a place in a set that somebody names. */
export type AskedWant = { key: string; pieces: number; hand?: { visit: string; place: string; wait?: string } };

const nameOf = ({ for: of }: Want): string =>
  of.to === "set" ? `${of.place} of job ${of.job}` : of.to === "bin" ? `Bin ${of.bin}` : "An article";

/** Writes into the sets' logbooks that they wait, and into the plan for which day. Once more changes nothing. */
async function tellSets(db: Db, order: OrderRow, by: string, now: number): Promise<void> {
  for (const { visit, setId, waitId, waitedBefore, places } of waitsOf(order)) {
    if (waitedBefore) {
      await expectParcel(db, { visit, waitId }, order.expectedOn, by);
      continue;
    }
    const text = `${places.join(", ")} from ${order.supplier}, order ${order.number}`;
    const payload = { v: 1, text, open: true, waits: "parts", closes: [] };
    const at = new Date(now).toISOString();
    const draft = { id: waitId, setId, visitId: visit, at, amends: null, kind: "note", payload };
    const written = await append(db, draft, by, now);
    if (!written.ok) throw new Error(written.problems[0]?.message);
    await expectParcel(db, { visit, waitId }, order.expectedOn, by);
  }
}

/** The day on which a set's parcel is expected, in the plan. */
export const expectParcel = (
  db: Db,
  { visit, waitId }: { visit: string; waitId: string },
  day: string | null,
  by: string,
): Promise<void> => pinTask(db, { visitId: visit, task: waitKey({ id: waitId }), personId: null, day, by });

/**
 * What is asked for, as an order: everything in it must still be wanted, and stand in the supplier's list.
 * @returns what is wrong, in words, where something is
 */
async function madeFrom(tx: Tx, asked: Asked, by: string, today: string, now: number): Promise<NewOrder | string> {
  const { supplier, expectedOn, note } = asked;
  const [{ wants, terms, currency }, priced] = [await toOrder(tx, new Date(now).toISOString()), await offers(tx)];
  const known = new Map(priced.filter((one) => one.supplier === supplier).map((one) => [one.orderNumber, one]));
  const wanted = new Map(wants.map((want) => [want.key, want]));
  const waits = new Map<string, string>();
  const lines: NewOrder["lines"] = [];
  for (const { orderNumber, pieces, wants: mine } of asked.lines) {
    const offer = known.get(orderNumber);
    if (!offer || offer.currency !== currency)
      return `The price list of ${supplier} has no ${orderNumber} any more: look at the list again.`;
    const rows: NewOrder["lines"][number]["wants"] = [];
    for (const { key, pieces: count, hand } of mine) {
      if (hand) {
        if ((await visitById(tx, hand.visit)) === undefined)
          return "There is no such job any more: look at the list again.";
        const waitId = hand.wait ?? waits.get(hand.visit) ?? v7();
        if (!hand.wait) waits.set(hand.visit, waitId);
        const waitedBefore = hand.wait !== undefined;
        rows.push({ id: v7(), pieces: count, visitId: hand.visit, place: hand.place, waitId, waitedBefore });
        continue;
      }
      const want = wanted.get(key);
      if (!want || count > want.pieces)
        return `${want ? nameOf(want) : "Something in it"} was ordered by somebody else meanwhile, or is not wanted any more: look at the list again.`;
      const { for: of } = want;
      if (of.to === "bin") rows.push({ id: v7(), pieces: count, partId: of.part });
      else if (of.to === "set") {
        const waitId = waits.get(of.visit) ?? v7();
        waits.set(of.visit, waitId);
        rows.push({ id: v7(), pieces: count, visitId: of.visit, place: of.place, waitId });
      }
    }
    const { kind, marking, maker, priceMinor } = offer;
    const needed = mine.reduce((sum, one) => sum + one.pieces, 0);
    const bought = inPacks(Math.max(pieces, needed), offer.pack);
    lines.push({ id: v7(), orderNumber, kind, marking, maker, priceMinor, pieces: bought, wants: rows });
  }
  const goods = lines.reduce((sum, line) => sum + line.pieces * line.priceMinor, 0);
  const postageMinor = postageOf(
    goods,
    terms.find((one) => one.supplier === supplier),
  );
  return { supplier, currency, postageMinor, orderedOn: today, expectedOn, note, by, lines };
}

/**
 * Writes an order down, and tells the sets that they wait for it.
 * @param today day in the shop @param now milliseconds since 1970
 */
export async function placeOrder(db: Db, asked: Asked, by: string, today: string, now: number): Promise<Written> {
  if (asked.expectedOn !== null && asked.expectedOn < today)
    return { ok: false, message: `It cannot arrive on ${asked.expectedOn}: that day is past.` };
  const written = await writeOrder(db, asked.id, (tx) => madeFrom(tx, asked, by, today, now));
  const order = written.ok ? await orderById(db, asked.id) : undefined;
  if (order) await tellSets(db, order, by, now);
  return written;
}
