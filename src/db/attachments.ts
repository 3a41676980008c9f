import { and, asc, eq } from "drizzle-orm";
import type { Tx } from "./client";
import { attachment, logEntry } from "./schema";

/** An attachment without its content. */
export type Attachment = {
  id: string;
  entryId: string;
  name: string;
  type: string;
  size: number;
  thumb: boolean;
  at: string;
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
};
type Row = Omit<Attachment, "thumb"> & { thumb: Uint8Array | null };
const read = ({ thumb, at, ...row }: Row): Attachment => ({
  ...row,
  thumb: thumb !== null,
  at: new Date(at).toISOString(),
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

/** Adds a file to an entry. Sending it again with the same id changes nothing. Undefined: there is no such entry. */
export async function attach(db: Tx, file: NewAttachment): Promise<Attachment | undefined> {
  const [entry] = await db.select({ setId: logEntry.setId }).from(logEntry).where(eq(logEntry.id, file.entryId));
  if (!entry) return undefined;
  await db
    .insert(attachment)
    .values({ ...file, setId: entry.setId })
    .onConflictDoNothing({ target: attachment.id });
  const [row] = await db.select(fields).from(attachment).where(eq(attachment.id, file.id));
  return row ? read(row) : undefined;
}

export type Stored = { name: string; type: string; content: Uint8Array };

/** The content of a file, or its small picture. */
export async function storedFile(db: Tx, id: string, small: boolean): Promise<Stored | undefined> {
  const [row] = await db
    .select({ name: attachment.name, type: attachment.type, content: small ? attachment.thumb : attachment.content })
    .from(attachment)
    .where(eq(attachment.id, id));
  if (!row?.content) return undefined;
  return { name: row.name, type: small ? "image/webp" : row.type, content: row.content };
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
