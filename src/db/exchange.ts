import { ROLE_WORDS } from "@/core/access";
import { and, asc, eq, inArray, sql } from "drizzle-orm";
import { createHash } from "node:crypto";
import { headOf, normalised, writeSetFile, type SetFileDocument } from "@/core/exchange";
import { chainOf, fileChainOf, holdSet, sealFiles, unsealed } from "./chain";
import { hideAttachment } from "./attachments";
import { countJobsOn } from "./sets";
import type { Db, Tx } from "./client";
import { Refused } from "./lines";
import { attachment, customer, logChain, logEntry, model, person, set, visit } from "./schema";
import { identityOf } from "./shop";
import { iso } from "./moment";
/** A set's file as a document; without the bytes of its files; undefined where there is no such set. */
export async function exportSet(db: Db, id: string, now: string): Promise<SetFileDocument | undefined> {
  return db.transaction(async (tx) => {
    const [row] = await tx
      .select()
      .from(set)
      .innerJoin(model, eq(set.modelId, model.id))
      .innerJoin(customer, eq(set.ownerId, customer.id))
      .where(eq(set.id, id));
    if (!row) return undefined;
    // An entry without its seal would be left out of the file without a word.
    const open = await unsealed(tx, id);
    if (open.entries + open.files > 0)
      throw new Refused("Seals of this set are missing: its file is not written. The Shop page says more.");
    const us = await identityOf(tx);
    const entries = await chainOf(tx, id);
    const visits = await tx.select().from(visit).where(eq(visit.setId, id)).orderBy(asc(visit.openedAt), asc(visit.id));
    const files = await fileChainOf(tx, id);
    const writers = [...new Set([...entries, ...files].map(({ by }) => by))];
    const people =
      writers.length === 0
        ? []
        : await tx.select().from(person).where(inArray(person.id, writers)).orderBy(asc(person.id));
    // What has no shop is ours: outside, it goes by our name and our id.
    const named = <T extends { shop: string; shopId: string | null }>(one: T): T =>
      one.shop ? one : { ...one, shop: us.name, shopId: us.uid };
    const { version: _m, sheet, ...kind } = row.model;
    const { version: _c, ...owner } = row.customer;
    return writeSetFile({
      exportedAt: now,
      exportedBy: us.name,
      set: { id, serial: row.set.serial },
      owner,
      model: named({ ...kind, sheet: sheet as Record<string, unknown> }),
      // What somebody may do in this shop is nobody else's; what they do is said in a word.
      people: people.map(({ id: personId, name, role, access, shop, shopId }) =>
        named({ id: personId, name, role: role || ROLE_WORDS[access].toLowerCase(), shop, shopId }),
      ),
      visits: visits.map(({ id: visitId, job, openedAt, shop, shopId }) =>
        named({ id: visitId, job, openedAt: iso(openedAt), shop, shopId }),
      ),
      entries: entries.map(({ setId: _s, payload, ...entry }) => ({
        ...entry,
        payload: payload as Record<string, unknown>,
      })),
      attachments: files.map(({ setId: _s, ...file }) => file),
    });
  });
}

export type Imported =
  | {
      ok: true;
      setId: string;
      /** entries that came in; 0 when the file was here already */
      added: number;
      /** what was here in another form and stayed as it is here */
      kept: string[];
      unknown: { kind: string; count: number }[];
    }
  | { ok: false; problems: string[] };

/** A checked document, and where the bytes of its files are. */
export type Incoming = {
  document: SetFileDocument;
  unknown: { kind: string; count: number }[];
  bytes: (id: string, small: boolean) => Promise<Uint8Array | undefined>;
};

/**
 * Lays a set's file into the database, all or nothing. The same file twice adds nothing; a longer one of the same set
 * adds what is new. One whose chain parted from the one that is here is refused.
 */
