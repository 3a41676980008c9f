import { and, asc, eq, isNull } from "drizzle-orm";
import { sealEntries, sealFiles } from "./chain";
import type { Tx } from "./client";
import { attachment, fileChain, logChain, logEntry, set, shopIdentity } from "./schema";

/**
 * Seals what was written before there were seals, once for a database. From then on everything is sealed when it is
 * written, and a missing seal is an alarm and never a gap to fill.
 */
export async function sealAll(tx: Tx): Promise<void> {
  const [identity] = await tx.select({ done: shopIdentity.allSealed }).from(shopIdentity);
  if (identity?.done) return;
  for (const { id } of await tx.select({ id: set.id }).from(set)) {
    const open = await tx
      .select({ entry: logEntry })
      .from(logEntry)
      .leftJoin(logChain, eq(logChain.entryId, logEntry.id))
      .where(and(eq(logEntry.setId, id), isNull(logChain.entryId)))
      .orderBy(asc(logEntry.recordedAt), asc(logEntry.id));
    await sealEntries(
      tx,
      id,
      open.map(({ entry }) => entry),
    );
    const files = await tx
      .select({ id: attachment.id })
      .from(attachment)
      .leftJoin(fileChain, eq(fileChain.attachmentId, attachment.id))
      .where(and(eq(attachment.setId, id), isNull(fileChain.attachmentId)))
      .orderBy(asc(attachment.at), asc(attachment.id));
    await sealFiles(
      tx,
      id,
      files.map((file) => file.id),
    );
  }
  await tx.update(shopIdentity).set({ allSealed: true });
}
