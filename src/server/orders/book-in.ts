import { given, outstanding, standsWith } from "@/core/orders";
import { openPoints } from "@/core/history";
import { settle } from "@/core/kinds";
import { stockFieldsSchema } from "@/core/stock";
import type { Db, Tx } from "@/db/client";
import { append, entriesOfSet } from "@/db/entries";
import {
  changeOrder,
  holdOrder,
  orderById,
  ordersOfPart,
  settleState,
  waitsOf,
  writeArrival,
  type LineRow,
  type OrderRow,
  type OrderWait,
} from "@/db/orders";
import { isSetAside, receive, sendBack, setAside } from "@/db/stock-arrivals";
import { v7 } from "uuid";
import { expectParcel } from "./place";

/** What came of a line. */
export type CameIn = {
  /** of the arrival, made by whoever wrote it down: sent twice it counts once */
  id: string;
  lineId: string;
  right: number;
  wrong: number;
  bin: string;
  batch: string;
  madeIn: number | null;
  note: string;
};
type Answer = { ok: true; said?: string } | { ok: false; message: string };

const placesOf = (places: readonly string[]) => places.join(", ");

/** Ends the wait of every set that lacks nothing of an order any more. @returns jobs that can go on */
async function releaseSets(db: Db, order: OrderRow, by: string, now: number): Promise<number[]> {
  const released: number[] = [];
  for (const wait of waitsOf(order)) {
    const { here, lacking } = standsWith(wait.waitId, order.lines);
    if (lacking.length > 0) continue;
    if (await endWait(db, wait, `order ${order.number} is here: ${placesOf(here)}`, by, now)) {
      const job = order.lines.flatMap(({ wants }) => wants).find(({ visit }) => visit === wait.visit)?.job;
      if (job !== undefined) released.push(job);
    }
  }
  return released;
}

/** Writes into a set's logbook that a wait is over, once. */
async function endWait(
  db: Db,
  { visit, setId, waitId }: OrderWait,
  text: string,
  by: string,
  now: number,
): Promise<boolean> {
  const at = new Date(now).toISOString();
  const open = openPoints(settle(await entriesOfSet(db, setId)).settled, at);
  if (!open.some(({ id }) => id === waitId)) return false;
  const payload = { v: 1, text, open: false, closes: [waitId] };
  const draft = { id: v7(), setId, visitId: visit, at, amends: null, kind: "note", payload };
  const written = await append(db, draft, by, now);
  if (!written.ok) throw new Error(written.problems[0]?.message);
  return true;
}

/** What the sets get by what came, beyond what they had. */
function newlyGiven(before: LineRow, after: LineRow): { visit: string; pieces: number }[] {
  const [had, has] = [given(before), given(after)];
  return after.wants.flatMap(({ id, visit }) => {
    const pieces = (has.get(id) ?? 0) - (had.get(id) ?? 0);
    return visit && pieces > 0 ? [{ visit, pieces }] : [];
  });
}

const noteOf = (order: OrderRow) => `order ${order.number}, ${order.supplier}`;

/** Ids for the rows of what came, the given one first: a row by that id says that it was booked in before. */
function idsFrom(first: string): () => string {
  let given: string | undefined = first;
  return () => {
    const id = given ?? v7();
    given = undefined;
    return id;
  };
}

/** Puts the right pieces of a line into the stock, and aside for the sets that wait for them. */
async function putAway(
  tx: Tx,
  order: OrderRow,
  line: LineRow,
  came: CameIn,
  nextId: () => string,
  by: string,
): Promise<void> {
  const fields = stockFieldsSchema.parse({
    kind: line.kind,
    marking: line.marking,
    maker: line.maker,
    supplier: order.supplier,
    partNumber: line.orderNumber,
    bin: came.bin,
    batch: came.batch,
    madeIn: came.madeIn,
    priceMinor: line.priceMinor,
    currency: order.currency,
  });
  const note = noteOf(order);
  if (line.kind === "tube") {
    // One by one: each has a test of its own, and goes into a set once it has stood it.
    for (let index = 0; index < came.right; index += 1) {
      const partId = await receive(tx, { ...fields, reorderAt: null }, 1, { by, note, alone: true });
      await writeArrival(tx, {
        id: nextId(),
        lineId: line.id,
        pieces: 1,
        verdict: "right",
        partId,
        note: came.note,
        by,
      });
    }
    return;
  }
  const partId = await receive(tx, fields, came.right, { by, note, alone: false });
  const row = { id: nextId(), pieces: came.right, verdict: "right" as const };
  await writeArrival(tx, { ...row, lineId: line.id, partId, note: came.note, by });
  const after: LineRow = { ...line, arrivals: [...line.arrivals, { ...row, part: partId, at: "", by, note: "" }] };
  for (const { visit, pieces } of newlyGiven(line, after))
    await setAside(tx, { partId, visitId: visit, pieces, by, note });
}

class Refused extends Error {}

