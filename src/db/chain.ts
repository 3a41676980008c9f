import { asc, desc, eq, sql } from "drizzle-orm";
import { except } from "drizzle-orm/pg-core";
import { GENESIS, seal, sealFile, type StoredEntry, type StoredFile } from "@/core/exchange";
import type { Tx } from "./client";
import { iso } from "./moment";
import { attachment, fileChain, logChain, logEntry } from "./schema";

/** A stored row as the chain seals it: what it says is taken as it lies there, unread. */
export const stored = (row: typeof logEntry.$inferSelect): StoredEntry => ({
  ...row,
  at: iso(row.at),
  recordedAt: iso(row.recordedAt),
});

type Link = { seq: number; hash: string };

/** The last link of a set's chain: how many entries are sealed, and their seal. */
export async function sealOf(tx: Tx, setId: string): Promise<Link | undefined> {
  const { seq, hash } = logChain;
  const last = tx.select({ seq, hash }).from(logChain).where(eq(logChain.setId, setId));
  return (await last.orderBy(desc(seq)).limit(1))[0];
}

/** The last link of the chain of a set's files. */
export async function fileSealOf(tx: Tx, setId: string): Promise<Link | undefined> {
  const { seq, hash } = fileChain;
  const last = tx.select({ seq, hash }).from(fileChain).where(eq(fileChain.setId, setId));
  return (await last.orderBy(desc(seq)).limit(1))[0];
}

/** One at a time writes to a set: two links must not both follow the same one. Held until the transaction ends. */
export const holdSet = (tx: Tx, setId: string) => tx.execute(sql`select pg_advisory_xact_lock(hashtext(${setId}))`);

const BATCH = 500;

/** Seals entries behind the ones of their set that are sealed, in the order in which they are given. */
export async function sealEntries(tx: Tx, setId: string, rows: readonly (typeof logEntry.$inferSelect)[]) {
  await holdSet(tx, setId);
  const last = await sealOf(tx, setId);
  let [seq, hash] = [last?.seq ?? 0, last?.hash ?? GENESIS];
  const links = rows.map((row) => {
    seq += 1;
    hash = seal(hash, stored(row));
    return { entryId: row.id, setId, seq, hash };
  });
  for (let from = 0; from < links.length; from += BATCH)
    await tx.insert(logChain).values(links.slice(from, from + BATCH));
}

/** Seals files behind the ones of their set that are sealed. Their content is hashed by the database, where it lies. */
export async function sealFiles(tx: Tx, setId: string, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  await holdSet(tx, setId);
  const last = await fileSealOf(tx, setId);
  let [seq, hash] = [last?.seq ?? 0, last?.hash ?? GENESIS];
  for (const id of ids) {
    const [file] = await tx.select(FILE).from(attachment).where(eq(attachment.id, id));
    if (!file) throw new Error(`file ${id} vanished`);
    seq += 1;
    hash = sealFile(hash, { ...file, at: iso(file.at) });
    await tx.insert(fileChain).values({ attachmentId: id, setId, seq, sha256: file.sha256, hash });
  }
}

/**
 * How many entries and files of a set have no seal: none, unless somebody took one away. One list of ids is taken off the
 * other, which costs the same whatever PostgreSQL believes of the tables; by a join it goes through all seals for each
 * entry, as long as it has not counted a table that was just filled.
 */
export async function unsealed(tx: Tx, setId: string): Promise<{ entries: number; files: number }> {
  const entries = except(
    tx.select({ id: logEntry.id }).from(logEntry).where(eq(logEntry.setId, setId)),
    tx.select({ id: logChain.entryId }).from(logChain).where(eq(logChain.setId, setId)),
  ).as("entries");
  const files = except(
    tx.select({ id: attachment.id }).from(attachment).where(eq(attachment.setId, setId)),
    tx.select({ id: fileChain.attachmentId }).from(fileChain).where(eq(fileChain.setId, setId)),
  ).as("files");
  const n = sql<number>`count(*)::int`;
  const [[inLog], [inFiles]] = [await tx.select({ n }).from(entries), await tx.select({ n }).from(files)];
  return { entries: inLog?.n ?? 0, files: inFiles?.n ?? 0 };
}

/** What is sealed of a file, with the hash of the content as it lies there now. */
const FILE = {
  id: attachment.id,
  entryId: attachment.entryId,
  setId: attachment.setId,
  name: attachment.name,
  type: attachment.type,
  size: attachment.size,
  sha256: sql<string>`encode(sha256(${attachment.content}), 'hex')`,
  by: attachment.by,
  at: attachment.at,
};

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

/** A set's files in the order of their chain, without their content; its hash is worked out anew. */
export async function fileChainOf(
  tx: Tx,
  setId: string,
): Promise<(StoredFile & { hash: string; hidden: boolean; thumb: boolean })[]> {
  const rows = await tx
    .select({
      ...FILE,
      hash: fileChain.hash,
      hidden: attachment.hidden,
      thumb: sql<boolean>`${attachment.thumb} is not null`,
    })
    .from(fileChain)
    .innerJoin(attachment, eq(attachment.id, fileChain.attachmentId))
    .where(eq(fileChain.setId, setId))
    .orderBy(asc(fileChain.seq));
  return rows.map((row) => ({ ...row, at: iso(row.at) }));
}
