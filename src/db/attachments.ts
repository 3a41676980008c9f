import { and, asc, eq, sql } from "drizzle-orm";
import { sealFiles } from "./chain";
import type { Db, Tx } from "./client";
import { forOwner } from "./access-schema";
import { attachment, logEntry } from "./schema";
import { iso } from "./moment";

/** An attachment without its content. */
export type Attachment = {
  id: string;
  entryId: string;
  name: string;
  type: string;
  size: number;
  thumb: boolean;
  at: string;
  /** the owner of the set sees it on the page behind their link */
  owner: boolean;
};

type NewAttachment = Omit<typeof attachment.$inferInsert, "setId" | "at" | "hidden">;

const fields = {
  id: attachment.id,
  entryId: attachment.entryId,
  name: attachment.name,
  type: attachment.type,
  size: attachment.size,
  thumb: attachment.thumb,
  at: attachment.at,
  owner: sql<boolean>`exists (select from ${forOwner} where ${forOwner.attachmentId} = ${attachment.id})`,
};
type Row = Omit<Attachment, "thumb"> & { thumb: Uint8Array | null };
const read = ({ thumb, at, ...row }: Row): Attachment => ({
  ...row,
  thumb: thumb !== null,
  at: iso(at),
});

/** Files of a set's entries, in order; those that were taken away are not among them. */
export async function attachmentsOf(db: Tx, setId: string): Promise<Attachment[]> {
  const rows = await db
    .select(fields)
    .from(attachment)
    .where(and(eq(attachment.setId, setId), eq(attachment.hidden, false)))
    .orderBy(asc(attachment.at), asc(attachment.id));
  return rows.map(read);
}

export type Attached =
  | { ok: true; attachment: Attachment }
  /** there is no such entry, or another file has this id */
  | { ok: false; why: "no-entry" | "another-file" };

/** Adds a file to an entry and seals it. Sending it again changes nothing; another content under its id is refused. */
export const attach = (db: Db, file: NewAttachment): Promise<Attached> =>
  db.transaction(async (tx): Promise<Attached> => {
    const [entry] = await tx.select({ setId: logEntry.setId }).from(logEntry).where(eq(logEntry.id, file.entryId));
    if (!entry) return { ok: false, why: "no-entry" };
    const [added] = await tx
      .insert(attachment)
      .values({ ...file, setId: entry.setId })
      .onConflictDoNothing({ target: attachment.id })
      .returning({ id: attachment.id });
    if (added) await sealFiles(tx, entry.setId, [file.id]);
    const [row] = await tx
      .select({ ...fields, same: sql<boolean>`${attachment.content} = ${file.content}` })
      .from(attachment)
      .where(eq(attachment.id, file.id));
    if (!row?.same || row.entryId !== file.entryId) return { ok: false, why: "another-file" };
    const { same: _same, ...kept } = row;
    return { ok: true, attachment: read(kept) };
  });

export type Stored = { name: string; type: string; content: Uint8Array };

/** The content of a file, or its small picture. One that was taken away is not given out. */
export async function storedFile(db: Tx, id: string, small: boolean): Promise<Stored | undefined> {
  const [row] = await db
    .select({ name: attachment.name, type: attachment.type, content: small ? attachment.thumb : attachment.content })
    .from(attachment)
    .where(and(eq(attachment.id, id), eq(attachment.hidden, false)));
  if (!row?.content) return undefined;
  return { name: row.name, type: small ? "image/webp" : row.type, content: row.content };
}

/** The bytes of a file for a set's file: what was taken away goes along, as it does in the log. */
export async function fileBytes(db: Tx, id: string, small: boolean): Promise<Uint8Array> {
  const [row] = await db
    .select({ content: small ? attachment.thumb : attachment.content })
    .from(attachment)
    .where(eq(attachment.id, id));
  if (!row?.content) throw new Error(`file ${id} vanished`);
  return row.content;
}

/** Takes a file away from sight, or brings it back. */
export async function hideAttachment(db: Tx, id: string, hidden: boolean): Promise<boolean> {
  const rows = await db
    .update(attachment)
    .set({ hidden })
    .where(eq(attachment.id, id))
    .returning({ id: attachment.id });
  return rows.length > 0;
}

/** Shows a photo to the owner of the set, or no more. @returns is there such a file? */
export async function showToOwner(db: Tx, id: string, shown: boolean, by: string): Promise<boolean> {
  const [file] = await db.select({ id: attachment.id }).from(attachment).where(eq(attachment.id, id));
  if (!file) return false;
  if (shown) await db.insert(forOwner).values({ attachmentId: id, by }).onConflictDoNothing();
  else await db.delete(forOwner).where(eq(forOwner.attachmentId, id));
  return true;
}

/** Photos of a set that its owner may see, in order. */
export const photosForOwner = async (db: Tx, setId: string): Promise<Attachment[]> =>
  (await attachmentsOf(db, setId)).filter(({ owner, thumb }) => owner && thumb);