export async function importSet(db: Db, { document, unknown, bytes }: Incoming): Promise<Imported> {
  try {
    return await db.transaction(async (tx): Promise<Imported> => {
      const setId = document.set.id;
      await holdSet(tx, setId);
      await tx.execute(sql`set constraints all deferred`);
      const us = await identityOf(tx);
      const here = await chainOf(tx, setId);
      refuseForks(here, document);
      const kept = await layAround(tx, document, us.uid);
      const fresh = document.entries.slice(here.length);
      await layEntries(tx, setId, fresh, here.length);
      kept.push(...(await layFiles(tx, document, bytes, fresh.length > 0)));
      return { ok: true, setId, added: fresh.length, kept, unknown };
    });
  } catch (error) {
    if (error instanceof Refused) return { ok: false, problems: [error.message] };
    throw error;
  }
}

/** What is here must be the beginning of what comes: else somebody wrote on in both places. */
function refuseForks(here: readonly { hash: string }[], { entries }: SetFileDocument): void {
  const parted = here.findIndex(({ hash }, index) => entries[index]?.hash !== hash);
  if (parted < 0) return;
  throw new Refused(
    parted >= entries.length && headOf(here.slice(0, entries.length)) === headOf(entries)
      ? `This set's file here is longer: ${here.length} entries, the one that comes has ${entries.length}. Nothing is lost, and nothing was changed.`
      : `The two logbooks of this set part at entry ${parted + 1}: both shops wrote on. Nothing was changed here.`,
  );
}

async function layAround(
  tx: Tx,
  { set: one, owner, model: kind, people, visits }: SetFileDocument,
  us: string,
): Promise<string[]> {
  const kept: string[] = [];
  const [known] = await tx.select().from(customer).where(eq(customer.id, owner.id));
  if (!known) await tx.insert(customer).values(owner);
  else if (known.name !== owner.name || known.contact !== owner.contact || known.remarks !== owner.remarks)
    kept.push(`What is written of the owner here differs from the file (${owner.name}): what is here stays.`);
  const [sheet] = await tx.select({ sheet: model.sheet }).from(model).where(eq(model.id, kind.id));
  if (!sheet) await layModel(tx, { ...kind, ...shopAs(kind, us) });
  else if (normalisedSheet(sheet.sheet) !== normalisedSheet(kind.sheet))
    kept.push(
      `The sheet of ${kind.maker} ${kind.designation} here differs from the one in the file: the one here stays.`,
    );
  for (const writer of people) await layWriter(tx, writer);
  await tx
    .insert(set)
    .values({ id: one.id, serial: one.serial, modelId: kind.id, ownerId: owner.id })
    .onConflictDoNothing({ target: set.id });
  for (const { id, job, openedAt, ...from } of visits) {
    const [same] = await tx.select({ id: visit.id }).from(visit).where(eq(visit.id, id));
    if (same) continue;
    const at = shopAs(from, us);
    const [taken] = await tx
      .select({ id: visit.id })
      .from(visit)
      .where(and(eq(visit.job, job), eq(visit.shop, at.shop)));
    if (taken) throw new Refused(`Job ${job} is another set's here: this file was not written by this shop's books.`);
    await tx.insert(visit).values({ id, setId: one.id, job, openedAt, ...at });
  }
  await countJobsOn(tx);
  return kept;
}

type From = { shop: string; shopId?: string | null | undefined };

/** Another shop by the name that it goes by here. */
const elsewhere = ({ shop, shopId = null }: From) => ({ shop: shop || "a shop without a name", shopId });

/** A visit or a sheet of this shop is known by the shop's id, never by a name that anybody can write into a file. */
const shopAs = (from: From, us: string) => (from.shopId === us ? { shop: "", shopId: null } : elsewhere(from));

