import { and, desc, eq, isNull } from "drizzle-orm";
import { ownerLink } from "./access-schema";
import type { Tx } from "./client";
import { iso } from "./moment";

export type OwnerLink = Omit<typeof ownerLink.$inferSelect, "tokenHash">;

const read = ({ tokenHash: _hash, ...row }: typeof ownerLink.$inferSelect): OwnerLink => ({
  ...row,
  madeAt: iso(row.madeAt),
  expiresAt: iso(row.expiresAt),
  withdrawnAt: row.withdrawnAt && iso(row.withdrawnAt),
  openedAt: row.openedAt && iso(row.openedAt),
});

/** Links to the owner of a set, the latest first. */
export const linksOf = async (db: Tx, setId: string): Promise<OwnerLink[]> =>
  (await db.select().from(ownerLink).where(eq(ownerLink.setId, setId)).orderBy(desc(ownerLink.madeAt))).map(read);

export const makeLink = async (db: Tx, link: typeof ownerLink.$inferInsert): Promise<void> =>
  void (await db.insert(ownerLink).values(link));

/** @returns was there such a link that was not withdrawn yet? */
export const withdrawLink = async (db: Tx, id: string, at: string): Promise<boolean> =>
  (
    await db
      .update(ownerLink)
      .set({ withdrawnAt: at })
      .where(and(eq(ownerLink.id, id), isNull(ownerLink.withdrawnAt)))
      .returning({ id: ownerLink.id })
  ).length > 0;

export async function linkByHash(db: Tx, tokenHash: string): Promise<OwnerLink | undefined> {
  const [row] = await db.select().from(ownerLink).where(eq(ownerLink.tokenHash, tokenHash));
  return row && read(row);
}

export const linkWasOpened = async (db: Tx, id: string, at: string): Promise<void> =>
  void (await db.update(ownerLink).set({ openedAt: at }).where(eq(ownerLink.id, id)));
