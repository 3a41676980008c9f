import { and, eq, isNotNull, isNull, lt, sql } from "drizzle-orm";
import { secondFactor } from "./access-schema";
import type { Tx } from "./client";
import { shop } from "./schema";

export type Factor = {
  /** the sealed secret of the phone's codes */
  secret: string;
  /** since when a code is asked for; null while it is being set up */
  since: Date | null;
  /** spare codes that are left */
  spare: number;
};

export async function factorOf(db: Tx, personId: string): Promise<Factor | undefined> {
  const [row] = await db.select().from(secondFactor).where(eq(secondFactor.personId, personId));
  return row ? { secret: row.secret, since: row.since, spare: row.spare.length } : undefined;
}

/** Begins to set one up. One that is on stays as it is. @returns was it begun? */
export const beginFactor = async (db: Tx, personId: string, secret: string): Promise<boolean> =>
  (
    await db
      .insert(secondFactor)
      .values({ personId, secret })
      .onConflictDoUpdate({ target: secondFactor.personId, set: { secret }, setWhere: isNull(secondFactor.since) })
      .returning({ personId: secondFactor.personId })
  ).length > 0;

/** It is on from now. @param step of the code that showed that the phone has it @param spare hashes of spare codes */
export const turnFactorOn = async (db: Tx, personId: string, step: number, spare: string[]): Promise<boolean> =>
  (
    await db
      .update(secondFactor)
      .set({ since: new Date(), lastStep: step, spare })
      .where(and(eq(secondFactor.personId, personId), isNull(secondFactor.since)))
      .returning({ personId: secondFactor.personId })
  ).length > 0;

/** Uses a code up: neither it nor an earlier one is taken again. @returns was it the first time? */
export const spendStep = async (db: Tx, personId: string, step: number): Promise<boolean> =>
  (
    await db
      .update(secondFactor)
      .set({ lastStep: step })
      .where(and(eq(secondFactor.personId, personId), lt(secondFactor.lastStep, step)))
      .returning({ personId: secondFactor.personId })
  ).length > 0;

/** Uses a spare code up. @returns was it there? */
export const spendSpare = async (db: Tx, personId: string, hash: string): Promise<boolean> =>
  (
    await db
      .update(secondFactor)
      .set({ spare: sql`array_remove(${secondFactor.spare}, ${hash})` })
      .where(and(eq(secondFactor.personId, personId), sql`${hash} = any(${secondFactor.spare})`))
      .returning({ personId: secondFactor.personId })
  ).length > 0;

export const dropFactor = async (db: Tx, personId: string): Promise<void> =>
  void (await db.delete(secondFactor).where(eq(secondFactor.personId, personId)));

/** Is somebody without a code in a shop that asks for one? */
export async function lacksCode(db: Tx, personId: string): Promise<boolean> {
  const [row] = await db
    .select({ personId: secondFactor.personId })
    .from(shop)
    .leftJoin(secondFactor, and(eq(secondFactor.personId, personId), isNotNull(secondFactor.since)))
    .where(eq(shop.codesAsked, true));
  return row !== undefined && row.personId === null;
}
