import { and, asc, desc, eq, isNull, sql } from "drizzle-orm";
import { GENESIS, seal, type StoredEntry } from "@/core/exchange";
import type { Tx } from "./client";
import { logChain, logEntry } from "./schema";

const iso = (text: string) => new Date(text).toISOString();

/** A stored row as the chain seals it: what it says is taken as it lies there, unread. */
export const stored = (row: typeof logEntry.$inferSelect): StoredEntry => ({
  ...row,
  at: iso(row.at),
  recordedAt: iso(row.recordedAt),
});

/**
 * Seals the entries of a set that are not in its chain yet, in the order in which they were recorded. Called in the
 * transaction that writes an entry; entries from before there was a chain are sealed on the way.
 */
export async function sealEntries(tx: Tx, setId: string): Promise<void> {
  // One at a time for a set: two entries must not both follow the same one.
  await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${setId}))`);
  const open = await tx
    .select({ entry: logEntry })
    .from(logEntry)
    .leftJoin(logChain, eq(logChain.entryId, logEntry.id))
    .where(and(eq(logEntry.setId, setId), isNull(logChain.entryId)))
    .orderBy(asc(logEntry.recordedAt), asc(logEntry.id));
  if (open.length === 0) return;
  const last = await sealOf(tx, setId);
  let seq = last?.seq ?? 0;
  let hash = last?.hash ?? GENESIS;
  const links = open.map(({ entry }) => {
    seq += 1;
    hash = seal(hash, stored(entry));
    return { entryId: entry.id, setId, seq, hash };
  });
  for (let from = 0; from < links.length; from += 500) await tx.insert(logChain).values(links.slice(from, from + 500));
}

/** A set's entries as they are stored, in the order of their chain. */
export async function chainOf(tx: Tx, setId: string): Promise<(StoredEntry & { hash: string })[]> {
  const rows = await tx
    .select({ entry: logEntry, hash: logChain.hash })
    .from(logChain)
    .innerJoin(logEntry, eq(logEntry.id, logChain.entryId))
    .where(eq(logChain.setId, setId))
    .orderBy(asc(logChain.seq));
  return rows.map(({ entry, hash }) => ({ ...stored(entry), hash }));
}

/** The last link of a set's chain: how many entries are sealed, and their seal. */
export async function sealOf(tx: Tx, setId: string): Promise<{ seq: number; hash: string } | undefined> {
  const [last] = await tx
    .select({ seq: logChain.seq, hash: logChain.hash })
    .from(logChain)
    .where(eq(logChain.setId, setId))
    .orderBy(desc(logChain.seq))
    .limit(1);
  return last;
}