/** Whoever wrote in a file is known by name, and never becomes one of the shop's own people. */
async function layWriter(tx: Tx, { id, name, role, ...from }: SetFileDocument["people"][number]): Promise<void> {
  const [known] = await tx.select({ id: person.id }).from(person).where(eq(person.id, id));
  if (known) return;
  const at = elsewhere(from);
  const [same] = await tx
    .select({ id: person.id })
    .from(person)
    .where(and(eq(person.name, name), eq(person.shop, at.shop)));
  if (same)
    throw new Refused(`${name} of ${at.shop} is here under another number: the file does not fit to these books.`);
  await tx.insert(person).values({ id, name, role, ...at });
}

const normalisedSheet = (sheet: unknown) => normalised({ sheet } as unknown as SetFileDocument);

async function layModel(tx: Tx, kind: typeof model.$inferInsert & { shop: string }): Promise<void> {
  const [same] = await tx
    .select({ id: model.id })
    .from(model)
    .where(
      sql`${model.maker} = ${kind.maker} and ${model.designation} = ${kind.designation} and ${model.shop} = ${kind.shop}`,
    );
  if (same)
    throw new Refused(
      `${kind.maker} ${kind.designation} is here under another number: the file does not fit to these books.`,
    );
  await tx.insert(model).values(kind);
}

/** The bytes of a file, as the document says they are. */
async function bytesOf(
  { id, name, size, sha256, thumb }: SetFileDocument["attachments"][number],
  bytes: Incoming["bytes"],
): Promise<{ content: Uint8Array; thumb: Uint8Array | null }> {
  const content = await bytes(id, false);
  if (!content) throw new Refused(`${name} is not in the file that came: it was taken out, or the file is cut off.`);
  if (content.length !== size || createHash("sha256").update(content).digest("hex") !== sha256)
    throw new Refused(`${name} is not the photo or file that was sealed: it was changed.`);
  return { content, thumb: (thumb ? await bytes(id, true) : undefined) ?? null };
}

/**
 * Files come in once, and are sealed behind those that are here. Whether one is in sight follows the file that has more
 * entries; between equals it stays as it is.
 */
async function layFiles(
  tx: Tx,
  { set: one, attachments }: SetFileDocument,
  bytes: Incoming["bytes"],
  newer: boolean,
): Promise<string[]> {
  const kept: string[] = [];
  const here = new Map((await fileChainOf(tx, one.id)).map((file) => [file.id, file]));
  const fresh: string[] = [];
  for (const file of attachments) {
    const known = here.get(file.id);
    if (!known) {
      const [elsewhereKnown] = await tx
        .select({ id: attachment.id })
        .from(attachment)
        .where(eq(attachment.id, file.id));
      if (elsewhereKnown)
        throw new Refused(`${file.name} is another set's here: the file does not fit to these books.`);
      const { sha256: _s, hash: _h, ...row } = file;
      await tx.insert(attachment).values({ ...row, setId: one.id, ...(await bytesOf(file, bytes)) });
      fresh.push(file.id);
    } else if (known.sha256 !== file.sha256)
      throw new Refused(`${file.name} is another picture here than in the file: one of them was changed.`);
    else if (known.hidden === file.hidden) continue;
    else if (newer) await hideAttachment(tx, file.id, file.hidden);
    else
      kept.push(
        `${file.name} is ${known.hidden ? "taken away" : "in sight"} here and ${file.hidden ? "taken away" : "in sight"} in the file: it stays as it is here.`,
      );
  }
  await sealFiles(tx, one.id, fresh);
  return kept;
}

async function layEntries(tx: Tx, setId: string, fresh: SetFileDocument["entries"], before: number): Promise<void> {
  for (let from = 0; from < fresh.length; from += 500) {
    const some = fresh.slice(from, from + 500);
    await tx.insert(logEntry).values(some.map(({ hash: _h, ...entry }) => ({ ...entry, setId })));
    await tx
      .insert(logChain)
      .values(some.map(({ id, hash }, index) => ({ entryId: id, setId, seq: before + from + index + 1, hash })));
  }
}
