import { asc, eq, inArray, sql } from "drizzle-orm";
import { headOf, normalised, readSetFile, writeSetFile, type SetFileDocument } from "@/core/exchange";
import { chainOf, sealEntries } from "./chain";
import { hideAttachment } from "./attachments";
import { countJobsOn } from "./sets";
import type { Db, Tx } from "./client";
import { attachment, customer, logChain, logEntry, model, person, set, shop, visit } from "./schema";

const iso = (text: string) => new Date(text).toISOString();
const base64 = (bytes: Uint8Array) => Buffer.from(bytes).toString("base64");
const bytesOf = (text: string) => new Uint8Array(Buffer.from(text, "base64"));

async function ownName(tx: Tx): Promise<string> {
  const [row] = await tx.select({ name: shop.name }).from(shop);
  return row?.name ?? "";
}

/** A set's file as a document; undefined where there is no such set. Entries without a seal are sealed first. */
export async function exportSet(db: Db, id: string, now: string): Promise<SetFileDocument | undefined> {
  return db.transaction(async (tx) => {
    const [row] = await tx
      .select()
      .from(set)
      .innerJoin(model, eq(set.modelId, model.id))
      .innerJoin(customer, eq(set.ownerId, customer.id))
      .where(eq(set.id, id));
    if (!row) return undefined;
    await sealEntries(tx, id);
    const us = await ownName(tx);
    const entries = await chainOf(tx, id);
    const visits = await tx.select().from(visit).where(eq(visit.setId, id)).orderBy(asc(visit.openedAt), asc(visit.id));
    const files = await tx.select().from(attachment).where(eq(attachment.setId, id)).orderBy(asc(attachment.id));
    const writers = [...new Set([...entries, ...files].map(({ by }) => by))];
    const people =
      writers.length === 0
        ? []
        : await tx.select().from(person).where(inArray(person.id, writers)).orderBy(asc(person.id));
    // What has no shop is ours: outside, it goes by our name.
    const named = <T extends { shop: string }>(one: T): T => ({ ...one, shop: one.shop || us });
    const { version: _m, sheet, ...kind } = row.model;
    const { version: _c, ...owner } = row.customer;
    return writeSetFile({
      exportedAt: now,
      exportedBy: us,
      set: { id, serial: row.set.serial },
      owner,
      model: named({ ...kind, sheet: sheet as Record<string, unknown> }),
      people: people.map(named),
      visits: visits.map(({ id: visitId, job, openedAt, shop: at }) =>
        named({ id: visitId, job, openedAt: iso(openedAt), shop: at }),
      ),
      entries: entries.map(({ setId: _s, payload, ...entry }) => ({
        ...entry,
        payload: payload as Record<string, unknown>,
      })),
      attachments: files.map(({ setId: _s, content, thumb, at, ...file }) => ({
        ...file,
        at: iso(at),
        content: base64(content),
        thumb: thumb ? base64(thumb) : null,
      })),
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

class Refused extends Error {}

/** Rows of people, models and visits: what is this shop's own goes without a name. */
const inward =
  (us: string) =>
  <T extends { shop: string }>(one: T): T =>
    one.shop === us ? { ...one, shop: "" } : one;

/**
 * Lays a set's file into the database, all or nothing. The same file twice adds nothing; a longer one of the same set
 * adds what is new. One whose chain parted from the one that is here is refused.
 * @param text JSON of the document
 */
export async function importSet(db: Db, text: string): Promise<Imported> {
  const read = readSetFile(text);
  if (!read.ok) return read;
  const { document, unknown } = read;
  try {
    return await db.transaction(async (tx): Promise<Imported> => {
      const setId = document.set.id;
      await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${setId}))`);
      const own = inward(await ownName(tx));
      const here = await chainOf(tx, setId);
      refuseForks(here, document);
      const kept = await layAround(tx, document, own);
      const fresh = document.entries.slice(here.length);
      await layEntries(tx, setId, fresh, here.length);
      kept.push(...(await layFiles(tx, document, fresh.length > 0)));
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

type Own = ReturnType<typeof inward>;

async function layAround(
  tx: Tx,
  { set: one, owner, model: kind, people, visits }: SetFileDocument,
  own: Own,
): Promise<string[]> {
  const kept: string[] = [];
  const [known] = await tx.select().from(customer).where(eq(customer.id, owner.id));
  if (!known) await tx.insert(customer).values(owner);
  else if (known.name !== owner.name || known.contact !== owner.contact || known.remarks !== owner.remarks)
    kept.push(`What is written of the owner here differs from the file (${owner.name}): what is here stays.`);
  const [sheet] = await tx.select({ sheet: model.sheet }).from(model).where(eq(model.id, kind.id));
  if (!sheet) await layModel(tx, own(kind));
  else if (normalisedSheet(sheet.sheet) !== normalisedSheet(kind.sheet))
    kept.push(
      `The sheet of ${kind.maker} ${kind.designation} here differs from the one in the file: the one here stays.`,
    );
  for (const { id, name, shop: at } of people.map(own)) {
    const [same] = await tx
      .select({ id: person.id })
      .from(person)
      .where(sql`${person.name} = ${name} and ${person.shop} = ${at} and ${person.id} <> ${id}`);
    if (same)
      throw new Refused(
        `${name}${at ? ` of ${at}` : ""} is here under another number: the file does not fit to these books.`,
      );
  }
  for (const writer of people.map(own))
    await tx.insert(person).values(writer).onConflictDoNothing({ target: person.id });
  await tx
    .insert(set)
    .values({ id: one.id, serial: one.serial, modelId: kind.id, ownerId: owner.id })
    .onConflictDoNothing({ target: set.id });
  for (const { id, job, openedAt, shop: at } of visits.map(own)) {
    const [taken] = await tx
      .select({ id: visit.id })
      .from(visit)
      .where(sql`${visit.job} = ${job} and ${visit.shop} = ${at}`);
    if (taken && taken.id !== id)
      throw new Refused(`Job ${job} is another set's here: this file was not written by this shop's books.`);
    await tx
      .insert(visit)
      .values({ id, setId: one.id, job, openedAt, shop: at })
      .onConflictDoNothing({ target: visit.id });
  }
  await countJobsOn(tx);
  return kept;
}

const normalisedSheet = (sheet: unknown) => normalised({ sheet } as unknown as SetFileDocument);

async function layModel(tx: Tx, kind: SetFileDocument["model"]): Promise<void> {
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

/** Files come in once. Whether one is in sight follows the file that has more entries; between equals it stays as it is. */
async function layFiles(tx: Tx, { set: one, attachments }: SetFileDocument, newer: boolean): Promise<string[]> {
  const kept: string[] = [];
  for (const { content, thumb, ...file } of attachments) {
    const [known] = await tx
      .select({ hidden: attachment.hidden, setId: attachment.setId })
      .from(attachment)
      .where(eq(attachment.id, file.id));
    if (!known)
      await tx
        .insert(attachment)
        .values({ ...file, setId: one.id, content: bytesOf(content), thumb: thumb ? bytesOf(thumb) : null });
    else if (known.setId !== one.id)
      throw new Refused(`${file.name} is another set's here: the file does not fit to these books.`);
    else if (known.hidden === file.hidden) continue;
    else if (newer) await hideAttachment(tx, file.id, file.hidden);
    else
      kept.push(
        `${file.name} is ${known.hidden ? "taken away" : "in sight"} here and ${file.hidden ? "taken away" : "in sight"} in the file: it stays as it is here.`,
      );
  }
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