/** Books in what came of an order: into the drawers, aside for sets, and those that lack nothing more go on. */
export async function bookIn(
  db: Db,
  orderId: string,
  came: readonly CameIn[],
  by: string,
  now: number,
): Promise<Answer> {
  try {
    await db.transaction(async (tx) => {
      const order = await holdOrder(tx, orderId);
      if (!order) throw new Refused("This order is not in the list: reload the page.");
      for (const one of came) {
        const line = order.lines.find(({ id }) => id === one.lineId);
        if (!line) throw new Refused("This line is not in the order: reload the page.");
        // Sent twice: it was booked in before.
        if (line.arrivals.some(({ id }) => id === one.id)) continue;
        const left = outstanding(line);
        if (one.right > left)
          throw new Refused(
            `${line.orderNumber}: only ${left} are still to come. Write more than that into the stock with New part.`,
          );
        const nextId = idsFrom(one.id);
        if (one.wrong > 0) {
          const wrong = { id: nextId(), lineId: line.id, pieces: one.wrong, verdict: "wrong" as const, partId: null };
          await writeArrival(tx, { ...wrong, note: one.note, by });
        }
        if (one.right > 0) await putAway(tx, order, line, one, nextId, by);
      }
      await settleState(tx, orderId);
    });
  } catch (error) {
    if (error instanceof Refused) return { ok: false, message: error.message };
    throw error;
  }
  const order = await orderById(db, orderId);
  const released = order ? await releaseSets(db, order, by, now) : [];
  return { ok: true, ...(released.length > 0 ? { said: goesOn(released) } : {}) };
}

const goesOn = (jobs: readonly number[]): string =>
  jobs.length === 1
    ? `Job ${jobs[0]} has all its parts and goes on.`
    : `Jobs ${jobs.join(", ")} have all their parts and go on.`;

/** A tube was tested: one that stood it goes to the set that waits for it. */
export async function tubeTested(db: Db, partId: string, by: string, now: number): Promise<string | undefined> {
  const said: number[] = [];
  for (const order of await ordersOfPart(db, partId)) {
    await db.transaction(async (tx) => {
      const held = await holdOrder(tx, order.id);
      const line = held?.lines.find(({ arrivals }) => arrivals.some(({ part }) => part === partId));
      if (!held || !line || (await isSetAside(tx, partId))) return;
      const before: LineRow = {
        ...line,
        arrivals: line.arrivals.map(({ tested, ...one }) =>
          one.part === partId ? one : { ...one, ...(tested ? { tested } : {}) },
        ),
      };
      for (const { visit, pieces } of newlyGiven(before, line))
        await setAside(tx, { partId, visitId: visit, pieces, by, note: noteOf(held) });
    });
    const now1 = await orderById(db, order.id);
    if (now1) said.push(...(await releaseSets(db, now1, by, now)));
  }
  return said.length > 0 ? goesOn(said) : undefined;
}

/** Sends a tube back that did not stand its test: it is still to come. */
export async function tubeBack(db: Db, partId: string, by: string): Promise<Answer> {
  const [order] = await ordersOfPart(db, partId);
  if (!order) return { ok: false, message: "It came with no order: send it back from its own page." };
  return db.transaction(async (tx): Promise<Answer> => {
    const held = await holdOrder(tx, order.id);
    const line = held?.lines.find(({ arrivals }) => arrivals.some(({ part }) => part === partId));
    if (!held || !line) return { ok: false, message: "It is not in the order any more: reload the page." };
    const sent = await sendBack(tx, partId, { by, note: noteOf(held) });
    if (!sent.ok) return sent;
    await writeArrival(tx, { id: v7(), lineId: line.id, pieces: 1, verdict: "back", partId, note: "", by });
    await settleState(tx, order.id);
    return { ok: true };
  });
}

/** Another day on which it is expected: the plan goes by it at once. */
export async function expectOrder(
  db: Db,
  id: string,
  version: number,
  day: string | null,
  by: string,
  today: string,
): Promise<Answer> {
  if (day !== null && day < today) return { ok: false, message: `It cannot arrive on ${day}: that day is past.` };
  const saved = await changeOrder(db, id, version, { expectedOn: day });
  if (!saved.ok) return saved;
  const order = await orderById(db, id);
  for (const one of order ? waitsOf(order) : []) await expectParcel(db, one, day, by);
  return { ok: true };
}

/** What is still to come does not come: the sets wait for it no longer, and it is to be ordered anew. */
export async function endOrder(db: Db, id: string, version: number, by: string, now: number): Promise<Answer> {
  const saved = await changeOrder(db, id, version, { state: "closed" });
  if (!saved.ok) return saved;
  const order = await orderById(db, id);
  for (const wait of order ? waitsOf(order) : []) {
    const { lacking } = standsWith(wait.waitId, order?.lines ?? []);
    // What was waited for before goes on being waited for.
    if (wait.waitedBefore || lacking.length === 0) continue;
    await endWait(db, wait, `order ${order?.number} ended without ${placesOf(lacking)}`, by, now);
  }
  return { ok: true };
}
