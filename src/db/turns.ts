import { and, eq, isNull } from "drizzle-orm";
import { writingTurn } from "./access-schema";
import type { Tx } from "./client";

export type Turn = typeof writingTurn.$inferSelect;

/** Somebody begins to work at a device. */
export const beginTurn = async (db: Tx, turn: Pick<Turn, "id" | "personId" | "key">): Promise<void> =>
  void (await db.insert(writingTurn).values(turn));

export const turnById = async (db: Tx, id: string): Promise<Turn | undefined> =>
  (await db.select().from(writingTurn).where(eq(writingTurn.id, id)))[0];

/** Their turn is over: what was written in it and is still on its way is taken for some time. */
export const endTurn = async (db: Tx, id: string, at: string): Promise<void> =>
  void (await db
    .update(writingTurn)
    .set({ endedAt: at })
    .where(and(eq(writingTurn.id, id), isNull(writingTurn.endedAt))));
