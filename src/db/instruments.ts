import { and, asc, eq, sql } from "drizzle-orm";
import type { Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { instrument } from "./schema";

export type Instrument = typeof instrument.$inferSelect;

/** The instruments beside the meters; the retired ones behind them. */
export const instruments = (db: Tx): Promise<Instrument[]> =>
  db.select().from(instrument).orderBy(asc(instrument.retired), asc(instrument.kind), asc(instrument.name));

export const instrumentById = async (db: Tx, id: string): Promise<Instrument | undefined> =>
  (await db.select().from(instrument).where(eq(instrument.id, id)))[0];

/** Makes or changes an instrument; version 0 makes it. */
export async function saveInstrument(db: Tx, { id, version, ...fields }: Instrument): Promise<Saved> {
  const [same] = await db
    .select({ id: instrument.id })
    .from(instrument)
    .where(sql`lower(${instrument.name}) = ${fields.name.toLowerCase()} and ${instrument.id} <> ${id}`);
  if (same)
    return {
      ok: false,
      message: `There is an instrument called “${fields.name}” already: give this one another name.`,
    };
  if (version === 0) {
    const made = await db
      .insert(instrument)
      .values({ id, ...fields })
      .onConflictDoNothing()
      .returning({ version: instrument.version });
    return made[0] ? { ok: true, version: made[0].version } : { ok: false, message: STALE };
  }
  const [changed] = await db
    .update(instrument)
    .set({ ...fields, version: sql`${instrument.version} + 1` })
    .where(and(eq(instrument.id, id), eq(instrument.version, version)))
    .returning({ version: instrument.version });
  return changed ? { ok: true, version: changed.version } : { ok: false, message: STALE };
}
