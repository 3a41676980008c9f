import { and, desc, eq, gt, isNotNull, lt, lte, ne, notInArray, sql } from "drizzle-orm";
import { signInAccount, signInSession, signInUser, writingTurn } from "./access-schema";
import type { Tx } from "./client";
import { dropFactor } from "./second-factor";

export type SignedIn = { id: string; beganAt: Date; lastAt: Date; address: string; device: string; locked: boolean };

/** Where somebody is signed in, the latest first. */
export async function sessionsOf(db: Tx, personId: string): Promise<SignedIn[]> {
  const rows = await db
    .select()
    .from(signInSession)
    .where(and(eq(signInSession.userId, personId), gt(signInSession.expiresAt, new Date())))
    .orderBy(desc(signInSession.updatedAt));
  return rows.map(({ id, createdAt, updatedAt, ipAddress, userAgent, locked }) => ({
    id,
    beganAt: createdAt,
    lastAt: updatedAt,
    address: ipAddress ?? "",
    device: userAgent ?? "",
    locked,
  }));
}

/** Ends one of somebody's own sessions. @returns was there one? */
export const endSession = async (db: Tx, personId: string, id: string): Promise<boolean> =>
  (
    await db
      .delete(signInSession)
      .where(and(eq(signInSession.id, id), eq(signInSession.userId, personId)))
      .returning({ id: signInSession.id })
  ).length > 0;

/** Ends all sessions of somebody, but one where it is named. */
export const endSessionsOf = async (db: Tx, personId: string, but?: string): Promise<void> =>
  void (await db
    .delete(signInSession)
    .where(and(eq(signInSession.userId, personId), but === undefined ? undefined : ne(signInSession.id, but))));

export const noteUse = async (db: Tx, id: string): Promise<void> =>
  void (await db.update(signInSession).set({ updatedAt: new Date() }).where(eq(signInSession.id, id)));

/** So long an entry may wait on a device for its way to the server: the key that it was signed with is kept, days. */
const TURN_KEPT_DAYS = 400;

/** Forgets sessions that have run out, and the keys of turns that nothing can wait for any more. */
export async function forgetEnded(db: Tx, now = new Date()): Promise<void> {
  await db.delete(signInSession).where(lte(signInSession.expiresAt, now));
  const kept = new Date(now.getTime() - TURN_KEPT_DAYS * 86_400_000).toISOString();
  const inUse = db.select({ id: signInSession.turnId }).from(signInSession).where(isNotNull(signInSession.turnId));
  await db.delete(writingTurn).where(and(lt(writingTurn.beganAt, kept), notInArray(writingTurn.id, inUse)));
}

export const lockSession = async (db: Tx, id: string, locked: boolean): Promise<void> =>
  void (await db.update(signInSession).set({ locked }).where(eq(signInSession.id, id)));

/** How somebody signs in; undefined where they cannot yet. */
export const signInOf = async (db: Tx, personId: string): Promise<typeof signInUser.$inferSelect | undefined> =>
  (await db.select().from(signInUser).where(eq(signInUser.id, personId)))[0];

/** Can anybody sign in at all? Not in a shop from before there were passwords. */
export const anybodySignsIn = async (db: Tx): Promise<boolean> =>
  (await db.select({ id: signInAccount.id }).from(signInAccount).limit(1)).length > 0;

export const setPin = async (db: Tx, personId: string, pin: string | null): Promise<void> =>
  void (await db.update(signInUser).set({ pin, pinWrong: 0 }).where(eq(signInUser.id, personId)));

/**
 * Counts a try before it is looked at, so that several at once are counted too.
 * @returns tries in a row without a right one, this one with them
 */
export async function countPinTry(db: Tx, personId: string): Promise<number> {
  const [row] = await db
    .update(signInUser)
    .set({ pinWrong: sql`${signInUser.pinWrong} + 1` })
    .where(eq(signInUser.id, personId))
    .returning({ tries: signInUser.pinWrong });
  return row?.tries ?? 0;
}

/** The PIN was right, or the password: earlier tries are forgotten. */
export const forgivePin = async (db: Tx, personId: string): Promise<void> =>
  void (await db.update(signInUser).set({ pinWrong: 0 }).where(eq(signInUser.id, personId)));

/** Gives somebody a password, in place of what they had; one that they are told ends their codes from a phone too. @param username the name as it is compared */
export async function setPassword(
  db: Tx,
  who: { id: string; name: string; username: string },
  hash: string,
  mustChange: boolean,
): Promise<void> {
  const { id, name, username } = who;
  await db
    .insert(signInUser)
    .values({ id, name, username, email: `${id}@people.invalid`, mustChange })
    .onConflictDoUpdate({
      target: signInUser.id,
      set: { name, username, mustChange, pinWrong: 0, updatedAt: new Date() },
    });
  // A phone that is lost is why somebody is told a new password, as often as not.
  if (mustChange) await dropFactor(db, id);
  await db.delete(signInAccount).where(eq(signInAccount.userId, id));
  await db.insert(signInAccount).values({ accountId: id, providerId: "credential", userId: id, password: hash });
}
