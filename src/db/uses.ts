import { sql } from "drizzle-orm";
import { partsTaken, settle, type Settled } from "@/core/kinds";
import type { Tx } from "./client";
import { entriesOfSet } from "./entries";
import { iso } from "./moment";

/** Pieces of a stock part in a set, by the entry that took them. */
export type Use = {
  partId: string;
  setId: string;
  set: string;
  serial: string;
  job: number;
  /** where they went, as the entry reads now: parts, places, or what they were used for */
  designators: string;
  count: number;
  at: string;
};

/** Where the pieces of a part went by an entry, whatever kind of entry took them. */
function placesOf({ content }: Settled, partId: string): string {
  if (!content) return "";
  const taken = partsTaken(content).filter(({ stock }) => stock?.part === partId);
  return taken.map(({ designator, text }) => designator ?? text).join(", ");
}

/** Every set that pieces of these parts went into and still count for, by the entry that took them. */
export async function usesOf(db: Tx, partIds: readonly string[]): Promise<Use[]> {
  if (partIds.length === 0) return [];
  const rows = await db.execute<{
    part_id: string;
    set_id: string;
    work_id: string;
    set: string;
    serial: string;
    job: number;
    count: number;
    at: string;
  }>(sql`
    select m.part_id, s.id as set_id, e.id as work_id, k.maker || ' ' || k.designation as set, s.serial, v.job,
           (-sum(m.quantity))::int as count, max(e.at) as at
      from stock_move m
      join log_entry e on e.id = m.work_id
      join "set" s on s.id = e.set_id
      join model k on k.id = s.model_id
      join visit v on v.id = e.visit_id
     where m.part_id in ${[...partIds]}
     group by m.part_id, s.id, k.maker, k.designation, s.serial, v.job, e.id
    having sum(m.quantity) < 0
     order by max(e.at) desc`);
  const logs = new Map<string, Settled[]>();
  for (const setId of new Set(rows.map(({ set_id }) => set_id)))
    logs.set(setId, settle(await entriesOfSet(db, setId)).settled);
  return rows.map(({ part_id, set_id, work_id, ...row }): Use => {
    const item = logs.get(set_id)?.find(({ entry }) => entry.id === work_id);
    const { set, serial, job, count, at } = row;
    const designators = item ? placesOf(item, part_id) : "";
    return { partId: part_id, setId: set_id, set, serial, job, count, at: iso(at), designators };
  });
}
